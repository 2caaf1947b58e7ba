import { parseMidi, type MidiData, type MidiEvent } from 'midi-file'
import type { Score, ScoreLandmark, ScoreNote, ScoreSection, TempoMark } from '../band/index.ts'
import type { Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { atATempo } from './scoreTempo.ts'
import { TICKS_PER_BEAT, ticksPerBar, type Metre, type Tick } from '../time/index.ts'
import { CROTCHETS, inSteps, metreOfSignature } from './scoreMetre.ts'

type Timed = MidiEvent & { readonly at: number; readonly track: number }
/** Drums have a channel of their own and no pitch. */
const DRUMS = 9
const PHRASE_BARS = 8
const LONGEST_SECONDS = 20 * 60

/**
 * Reads a Standard MIDI File: notes, tempo map, metre, markers and lyrics. Markers on a bar line
 * begin sections; others, and cue points, are landmarks; lyrics are landmarks line by line. One
 * metre throughout.
 */
export function readMidi(bytes: Uint8Array, name: string): Result<Score> {
  const data = parsed(bytes)
  if (!data) return problem('midi.broken', { name })
  const perCrotchet = data.header.ticksPerBeat
  if (!perCrotchet) return problem('midi.frames', { name })
  const events = data.tracks.flatMap((track, i) => timed(track, i)).sort((a, b) => a.at - b.at)
  const signatures = events.filter(
    (one): one is Timed & { numerator: number; denominator: number } =>
      one.type === 'timeSignature',
  )
  const written = signatures[0] ? [signatures[0].numerator, signatures[0].denominator] : [4, 4]
  const other = signatures.find(
    (one) => one.numerator !== written[0] || one.denominator !== written[1],
  )
  if (other)
    return problem('midi.metre.changes', {
      name,
      written: written.join('/'),
      numerator: other.numerator,
      denominator: other.denominator,
    })
  const metre = metreOfSignature(written[0]!, written[1]!)
  if (!metre) return problem('midi.metre', { written: written.join('/'), name })
  const tick = (at: number): Tick =>
    Math.round((at / perCrotchet / CROTCHETS[metre.beatNote]) * TICKS_PER_BEAT) as Tick
  const notes = notesOf(events, tick)
  if (notes.length === 0) return problem('midi.empty', { name })
  const bar = ticksPerBar(metre)
  const end = (Math.ceil(Math.max(...notes.map((note) => note.at + note.lengthTicks)) / bar) *
    bar) as Tick
  const { bpm, tempo } = temposOf(events, tick, metre)
  if (
    end / TICKS_PER_BEAT / (Math.min(bpm, ...tempo.map((mark) => mark.bpm)) / 60) >
    LONGEST_SECONDS
  )
    return problem('midi.long', { name })
  const { sections, landmarks } = markedOf(events, tick, bar, end)
  const title = events
    .find(
      (one): one is Timed & { text: string } => one.type === 'trackName' && one.text.trim() !== '',
    )
    ?.text.trim()
  return atATempo({
    title: (title || name.replace(/\.[^.]+$/, '')).slice(0, 120),
    dance: '',
    metre,
    bpm,
    tempo,
    free: [],
    landmarks,
    notes,
    chords: [],
    sections,
    start: 0 as Tick,
    end,
  })
}

/**
 * Whether every chunk of the file is as long as it says: the parser reads on past the end without a
 * word.
 */
function complete(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length)
  let at = 0
  while (at + 8 <= bytes.length) at += 8 + view.getUint32(at + 4)
  return at === bytes.length
}

function parsed(bytes: Uint8Array): MidiData | null {
  if (!complete(bytes)) return null
  try {
    const data = parseMidi(bytes)
    return data.tracks.length > 0 ? data : null
  } catch {
    return null
  }
}

function timed(track: readonly MidiEvent[], index: number): Timed[] {
  let at = 0
  return track.map((event) => ({ ...event, at: (at += event.deltaTime), track: index }))
}

function notesOf(events: readonly Timed[], tick: (at: number) => Tick): ScoreNote[] {
  const open = new Map<string, number>()
  const notes: ScoreNote[] = []
  for (const event of events) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue
    if (event.channel === DRUMS) continue
    const key = `${event.track} ${event.channel} ${event.noteNumber}`
    const since = open.get(key)
    if (since !== undefined) {
      const at = tick(since)
      notes.push({
        at,
        lengthTicks: Math.max(1, tick(event.at) - at) as Tick,
        midi: event.noteNumber,
      })
      open.delete(key)
    }
    if (event.type === 'noteOn' && event.velocity > 0) open.set(key, event.at)
  }
  return notes.sort((a, b) => a.at - b.at)
}

/** The tempo at the start, and its marks where there are several. */
function temposOf(
  events: readonly Timed[],
  tick: (at: number) => Tick,
  metre: Metre,
): { bpm: number; tempo: TempoMark[] } {
  const marks = events
    .filter(
      (one): one is Timed & { microsecondsPerBeat: number } =>
        one.type === 'setTempo' && one.microsecondsPerBeat > 0,
    )
    .map((one) => ({
      at: tick(one.at),
      bpm: Math.min(400, Math.max(20, 60e6 / one.microsecondsPerBeat / CROTCHETS[metre.beatNote])),
    }))
    .filter((mark, i, all) => all[i + 1]?.at !== mark.at)
  const bpm = Math.round((marks[0]?.bpm ?? 120 / CROTCHETS[metre.beatNote]) * 1000) / 1000
  return { bpm, tempo: inSteps(marks) }
}

function markedOf(
  events: readonly Timed[],
  tick: (at: number) => Tick,
  bar: number,
  end: Tick,
): { sections: ScoreSection[]; landmarks: ScoreLandmark[] } {
  const named = events.filter(
    (one): one is Timed & { type: 'marker' | 'cuePoint'; text: string } =>
      (one.type === 'marker' || one.type === 'cuePoint') && one.text.trim() !== '',
  )
  const starts = named
    .filter((one) => one.type === 'marker' && tick(one.at) % bar === 0 && tick(one.at) < end)
    .filter((one, i, all) => all.findIndex((other) => tick(other.at) === tick(one.at)) === i)
  const landmarks: ScoreLandmark[] = named
    .filter((one) => !starts.includes(one))
    .map((one) => ({ at: tick(one.at), kind: 'start', text: one.text.trim().slice(0, 120) }))
  const bounds = starts.map((one) => ({
    at: tick(one.at) as number,
    label: one.text.trim().slice(0, 30),
  }))
  if (bounds[0]?.at !== 0) bounds.unshift({ at: 0, label: starts.length > 0 ? 'intro' : 'A' })
  const sections = bounds.map(({ at, label }, i): ScoreSection => ({
    label,
    at: at as Tick,
    bars: ((bounds[i + 1]?.at ?? end) - at) / bar,
  }))
  return {
    sections,
    landmarks: [...landmarks, ...sungOf(events, tick, bar * PHRASE_BARS)]
      .sort((a, b) => a.at - b.at)
      .slice(0, 500),
  }
}

/**
 * Syllables joined into lines: a new line begins where the file says so, or when a phrase has gone
 * by.
 */
function sungOf(
  events: readonly Timed[],
  tick: (at: number) => Tick,
  phrase: number,
): ScoreLandmark[] {
  const lines: { at: Tick; text: string }[] = []
  let broken = true
  for (const event of events) {
    if (event.type !== 'lyrics') continue
    const at = tick(event.at)
    const text = event.text.replace(/[\\/\r\n]/g, ' ')
    if (broken || at - lines.at(-1)!.at >= phrase) lines.push({ at, text: '' })
    const line = lines.at(-1)!
    line.text += text.endsWith('-') ? text.slice(0, -1) : text
    broken = /[\r\n]\s*$/.test(event.text)
  }
  return lines
    .map(({ at, text }) => ({
      at,
      kind: 'sung' as const,
      text: text.replace(/ +/g, ' ').trim().slice(0, 120),
    }))
    .filter(({ text }) => text !== '')
}
