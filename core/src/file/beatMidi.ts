import { TICKS_PER_BEAT } from '../time/index.ts'
import { tunePhrases, type Recording, type Tune } from '../tune/index.ts'
import { beatMoments } from './beatCsv.ts'
import { midiBeats, midiFile, type TimedEvent } from './midiBeats.ts'

/**
 * A tune's beat map as a Standard MIDI File of one track: its tempo from beat to beat, the metre,
 * and the phrases as markers.
 */
export function beatMidi(tune: Tune, recording: Recording): Uint8Array {
  const beats = beatMoments(recording, tune.metre)
  const { events, tickOfBeat } = midiBeats(
    tune.title,
    tune.metre,
    beats.map(({ seconds }) => seconds),
  )
  const first = beats[0]?.beat ?? 0
  const markers = tunePhrases(tune).flatMap((phrase): TimedEvent[] => {
    const ticks = tickOfBeat(phrase.start / TICKS_PER_BEAT - first)
    return ticks >= 0
      ? [{ ticks, event: { deltaTime: 0, type: 'marker', text: phrase.label } }]
      : []
  })
  return midiFile([...events, ...markers], tickOfBeat(Math.max(0, beats.length - 1)))
}
