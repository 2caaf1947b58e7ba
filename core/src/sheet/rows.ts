import {
  utterancesOf,
  type Candidate,
  type CuePurpose,
  type Plan,
  type Said,
  type SilenceReason,
} from '../cue/index.ts'
import { sameValue } from '../document/index.ts'
import type { SpokenCount } from './countLane.ts'
import {
  phrasing,
  type DancedPass,
  type DancedSlot,
  type MusicSection,
  type PassPhrasing,
  type Timeline,
} from '../routine/index.ts'
import {
  ticksPerBar,
  USUAL_PHRASE_BARS,
  type Metre,
  type PhraseSpan,
  type Tick,
  type TickPosition,
} from '../time/index.ts'

/**
 * The page of phrases: one phrase of one pass is a row, as long as the phrase; a row is broken into
 * lines of whole bars as verse is. What is missing at a row's end is its hole, what sticks out its
 * overhang. Rows that show the same as before keep their identity when the rows before are passed
 * in.
 */
export interface PhraseRow {
  readonly key: string
  /**
   * Null for the introduction, and for what is said after the dance. By music: the pass that is
   * danced where the phrase begins.
   */
  readonly pass: DancedPass | null
  /** By music: the section of the tune, and the passes that begin within the row; by part null. */
  readonly music: { readonly section: string | null; readonly begins: readonly DancedPass[] } | null
  /** First row of its pass: it carries the part's label. */
  readonly first: boolean
  readonly last: boolean
  readonly start: Tick
  /** Where the dancing of this row ends. */
  readonly end: Tick
  /** What the phrase would take. */
  readonly phraseTicks: Tick
  readonly holeTicks: Tick
  readonly overTicks: Tick
  readonly lines: readonly RowLine[]
}

export interface RowLine {
  readonly start: Tick
  /** End of the line's axis, hole included. */
  readonly end: Tick
  readonly blocks: readonly RowBlock[]
  readonly ribbons: readonly RowRibbon[]
  /** Counts that are spoken here. */
  readonly counts: readonly SpokenCount[]
}

/** A slot's dancing on one line. */
export interface RowBlock {
  readonly slot: DancedSlot
  readonly start: Tick
  readonly end: Tick
  /** Whether the figure began on a line before, or goes on on the next. */
  readonly fromBefore: boolean
  readonly toNext: boolean
  /** Why its name is not said, where it is not. */
  readonly unsaid: SilenceReason | null
}

/** A cue on the line where it starts. */
export interface RowRibbon {
  /** Of the utterance; of a name it is the slot's. */
  readonly key: string
  readonly slotKey: string
  readonly purpose: CuePurpose
  readonly isPinned: boolean
  readonly said: Candidate
  readonly start: TickPosition
  readonly end: TickPosition
  /**
   * Where its step is: the lead is drawn from `end` to here, or to the line's end when it lies
   * beyond.
   */
  readonly stepTick: Tick
}

export interface RowInput {
  readonly timeline: Timeline
  readonly plan: Plan
  readonly phrases: readonly PhraseSpan[]
  readonly metre: Metre
  readonly firstStep: Tick
  readonly barsPerLine: number
  /** Rows are passes of parts, or phrases of the music; by part where left out. */
  readonly by?: 'part' | 'music'
  /** Sections of the music, for their names. */
  readonly sections?: readonly MusicSection[]
  /** Counts that are spoken beside the words. */
  readonly counts?: readonly SpokenCount[]
}

/** Bars of the introduction that are shown: the last ones, in which the first cue is spoken. */
const INTRODUCTION_BARS = 4

/**
 * An overhang of up to this share of a phrase sticks out at the row's end; a longer one is a row of
 * its own.
 */
const MOST_OVERHANG = 0.5
/** Share of a line that may stick out beside it. */
const MOST_BESIDE = 0.08

/** The rows of the page: one for each phrase of the music, or of a part. */
export function phraseRows(input: RowInput, before: readonly PhraseRow[] = []): PhraseRow[] {
  const known = new Map(before.map((row) => [row.key, row]))
  const ribbons = utterancesOf(input.plan).map(ribbonOf)
  const unsaid = new Map(
    input.plan.planned.flatMap((one) =>
      one.said ? [] : [[one.slot.slotKey, one.reason] as const],
    ),
  )
  const lies = phrasing(input.timeline.passes, input.phrases)
  const danced =
    input.by === 'music'
      ? musicSpans(input)
      : input.timeline.passes.flatMap((pass, i) => passSpans(input, pass, lies[i] ?? null))
  const spans = [...introduction(input), ...danced, ...conclusion(input)]
  let next = 0
  return spans.map((span, i) => {
    const until = spans[i + 1]?.start ?? Infinity
    const own: RowRibbon[] = []
    while (next < ribbons.length && ribbons[next]!.start < until) own.push(ribbons[next++]!)
    const { slots: _, ...shown } = span
    const row = { ...shown, lines: linesOf(span, own, unsaid, input) }
    const old = known.get(row.key)
    return old && sameRow(old, row) ? old : row
  })
}

const NO_COUNTS: readonly SpokenCount[] = []

type Span = Omit<PhraseRow, 'lines'> & { readonly slots: readonly DancedSlot[] }

const ribbonOf = ({ said, slot }: Said): RowRibbon => ({
  key: slot.key,
  slotKey: slot.slotKey,
  purpose: slot.purpose,
  isPinned: slot.pin !== undefined,
  said,
  start: said.startTick,
  end: said.endTick,
  stepTick: slot.stepTick,
})

/** The end of the introduction, in which the first cue is spoken. */
function introduction({ metre, firstStep, plan }: RowInput): Span[] {
  const bar = ticksPerBar(metre)
  const spoken = Math.min(
    0,
    ...utterancesOf(plan)
      .slice(0, 1)
      .map(({ said }) => said.startTick as number),
  )
  const bars = Math.max(
    Math.min(INTRODUCTION_BARS, Math.floor(firstStep / bar)),
    Math.ceil(-spoken / bar),
  )
  if (bars <= 0) return []
  return [outside('introduction', (-bars * bar) as Tick, (bars * bar) as Tick)]
}

/** A row in which nothing is danced: before the dance or after it. */
const outside = (key: string, start: Tick, length: Tick): Span => ({
  key,
  pass: null,
  music: null,
  slots: [],
  first: true,
  last: true,
  start,
  end: (start + length) as Tick,
  phraseTicks: length,
  holeTicks: 0 as Tick,
  overTicks: 0 as Tick,
})

/** Key of the row of what is said after the last step. */
export const AFTER_THE_DANCE = 'after'

/** Whole bars behind the dance, as many as what is said there takes. */
function conclusion({ metre, plan, timeline }: RowInput): Span[] {
  const start = timeline.lengthTicks
  const last = utterancesOf(plan).at(-1)?.said
  if (!last || last.startTick < start || timeline.slots.length === 0) return []
  const bar = ticksPerBar(metre)
  const length = (Math.ceil((last.endTick - start) / bar) * bar) as Tick
  return [outside(AFTER_THE_DANCE, start, length)]
}

/**
 * The rows of one pass: the phrases of the music that it dances, or usual ones beyond the music's
 * end.
 */
function passSpans(
  { phrases, metre }: RowInput,
  pass: DancedPass,
  lies: PassPhrasing | null,
): Span[] {
  const usual = ticksPerBar(metre) * USUAL_PHRASE_BARS
  const lengthAt = (n: number): number => {
    if (lies?.isShared) return Math.max(1, pass.end - pass.start)
    const phrase = lies && n < Math.max(1, lies.phrases) ? phrases[lies.firstPhrase + n] : undefined
    return phrase ? phrase.end - phrase.start : usual
  }
  const spans: Span[] = []
  let at: number = pass.start
  for (let n = 0; n === 0 || at < pass.end; n++) {
    const phraseTicks = lengthAt(n)
    const left = pass.end - at
    const over = left - phraseTicks
    const isLast = over <= 0 || over <= lengthAt(n + 1) * MOST_OVERHANG
    const end = isLast ? pass.end : at + phraseTicks
    spans.push({
      key: `${pass.key}:${n}`,
      pass,
      music: null,
      slots: pass.slots,
      first: n === 0,
      last: isLast,
      start: at as Tick,
      end: end as Tick,
      phraseTicks: phraseTicks as Tick,
      holeTicks: Math.max(0, phraseTicks - (end - at)) as Tick,
      overTicks: Math.max(0, end - at - phraseTicks) as Tick,
    })
    at = end
    if (isLast) break
  }
  return spans
}

/**
 * One row for each phrase of the music that is danced, and usual ones beyond the last: what crosses
 * a line is broken there.
 */
function musicSpans({ phrases, sections = [], timeline, metre }: RowInput): Span[] {
  const usual = ticksPerBar(metre) * USUAL_PHRASE_BARS
  const end = timeline.lengthTicks
  const spans: Span[] = []
  for (let n = 0, at = phrases[0]?.start ?? (0 as Tick); at < end; n++) {
    const until = (phrases[n]?.end ?? at + usual) as Tick
    const slots = timeline.slots.filter(
      (slot) =>
        (slot.start < until && (slot.end > at || (slot.start === slot.end && slot.start >= at))) ||
        (until >= end && isLastWithoutLength(slot, end)),
    )
    const begins = timeline.passes.filter(({ start }) => start >= at && start < until)
    const section = sections.find((one) => one.start <= at && at < one.end)
    const stop = Math.min(end, until) as Tick
    const holeTicks = Math.max(0, until - stop) as Tick
    spans.push({
      key: `music:${n}`,
      pass: timeline.passes.find((pass) => pass.start <= at && at < pass.end) ?? begins[0] ?? null,
      music: { section: section?.label ?? null, begins },
      slots,
      first: section === undefined || section.start === at,
      last: stop === end,
      start: at,
      end: stop,
      phraseTicks: (until - at) as Tick,
      holeTicks,
      overTicks: 0 as Tick,
    })
    at = until
  }
  return spans
}

/** Words whose length is not known and behind which nothing comes: they stand at the very end. */
const isLastWithoutLength = (slot: DancedSlot, end: Tick): boolean =>
  slot.start === slot.end && slot.start === end

function linesOf(
  span: Span,
  ribbons: readonly RowRibbon[],
  unsaid: ReadonlyMap<string, SilenceReason>,
  { metre, barsPerLine, counts = NO_COUNTS }: RowInput,
): RowLine[] {
  const lineTicks = ticksPerBar(metre) * barsPerLine
  const axisEnd = Math.max(span.end, span.start + span.phraseTicks) as Tick
  const whole = Math.max(1, Math.round(span.phraseTicks / lineTicks))
  // What sticks out further than there is room for beside the line goes on a line of its own.
  const own = span.overTicks > lineTicks * MOST_BESIDE ? Math.ceil(span.overTicks / lineTicks) : 0
  const count = whole + own
  const startOf = (i: number): number =>
    span.start + (i < whole ? i * lineTicks : span.phraseTicks + (i - whole) * lineTicks)
  return Array.from({ length: count }, (_, i) => {
    const start = startOf(i) as Tick
    const end = (i === count - 1 ? axisEnd : Math.min(axisEnd, startOf(i + 1))) as Tick
    const blocks = span.slots.flatMap((slot): RowBlock[] => {
      const from = Math.max(slot.start, start)
      const to = Math.min(slot.end, end, span.end)
      const empty =
        (slot.start === slot.end && slot.start >= start && slot.start < end) ||
        (span.last && i === count - 1 && isLastWithoutLength(slot, axisEnd))
      return from < to || empty
        ? [
            {
              slot,
              start: from as Tick,
              end: to as Tick,
              fromBefore: slot.start < from,
              toNext: slot.end > to,
              unsaid: unsaid.get(slot.key) ?? null,
            },
          ]
        : []
    })
    const until = i === count - 1 ? span.end : end
    return {
      start,
      end,
      blocks,
      ribbons: ribbons.filter(
        (ribbon) => (i === 0 || ribbon.start >= start) && (i === count - 1 || ribbon.start < end),
      ),
      counts: counts.filter(({ at }) => at >= start && at < until),
    }
  })
}

function sameRow(a: PhraseRow, b: PhraseRow): boolean {
  if (
    a.pass?.part !== b.pass?.part ||
    a.pass?.pass !== b.pass?.pass ||
    a.pass?.ordinal !== b.pass?.ordinal ||
    a.pass?.ordinals !== b.pass?.ordinals
  )
    return false
  if (
    !sameValue(
      a.music && [a.music.section, a.music.begins.map(({ key }) => key)],
      b.music && [b.music.section, b.music.begins.map(({ key }) => key)],
    )
  )
    return false
  if (
    a.start !== b.start ||
    a.end !== b.end ||
    a.phraseTicks !== b.phraseTicks ||
    a.lines.length !== b.lines.length
  )
    return false
  return a.lines.every((line, i) => {
    const other = b.lines[i]!
    const blocks =
      line.blocks.length === other.blocks.length &&
      line.blocks.every(
        (block, k) =>
          block.slot === other.blocks[k]!.slot &&
          block.unsaid === other.blocks[k]!.unsaid &&
          block.start === other.blocks[k]!.start,
      )
    return (
      blocks &&
      line.end === other.end &&
      sameValue(line.counts, other.counts) &&
      line.ribbons.length === other.ribbons.length &&
      line.ribbons.every((ribbon, k) => sameRibbon(ribbon, other.ribbons[k]!))
    )
  })
}

const sameRibbon = (a: RowRibbon, b: RowRibbon): boolean =>
  a.key === b.key &&
  a.isPinned === b.isPinned &&
  a.start === b.start &&
  a.end === b.end &&
  a.said.wording.text === b.said.wording.text
