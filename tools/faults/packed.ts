import { createHash } from 'node:crypto'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { zipSync } from 'fflate'
import type { Score } from '@dellop/core/band'
import { readMusicXml } from '@dellop/core/file'
import { HttpProblem } from '../../server/src/http/problem.ts'
import { MANIFEST, type Manifest } from '../../server/src/backup/manifest.ts'
import { unpack } from '../../server/src/backup/unpack.ts'
import type { Importer } from './importers.ts'

const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text)
const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/** A backup as it is packed, of a database and a sound that are none: nobody opens them here. */
function aBackup(): Uint8Array {
  const database = bytesOf('SQLite format 3\0'.repeat(40))
  const sound = Uint8Array.from({ length: 900 }, (_, i) => (i * 37) % 251)
  const files: Record<string, Uint8Array> = {
    'dellop.sqlite': database,
    [`media/${hashOf(sound).slice(0, 2)}/${hashOf(sound)}.wav`]: sound,
  }
  const manifest: Manifest = {
    format: 'dellop-backup',
    version: 1,
    madeAtMs: 0,
    files: Object.entries(files).map(([path, bytes]) => ({
      path,
      bytes: bytes.length,
      sha256: hashOf(bytes),
    })),
  }
  return zipSync({ ...files, [MANIFEST]: bytesOf(JSON.stringify(manifest)) })
}

/** Unpacked and proved, or refused; what is refused leaves nothing. */
async function unpacked(bytes: Uint8Array): Promise<boolean> {
  const folder = mkdtempSync(join(tmpdir(), 'dellop-unpack-'))
  try {
    writeFileSync(join(folder, 'backup.zip'), bytes)
    await unpack(join(folder, 'backup.zip'), join(folder, 'in'))
    return true
  } catch (error) {
    if (error instanceof HttpProblem) return false
    throw error
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/** MusicXML as it is packed: a list of what is in it, and the music. */
const packedMusic = (music: string, level: 0 | 6): Uint8Array =>
  zipSync(
    {
      'META-INF/container.xml': bytesOf(
        '<?xml version="1.0"?><container><rootfiles><rootfile full-path="score.xml"/></rootfiles></container>',
      ),
      'score.xml': bytesOf(music),
    },
    { level },
  )

/** Kinds of files that hold others. */
export const packedImporters = (
  music: string,
  played: (score: Score) => boolean,
): readonly Importer[] => [
  {
    name: 'MusicXML, packed',
    samples: [packedMusic(music, 6), packedMusic(music, 0)],
    bring: (bytes) => {
      const score = readMusicXml(bytes, 'A file')
      return score.ok && played(score.value)
    },
  },
  { name: 'backup', samples: [aBackup()], bring: unpacked },
]
