import { memoised, succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import {
  halvedLines,
  mirroredLines,
  repeatedLines,
  type Line,
  type StatedNet,
} from '../../move/index.ts'
import { saysSide } from './figureWords.ts'
import type { Figure, SetOthers } from './figure.ts'
import { PICK_UP, pickedUp, turnedInto } from './exits.ts'
import { holdOf, mirrorOf } from './hold.ts'
import { oppositeSteps } from './opposite.ts'
import { reflectSteps } from './reflect.ts'
import { ROLES, type Role, type Step } from './step.ts'
import { turnBy } from './turnAmount.ts'
import { AS_WRITTEN, type Cut, type Variation } from './variation.ts'
import { endsOnOwnFoot, neededFoot } from './weight.ts'

/** A figure as it is danced in one place: all variations applied, every role written out. */
export interface DancedFigure {
  readonly figure: Figure
  readonly variation: Variation
  readonly lengthTicks: Tick
  readonly steps: Readonly<Record<Role, readonly Step[]>>
  /** In a set: what those do who do something else. */
  readonly others: readonly SetOthers[]
  /** Hands changed on the way, in order. */
  readonly holds: readonly HoldChange[]
  readonly exitHold: string | null
  /** In a set: who moves where, in ticks of this; null where nobody wrote it. */
  readonly moves: readonly Line[] | null
  /** In a set: where it leads, where that is all that is known of it. */
  readonly net: StatedNet | null
  /**
   * `asked`: its foot is asked for, though it begins on either; `other`: it took the foot it is not
   * written on, because that one was free; `mirrored`: it went to the other side for that, and is
   * called the same. Left out: as it is written.
   */
  readonly foot?: 'asked' | 'other' | 'mirrored'
}
type HoldChange = { readonly at: number; readonly hold: string }

type Follow = Figure['follow']

/** The steps of both roles as written, `opposite` and `same` spelled out. */
export const stepsOf = (figure: Figure): Record<Role, readonly Step[]> => ({
  lead: figure.lead,
  follow: followSteps(figure, figure.lead, figure.follow),
})

function followSteps(figure: Figure, lead: readonly Step[], follow: Follow): readonly Step[] {
  if (follow === 'same') return lead
  if (follow === 'alike') return reflectSteps(lead)
  if (follow !== 'opposite') return follow
  const hold = figure.entry.holds.map(holdOf).find((one) => one?.relation !== null)
  return oppositeSteps(lead, hold?.relation ?? 4)
}

/**
 * Steps side by side for all who dance, in the order lead, follow, others; each working on all of
 * them alike.
 */
interface Stretch {
  readonly lengthTicks: number
  readonly tracks: readonly (readonly Step[])[]
  readonly holds: readonly HoldChange[]
  readonly exitHold: string | null
}
type Stage = (stretch: Stretch) => Result<Stretch>
const onTracks = (
  stretch: Stretch,
  change: (steps: readonly Step[]) => readonly Step[],
): Stretch => ({ ...stretch, tracks: stretch.tracks.map(change) })

/**
 * Applies a variation: the ending and the options, then the cut, the pause, the amount of turn, the
 * repeats, and last the mirror. A cut must fall on a step boundary of every role that moves; the
 * problem says where it falls instead.
 */
export function applyVariation(
  figure: Figure,
  variation: Variation = AS_WRITTEN,
): Result<DancedFigure> {
  const known = variedOnce(figure)
  const key = asKey(variation)
  const before = known.get(key)
  if (before) return before
  const varied = varyFigure(figure, variation)
  known.set(key, varied)
  return varied
}

const asKey = memoised((variation: Variation) => JSON.stringify(variation))

/** What a figure is varied to, by how: a sheet asks for few of them, many times over. */
const variedOnce = memoised((_: Figure): Map<string, Result<DancedFigure>> => new Map())

function varyFigure(figure: Figure, variation: Variation): Result<DancedFigure> {
  const { lead, follow } = stepsOf(figure)
  const others = figure.set?.others ?? []
  let stretch: Stretch = {
    lengthTicks: figure.lengthTicks,
    tracks: [lead, follow, ...others.map(({ steps }) => steps)],
    holds: figure.holdChanges ?? [],
    exitHold: figure.exitHold,
  }
  const stages: readonly (Stage | false)[] = [
    variation.ending !== undefined && ((now) => withEnding(figure, now, variation.ending!)),
    variation.options !== undefined && ((now) => withOptions(figure, now, variation.options!)),
    variation.cut !== null && ((now) => cutStretch(figure, now, variation.cut!)),
    variation.withoutPause === true && ((now) => withoutPause(figure, now)),
    variation.turn !== undefined && ((now) => withTurn(figure, now, variation.turn!)),
    variation.times > 1 &&
      ((now) => succeed(repeat(now, variation.times, isMirroredAgain(figure, now)))),
    variation.exitHold !== null &&
      ((now) => withExit(figure, now, variation.exitHold!, variation.reflected)),
    variation.reflected && ((now) => reflect(now, variation.exitHold)),
  ]
  for (const stage of stages) {
    if (!stage) continue
    const next = stage(stretch)
    if (!next.ok) return next
    stretch = next.value
  }
  const [danced, followed, ...rest] = stretch.tracks
  return succeed({
    figure,
    variation,
    lengthTicks: stretch.lengthTicks as Tick,
    steps: { lead: danced!, follow: followed! },
    others: others.map((one, i) => ({ ...one, steps: rest[i]! })),
    holds: stretch.holds,
    exitHold: stretch.exitHold,
    moves: movesVaried(figure, variation),
    net: netVaried(figure, variation),
    ...(variation.reflected ? { foot: 'asked' as const } : {}),
  })
}

/** Its lines cut, repeated and mirrored with its steps; null where they cannot be. */
function movesVaried(figure: Figure, variation: Variation): readonly Line[] | null {
  if (!figure.moves) return null
  let lines: readonly Line[] | null = figure.moves
  let length = figure.lengthTicks
  if (variation.cut?.type === 'half') {
    length = figure.halfTicks ?? length / 2
    lines = halvedLines(lines, length)
  } else if (variation.cut) return null
  if (lines && variation.times > 1) lines = repeatedLines(lines, variation.times, length)
  return lines && variation.reflected ? mirroredLines(lines) : lines
}

/** Home stays home, however often and whichever way; a part of it leads nobody knows where. */
const netVaried = ({ net }: Figure, { cut, times, reflected }: Variation): StatedNet | null =>
  net === undefined || cut !== null || (net !== 'home' && (times > 1 || reflected)) ? null : net

/** Ended in another hold: the last step turns as that asks. What is mirrored later is not yet. */
function withExit(
  figure: Figure,
  stretch: Stretch,
  exitHold: string,
  isMirrored: boolean,
): Result<Stretch> {
  const { tracks, exitHold: own } = stretch
  const to = isMirrored ? mirrorOf(exitHold) : exitHold
  const from = own ?? figure.entry.holds[0] ?? null
  return succeed({ ...stretch, tracks: turnedInto(figure, tracks, from, to), exitHold })
}

function withEnding(figure: Figure, stretch: Stretch, name: string): Result<Stretch> {
  const ending = figure.endings?.find((one) => one.name === name)
  const tracks = ending || name !== PICK_UP ? null : pickedUp(figure, stretch.tracks)
  if (tracks) return succeed({ ...stretch, tracks, exitHold: 'closed' })
  if (!ending) return unknown(figure, 'ending', name, figure.endings ?? [])
  const own: Record<Role, readonly Step[]> = {
    lead: ending.lead,
    follow: followSteps(figure, ending.lead, ending.follow),
  }
  return succeed({
    ...stretch,
    tracks: stretch.tracks.map((steps, i) =>
      i < ROLES.length ? [...steps.filter(({ at }) => at < ending.from), ...own[ROLES[i]!]] : steps,
    ),
    holds: stretch.holds.filter(({ at }) => at < ending.from),
    exitHold: ending.hold ?? stretch.exitHold,
  })
}

/**
 * An option's steps take the place of those of the same layer on the same tick, and come beside all
 * others.
 */
function withOptions(figure: Figure, stretch: Stretch, names: readonly string[]): Result<Stretch> {
  let { tracks } = stretch
  for (const name of names) {
    const option = figure.options?.find((one) => one.name === name)
    if (!option) return unknown(figure, 'option', name, figure.options ?? [])
    const own: Record<Role, readonly Step[]> = {
      lead: option.lead,
      follow: followSteps(figure, option.lead, option.follow),
    }
    tracks = tracks.map((steps, i) => (i < ROLES.length ? overlaid(steps, own[ROLES[i]!]) : steps))
  }
  return succeed({ ...stretch, tracks })
}

const overlaid = (steps: readonly Step[], over: readonly Step[]): Step[] =>
  [
    ...steps.filter(
      (step) => !over.some(({ at, layer }) => at === step.at && layer === step.layer),
    ),
    ...over,
  ].sort((a, b) => a.at - b.at)

const unknown = (
  figure: Figure,
  kind: 'ending' | 'option',
  name: string,
  known: readonly { readonly name: string }[],
): Result<never> =>
  problem(`figure.no-${kind}` as const, {
    figure: figure.name,
    name,
    known: known.map((one) => one.name),
  })

function cutStretch(figure: Figure, whole: Stretch, cut: Cut): Result<Stretch> {
  const at = cut.type === 'half' ? (figure.halfTicks ?? whole.lengthTicks / 2) : cut.ticks
  if (at >= whole.lengthTicks)
    return problem('figure.cut-outside', {
      name: figure.name,
      counts: beatsOfTicks(whole.lengthTicks as Tick),
      cutAt: beatsOfTicks(at as Tick),
    })
  if (!whole.tracks.every((steps) => onBoundary(steps, at))) {
    return problem('figure.cut-in-step', { name: figure.name, count: beatsOfTicks(at as Tick) + 1 })
  }
  const pickup = Math.max(0, ...whole.tracks.flat().map((step) => -step.at))
  if (cut.type === 'from') {
    const late = onTracks(whole, (steps) =>
      steps.filter((step) => step.at >= at - pickup).map((step) => ({ ...step, at: step.at - at })),
    )
    return succeed({
      ...late,
      lengthTicks: whole.lengthTicks - at,
      holds: whole.holds.filter((one) => one.at >= at).map((one) => ({ ...one, at: one.at - at })),
    })
  }
  const early = onTracks(whole, (steps) => steps.filter((step) => step.at < at - pickup))
  const holds = whole.holds.filter((one) => one.at < at)
  return succeed({ ...early, lengthTicks: at, holds, exitHold: holds.at(-1)?.hold ?? null })
}

/** A role that never moves can be cut anywhere; one that moves needs a step on the cut. */
const onBoundary = (steps: readonly Step[], at: number): boolean =>
  Number.isInteger(at) && (steps.length === 0 || steps.some((step) => step.at === at))

/** Everything after the beat of the last thing that is done, of anybody, is a pause. */
function withoutPause(figure: Figure, stretch: Stretch): Result<Stretch> {
  const last = Math.max(
    -1,
    ...stretch.tracks.flat().flatMap(({ kind, at }) => (kind === 'hold' ? [] : [at])),
  )
  const end = last < 0 ? 0 : (Math.floor(last / TICKS_PER_BEAT) + 1) * TICKS_PER_BEAT
  if (end === 0 || end >= stretch.lengthTicks)
    return problem('figure.no-pause', { name: figure.name })
  return succeed({
    ...onTracks(stretch, (steps) => steps.filter(({ at }) => at < end)),
    lengthTicks: end,
  })
}

function withTurn(figure: Figure, stretch: Stretch, eighths: number): Result<Stretch> {
  const [lead = [], follow = [], ...rest] = stretch.tracks
  const turned = turnBy(lead, follow, eighths, figure.name)
  return turned.ok ? succeed({ ...stretch, tracks: [...turned.value, ...rest] }) : turned
}

/**
 * Whether a figure is danced to the other side when it is danced once more in a row: it ends on the
 * foot that it begins on, and its words name no side. “New yorker, twice” is one to each side.
 */
const isMirroredAgain = (figure: Figure, { tracks }: Stretch): boolean =>
  figure.dancers !== 'set' &&
  !figure.moves &&
  !saysSide(figure) &&
  tracks.some(endsOnOwnFoot) &&
  tracks.every((steps) => neededFoot(steps) === null || endsOnOwnFoot(steps))

function repeat(stretch: Stretch, times: number, isMirrored: boolean): Stretch {
  const other = isMirrored ? mirrorImage(stretch) : stretch
  const all = Array.from({ length: times }, (_, i) => (i % 2 === 0 ? stretch : other))
  const inTurn = <Timed extends { readonly at: number }>(
    list: (one: Stretch) => readonly Timed[],
  ): Timed[] =>
    all.flatMap((one, i) =>
      list(one).map((timed) => ({ ...timed, at: timed.at + i * stretch.lengthTicks })),
    )
  // Between one time and the next the figure's own exit is a change of hands too.
  const between =
    stretch.exitHold !== null && stretch.holds.length > 0
      ? all.slice(0, -1).map(({ exitHold }, i) => ({
          at: (i + 1) * stretch.lengthTicks,
          hold: exitHold!,
        }))
      : []
  return {
    tracks: stretch.tracks.map((_, track) => inTurn((one) => one.tracks[track]!)),
    lengthTicks: stretch.lengthTicks * times,
    holds: [...inTurn((one) => one.holds), ...between].sort((a, b) => a.at - b.at),
    exitHold: all.at(-1)!.exitHold,
  }
}

/** The exit that was asked for stays as it was asked; all other holds go by their mirror. */
function reflect(stretch: Stretch, asked: string | null): Result<Stretch> {
  const mirrored = mirrorImage(stretch)
  return succeed({ ...mirrored, exitHold: asked ?? mirrored.exitHold })
}

const mirrorImage = (stretch: Stretch): Stretch => ({
  ...onTracks(stretch, reflectSteps),
  holds: stretch.holds.map(({ at, hold }) => ({ at, hold: mirrorOf(hold) })),
  exitHold: stretch.exitHold === null ? null : mirrorOf(stretch.exitHold),
})

/**
 * How far before the first beat the figure sounds. Every cut takes as much before its own first
 * beat.
 */
export const pickupTicks = (steps: Readonly<Record<Role, readonly Step[]>>): number =>
  Math.max(
    0,
    ...Object.values(steps)
      .flat()
      .map((step) => -step.at),
  )
