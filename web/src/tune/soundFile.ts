import { checkLength, wavLengths } from '@dellop/core/listen'
import { words } from '../words/index.ts'
import { readFile } from '../workers/fileReading.ts'

/** Samples a second that a file is decoded to, to be listened to. */
const DECODED_RATE = 44_100
const LARGEST_BYTES = 120 * 1024 * 1024
/** As much of a file as is read to see what it says of itself. */
const HEAD_BYTES = 1024 * 1024

/** A sound file as it was read: decoded, and known by its bytes. */
export interface SoundFile {
  readonly file: File
  readonly buffer: AudioBuffer
  /** SHA-256 of the file, in hex. */
  readonly hash: string
}

/**
 * Refuses, in one sentence, a file that is empty, too large, too long, cut off or no sound; its
 * length is looked at before it is decoded.
 */
export async function readSoundFile(file: File): Promise<SoundFile> {
  const announced = await refuseUnread(file)
  const { hash, bytes } = await readFile(file)
  // Decoding needs no loudspeaker: to open one would hold up the page.
  const buffer = await new OfflineAudioContext({ length: 1, sampleRate: DECODED_RATE })
    .decodeAudioData(bytes)
    .catch(() => {
      throw new Error(words.tunes.notSound(file.name))
    })
  refuseLength(Math.max(announced, buffer.duration), buffer.duration)
  return { file, buffer, hash }
}

/**
 * Refuses what can be told without decoding the sound. Gives the length the file says it has, in
 * seconds, or 0 where that is only reckoned from its size and cannot tell a file that breaks off.
 */
export async function refuseUnread(file: File): Promise<number> {
  if (file.size === 0) throw new Error(words.tunes.empty_)
  if (file.size > LARGEST_BYTES) throw new Error(words.tunes.tooLarge)
  const wav = wavLengths(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer()), file.size)
  if (wav.ok) {
    refuseLength(wav.value.announcedSeconds, wav.value.heldSeconds)
    return wav.value.announcedSeconds
  }
  const { seconds, container } = await tagsOf(file)
  const announced = Math.max(seconds, await playableSeconds(file))
  refuseLength(announced, announced)
  return container === 'FLAC' ? seconds : 0
}

function refuseLength(announcedSeconds: number, heldSeconds: number): void {
  const length = checkLength(announcedSeconds, heldSeconds)
  if (!length.ok) throw new Error(words.problem(length.problem))
}

/** The length that the browser gives a file without decoding it; 0 when it cannot tell. */
function playableSeconds(file: File): Promise<number> {
  const url = URL.createObjectURL(file)
  const box = new Audio()
  return new Promise<number>((resolve) => {
    box.onloadedmetadata = () => resolve(Number.isFinite(box.duration) ? box.duration : 0)
    box.onerror = () => resolve(0)
    box.src = url
  }).finally(() => URL.revokeObjectURL(url))
}

interface Tags {
  readonly title: string
  readonly dance: string
  readonly seconds: number
  readonly container: string
}

/** Title, dance and length as the file's tags give them; empty and 0 where they do not. */
export async function tagsOf(file: File): Promise<Tags> {
  try {
    const { parseBlob } = await import('music-metadata')
    const { common, format } = await parseBlob(file, { skipCovers: true, duration: false })
    return {
      title: common.title?.trim() ?? '',
      dance: common.genre?.[0]?.trim() ?? '',
      seconds: format.duration ?? 0,
      container: format.container ?? '',
    }
  } catch {
    return { title: '', dance: '', seconds: 0, container: '' }
  }
}
