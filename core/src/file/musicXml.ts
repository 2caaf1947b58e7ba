import { strFromU8, unzipSync } from 'fflate'
import type {
  Score,
  ScoreChord,
  ScoreLandmark,
  ScoreNote,
  ScoreSection,
  TempoMark,
} from '../band/index.ts'
import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { atATempo } from './scoreTempo.ts'
import { TICKS_PER_BEAT, ticksPerBar, type Metre, type Tick } from '../time/index.ts'
import { CROTCHETS, inSteps, metreOfSignature } from './scoreMetre.ts'
import { playedOrder } from './scoreRepeats.ts'
import { child, children, numberIn, parseXml, textIn, type XmlNode } from './xml.ts'

const STEPS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 }
/** Semitones above the root, by the kinds that dance music uses; others sound as a major chord. */
const KINDS: Readonly<Record<string, readonly number[]>> = {
  major: [0, 4, 7],
  minor: [0, 3, 7],
  dominant: [0, 4, 7, 10],
  'major-seventh': [0, 4, 7, 11],
  'minor-seventh': [0, 3, 7, 10],
  diminished: [0, 3, 6],
  augmented: [0, 4, 8],
  'suspended-fourth': [0, 5, 7],
}
const MOST_BYTES = 20 * 1024 * 1024
const MOST_BARS = 4000

/** One bar as written, in ticks from its own start. */
interface WrittenMeasure {
  readonly lengthTicks: number
  readonly notes: readonly ScoreNote[]
  readonly chords: readonly ScoreChord[]
  readonly tempo: readonly TempoMark[]
  readonly rehearsal: string | null
  readonly words: readonly { at: number; text: string }[]
  readonly xml: XmlNode
}

/**
 * Reads MusicXML, plain or packed (.mxl): the first part's notes, chord names, tempo, rehearsal
 * marks as sections and directions as landmarks. Repeats and first and second endings are played
 * out. One metre throughout.
 */
export function readMusicXml(bytes: Uint8Array, name: string): Result<Score> {
  const text = textOf(bytes, name)
  if (!text.ok) return text
  const root = parseXml(text.value)
  if (!root) return problem('musicxml.broken', { name })
  const score = child(root, 'score-partwise')
  if (!score) return problem('musicxml.kind', { name })
  const measures = children(
    child(score, 'part') ?? { name: '', attributes: {}, children: [], text: '' },
    'measure',
  )
  if (measures.length === 0) return problem('musicxml.empty', { name })
  const metre = metreOf(measures)
  if (!metre) return problem('musicxml.metre', { name })
  const reader = new MeasureReader(metre)
  const written = measures.map((measure) => reader.read(measure))
  const full = ticksPerBar(metre)
  const wrong = written.findIndex(
    (measure, i) =>
      measure.lengthTicks > full ||
      (measure.lengthTicks < full &&
        i > 0 &&
        i < written.length - 1 &&
        measure.notes.length > 0 &&
        !child(measure.xml, 'barline')),
  )
  if (wrong >= 0)
    return problem('musicxml.bar', {
      bar: wrong + 1,
      name,
      beats: written[wrong]!.lengthTicks / TICKS_PER_BEAT,
      beatsPerBar: metre.beatsPerBar,
    })
  const title =
    textIn(score, 'work', 'work-title') ??
    textIn(score, 'movement-title') ??
    name.replace(/\.[^.]+$/, '')
  return played(written, metre, title.slice(0, 120))
}

function textOf(bytes: Uint8Array, name: string): Result<string> {
  if (bytes.length > MOST_BYTES)
    return problem('musicxml.large', { name, megabytes: MOST_BYTES / 1024 / 1024 })
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b) return succeed(unpackedText(bytes))
  try {
    const files = unzipSync(bytes, {
      filter: (file) => /\.(xml|musicxml)$/i.test(file.name) && file.originalSize <= MOST_BYTES,
    })
    const inside = Object.keys(files).find((path) => !path.startsWith('META-INF'))
    return inside ? succeed(strFromU8(files[inside]!)) : problem('musicxml.packed.none', { name })
  } catch {
    return problem('musicxml.packed', { name })
  }
}

/** UTF-8, or UTF-16 where the file begins with its mark. */
function unpackedText(bytes: Uint8Array): string {
  const wide = (bytes[0] === 0xfe && bytes[1] === 0xff) || (bytes[0] === 0xff && bytes[1] === 0xfe)
  if (!wide) return strFromU8(bytes)
  const [high, low] = bytes[0] === 0xfe ? [0, 1] : [1, 0]
  let text = ''
  for (let i = 2; i + 1 < bytes.length; i += 2)
    text += String.fromCharCode(bytes[i + high]! * 256 + bytes[i + low]!)
  return text
}

/** The one metre of all bars, or null. */
function metreOf(measures: readonly XmlNode[]): Metre | null {
  const times = measures.flatMap((measure) =>
    children(measure, 'attributes').flatMap((attributes) => children(attributes, 'time')),
  )
  const signatures = times.map((time) => `${textIn(time, 'beats')}/${textIn(time, 'beat-type')}`)
  if (signatures.some((one) => one !== signatures[0])) return null
  const [beats, note] = (signatures[0] ?? '4/4').split('/').map(Number)
  return metreOfSignature(beats ?? 4, note ?? 4)
}

class MeasureReader {
  /** MusicXML's units in one crotchet; written once, then kept. */
  private divisions = 1

  constructor(private readonly metre: Metre) {}

  read(xml: XmlNode): WrittenMeasure {
    const notes: ScoreNote[] = []
    const chords: ScoreChord[] = []
    const tempo: TempoMark[] = []
    const words: { at: number; text: string }[] = []
    let rehearsal: string | null = null
    let [at, last, longest] = [0, 0, 0]
    for (const item of xml.children) {
      const length = this.ticks(numberIn(item, 'duration') ?? 0)
      if (item.name === 'attributes') this.divisions = numberIn(item, 'divisions') ?? this.divisions
      else if (item.name === 'backup') at -= length
      else if (item.name === 'forward') at += length
      else if (item.name === 'note' && !child(item, 'grace')) {
        const start = child(item, 'chord') ? last : at
        const midi = pitchOf(item)
        if (midi !== null && length > 0)
          notes.push({ at: start as Tick, lengthTicks: length as Tick, midi })
        if (!child(item, 'chord')) [last, at] = [at, at + length]
      } else if (item.name === 'harmony') chords.push(...chordOf(item, at))
      else if (item.name === 'direction' || item.name === 'sound') {
        const bpm = tempoOf(item, this.metre)
        if (bpm !== null) tempo.push({ at: at as Tick, bpm })
        rehearsal = textIn(item, 'direction-type', 'rehearsal')?.slice(0, 30) ?? rehearsal
        const text = textIn(item, 'direction-type', 'words')
        if (text) words.push({ at, text: text.slice(0, 120) })
      }
      longest = Math.max(longest, at)
    }
    return { lengthTicks: longest, notes, chords, tempo, rehearsal, words, xml }
  }

  private ticks(duration: number): number {
    return Math.round((duration / this.divisions / CROTCHETS[this.metre.beatNote]) * TICKS_PER_BEAT)
  }
}

function pitchOf(note: XmlNode): number | null {
  const pitch = child(note, 'pitch')
  const step = pitch && STEPS[textIn(pitch, 'step') ?? '']
  return pitch && step !== undefined && step !== null
    ? 12 * ((numberIn(pitch, 'octave') ?? 4) + 1) + step + (numberIn(pitch, 'alter') ?? 0)
    : null
}

function chordOf(harmony: XmlNode, at: number): ScoreChord[] {
  const step = STEPS[textIn(harmony, 'root', 'root-step') ?? '']
  if (step === undefined) return []
  const root = (step + (Number(textIn(harmony, 'root', 'root-alter') ?? 0) + 12)) % 12
  return [
    {
      at: at as Tick,
      root,
      tones: (KINDS[textIn(harmony, 'kind') ?? 'major'] ?? KINDS['major']!).map(
        (tone) => (root + tone) % 12,
      ),
    },
  ]
}

/** Beats a minute of a direction, from what is to sound. MusicXML counts crotchets a minute. */
function tempoOf(item: XmlNode, metre: Metre): number | null {
  const sound = item.name === 'sound' ? item : child(item, 'sound')
  const crotchets = Number(sound?.attributes['tempo'])
  return crotchets > 0 ? Math.min(400, Math.max(20, crotchets / CROTCHETS[metre.beatNote])) : null
}

/** Plays the bars out in their order and joins what they hold. */
function played(written: readonly WrittenMeasure[], metre: Metre, title: string): Result<Score> {
  const full = ticksPerBar(metre)
  const first = written[0]!
  const pickup = first.lengthTicks < full ? first.lengthTicks : 0
  const order = playedOrder(written.map((measure) => measure.xml))
  if (order.length > MOST_BARS) return problem('musicxml.long', { mostBars: MOST_BARS })
  const notes: ScoreNote[] = []
  const chords: ScoreChord[] = []
  const tempo: TempoMark[] = []
  const landmarks: ScoreLandmark[] = []
  const starts: { at: number; label: string }[] = []
  let at = -pickup
  for (const index of order) {
    const measure = written[index]!
    const from = at
    const on = <Item extends { at: number }>(item: Item): Item => ({ ...item, at: from + item.at })
    notes.push(...measure.notes.map(on))
    chords.push(...measure.chords.map(on))
    tempo.push(...measure.tempo.map(on))
    landmarks.push(
      ...measure.words.map(({ at: place, text }) => ({
        at: Math.max(0, from + place) as Tick,
        kind: 'character' as const,
        text,
      })),
    )
    if (measure.rehearsal && from >= 0) starts.push({ at: from, label: measure.rehearsal })
    at += index === 0 && pickup > 0 ? pickup : full
  }
  if (notes.length === 0) return problem('musicxml.no-notes')
  if (starts[0]?.at !== 0) starts.unshift({ at: 0, label: starts.length > 0 ? 'intro' : 'A' })
  const end = at as Tick
  const sections = starts
    .map(({ at: start, label }, i): ScoreSection => ({
      label,
      at: start as Tick,
      bars: ((starts[i + 1]?.at ?? end) - start) / full,
    }))
    .filter(({ bars }) => bars > 0)
  const bpm = tempo[0]?.bpm ?? 120 / CROTCHETS[metre.beatNote]
  return atATempo({
    title,
    dance: '',
    metre,
    bpm,
    tempo: inSteps(tempo),
    free: [],
    landmarks: landmarks.slice(0, 500),
    notes: notes.sort((a, b) => a.at - b.at),
    chords,
    sections,
    start: -pickup as Tick,
    end,
  })
}
