import { wrapFacing, turned } from '../../move/index.ts'
import { walkFeet } from '../geometry/feet.ts'
import { along, distance, ORIGIN, type FloorPoint } from '../../move/index.ts'
import { mend, stop, type Found } from './figureFinding.ts'
import type { Figure } from '../model/figure.ts'
import { holdOf } from '../model/hold.ts'
import { ROLES, type Role, type Step } from '../model/step.ts'
import { bodyTurn, netTurn } from '../model/turnAmount.ts'

type BothSteps = Readonly<Record<Role, readonly Step[]>>
type Hand = 'left' | 'right'

/**
 * Whether the two can stand as the hold says, going in and coming out; whether the hands that are
 * used are joined; whether a joined couple stays together.
 */
export const checkHands = (figure: Figure, steps: BothSteps): Found[] => [
  ...checkStanding(figure, steps),
  ...checkAlone(figure),
  ...checkChanges(figure),
  ...checkUsedHands(figure, steps),
  ...checkTogether(figure, steps),
]

/** The hold it ends in, where that is known. */
const lastHold = ({ exitHold, holdChanges, entry }: Figure): string | null =>
  exitHold ?? holdChanges?.at(-1)?.hold ?? (entry.holds.length === 1 ? entry.holds[0]! : null)

function checkStanding(figure: Figure, steps: BothSteps): Found[] {
  const relations = new Set(
    figure.entry.holds
      .map((id) => holdOf(id)?.relation)
      .filter((relation) => typeof relation === 'number'),
  )
  if (relations.size > 1) {
    return figure.follow === 'opposite'
      ? [mend('figure.hold-mixed', { holds: figure.entry.holds.join(' and ') })]
      : []
  }
  const [relation] = relations
  const exit = lastHold(figure)
  const wanted = exit === null ? undefined : holdOf(exit)?.relation
  if (relation === undefined || wanted === undefined || wanted === null) return []
  const ends = wrapFacing(relation + netTurn(steps.follow) - netTurn(steps.lead))
  // Between two facings an eighth apart lies how people stand, not what is written.
  if (ends === wanted || ends === turned(wanted, 1) || ends === turned(wanted, -1)) return []
  return [mend('figure.hold-facing', { exit: exit!, wanted, ends })]
}

/** Holds of a couple, asked of dancers who have no partner. */
function checkAlone({ dancers, entry, exitHold }: Figure): Found[] {
  if (dancers !== 'solo') return []
  const partnered = [...entry.holds, ...(exitHold === null ? [] : [exitHold])].find(
    (hold) => !['none', 'ring', 'star', 'tandem'].includes(hold),
  )
  return partnered ? [mend('figure.hold-alone', { partnered })] : []
}

function checkChanges({ holdChanges = [], lengthTicks }: Figure): Found[] {
  return holdChanges.flatMap(({ at, hold }, i): Found[] => {
    if (at >= lengthTicks) return [stop('figure.hold-outside', { hold, at })]
    return i > 0 && at <= holdChanges[i - 1]!.at ? [stop('figure.hold-order', { hold, at })] : []
  })
}

/** Hands of one role that a hold joins. */
const joinedHands = (hold: string, role: Role): Hand[] =>
  (holdOf(hold)?.hands ?? []).map((pair) => pair[role === 'lead' ? 0 : 1])

/**
 * An arch, or a hand let go, with a hand that nobody holds; and a hold that is kept with a hand let
 * go.
 */
function checkUsedHands(figure: Figure, steps: BothSteps): Found[] {
  if (figure.dancers === 'solo') return []
  const found: Found[] = []
  const said = new Set<string>()
  for (const begun of figure.entry.holds) {
    for (const role of ROLES) {
      const tell = (one: Found): void => {
        if (said.has(one.message)) return
        said.add(one.message)
        found.push(one)
      }
      const hands = new Set<Hand>(joinedHands(begun, role))
      let changes = figure.holdChanges ?? []
      for (const step of steps[role].filter(({ layer }) => layer === 'arms')) {
        for (const change of changes.filter(({ at }) => at <= step.at)) {
          hands.clear()
          for (const hand of joinedHands(change.hold, role)) hands.add(hand)
        }
        changes = changes.filter(({ at }) => at > step.at)
        const used: readonly Hand[] =
          step.foot === 'both' ? ['left', 'right'] : step.foot === null ? [] : [step.foot]
        const free = used.find((hand) => !hands.has(hand))
        if ((step.kind === 'arch' || step.kind === 'release') && free)
          tell(
            mend('figure.hand-missing', {
              at: step.at,
              role,
              hand: free,
              arch: step.kind === 'arch',
              begun,
            }),
          )
        if (step.kind === 'join') for (const hand of used) hands.add(hand)
        if (step.kind === 'release') for (const hand of used) hands.delete(hand)
      }
      // A change still to come takes its own hands, and so does an exit of its own: those hold what
      // they hold.
      const kept =
        figure.exitHold === null && changes.length === 0
          ? (figure.holdChanges?.at(-1)?.hold ?? begun)
          : null
      const dropped =
        kept === null ? undefined : joinedHands(kept, role).find((hand) => !hands.has(hand))
      if (dropped) tell(mend('figure.hand-dropped', { kept: kept!, role, dropped }))
    }
  }
  return found
}

/**
 * Holds in which bodies or both hands keep the two together, by how far apart they may come, in
 * strides.
 */
const REACH: Readonly<Record<string, number>> = {
  closed: 1.5,
  'semi-closed': 1.5,
  'reverse semi-closed': 1.5,
  banjo: 1.5,
  sidecar: 1.5,
  shadow: 1.5,
  skaters: 1.5,
  wrap: 1.5,
  butterfly: 2.5,
  'two hands': 2.5,
}

/** How far apart two may be who hold each other by a hand, arms stretched; strides. */
const STRETCHED = 2.5

/**
 * Two who hold each other and do not turn go the same way through the hall; mirrored on one side
 * only they would part.
 */
function checkTogether(figure: Figure, steps: BothSteps): Found[] {
  if (
    figure.dancers === 'solo' ||
    (figure.holdChanges?.length ?? 0) > 0 ||
    [...steps.lead, ...steps.follow].some((step) => bodyTurn(step) !== 0)
  )
    return []
  if (figure.exitHold !== null && REACH[figure.exitHold] === undefined) return []
  for (const hold of figure.entry.holds) {
    const reach = REACH[hold]
    const relation = holdOf(hold)?.relation
    if (reach === undefined || relation === undefined || relation === null) continue
    const ticks = [...new Set([...steps.lead, ...steps.follow].map(({ at }) => at))].sort(
      (a, b) => a - b,
    )
    for (const at of ticks) {
      // Both may rock back at arm's stretch, if they come together again.
      const most = at === ticks.at(-1) ? reach : Math.max(reach, STRETCHED)
      const apart = distance(way(steps.lead, at, 0), way(steps.follow, at, relation))
      if (apart > most)
        return [mend('figure.parted', { at, strides: Number(apart.toFixed(1)), hold })]
    }
  }
  return []
}

/**
 * Where the body is by a tick, in strides, seen from the lead’s first facing; `facing` is the
 * dancer's own against it.
 */
const way = (steps: readonly Step[], until: number, facing: number): FloorPoint =>
  along(walkFeet(steps.filter(({ at }) => at <= until)).at(-1)?.body ?? ORIGIN, facing)
