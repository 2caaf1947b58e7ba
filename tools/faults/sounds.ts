import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readSound } from '../../cli/src/decode.ts'
import { compressed, flac } from '../../cli/src/testing/encode.ts'
import type { Importer } from './importers.ts'

const RATE = 44_100
const tones = (seconds: number): Float32Array =>
  Float32Array.from({ length: RATE * seconds }, (_, i) => Math.sin(i / 30) / 2)

/** Read as the command does: let in only as numbers. */
async function heard(bytes: Uint8Array): Promise<boolean> {
  const folder = mkdtempSync(join(tmpdir(), 'dellop-sound-'))
  try {
    const path = join(folder, 'sound')
    writeFileSync(path, bytes)
    const sound = await readSound(path)
    if (sound.ok && sound.value.samples.some((one) => !Number.isFinite(one)))
      throw new Error('A sound was let in with samples that are no numbers')
    return sound.ok
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Squeezed sounds: their decoders are not there for the short form of this tool. */
export const soundImporters = async (): Promise<readonly Importer[]> => [
  { name: 'MP3', samples: [await compressed('mp3', tones(2), RATE)], bring: heard },
  { name: 'Ogg', samples: [await compressed('ogg', tones(2), RATE)], bring: heard },
  { name: 'FLAC', samples: [flac(tones(1))], bring: heard },
]
