import abcjs from 'abcjs'
import {
  readChord,
  type Score,
  type ScoreChord,
  type ScoreNote,
  type ScoreSection,
} from '../band/index.ts'
import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { atATempo } from './scoreTempo.ts'
import { TICKS_PER_BEAT, type Metre, type Tick } from '../time/index.ts'
import { readAbcMarks } from './abcMarks.ts'

/** One bar as written: its notes and chords in ticks from the bar's start. */
interface WrittenBar {
  lengthTicks: number
  notes: { at: number; lengthTicks: number; midi: number }[]
  chords: { at: number; symbol: string }[]
}
interface WrittenPart {
  readonly label: string
  readonly bars: WrittenBar[]
}

const METRES: Record<string, Metre> = {
  '3/4': { beatsPerBar: 3, beatNote: '1/4', division: 4 },
  '4/4': { beatsPerBar: 4, beatNote: '1/4', division: 4 },
  '2/4': { beatsPerBar: 2, beatNote: '1/4', division: 4 },
  '2/2': { beatsPerBar: 2, beatNote: '1/2', division: 4 },
  '6/8': { beatsPerBar: 2, beatNote: '3/8', division: 3 },
}
const BEAT_IN_WHOLE_NOTES: Record<Metre['beatNote'], number> = {
  '1/2': 1 / 2,
  '1/4': 1 / 4,
  '3/8': 3 / 8,
  '1/8': 1 / 8,
}
const SEMITONES = [0, 2, 4, 5, 7, 9, 11]
const SIGNS: Record<string, number> = { sharp: 1, flat: -1, natural: 0, dblsharp: 2, dblflat: -2 }
const MOST_CHARACTERS = 200_000

/**
 * Reads one tune in ABC notation into a score: one voice, chord symbols, parts in the order of the
 * `P:` header. Every bar must be full; only the first may be a pick-up. `%%dellop-sections I=intro
 * L=link` names parts; for how it is played see `readAbcMarks`.
 */
export function readAbc(text: string): Result<Score> {
  if (text.length > MOST_CHARACTERS)
    return problem('abc.too-long', { thousands: MOST_CHARACTERS / 1000 })
  if (!/^X:/m.test(text) || !/^K:/m.test(text)) return problem('abc.header')
  const names = sectionNames(text)
  const tune = abcjs.parseOnly(text.replace(/^%%dellop-.*$/gm, '%'))[0] as unknown as
    AbcTune | undefined
  if (!tune) return problem('abc.empty')
  const fraction = tune.getMeterFraction()
  const metre = METRES[`${fraction.num}/${fraction.den}`]
  if (!metre)
    return problem('abc.metre', {
      num: fraction.num,
      den: fraction.den,
      known: Object.keys(METRES).join(', '),
    })
  const parts = readParts(tune, metre)
  if (!parts.ok) return parts
  return playOut(tune, metre, parts.value, names, text)
}

function sectionNames(text: string): Map<string, string> {
  const line = /^%%dellop-sections (.*)$/m.exec(text)?.[1] ?? ''
  return new Map(
    line
      .split(/\s+/)
      .filter(Boolean)
      .map((pair) => pair.split('=') as [string, string]),
  )
}

/** The little of abcjs's parsed tune that is read here. */
interface AbcTune {
  metaText: { title?: string; rhythm?: string; partOrder?: string | { text: string } }
  lines: { staff?: { key: AbcKey; voices: AbcElement[][] }[] }[]
  getMeterFraction(): { num: number; den: number }
  getKeySignature(): AbcKey
  getBpm(): number
}
interface AbcKey {
  accidentals?: { acc: string; note: string }[]
}
interface AbcElement {
  el_type: string
  title?: string
  duration?: number
  pitches?: { pitch: number; accidental?: string; startTie?: object; endTie?: boolean }[]
  rest?: object
  chord?: { name: string }[]
  type?: string
  startTriplet?: number
}

function readParts(tune: AbcTune, metre: Metre): Result<WrittenPart[]> {
  const beat = BEAT_IN_WHOLE_NOTES[metre.beatNote]
  const parts: WrittenPart[] = []
  const reader = new BarReader(tune.getKeySignature())
  for (const line of tune.lines) {
    for (const element of line.staff?.[0]?.voices[0] ?? []) {
      if (element.el_type === 'part') {
        reader.endBar(parts)
        parts.push({ label: element.title ?? '', bars: [] })
      } else if (element.el_type === 'bar') {
        if (/repeat/.test(element.type ?? '')) return problem('abc.repeat')
        reader.endBar(parts)
      } else if (element.el_type === 'note') {
        const ticks = ((element.duration ?? 0) / beat) * TICKS_PER_BEAT
        if (Math.abs(ticks - Math.round(ticks)) > 1e-6)
          return problem('abc.duration', { place: reader.place(parts) })
        reader.note(element, Math.round(ticks))
      }
    }
  }
  reader.endBar(parts)
  return checkBars(parts, metre)
}

class BarReader {
  private bar: WrittenBar = { lengthTicks: 0, notes: [], chords: [] }
  private readonly key: Map<number, number>
  /** Signs written in this bar, by diatonic pitch. */
  private signs = new Map<number, number>()

  constructor(key: AbcKey) {
    this.key = new Map(
      (key.accidentals ?? []).map(({ acc, note }) => [
        'cdefgab'.indexOf(note.toLowerCase()),
        SIGNS[acc] ?? 0,
      ]),
    )
  }

  note(element: AbcElement, ticks: number): void {
    for (const chord of element.chord ?? [])
      this.bar.chords.push({ at: this.bar.lengthTicks, symbol: chord.name })
    for (const pitch of element.pitches ?? []) {
      if (pitch.accidental) this.signs.set(pitch.pitch, SIGNS[pitch.accidental] ?? 0)
      this.bar.notes.push({
        at: this.bar.lengthTicks,
        lengthTicks: ticks,
        midi: this.midi(pitch.pitch),
      })
    }
    this.bar.lengthTicks += ticks
  }

  /** abcjs counts diatonic pitches from middle C. */
  private midi(pitch: number): number {
    const degree = ((pitch % 7) + 7) % 7
    return (
      60 +
      12 * Math.floor(pitch / 7) +
      SEMITONES[degree]! +
      (this.signs.get(pitch) ?? this.key.get(degree) ?? 0)
    )
  }

  endBar(parts: WrittenPart[]): void {
    this.signs = new Map()
    if (this.bar.lengthTicks === 0) return
    if (parts.length === 0) parts.push({ label: 'A', bars: [] })
    parts.at(-1)!.bars.push(this.bar)
    this.bar = { lengthTicks: 0, notes: [], chords: [] }
  }

  place(parts: readonly WrittenPart[]): string {
    return barName(parts.at(-1)?.label ?? 'A', (parts.at(-1)?.bars.length ?? 0) + 1)
  }
}

const barName = (part: string, bar: number): string => `bar ${bar} of part ${part}`

/**
 * Every bar must be full. The very first may be shorter: it is the pick-up, and bars are then
 * counted behind it.
 */
function checkBars(parts: WrittenPart[], metre: Metre): Result<WrittenPart[]> {
  const full = metre.beatsPerBar * TICKS_PER_BEAT
  const pickup = parts[0]?.bars[0] && parts[0].bars[0].lengthTicks < full ? 1 : 0
  for (const [p, part] of parts.entries()) {
    for (const [b, bar] of part.bars.entries()) {
      const isPickup = pickup === 1 && p === 0 && b === 0
      if (isPickup || bar.lengthTicks === full) continue
      const number = b + 1 - (p === 0 ? pickup : 0)
      return problem('abc.bar', {
        place: barName(part.label, number),
        beats: bar.lengthTicks / TICKS_PER_BEAT,
        beatsPerBar: metre.beatsPerBar,
      })
    }
  }
  return parts.some((part) => part.bars.length > 0) ? succeed(parts) : problem('abc.no-notes')
}

function playOut(
  tune: AbcTune,
  metre: Metre,
  parts: readonly WrittenPart[],
  names: ReadonlyMap<string, string>,
  text: string,
): Result<Score> {
  const written = tune.metaText.partOrder
  const order = [
    ...((typeof written === 'object' ? written.text : written) ??
      parts.map((part) => part.label).join('')),
  ].filter((letter) => /\S/.test(letter))
  const full = metre.beatsPerBar * TICKS_PER_BEAT
  const first = parts[0]!.bars[0]!
  const start = first.lengthTicks < full ? -first.lengthTicks : 0
  const notes: ScoreNote[] = []
  const chords: ScoreChord[] = []
  const sections: ScoreSection[] = []
  let at = 0
  for (const [i, letter] of order.entries()) {
    const part = parts.find((one) => one.label === letter)
    if (!part) return problem('abc.order', { letter })
    const bars = part === parts[0] && start < 0 ? part.bars.slice(1) : part.bars
    if (i === 0 && start < 0) addBar(first, start)
    sections.push({ label: names.get(letter) ?? letter, at: at as Tick, bars: bars.length })
    for (const bar of bars) {
      const unknown = addBar(bar, at)
      if (unknown) return problem('abc.chord', { letter, unknown })
      at += bar.lengthTicks
    }
  }
  const marks = readAbcMarks(text, sections, metre)
  if (!marks.ok) return marks
  return atATempo({
    title: tune.metaText.title ?? 'Untitled',
    dance: tune.metaText.rhythm ?? '',
    metre,
    bpm: tune.getBpm() || 120,
    ...marks.value,
    notes,
    chords,
    sections,
    start: start as Tick,
    end: at as Tick,
  })

  function addBar(bar: WrittenBar, from: number): string | null {
    for (const note of bar.notes)
      notes.push({
        at: (from + note.at) as Tick,
        lengthTicks: note.lengthTicks as Tick,
        midi: note.midi,
      })
    for (const chord of bar.chords) {
      const tones = readChord(chord.symbol)
      if (!tones) return chord.symbol
      chords.push({ at: (from + chord.at) as Tick, ...tones })
    }
    return null
  }
}
