import { memoised, sameInputs, sameValue } from '../document/index.ts'
import type { CoupleState, FigureBook } from '../figure/index.ts'
import type { Tick } from '../time/index.ts'
import { NO_CHOICES, type Choices } from './choices.ts'
import { danceSlot, type PassInput, type Placed } from './danceSlot.ts'
import { facingsTurned, type TimeThrough } from './facingsTurned.ts'
import { NO_MUSIC, tiePlace, type MusicLayout } from './musicLayout.ts'
import type { Part, Pass, Routine, Slot, SlotContent } from './routine.ts'
import { partLength } from './partLength.ts'
import type { DancedPass, DancedSlot, Timeline } from './timeline.ts'

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
  const running: Running = {
    passes: [],
    done: new Map(),
    at: 0 as Tick,
    state: routine.start,
    swapped: false,
    isOpen: false,
    openFrom: null,
  }
  routine.passes.forEach((written, index) => {
    const part = parts.get(written.partId)!
    goThroughAll(running, { routine, index, part, book, choices, music, cache })
  })
  const turnedOn = facingsTurned(running.passes)
  for (const pass of turnedOn) pass.ordinals = running.done.get(pass.part.id)!
  return {
    passes: turnedOn,
    slots: turnedOn.flatMap((pass) => pass.slots),
    lengthTicks: running.at,
    openFrom: running.openFrom,
  }
}

/** All times through of one pass of the order, and what comes of them for the next. */
function goThroughAll(
  running: Running,
  {
    routine,
    index,
    part,
    book,
    choices,
    music,
    cache,
  }: Required<UnfoldContext> & {
    readonly routine: Routine
    readonly index: number
    readonly part: Part
    readonly book: FigureBook
  },
): void {
  const pass = changedTonight(routine.passes[index]!, choices)
  const tiedAt = pass.tie ? tiePlace(music, pass.tie, running.at) : null
  if (running.isOpen && tiedAt !== null) {
    running.at = Math.max(running.at, tiedAt) as Tick
    running.isOpen = false
  }
  const musicFor = waits(part, pass) ? music : NO_MUSIC
  const dance = (repetition: number): readonly DancedSlot[] =>
    passSlots(cache, `${pass.id}.${repetition}`, {
      pass,
      part,
      book,
      choices,
      music: musicFor,
      entry: running.state,
      swapped: running.swapped,
      start: running.at,
      uncertain: running.isOpen,
    })
  const fill =
    pass.fill &&
    fillTimes(pass, {
      at: running.at,
      isOpen: running.isOpen,
      choices,
      unitTicks: lengthOf(dance(0)),
      target: fillTarget(routine, index, { at: running.at, book, music }),
    })
  const times = fill ? fill.times : pass.times
  for (let repetition = 0; repetition < times; repetition++)
    goThrough(running, dance(repetition), {
      key: `${pass.id}.${repetition}`,
      pass,
      part,
      repetition,
      tiedAt: repetition === 0 ? tiedAt : null,
      filled: fill?.filled ?? null,
    })
  if (!fill?.isOpen) return
  running.openFrom ??= running.at
  running.isOpen = true
}

/** What goes on from one time through to the next. */
interface Running {
  readonly passes: TimeThrough[]
  /** How often each part has been danced. */
  readonly done: Map<string, number>
  at: Tick
  state: CoupleState
  swapped: boolean
  isOpen: boolean
  openFrom: Tick | null
}

/** One time through more: where it lies, and where it leaves everybody. */
function goThrough(
  running: Running,
  slots: readonly DancedSlot[],
  pass: Pick<DancedPass, 'key' | 'pass' | 'part' | 'repetition' | 'tiedAt' | 'filled'>,
): void {
  const end = slots.at(-1)?.end ?? running.at
  const ordinal = (running.done.get(pass.part.id) ?? 0) + 1
  running.done.set(pass.part.id, ordinal)
  // Written out: spreading a pass for each of hundreds is what a search of repairs would wait for.
  running.passes.push({
    key: pass.key,
    pass: pass.pass,
    part: pass.part,
    repetition: pass.repetition,
    tiedAt: pass.tiedAt,
    filled: pass.filled,
    ordinal,
    ordinals: 0,
    start: running.at,
    end,
    startIsOpen: running.isOpen,
    slots,
  })
  const { openFrom, swaps } = comesOf(slots)
  running.openFrom ??= openFrom
  running.isOpen ||= openFrom !== null
  running.state = slots.at(-1)?.after ?? running.state
  running.swapped = running.swapped !== swaps
  running.at = end
}

/** What slots leave behind, apart from where they leave everybody: passes are gone through often. */
const comesOf = memoised((slots: readonly DancedSlot[]) => ({
  openFrom: slots.find(({ open }) => open)?.start ?? null,
  swaps: slots.filter(({ slot }) => slot.swap === true).length % 2 === 1,
}))

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
