import { writeMidi, type MidiEvent } from 'midi-file'
import { TICKS_PER_BEAT, type Metre } from '../time/index.ts'

/** Notes of the metre's beat as MIDI counts them: numerator, denominator, clocks to a click. */
const SIGNATURES: Readonly<
  Record<Metre['beatNote'], (beats: number) => readonly [number, number, number]>
> = {
  '1/2': (beats) => [beats, 2, 48],
  '1/4': (beats) => [beats, 4, 24],
  '1/8': (beats) => [beats, 8, 12],
  '3/8': (beats) => [beats * 3, 8, 36],
}
/** Quarter notes in one beat: MIDI writes tempo by the quarter note. */
const QUARTERS: Readonly<Record<Metre['beatNote'], number>> = {
  '1/2': 2,
  '1/4': 1,
  '1/8': 0.5,
  '3/8': 1.5,
}
/** Fine enough that rounding to a tick stays well under a millisecond at any tempo to dance to. */
const TICKS_PER_QUARTER = TICKS_PER_BEAT * 40

/** An event and the tick of the file it lies on. */
export interface TimedEvent {
  readonly ticks: number
  readonly event: MidiEvent
}

/** A recording's beats as a MIDI tempo map, and where its beats and moments lie in it. */
export interface MidiBeats {
  readonly events: readonly TimedEvent[]
  /** Tick of the file on which the beat of that index lies. */
  readonly tickOfBeat: (index: number) => number
  /** Tick of the file that sounds at that second of the recording. */
  readonly tickOfSeconds: (seconds: number) => number
}

/**
 * A tempo for every beat whose length differs, so that a sequencer follows the recording. `moments`
 * are the seconds of its beats, rising; what sounds before the first is one long beat.
 */
export function midiBeats(title: string, metre: Metre, moments: readonly number[]): MidiBeats {
  const beatTicks = TICKS_PER_QUARTER * QUARTERS[metre.beatNote]
  const [numerator, denominator, metronome] = SIGNATURES[metre.beatNote](metre.beatsPerBar)
  const events: TimedEvent[] = [
    { ticks: 0, event: { deltaTime: 0, type: 'trackName', text: title } },
    {
      ticks: 0,
      event: {
        deltaTime: 0,
        type: 'timeSignature',
        numerator,
        denominator,
        metronome,
        thirtyseconds: 8,
      },
    },
  ]
  const lead = moments[0] !== undefined && moments[0] > 0.001
  const all = lead ? [0, ...moments] : [...moments]
  let before = NaN
  all.slice(0, -1).forEach((at, i) => {
    const length = all[i + 1]! - at
    if (Math.abs(length - before) < 1e-6) return
    before = length
    events.push({ ticks: i * beatTicks, event: tempo(length, metre) })
  })
  const tickOfSeconds = (seconds: number): number => {
    let i = all.findLastIndex((at) => at <= seconds)
    i = Math.min(Math.max(0, i), Math.max(0, all.length - 2))
    const length = (all[i + 1] ?? all[i]! + 1) - all[i]!
    return Math.max(0, (i + (seconds - all[i]!) / length) * beatTicks)
  }
  return { events, tickOfBeat: (index) => (index + (lead ? 1 : 0)) * beatTicks, tickOfSeconds }
}

/** A beat of some seconds, as microseconds a quarter note (24 bits). */
const tempo = (beatSeconds: number, metre: Metre): MidiEvent => ({
  deltaTime: 0,
  type: 'setTempo',
  microsecondsPerBeat: Math.max(
    1,
    Math.min(0xffffff, Math.round((beatSeconds / QUARTERS[metre.beatNote]) * 1e6)),
  ),
})

/** Texts stand in the file as UTF-8; the writer takes one letter for each byte. */
const asBytes = (text: string): string => String.fromCharCode(...new TextEncoder().encode(text))

/**
 * A Standard MIDI File of one track with these events, whatever their order, and its end at
 * `endTicks`.
 */
export function midiFile(events: readonly TimedEvent[], endTicks: number): Uint8Array {
  const last = Math.max(endTicks, ...events.map(({ ticks }) => ticks))
  let now = 0
  const sorted = events
    .map((one, i) => ({ ...one, i }))
    .sort((a, b) => a.ticks - b.ticks || a.i - b.i)
  const track = [
    ...sorted,
    { ticks: last, event: { deltaTime: 0, type: 'endOfTrack' } as const },
  ].map(({ ticks, event }) => {
    const deltaTime = Math.round(ticks) - now
    now = Math.round(ticks)
    return {
      ...event,
      ...('text' in event ? { text: asBytes(event.text) } : {}),
      deltaTime,
    } as MidiEvent
  })
  return Uint8Array.from(
    writeMidi({
      header: { format: 0, numTracks: 1, ticksPerBeat: TICKS_PER_QUARTER },
      tracks: [track],
    }),
  )
}
