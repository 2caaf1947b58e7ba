import { mediaSchema, problemSchema } from '@dellop/wire'
import { ApiProblem } from '../app/api.ts'
import { audioContext } from '../sound/audioContext.ts'
import { words } from '../words/index.ts'

const LONGEST_SECONDS = 20 * 60
const LARGEST_BYTES = 120 * 1024 * 1024

/** A sound file as it was read: decoded, and known by its bytes. */
export interface SoundFile {
  readonly file: File
  readonly buffer: AudioBuffer
  /** SHA-256 of the file, in hex. */
  readonly hash: string
}

/** Refuses, in one sentence, a file that is empty, too large, too long or no sound; its length is looked at before it is decoded. */
export async function readSoundFile(file: File): Promise<SoundFile> {
  await refuseUnread(file)
  const bytes = await file.arrayBuffer()
  const hash = hex(await crypto.subtle.digest('SHA-256', bytes))
  const buffer = await audioContext()
    .decodeAudioData(bytes)
    .catch(() => {
      throw new Error(words.tunes.notSound(file.name))
    })
  if (buffer.duration > LONGEST_SECONDS) throw new Error(words.tunes.tooLong(Math.round(buffer.duration / 60)))
  return { file, buffer, hash }
}

/** SHA-256 of a file that was not decoded. */
export const hashOf = async (file: File): Promise<string> => hex(await crypto.subtle.digest('SHA-256', await file.arrayBuffer()))

const hex = (bytes: ArrayBuffer): string => [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('')

/** What can be told without reading the sound. */
export async function refuseUnread(file: File): Promise<void> {
  if (file.size === 0) throw new Error(words.tunes.empty_)
  if (file.size > LARGEST_BYTES) throw new Error(words.tunes.tooLarge)
  const announced = await announcedSeconds(file)
  if (announced !== null && announced > LONGEST_SECONDS) throw new Error(words.tunes.tooLong(Math.round(announced / 60)))
}

/** The length a file says it has, or null when the browser cannot tell without decoding it. */
function announcedSeconds(file: File): Promise<number | null> {
  const url = URL.createObjectURL(file)
  const box = new Audio()
  return new Promise<number | null>((resolve) => {
    box.onloadedmetadata = () => resolve(Number.isFinite(box.duration) ? box.duration : null)
    box.onerror = () => resolve(null)
    box.src = url
  }).finally(() => URL.revokeObjectURL(url))
}

/** Title and dance as the file's tags give them; empty where they do not. */
export async function tagsOf(file: File): Promise<{ title: string; dance: string }> {
  try {
    const { parseBlob } = await import('music-metadata')
    const { common } = await parseBlob(file, { skipCovers: true, duration: false })
    return { title: common.title?.trim() ?? '', dance: common.genre?.[0]?.trim() ?? '' }
  } catch {
    return { title: '', dance: '' }
  }
}

export async function storeSound(file: File, signal: AbortSignal): Promise<string> {
  const response = await fetch('/api/media', { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: file, signal })
  const json: unknown = await response.json().catch(() => null)
  if (!response.ok) {
    const problem = problemSchema.safeParse(json)
    throw new ApiProblem('media', problem.success ? problem.data.detail : words.trouble.server)
  }
  return mediaSchema.parse(json).hash
}
