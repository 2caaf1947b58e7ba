import { sameValue, type Problem } from '../document/index.ts'
import { applyVariation, danceFrom, type DancedFigure, type Figure, type FigureBook, type FloorState, type StepTrouble } from '../figure/index.ts'
import type { Tick } from '../time/index.ts'
import type { Part, Pass, Routine, Slot } from './routine.ts'

/** One slot of one time through one pass, where it lies and what it does. Ticks count from the first danced step. */
export interface DancedSlot {
  /** Unique on the timeline: pass, time through, slot. */
  readonly key: string
  readonly passId: string
  readonly partId: string
  /** The slot as it is danced here; the id is the part's slot, or the change's where the pass differs. */
  readonly slot: Slot
  /** Whether this pass changed the slot. */
  readonly changed: boolean
  /** Null for plain words and for a figure the book does not hold. */
  readonly figure: Figure | null
  readonly danced: DancedFigure | null
  /** Why the variation cannot be danced, where it cannot. */
  readonly problem: Problem | null
  readonly start: Tick
  readonly lengthTicks: Tick
  readonly end: Tick
  /** The length is not settled: it is counted as nothing and said to be open. */
  readonly open: boolean
  readonly before: FloorState
  readonly after: FloorState
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
  readonly pass: Pass
  readonly part: Part
  readonly book: FigureBook
  readonly entry: FloorState
  readonly start: Tick
  readonly slots: readonly DancedSlot[]
}

/**
 * The routine as it is danced. Time is continuous: a pass starts where the one before it ends and nothing is padded.
 * The same pass entered in the same state at the same tick keeps its identity when a cache is passed in.
 */
export function unfold(routine: Routine, book: FigureBook, cache: UnfoldCache = new Map()): Timeline {
  const parts = new Map(routine.parts.map((part) => [part.id, part]))
  const ordinals = countTimes(routine)
  const passes: DancedPass[] = []
  const done = new Map<string, number>()
  let at = 0 as Tick
  let state: FloorState = routine.start
  let openFrom: Tick | null = null
  for (const pass of routine.passes) {
    const part = parts.get(pass.partId)!
    for (let repetition = 0; repetition < pass.times; repetition++) {
      const key = `${pass.id}.${repetition}`
      const slots = passSlots(cache, key, { pass, part, book, entry: state, start: at })
      const end = slots.at(-1)?.end ?? at
      const ordinal = (done.get(part.id) ?? 0) + 1
      done.set(part.id, ordinal)
      passes.push({ key, pass, part, repetition, ordinal, ordinals: ordinals.get(part.id)!, start: at, end, slots })
      openFrom ??= slots.find((slot) => slot.open)?.start ?? null
      state = slots.at(-1)?.after ?? state
      at = end
    }
  }
  return { passes, slots: passes.flatMap((pass) => pass.slots), lengthTicks: at, openFrom }
}

function countTimes(routine: Routine): Map<string, number> {
  const times = new Map<string, number>()
  for (const pass of routine.passes) times.set(pass.partId, (times.get(pass.partId) ?? 0) + pass.times)
  return times
}

type PassInput = Omit<CachedPass, 'slots'>

function passSlots(cache: UnfoldCache, key: string, input: PassInput): readonly DancedSlot[] {
  const known = cache.get(key)
  if (known && known.pass === input.pass && known.part === input.part && known.book === input.book && known.start === input.start && sameValue(known.entry, input.entry)) return known.slots
  const slots = dancePass(key, input)
  cache.set(key, { ...input, slots })
  return slots
}

function dancePass(key: string, { pass, part, book, entry, start }: PassInput): DancedSlot[] {
  let at = start
  let state = entry
  return slotsOfPass(part, pass).map(({ slot, changed }) => {
    const danced = danceSlot({ key: `${key}/${slot.id}`, passId: pass.id, partId: part.id, slot, changed, start: at, before: state }, pass, book)
    at = danced.end
    state = danced.after
    return danced
  })
}

/** The slots of one pass: the stretch of its part, with the pass's changes made. */
export function slotsOfPass(part: Part, pass: Pass): { slot: Slot; changed: boolean }[] {
  const slots = stretchOf(part, pass).flatMap((slot) => {
    const changes = pass.changes.filter((change) => change.slotId === slot.id)
    const replaced = changes.find((change) => change.type === 'replace')
    const kept = changes.some((change) => change.type === 'drop') ? [] : [replaced ? { slot: slotOf(replaced), changed: true } : { slot, changed: false }]
    return [...kept, ...changes.filter((change) => change.type === 'insert').map((change) => ({ slot: slotOf(change), changed: true }))]
  })
  const appended = pass.changes.filter((change) => change.type === 'insert' && change.slotId === null)
  return [...slots, ...appended.map((change) => ({ slot: slotOf(change), changed: true }))]
}

const slotOf = ({ id, content, wordings, say, remark }: Slot): Slot => ({ id, content, wordings, say, remark })

function stretchOf(part: Part, pass: Pass): readonly Slot[] {
  if (!pass.stretch) return part.slots
  const from = part.slots.findIndex((slot) => slot.id === pass.stretch!.from)
  const to = part.slots.findIndex((slot) => slot.id === pass.stretch!.to)
  return from < 0 || to < from ? part.slots : part.slots.slice(from, to + 1)
}

type Placed = Pick<DancedSlot, 'key' | 'passId' | 'partId' | 'slot' | 'changed' | 'start' | 'before'>

function danceSlot(placed: Placed, pass: Pass, book: FigureBook): DancedSlot {
  const { content } = placed.slot
  if (content.type === 'words') return still(placed, null, content.lengthTicks, null)
  const figure = book.get(content.figureId) ?? null
  if (!figure) return still(placed, null, null, null)
  const reflected = content.variation.reflected !== pass.reflected
  const varied = applyVariation(figure, reflected === content.variation.reflected ? content.variation : { ...content.variation, reflected })
  if (!varied.ok) return still(placed, figure, figure.lengthTicks, varied.problem)
  const danced = varied.value
  const { after, troubles } = danceFrom(placed.before, danced)
  return { ...placed, figure, danced, problem: null, lengthTicks: danced.lengthTicks, end: (placed.start + danced.lengthTicks) as Tick, open: false, after, troubles }
}

/** A slot whose dancing is not known: it takes its time and changes nothing. */
function still(placed: Placed, figure: Figure | null, lengthTicks: number | null, problem: Problem | null): DancedSlot {
  const length = (lengthTicks ?? 0) as Tick
  return { ...placed, figure, danced: null, problem, lengthTicks: length, end: (placed.start + length) as Tick, open: lengthTicks === null, after: placed.before, troubles: [] }
}
