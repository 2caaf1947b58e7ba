import {
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type Metre,
  type Seconds,
  type Tick,
} from '../time/index.ts'
import type { Recording, Tune } from '../tune/index.ts'

/** One beat of a recording as it is handed on. */
export interface BeatMoment {
  /** Counted from 0 at the first downbeat. */
  readonly beat: number
  readonly bar: number
  readonly beatInBar: number
  readonly seconds: number
}

/** Every whole beat that sounds within the recording. */
export function beatMoments({ beatMap, durationSeconds }: Recording, metre: Metre): BeatMoment[] {
  const first = Math.ceil(tickAt(beatMap, 0 as Seconds) / TICKS_PER_BEAT - 1e-6)
  const last = Math.floor(tickAt(beatMap, durationSeconds as Seconds) / TICKS_PER_BEAT + 1e-6)
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const beat = first + i
    const bar = Math.floor(beat / metre.beatsPerBar)
    return {
      beat,
      bar: bar + 1,
      beatInBar: beat - bar * metre.beatsPerBar + 1,
      seconds: secondsAt(beatMap, (beat * TICKS_PER_BEAT) as Tick),
    }
  })
}

/** The beats of a tune's recording as CSV: beat, bar, count and seconds, one beat a line. */
export function beatCsv(tune: Tune, recording: Recording): string {
  const lines = beatMoments(recording, tune.metre).map(
    ({ beat, bar, beatInBar, seconds }) => `${beat},${bar},${beatInBar},${seconds.toFixed(6)}`,
  )
  return `beat,bar,count,seconds\n${lines.join('\n')}\n`
}
