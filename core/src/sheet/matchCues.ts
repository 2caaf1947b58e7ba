import {
  isAroundTheDance,
  utterancesOf,
  wordsOf,
  type CueSlot,
  type Said,
  type Wording,
} from '../cue/index.ts'
import type { Edit, NewId } from '../document/index.ts'
import { setFieldAt, setWording, type DancedSlot, type Slot } from '../routine/index.ts'
import type { Sheet } from './derive.ts'

/** A cue from elsewhere: when it is said, in seconds of the recording, and in which words. */
export interface OutsideCue {
  readonly start: number
  readonly end: number | null
  readonly text: string
}

/** Why a cue found no place on the sheet. */
export type Unplaced =
  /** The dance is over by then. */
  | 'past-end'
  /** It begins before the one before it has ended. */
  | 'overlaps'
  /** No figure near it has such words. */
  | 'no-figure'
  /** Said so only some of the times of a pass that is written once for all of them. */
  | 'not-every-time'

export interface CueMatch {
  readonly cue: OutsideCue
  readonly slot: CueSlot
  /** It is said as it stands: at its moment, in these words. */
  readonly isSame: boolean
}

export interface MatchedCues {
  readonly matches: readonly CueMatch[]
  readonly unplaced: readonly { readonly cue: OutsideCue; readonly why: Unplaced }[]
  /**
   * What makes the sheet say them so: pins and wordings, in a part where all its times agree, else
   * in the pass alone.
   */
  readonly edits: readonly Edit[]
}

/** A cue is for a figure whose own moment lies no further away, in seconds. */
const NEAR_SECONDS = 6
/**
 * Words of a cue and a figure that make them the same in spite of other words, as a share of all.
 */
const ALIKE = 0.5
/** Two starts are the same that lie no further apart, in ticks: nobody speaks more exactly. */
const SAME_TICKS = 2

/**
 * Lays cues from elsewhere onto a sheet: each to the figure it names, in their order, so that words
 * and moments agree best in all (an alignment as of two texts, Needleman and Wunsch 1970). What
 * cannot be placed is told, never guessed.
 */
export function matchCues(sheet: Sheet, cues: readonly OutsideCue[], newId: NewId): MatchedCues {
  // What is said after the last step is no later than its own words.
  const closing = utterancesOf(sheet.plan).at(-1)
  const end = Math.max(
    sheet.clock.heardAt(sheet.timeline.lengthTicks),
    closing && isAroundTheDance(closing.slot) ? closing.said.end : -Infinity,
  )
  const unplaced: { cue: OutsideCue; why: Unplaced }[] = []
  const usable: OutsideCue[] = []
  for (const cue of cues) {
    const before = usable.at(-1)
    if (cue.start >= end) unplaced.push({ cue, why: 'past-end' })
    else if (
      before &&
      (cue.start <= before.start || (before.end !== null && cue.start < before.end - 0.001))
    )
      unplaced.push({ cue, why: 'overlaps' })
    else usable.push(cue)
  }
  const targets = [...sheet.plan.planned, ...sheet.plan.extras]
    .filter(({ slot }) => slot.wordings.length > 0)
    .map(({ slot, said }) => ({ slot, at: said?.start ?? sheet.clock.heardAt(slot.stepTick) }))
    .sort((one, other) => one.at - other.at)
  const said = new Map(utterancesOf(sheet.plan).map((one) => [one.slot.key, one]))
  const pairs = align(usable, targets)
  const placed = new Set(pairs.map(({ cue }) => cue))
  for (const cue of usable) if (!placed.has(cue)) unplaced.push({ cue, why: 'no-figure' })
  const matches = pairs.map(({ cue, slot }): CueMatch => ({
    cue,
    slot,
    isSame: isSaidSo(sheet, said.get(slot.key), cue),
  }))
  const { edits, once } = editsOf(sheet, matches, said, newId)
  for (const { cue } of once) unplaced.push({ cue, why: 'not-every-time' })
  return {
    matches: matches.filter((one) => !once.includes(one)),
    unplaced: unplaced.sort((x, y) => x.cue.start - y.cue.start),
    edits,
  }
}

/** How much a cue differs from what may be said of a figure: 0 for its very words, up to 1. */
function unlike(text: string, slot: CueSlot): number {
  const { wordings } = slot
  const own = wordsOf(text)
  // What is said around the dance follows from the sheet: other words for it have no place there.
  if (isAroundTheDance(slot))
    return wordings.some((wording) => wordsOf(wording.text).join(' ') === own.join(' ')) ? 0 : 1
  return Math.min(
    ...wordings.map((wording) => {
      const other = wordsOf(wording.text)
      if (own.join(' ') === other.join(' ')) return 0
      const shared = own.filter((word) => other.includes(word)).length
      return 1 - (2 * shared) / Math.max(1, own.length + other.length)
    }),
  )
}

function align(
  cues: readonly OutsideCue[],
  targets: readonly { readonly slot: CueSlot; readonly at: number }[],
): { cue: OutsideCue; slot: CueSlot }[] {
  const SKIP_CUE = 1
  const rows = cues.length + 1
  const columns = targets.length + 1
  const cost = Array.from({ length: rows }, () => new Float64Array(columns))
  const priceOf = (i: number, k: number): number => {
    const far = Math.abs(cues[i]!.start - targets[k]!.at)
    const other = far > NEAR_SECONDS ? 1 : unlike(cues[i]!.text, targets[k]!.slot)
    // A figure that may be skipped for nothing is taken only for words that are its own, or at its
    // very moment.
    return far > NEAR_SECONDS || (other > ALIKE && far > 1) || other >= 1
      ? Infinity
      : other * 0.6 + (far / NEAR_SECONDS) * 0.35
  }
  for (let i = rows - 1; i >= 0; i--) {
    for (let k = columns - 1; k >= 0; k--) {
      if (i === cues.length) cost[i]![k] = 0
      else if (k === targets.length) cost[i]![k] = cost[i + 1]![k]! + SKIP_CUE
      else
        cost[i]![k] = Math.min(
          cost[i + 1]![k]! + SKIP_CUE,
          cost[i]![k + 1]!,
          cost[i + 1]![k + 1]! + priceOf(i, k),
        )
    }
  }
  const pairs: { cue: OutsideCue; slot: CueSlot }[] = []
  for (let i = 0, k = 0; i < cues.length && k < targets.length;) {
    if (cost[i]![k] === cost[i + 1]![k + 1]! + priceOf(i, k))
      pairs.push({ cue: cues[i++]!, slot: targets[k++]!.slot })
    else if (cost[i]![k] === cost[i]![k + 1]) k++
    else i++
  }
  return pairs
}

const startTick = (sheet: Sheet, seconds: number): number =>
  Math.round(sheet.clock.tickAtHeard(seconds))

function isSaidSo(sheet: Sheet, said: Said | undefined, cue: OutsideCue): boolean {
  if (
    said === undefined ||
    wordsOf(said.said.wording.text).join(' ') !== wordsOf(cue.text).join(' ')
  )
    return false
  // A file has nothing before its music: what is said under the count-in stands at its beginning.
  return (
    Math.abs(said.said.startTick - startTick(sheet, cue.start)) <= SAME_TICKS ||
    (cue.start <= 0 && said.said.start <= 0)
  )
}

/**
 * Pins and wordings for the names that are said otherwise; second cues and the like follow their
 * names.
 */
function editsOf(
  sheet: Sheet,
  matches: readonly CueMatch[],
  said: ReadonlyMap<string, Said>,
  newId: NewId,
): { edits: Edit[]; once: CueMatch[] } {
  const slots = new Map(sheet.timeline.slots.map((slot) => [slot.key, slot]))
  const wished = matches
    .filter(({ slot, isSame }) => slot.purpose === 'cue' && !isSame)
    .map((match) => ({
      match,
      danced: slots.get(match.slot.slotKey)!,
      wish: wishOf(sheet, match, said.get(match.slot.key)),
    }))
  const edits: Edit[] = []
  const once: CueMatch[] = []
  for (const ofSlot of grouped(wished, ({ danced }) => danced.slot.id).values()) {
    const all = sheet.timeline.slots.filter(({ slot }) => slot.id === ofSlot[0]!.danced.slot.id)
    if (agree(ofSlot) && ofSlot.length === all.length) {
      edits.push(...wishEdits(ofSlot[0]!.danced, ofSlot[0]!.wish, 'part', newId))
      continue
    }
    for (const [passId, ofPass] of grouped(ofSlot, ({ danced }) => danced.passId)) {
      if (agree(ofPass) && ofPass.length === all.filter((one) => one.passId === passId).length)
        edits.push(...wishEdits(ofPass[0]!.danced, ofPass[0]!.wish, 'pass', newId))
      else once.push(...ofPass.map(({ match }) => match))
    }
  }
  return { edits, once }
}

function grouped<Item>(list: readonly Item[], keyOf: (item: Item) => string): Map<string, Item[]> {
  const groups = new Map<string, Item[]>()
  for (const item of list) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item])
  return groups
}

const agree = (list: readonly { readonly wish: Wish }[]): boolean =>
  list.every(
    ({ wish }) =>
      wish.text === list[0]!.wish.text &&
      wish.kind === list[0]!.wish.kind &&
      Math.abs(wish.startTicks - list[0]!.wish.startTicks) <= SAME_TICKS,
  )

interface Wish {
  readonly startTicks: number
  readonly kind: Wording['kind'] | null
  /** Words that are none of the figure's. */
  readonly text: string | null
}

function wishOf(sheet: Sheet, { cue, slot }: CueMatch, said: Said | undefined): Wish {
  const words = (text: string): string => wordsOf(text).join(' ')
  const startTicks = Math.min(0, startTick(sheet, cue.start) - slot.stepTick)
  if (said && words(said.said.wording.text) === words(cue.text))
    return { startTicks, kind: null, text: null }
  const own = slot.wordings.find(
    (wording) => !wording.joined && !wording.owes && words(wording.text) === words(cue.text),
  )
  return { startTicks, kind: own?.kind ?? 'full', text: own ? null : cue.text.slice(0, 120) }
}

function wishEdits(
  danced: DancedSlot,
  { startTicks, kind, text }: Wish,
  scope: 'part' | 'pass',
  newId: NewId,
): Edit[] {
  const pin: NonNullable<Slot['pin']> = { startTicks, ...(kind ? { wording: kind } : {}) }
  if (scope === 'part' || danced.changed)
    return [
      ...(setFieldAt(danced, 'pin', pin, 'part', newId) ?? []),
      ...(text === null ? [] : (setWording(danced.slot, 'full', text) ?? [])),
    ]
  const worded: DancedSlot =
    text === null
      ? danced
      : {
          ...danced,
          slot: {
            ...danced.slot,
            wordings: {
              full: text,
              short: danced.slot.wordings?.short ?? null,
              keyWord: danced.slot.wordings?.keyWord ?? null,
            },
          },
        }
  return setFieldAt(worded, 'pin', pin, 'pass', newId) ?? []
}
