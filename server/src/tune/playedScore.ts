import { playScore, wavBytes, wavePeaks, type Performance, type Score } from '@dellop/core/band'
import { succeed, type Result } from '@dellop/core/document'
import { readAbc, readMidi, readMusicXml } from '@dellop/core/file'
import { beatMapOfScore } from '@dellop/core/band'
import { secondsAt, type Tick } from '@dellop/core/time'
import type { importScoreSchema } from '@dellop/wire'
import type { z } from 'zod'

export type WrittenMusic = z.infer<typeof importScoreSchema>

/** Written music as the house band plays it. */
export interface PlayedScore {
  readonly score: Score
  readonly performance: Omit<Performance, 'samples'>
  readonly wav: Uint8Array
  readonly peaks: readonly number[]
}

/** Peaks kept for a whole recording: enough for the widest screen. */
const PEAKS = 1600
/** No tune is longer, nor has more notes and chords. */
export const LONGEST_SECONDS = 20 * 60
export const MOST_NOTES = 60_000

/** Reads written music and has it played; too long a tune is refused before it is. */
export function playWritten(
  music: WrittenMusic,
): Result<PlayedScore> | { readonly tooLong: string } {
  const read = readScore(music)
  if (!read.ok) return read
  const score = read.value
  const sounds = score.notes.length + score.chords.length
  if (sounds > MOST_NOTES)
    return { tooLong: `At most ${MOST_NOTES} notes were expected; this has ${sounds}.` }
  const seconds = secondsAt(beatMapOfScore(score, 0), score.end as Tick)
  if (!(seconds <= LONGEST_SECONDS))
    return {
      tooLong: `Music of at most ${LONGEST_SECONDS / 60} minutes was expected; this takes ${Math.round(seconds / 60)}.`,
    }
  const { samples, ...performance } = playScore(score)
  return succeed({
    score,
    performance,
    wav: wavBytes(samples, performance.sampleRate),
    peaks: wavePeaks(samples, PEAKS),
  })
}

function readScore(music: WrittenMusic): Result<Score> {
  if (music.kind === 'abc') return readAbc(music.text)
  const bytes = new Uint8Array(Buffer.from(music.base64, 'base64'))
  return music.kind === 'midi' ? readMidi(bytes, music.name) : readMusicXml(bytes, music.name)
}
