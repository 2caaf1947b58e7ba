import { LEVELS, type Figure } from '../figure/index.ts'
import { knownFigures, type Group } from '../group/index.ts'
import type { DancedPass, DancedSlot } from '../routine/index.ts'
import type { Sheet } from '../sheet/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'

export const WALK_KINDS = [
  'recap',
  'figure',
  'hard',
  'build',
  'join',
  'count',
  'slow',
  'tempo',
] as const
/** What is done in a walk-through: its kinds, in the order in which they come within a part. */
export type WalkKind = (typeof WALK_KINDS)[number]

/** Why something is there, or is left out. */
export type WalkReason =
  | 'known'
  | 'new'
  | 'beyond'
  | 'marked-hard'
  | 'has-new'
  | 'first-time'
  | 'goes-on'
  | 'all-of-it'
  | 'before-music'
  | 'as-called'
  | 'no-time'
  | 'cue-is-enough'

/** One thing to do, with the minutes it takes. */
export interface WalkItem {
  readonly id: string
  readonly kind: WalkKind
  /** The figure, or the part, that it is about; empty for the whole dance. */
  readonly what: string
  readonly part: string
  /** Slots of the timeline that are gone through. */
  readonly slotKeys: readonly string[]
  /** In quarters of a minute. */
  readonly minutes: number
  readonly reason: WalkReason
}
/** A walk-through that fits its minutes, and what was left out for that, the least harm first. */
export interface WalkThrough {
  readonly items: readonly WalkItem[]
  readonly leftOut: readonly WalkItem[]
  readonly minutes: number
}

/** Minutes that things take: a start, and so much for each count; more where it is hard. */
const TAKES = {
  figure: { start: 0.75, count: 0.06, level: 0.25 },
  hard: { start: 0.5, count: 0.05, level: 0 },
  recap: { start: 0.25, count: 0.02, level: 0 },
  build: { start: 0.25, count: 0.03, level: 0 },
  join: { start: 0.25, count: 0.01, level: 0 },
} as const
/** Slow music is played at this share of the tempo. */
const SLOW = 0.75

const quarters = (minutes: number): number => Math.max(0.25, Math.round(minutes * 4) / 4)
function minutesOf(
  kind: keyof typeof TAKES,
  counts: number,
  level = 0,
  own: ReadonlyMap<string, number> | null = null,
  id = '',
): number {
  const { start, count, level: each } = TAKES[kind]
  return quarters(own?.get(id) ?? start + count * counts + each * level)
}

/**
 * A walk-through of a dance for a group in so many minutes: each part in its order, what is new in it
 * first, hard places, the part built up, joined to the one before; then the whole. Where it is more
 * than the minutes, what is left out is that whose loss does the least harm.
 *
 * @param minutes 1 to 120.
 * @param logged Minutes that items really took, by their id, where they were run before.
 */
export function walkThrough(
  sheet: Sheet,
  group: Group | null,
  minutes: number,
  logged: ReadonlyMap<string, number> = new Map(),
): WalkThrough {
  const all = itemsOf(sheet, group, logged)
  const kept = new Set(all)
  const total = (): number => [...kept].reduce((sum, one) => sum + one.minutes, 0)
  const byHarm = [...all].sort((a, b) => harmOf(a) - harmOf(b) || all.indexOf(b) - all.indexOf(a))
  for (const one of byHarm) {
    if (total() <= minutes) break
    kept.delete(one)
  }
  // What was dropped on the way may fit after all, that whose loss does the most harm first.
  for (const one of byHarm.toReversed())
    if (!kept.has(one) && total() + one.minutes <= minutes) kept.add(one)
  const leftOut = byHarm
    .filter((one) => !kept.has(one))
    .map((one): WalkItem => ({
      ...one,
      reason: one.kind === 'figure' ? 'cue-is-enough' : 'no-time',
    }))
  return { items: all.filter((one) => kept.has(one)), leftOut, minutes: total() }
}

/** How much is lost where something is left out; the least first. The whole at tempo goes last. */
function harmOf({ kind, reason }: WalkItem): number {
  if (kind === 'figure') return reason === 'beyond' ? 9 : 7
  const harm = { recap: 0, slow: 1, join: 2, count: 4, build: 5, hard: 6, tempo: 10 } as const
  // A part without anything new is built up by dancing it.
  return kind === 'build' && reason === 'first-time' ? 3 : harm[kind]
}

function itemsOf(
  sheet: Sheet,
  group: Group | null,
  logged: ReadonlyMap<string, number>,
): WalkItem[] {
  const { timeline } = sheet
  const known = group ? knownFigures(group) : null
  const isNew = (figure: Figure): WalkReason | null => {
    const how = known?.of(figure) ?? (figure.level === 'first' ? 'covered' : 'within')
    return how === 'covered' ? null : how === 'beyond' ? 'beyond' : 'new'
  }
  const firsts = timeline.passes.filter(
    (pass, i) => timeline.passes.findIndex(({ part }) => part === pass.part) === i,
  )
  const taught = new Set<string>()
  const recapped = recapOf(firsts, isNew, logged)
  const parts = firsts.flatMap((pass, i) => ofPart(pass, i > 0, isNew, taught, logged))
  return [...recapped, ...parts, ...wholeOf(sheet, logged)]
}

const countsOf = (slots: readonly DancedSlot[]): number =>
  slots.reduce((sum, { lengthTicks }) => sum + lengthTicks / TICKS_PER_BEAT, 0)

/** What the group knows is danced once more before anything new: its most used figures. */
function recapOf(
  passes: readonly DancedPass[],
  isNew: (figure: Figure) => WalkReason | null,
  logged: ReadonlyMap<string, number>,
): WalkItem[] {
  const slots = passes.flatMap(({ slots: own }) => own)
  const known = [
    ...new Map(
      slots.flatMap((slot) =>
        slot.figure && isNew(slot.figure) === null ? [[slot.figure.id, slot] as const] : [],
      ),
    ).values(),
  ].slice(0, 6)
  if (known.length === 0) return []
  return [
    {
      id: 'recap',
      kind: 'recap',
      what: known.map(({ figure }) => figure!.name).join(', '),
      part: '',
      slotKeys: known.map(({ key }) => key),
      minutes: minutesOf('recap', countsOf(known), 0, logged, 'recap'),
      reason: 'known',
    },
  ]
}

function ofPart(
  { part, slots }: DancedPass,
  isLater: boolean,
  isNew: (figure: Figure) => WalkReason | null,
  taught: Set<string>,
  logged: ReadonlyMap<string, number>,
): WalkItem[] {
  const danced = slots.filter(({ lengthTicks }) => lengthTicks > 0)
  if (danced.length === 0) return []
  const figures = danced.flatMap((slot): WalkItem[] => {
    const { figure } = slot
    const reason = figure && isNew(figure)
    if (!figure || !reason || taught.has(figure.id)) return []
    taught.add(figure.id)
    const id = `figure ${figure.id}`
    const level = LEVELS.indexOf(figure.level)
    return [
      {
        id,
        kind: 'figure',
        what: figure.name,
        part: part.label,
        slotKeys: [slot.key],
        minutes: minutesOf('figure', countsOf([slot]), level, logged, id),
        reason,
      },
    ]
  })
  const hard = danced
    .filter(({ slot }) => slot.hard)
    .map((slot): WalkItem => ({
      id: `hard ${slot.slot.id}`,
      kind: 'hard',
      what: slot.figure?.name ?? (slot.slot.content.type === 'words' ? slot.slot.content.text : ''),
      part: part.label,
      slotKeys: [slot.key],
      minutes: minutesOf('hard', countsOf([slot]), 0, logged, `hard ${slot.slot.id}`),
      reason: 'marked-hard',
    }))
  const about = (kind: 'build' | 'join', reason: WalkReason): WalkItem => ({
    id: `${kind} ${part.id}`,
    kind,
    what: part.label,
    part: part.label,
    slotKeys: danced.map(({ key }) => key),
    minutes: minutesOf(kind, countsOf(danced), 0, logged, `${kind} ${part.id}`),
    reason,
  })
  return [
    ...figures,
    ...hard,
    about('build', figures.length > 0 ? 'has-new' : 'first-time'),
    ...(isLater ? [about('join', 'goes-on')] : []),
  ]
}

/** The whole to the count, to slow music, and as it is called. */
function wholeOf(sheet: Sheet, logged: ReadonlyMap<string, number>): WalkItem[] {
  const { timeline, clock } = sheet
  const keys = timeline.slots.map(({ key }) => key)
  if (keys.length === 0) return []
  const whole =
    (clock.heardAt(timeline.lengthTicks) - clock.heardAt(timeline.passes[0]!.start)) / 60
  // Once round every part to the count; all of it to music.
  const once = timeline.passes
    .filter((pass, i, all) => all.findIndex(({ part }) => part === pass.part) === i)
    .reduce((sum, { start, end }) => sum + (clock.heardAt(end) - clock.heardAt(start)) / 60, 0)
  const item = (
    kind: 'count' | 'slow' | 'tempo',
    minutes: number,
    reason: WalkReason,
  ): WalkItem => ({
    id: kind,
    kind,
    what: '',
    part: '',
    slotKeys: keys,
    minutes: quarters(logged.get(kind) ?? minutes),
    reason,
  })
  return [
    item('count', once * 1.25, 'all-of-it'),
    item('slow', once / SLOW, 'before-music'),
    item('tempo', whole, 'as-called'),
  ]
}
