import { writeMidi, type MidiEvent } from 'midi-file'
import { TICKS_PER_BEAT, type Metre } from '../time/index.ts'
import { tunePhrases, type Recording, type Tune } from '../tune/index.ts'
import { beatMoments } from './beatCsv.ts'

/** Notes of the metre's beat as MIDI counts them: numerator, denominator, clocks to a click. */
const SIGNATURES: Readonly<Record<Metre['beatNote'], (beats: number) => readonly [number, number, number]>> = {
  '1/2': (beats) => [beats, 2, 48],
  '1/4': (beats) => [beats, 4, 24],
  '1/8': (beats) => [beats, 8, 12],
  '3/8': (beats) => [beats * 3, 8, 36],
}
/** Quarter notes in one beat: MIDI writes tempo by the quarter note. */
const QUARTERS: Readonly<Record<Metre['beatNote'], number>> = { '1/2': 2, '1/4': 1, '1/8': 0.5, '3/8': 1.5 }

/**
 * A tune's beat map as a Standard MIDI File of one track: a tempo for every beat whose length differs, so that a sequencer
 * follows the recording, the metre, and the phrases as markers. What sounds before the first beat is one long beat.
 */
export function beatMidi(tune: Tune, recording: Recording): Uint8Array {
  const ticksPerQuarter = TICKS_PER_BEAT * 20
  const beatTicks = ticksPerQuarter * QUARTERS[tune.metre.beatNote]
  const beats = beatMoments(recording, tune.metre)
  const [numerator, denominator, metronome] = SIGNATURES[tune.metre.beatNote](tune.metre.beatsPerBar)
  const at: { ticks: number; event: MidiEvent }[] = [
    { ticks: 0, event: { deltaTime: 0, type: 'trackName', text: tune.title } },
    { ticks: 0, event: { deltaTime: 0, type: 'timeSignature', numerator, denominator, metronome, thirtyseconds: 8 } },
  ]
  const first = beats[0]
  const lead = first && first.seconds > 0.001 ? first.seconds : 0
  const offset = lead > 0 ? beatTicks : 0
  if (lead > 0) at.push({ ticks: 0, event: tempo(lead, tune.metre) })
  let before = NaN
  beats.slice(0, -1).forEach((beat, i) => {
    const length = beats[i + 1]!.seconds - beat.seconds
    if (Math.abs(length - before) < 1e-6) return
    before = length
    at.push({ ticks: offset + i * beatTicks, event: tempo(length, tune.metre) })
  })
  for (const phrase of tunePhrases(tune)) {
    const ticks = offset + (phrase.start / TICKS_PER_BEAT - (first?.beat ?? 0)) * beatTicks
    if (ticks >= 0) at.push({ ticks, event: { deltaTime: 0, type: 'marker', text: phrase.label } })
  }
  at.push({ ticks: offset + Math.max(0, beats.length - 1) * beatTicks, event: { deltaTime: 0, type: 'endOfTrack' } })
  return Uint8Array.from(writeMidi({ header: { format: 0, numTracks: 1, ticksPerBeat: ticksPerQuarter }, tracks: [inOrder(at)] }))
}

/** A beat of some seconds, as microseconds a quarter note (24 bits). */
const tempo = (beatSeconds: number, metre: Metre): MidiEvent => ({ deltaTime: 0, type: 'setTempo', microsecondsPerBeat: Math.max(1, Math.min(0xffffff, Math.round((beatSeconds / QUARTERS[metre.beatNote]) * 1e6))) })

function inOrder(list: readonly { ticks: number; event: MidiEvent }[]): MidiEvent[] {
  let now = 0
  // The end of the track stays last, whatever lies on its tick.
  const sorted = list.map((one, i) => ({ ...one, i })).sort((a, b) => a.ticks - b.ticks || a.i - b.i)
  return sorted.map(({ ticks, event }) => {
    const deltaTime = Math.round(ticks) - now
    now = Math.round(ticks)
    return { ...event, deltaTime }
  })
}
