import { memoised } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import {
  beginning,
  netTurn,
  ROLES,
  stepsPerSecond,
  type Role,
  type Step,
} from '../../figure/index.ts'
import { knownFigures } from '../../group/index.ts'
import { isAllAlike, roleTold, setSlotField, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface BodyFindings {
  /** `role`: nobody's in particular, where all do the same. */
  readonly 'body.turns': {
    readonly role: string | null
    readonly turns: number
    readonly side: 'left' | 'right'
    readonly chain: readonly string[]
  }
  readonly 'body.pace': {
    readonly figure: string
    readonly rate: number
    readonly bpm: number
    readonly beats: number
  }
  readonly 'body.arms': { readonly figure: string }
  readonly 'body.caution': {
    readonly figure: string
    readonly group: string
    readonly text: string
  }
}
type Found = FindingOf<BodyFindings>

/**
 * What can go wrong for a body: turns in a row, steps too quick to take, arms on top of half beats,
 * cautions a floor has not heard.
 */
export const body = (derived: Derived): Found[] => [
  ...turnsInARow(derived),
  ...pace(derived),
  ...armsOnHalfBeats(derived),
  ...cautions(derived),
]

/**
 * Eighths turned one way without a rest from which a floor is asked for more than it bargained for:
 * three whole turns.
 */
const MOST_IN_A_ROW = 24

function turnsInARow({ timeline, routine, school }: Derived): Found[] {
  // Where all do the same, one telling is for everybody.
  return (isAllAlike(timeline) ? ROLES.slice(0, 1) : ROLES).flatMap((role): Found[] => {
    const found: Found[] = []
    let run: { slot: DancedSlot; eighths: number }[] = []
    const close = (): void => {
      const total = run.reduce((sum, one) => sum + one.eighths, 0)
      if (Math.abs(total) >= MOST_IN_A_ROW)
        found.push(inARow(run, total, role, roleTold(routine, school, timeline, role)))
      run = []
    }
    for (const slot of timeline.slots) {
      const eighths = spunIn(slot, role)
      if (
        Math.abs(eighths) < 8 ||
        (run.length > 0 && Math.sign(eighths) !== Math.sign(run[0]!.eighths))
      )
        close()
      if (Math.abs(eighths) >= 8) run.push({ slot, eighths })
    }
    close()
    return found
  })
}

/** Beats in which a body that turns by itself has gone once round; who walks round takes longer. */
const SPUN_BEATS = 4
/** Holds in which one goes round another, or both round each other. */
const ROUND_EACH_OTHER: ReadonlySet<string> = new Set([
  'closed',
  'banjo',
  'sidecar',
  'two hands',
  'ring',
  'star',
  'left-hand star',
  'right arms',
  'left arms',
  'right elbows',
  'left elbows',
])

/** Eighths that a body turns in a slot by itself: not round a star, a partner or a ring. */
function spunIn({ danced, before, after, lengthTicks }: DancedSlot, role: Role): number {
  if (!danced || danced.figure.dancers === 'set') return 0
  const { hold } = beginning(before, danced).state
  if (ROUND_EACH_OTHER.has(hold) && hold === after.hold) return 0
  const eighths = netTurn(danced.steps[role])
  const beats = lengthTicks / TICKS_PER_BEAT
  return Math.abs(eighths) >= 8 && beats / (Math.abs(eighths) / 8) <= SPUN_BEATS ? eighths : 0
}

function inARow(
  run: readonly { slot: DancedSlot; eighths: number }[],
  total: number,
  role: Role,
  label: string | null,
): Found {
  const { slot } = run[0]!
  const params = {
    role: label,
    turns: Math.abs(total) / 8,
    side: total > 0 ? ('right' as const) : ('left' as const),
    chain: run.map((one) => `${slotName(one.slot)} ${Math.abs(one.eighths) / 8}`),
  }
  return {
    ...aboutSlot(slot),
    subject: `${slot.slot.id}.${role}`,
    slotKeys: run.map((one) => one.slot.key),
    code: 'body.turns',
    severity: 'mend',
    params,
    repairs: [],
  }
}

/** Things the feet do in a second from which a social floor is asked to run. */
const MOST_STEPS_PER_SECOND = 4.5

function pace({ timeline, clock }: Derived): Found[] {
  const seen = new Set<string>()
  return timeline.slots.flatMap((slot): Found[] => {
    const seconds = clock.heardAt(slot.end) - clock.heardAt(slot.start)
    if (!slot.danced || seconds <= 0 || seen.has(slot.slot.id)) return []
    const beats = slot.lengthTicks / TICKS_PER_BEAT
    const bpm = (beats / seconds) * 60
    const most = Math.max(
      ...ROLES.map((role) => stepsPerSecond(slot.danced!.steps[role], slot.lengthTicks, bpm)),
    )
    if (most <= MOST_STEPS_PER_SECOND) return []
    seen.add(slot.slot.id)
    return [
      {
        ...aboutSlot(slot),
        code: 'body.pace',
        severity: 'note',
        params: {
          figure: slotName(slot),
          rate: Math.round(most * 10) / 10,
          bpm: Math.round(bpm),
          beats,
        },
        repairs: [],
      },
    ]
  })
}

/** Whether the arms move in a beat in which the feet take a half of it. */
const movesArmsOnHalves = memoised((steps: readonly Step[]): boolean => {
  const halves = steps.filter(
    ({ layer, kind, at }) => layer === 'feet' && kind !== 'hold' && at % TICKS_PER_BEAT !== 0,
  )
  return halves.some(({ at }) =>
    steps.some(
      (step) =>
        step.layer === 'arms' &&
        Math.floor(step.at / TICKS_PER_BEAT) === Math.floor(at / TICKS_PER_BEAT),
    ),
  )
})

function armsOnHalfBeats({ timeline }: Derived): Found[] {
  const seen = new Set<string>()
  return timeline.slots.flatMap((slot): Found[] => {
    if (!slot.danced || seen.has(slot.slot.id) || slot.slot.hard) return []
    if (!ROLES.some((role) => movesArmsOnHalves(slot.danced!.steps[role]))) return []
    seen.add(slot.slot.id)
    const edits = setSlotField(slot.slot, 'hard', true)
    return [
      {
        ...aboutSlot(slot),
        code: 'body.arms',
        severity: 'note',
        params: { figure: slotName(slot) },
        repairs: edits ? [{ code: 'mark-hard', params: {}, edits }] : [],
      },
    ]
  })
}

/**
 * Cautions of figures that the chosen floor has not danced yet: to be told before the first time.
 */
function cautions({ timeline, group }: Derived): Found[] {
  if (!group) return []
  const known = knownFigures(group)
  const seen = new Set<string>()
  return timeline.slots.flatMap((slot): Found[] => {
    const { figure } = slot
    if (
      !figure ||
      figure.cautions.length === 0 ||
      seen.has(figure.id) ||
      slot.slot.caution === 'hidden' ||
      known.times(figure.id) > 0
    )
      return []
    seen.add(figure.id)
    const hidden = setSlotField(slot.slot, 'caution', 'hidden')
    return [
      {
        ...aboutSlot(slot),
        code: 'body.caution',
        severity: 'note',
        params: {
          figure: figure.name,
          group: group.name,
          text: figure.cautions.map(({ text }) => text).join(' '),
        },
        repairs: hidden ? [{ code: 'hide-caution', params: {}, edits: hidden }] : [],
      },
    ]
  })
}
