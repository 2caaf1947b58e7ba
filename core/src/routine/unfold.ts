import { memoised, sameInputs, sameValue, type Problem } from '../document/index.ts'
import {
  applyVariation,
  danceFrom,
  type DancedFigure,
  type Figure,
  type FigureBook,
  type CoupleState,
  type StepTrouble,
} from '../figure/index.ts'
import { wrapFacing, type Facing } from '../move/index.ts'
import type { Tick } from '../time/index.ts'
import { NO_CHOICES, type Choices } from './choices.ts'
import { nextLine, NO_MUSIC, tiePlace, type MusicLayout } from './musicLayout.ts'
import type { Part, Pass, Routine, Slot, SlotContent } from './routine.ts'
import { partLength } from './partLength.ts'

/**
 * One slot of one time through one pass, where it lies and what it does. Ticks count from the first
 * danced step.
 */
export interface DancedSlot {
  /** Unique on the timeline: pass, time through, slot. */
  readonly key: string
  readonly passId: string
  readonly partId: string
  /**
   * The slot as it is danced here; the id is the part's slot, or the change's where the pass
   * differs.
   */
  readonly slot: Slot
  /** Whether this pass changed the slot. */
  readonly changed: boolean
  /** Whether this time through is mirrored: what is written of the slot then is for the other side. */
  readonly mirrored: boolean
  /**
   * Eighths by which all face further round than when the slot is first danced; what its words say
   * of facings then goes round too. 0 where it is mirrored.
   */
  readonly turnedBy: Facing
  /** Null for plain words and for a figure the book does not hold. */
  readonly figure: Figure | null
  readonly danced: DancedFigure | null
  /** Why the variation cannot be danced, where it cannot. */
  readonly problem: Problem | null
  readonly start: Tick
  readonly lengthTicks: Tick
  readonly end: Tick
  /** The length is not settled: it is counted as its least, or nothing, and said to be open. */
  readonly open: boolean
  /** Who began as lead dances the follow's part here. */
  readonly swapped: boolean
  readonly before: CoupleState
  readonly after: CoupleState
  readonly troubles: readonly StepTrouble[]
}

/** One time through a part. */
export interface DancedPass {
  readonly key: string
  readonly pass: Pass
  readonly part: Part
  /** Which time within the pass, from 0, of `pass.times`. */
  readonly repetition: number
  /** Which time this part is danced in the whole routine, from 1, and how often in all. */
  readonly ordinal: number
  readonly ordinals: number
  readonly start: Tick
  readonly end: Tick
  /** Something before it has no settled length, so that it may start later than this. */
  readonly startIsOpen: boolean
  /**
   * Where its tie to the music lies; null when it is tied to nothing, or to what the music does not
   * have.
   */
  readonly tiedAt: Tick | null
  /**
   * For a fill: what was to be filled and what its whole units leave over; null where that is open.
   */
  readonly filled: { readonly gapTicks: Tick; readonly leftTicks: number } | null
  readonly slots: readonly DancedSlot[]
}

export interface Timeline {
  readonly passes: readonly DancedPass[]
  readonly slots: readonly DancedSlot[]
  readonly lengthTicks: Tick
  /** Where an open length first makes later positions uncertain; null when all is settled. */
  readonly openFrom: Tick | null
}

/** Passes already unfolded, so that an edit unfolds only what it touched. Keep one per sheet. */
export type UnfoldCache = Map<string, CachedPass>
interface CachedPass {
  readonly input: PassInput
  readonly slots: readonly DancedSlot[]
}

/** What a routine is unfolded with, apart from itself and the book. */
export interface UnfoldContext {
  readonly choices?: Choices
  readonly music?: MusicLayout
  readonly cache?: UnfoldCache
}

/**
 * The routine as it is danced. Time is continuous: a pass starts where the one before it ends and
 * nothing is padded, except by what is written to wait or to fill. After an open length positions
 * are open until the next pass that is tied to the music, which starts at its tie. The same pass
 * entered in the same state at the same tick keeps its identity when a cache is passed in.
 */
export function unfold(
  routine: Routine,
  book: FigureBook,
  { choices = NO_CHOICES, music = NO_MUSIC, cache = new Map() }: UnfoldContext = {},
): Timeline {
  const parts = new Map(routine.parts.map((part) => [part.id, part]))
  const passes: Omit<DancedPass, 'ordinals'>[] = []
  const done = new Map<string, number>()
  let at = 0 as Tick
  let state: CoupleState = routine.start
  let swapped = false
  let isOpen = false
  let openFrom: Tick | null = null
  routine.passes.forEach((written, index) => {
    const pass = changedTonight(written, choices)
    const part = parts.get(pass.partId)!
    const tiedAt = pass.tie ? tiePlace(music, pass.tie, at) : null
    if (isOpen && tiedAt !== null) {
      at = Math.max(at, tiedAt) as Tick
      isOpen = false
    }
    const musicFor = waits(part, pass) ? music : NO_MUSIC
    const dance = (repetition: number): readonly DancedSlot[] =>
      passSlots(cache, `${pass.id}.${repetition}`, {
        pass,
        part,
        book,
        choices,
        music: musicFor,
        entry: state,
        swapped,
        start: at,
        uncertain: isOpen,
      })
    const fill =
      pass.fill &&
      fillTimes(pass, {
        at,
        isOpen,
        choices,
        unitTicks: lengthOf(dance(0)),
        target: fillTarget(routine, index, { at, book, music }),
      })
    const times = fill ? fill.times : pass.times
    for (let repetition = 0; repetition < times; repetition++) {
      const slots = dance(repetition)
      const end = slots.at(-1)?.end ?? at
      const ordinal = (done.get(part.id) ?? 0) + 1
      done.set(part.id, ordinal)
      passes.push({
        key: `${pass.id}.${repetition}`,
        pass,
        part,
        repetition,
        ordinal,
        start: at,
        end,
        startIsOpen: isOpen,
        tiedAt: repetition === 0 ? tiedAt : null,
        filled: fill?.filled ?? null,
        slots,
      })
      const opened = slots.find((slot) => slot.open)
      openFrom ??= opened?.start ?? null
      isOpen ||= opened !== undefined
      state = slots.at(-1)?.after ?? state
      swapped = slots.reduce((now, { slot }) => now !== (slot.swap === true), swapped)
      at = end
    }
    if (fill?.isOpen) {
      openFrom ??= at
      isOpen = true
    }
  })
  const turnedOn = facingsTurned(passes)
  return {
    passes: turnedOn.map((pass) => ({ ...pass, ordinals: done.get(pass.part.id)! })),
    slots: turnedOn.flatMap((pass) => pass.slots),
    lengthTicks: at,
    openFrom,
  }
}

type TimeThrough = Omit<DancedPass, 'ordinals'>
/** Times through with how far round each slot faces from where it faced first. */
function facingsTurned(passes: readonly TimeThrough[]): readonly TimeThrough[] {
  const first = new Map<string, Facing>()
  return passes.map((pass) => {
    if (pass.pass.reflected) return pass
    const by = pass.slots.map(({ slot, before }) => {
      const now = before.lead.facing
      if (!first.has(slot.id)) first.set(slot.id, now)
      return wrapFacing(now - first.get(slot.id)!)
    })
    return by.some((one) => one !== 0) ? { ...pass, slots: turnedSlots(pass.slots, by) } : pass
  })
}

/** The same slots as far round keep their identity. */
function turnedSlots(slots: readonly DancedSlot[], by: readonly Facing[]): readonly DancedSlot[] {
  const known = turnedBefore(slots)
  const key = by.join('')
  const before = known.get(key)
  if (before) return before
  const now = slots.map((slot, i) => ({ ...slot, turnedBy: by[i]! }))
  known.set(key, now)
  return now
}
const turnedBefore = memoised(
  (_: readonly DancedSlot[]): Map<string, readonly DancedSlot[]> => new Map(),
)

/** The same pass for the same choices, so that it is unfolded once. */
const passesTonight = memoised((_: Choices) => new Map<Pass, Pass>())

function changedTonight(pass: Pass, choices: Choices): Pass {
  const tonight = choices.tonight[pass.id]
  if (!tonight) return pass
  const known = passesTonight(choices)
  const changed = known.get(pass) ?? { ...pass, changes: [...pass.changes, ...tonight] }
  known.set(pass, changed)
  return changed
}

const waitsFor = (content: SlotContent): boolean =>
  content.type === 'words' && content.until !== undefined
/** Whether anything in it lasts as long as the music says. */
const waits = (part: Part, pass: Pass): boolean =>
  part.slots.some(({ content }) => waitsFor(content)) ||
  pass.changes.some(({ content }) => waitsFor(content))

const lengthOf = (slots: readonly DancedSlot[]): number =>
  slots[0] ? slots.at(-1)!.end - slots[0].start : 0

interface FillInput {
  readonly at: Tick
  readonly isOpen: boolean
  readonly choices: Choices
  readonly unitTicks: number
  /** Where the music says it ends; null where it does not. */
  readonly target: number | null
}

/**
 * Where a fill is to end: at the music's end, or where the next pass that is tied belongs, less the
 * bridges before it; else at the next section.
 */
function fillTarget(
  routine: Routine,
  index: number,
  {
    at,
    book,
    music,
  }: { readonly at: Tick; readonly book: FigureBook; readonly music: MusicLayout },
): number | null {
  const { until } = routine.passes[index]!.fill!
  if (until === 'released') return null
  if (until === 'end') return music.end
  let between = 0
  for (const pass of routine.passes.slice(index + 1)) {
    const place = pass.tie ? tiePlace(music, pass.tie, at) : null
    if (place !== null) return place - between
    const length =
      pass.kind === 'bridge'
        ? partLength(
            routine.parts.find(({ id }) => id === pass.partId)!,
            book,
          )
        : null
    if (length === null) break
    between += length * pass.times
  }
  return sectionAfter(music, at)
}

/**
 * How often a fill is danced: as the music asks, or as was chosen, or its least; open where that is
 * not settled.
 */
function fillTimes(
  { id, fill }: Pass,
  { at, isOpen, choices, unitTicks, target }: FillInput,
): { times: number; filled: DancedPass['filled']; isOpen: boolean } {
  const { min, max } = fill!
  const chosen = choices.fills[id]
  const within = (times: number): number => Math.min(max, Math.max(min, times))
  if (chosen !== undefined) return { times: within(chosen), filled: null, isOpen: false }
  if (target === null || isOpen || unitTicks === 0)
    return { times: min, filled: null, isOpen: min !== max }
  const gap = Math.max(0, target - at)
  const times = within(Math.floor(gap / unitTicks))
  return {
    times,
    filled: { gapTicks: gap as Tick, leftTicks: gap - times * unitTicks },
    isOpen: false,
  }
}

const sectionAfter = (music: MusicLayout, at: Tick): Tick | null =>
  music.sections.find(({ start }) => start > at)?.start ?? music.end

interface PassInput {
  readonly pass: Pass
  readonly part: Part
  readonly book: FigureBook
  readonly choices: Choices
  readonly music: MusicLayout
  readonly entry: CoupleState
  readonly swapped: boolean
  readonly start: Tick
  /** Whether `start` may come later: nothing can then wait for a line. */
  readonly uncertain: boolean
}

function passSlots(cache: UnfoldCache, key: string, input: PassInput): readonly DancedSlot[] {
  const known = cache.get(key)
  if (known && sameInputs(known.input, input, { entry: sameValue })) return known.slots
  const slots = dancePass(key, input)
  cache.set(key, { input, slots })
  return slots
}

function dancePass(key: string, input: PassInput): DancedSlot[] {
  const { pass, part } = input
  let at = input.start
  let state = input.entry
  let { swapped } = input
  const slots = slotsOfPass(part, pass)
  return slots.map(({ slot, changed }, i) => {
    const placed: Placed = {
      key: `${key}/${slot.id}`,
      passId: pass.id,
      partId: part.id,
      slot,
      changed,
      mirrored: pass.reflected,
      turnedBy: 0,
      start: at,
      before: state,
      swapped,
    }
    const danced = danceSlot(placed, input, i === slots.length - 1 ? pass.exitHold : undefined)
    at = danced.end
    state = danced.after
    swapped = swapped !== (slot.swap === true)
    return danced
  })
}

/** The slots of one pass: the stretch of its part, with the pass's changes made. */
export function slotsOfPass(part: Part, pass: Pass): { slot: Slot; changed: boolean }[] {
  const slots = stretchOf(part, pass).flatMap((slot) => {
    const changes = pass.changes.filter((change) => change.slotId === slot.id)
    const replaced = changes.findLast((change) => change.type === 'replace')
    const kept = changes.some((change) => change.type === 'drop')
      ? []
      : [replaced ? { slot: slotOf(replaced), changed: true } : { slot, changed: false }]
    return [
      ...kept,
      ...changes
        .filter((change) => change.type === 'insert')
        .map((change) => ({ slot: slotOf(change), changed: true })),
    ]
  })
  const appended = pass.changes.filter(
    (change) => change.type === 'insert' && change.slotId === null,
  )
  return [...slots, ...appended.map((change) => ({ slot: slotOf(change), changed: true }))]
}

/** A pass's change as the slot it puts there. */
const slotOf = ({ type: _, slotId: __, ...slot }: Pass['changes'][number]): Slot => slot

function stretchOf(part: Part, pass: Pass): readonly Slot[] {
  if (!pass.stretch) return part.slots
  const from = part.slots.findIndex((slot) => slot.id === pass.stretch!.from)
  const to = part.slots.findIndex((slot) => slot.id === pass.stretch!.to)
  return from < 0 || to < from ? part.slots : part.slots.slice(from, to + 1)
}

type Placed = Pick<
  DancedSlot,
  | 'key'
  | 'passId'
  | 'partId'
  | 'slot'
  | 'changed'
  | 'mirrored'
  | 'turnedBy'
  | 'start'
  | 'before'
  | 'swapped'
>

function danceSlot(
  placed: Placed,
  { pass, book, ...input }: PassInput,
  exitHold: string | undefined,
): DancedSlot {
  const { content } = placed.slot
  if (content.type === 'words')
    return still(placed, null, wordsLength(placed, content, input), null)
  const figure = book.get(content.figureId) ?? null
  if (!figure) return still(placed, null, null, null)
  const reflected = content.variation.reflected !== pass.reflected
  const isAsWritten = reflected === content.variation.reflected && exitHold === undefined
  const varied = applyVariation(
    figure,
    isAsWritten
      ? content.variation
      : { ...content.variation, reflected, exitHold: exitHold ?? content.variation.exitHold },
  )
  if (!varied.ok) return still(placed, figure, figure.lengthTicks, varied.problem)
  const danced = varied.value
  const { after, troubles } = danceFrom(placed.before, danced)
  const { key, passId, partId, slot, changed, mirrored, turnedBy, start, before, swapped } = placed
  // Written out: spreading a slot for each of hundreds is what unfolding would spend its time on.
  return {
    key,
    passId,
    partId,
    slot,
    changed,
    mirrored,
    turnedBy,
    figure,
    danced,
    problem: null,
    start,
    lengthTicks: danced.lengthTicks,
    end: (start + danced.lengthTicks) as Tick,
    open: false,
    swapped,
    before,
    after: afterSwap(slot, after),
    troubles,
  }
}

/**
 * A danced slot danced elsewhere: from another tick, in another state, under another key. The same
 * where nothing is other.
 */
export function danceElsewhere(
  slot: DancedSlot,
  { key, start, before }: Pick<DancedSlot, 'key' | 'start' | 'before'>,
): DancedSlot {
  if (slot.key === key && slot.start === start && sameValue(slot.before, before)) return slot
  const { after, troubles } = slot.danced
    ? danceFrom(before, slot.danced)
    : { after: before, troubles: slot.troubles }
  return {
    ...slot,
    key,
    start,
    end: (start + slot.lengthTicks) as Tick,
    before,
    after: afterSwap(slot.slot, after),
    troubles,
  }
}

const afterSwap = (slot: Slot, state: CoupleState): CoupleState =>
  slot.swap ? { ...state, lead: state.follow, follow: state.lead } : state

/**
 * How long words take: as written, as chosen, or to the line of the music that they wait for; null
 * while it is open.
 */
function wordsLength(
  { slot, start }: Placed,
  content: Extract<SlotContent, { type: 'words' }>,
  { choices, music, uncertain }: Omit<PassInput, 'pass' | 'book'>,
): number | null {
  const settled = content.lengthTicks ?? choices.lengths[slot.id]
  if (settled !== undefined) return settled
  const line = content.until && !uncertain ? nextLine(music, content.until, start) : null
  return line === null ? null : line - start
}

/**
 * A slot whose dancing is not known: it takes its time and changes nothing. What is open counts as
 * its least.
 */
function still(
  placed: Placed,
  figure: Figure | null,
  lengthTicks: number | null,
  problem: Problem | null,
): DancedSlot {
  const { content } = placed.slot
  const least = content.type === 'words' ? Math.min(...(content.choices ?? [0])) : 0
  const length = (lengthTicks ?? least) as Tick
  return {
    ...placed,
    figure,
    danced: null,
    problem,
    lengthTicks: length,
    end: (placed.start + length) as Tick,
    open: lengthTicks === null,
    after: afterSwap(placed.slot, placed.before),
    troubles: [],
  }
}
