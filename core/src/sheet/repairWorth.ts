import type { Finding, Repair } from '../check/index.ts'
import { memoised } from '../document/index.ts'
import { mirroredWords } from '../figure/index.ts'
import type { Routine } from '../routine/index.ts'
import type { Sheet } from './derive.ts'

/** A repair that was tried: what it leaves of what is to be put right, and how much it changes. */
export interface TriedRepair {
  readonly repair: Repair
  readonly stops: number
  readonly mends: number
  readonly notes: number
  /** How seldom a slip is of the kind that it takes back; least first. */
  readonly rarity: number
  /** 1 where it only hides what is wrong. */
  readonly hides: number
  /** Ticks by which times through parts are longer or shorter for it, all together. */
  readonly movedTicks: number
}

/** The better of two repairs first. */
export function byWorth(a: TriedRepair, b: TriedRepair): number {
  return (
    a.stops - b.stops ||
    a.mends - b.mends ||
    a.hides - b.hides ||
    a.movedTicks - b.movedTicks ||
    a.rarity - b.rarity ||
    a.notes - b.notes ||
    a.repair.edits.length - b.repair.edits.length
  )
}

/**
 * Open counts, a wait and letting a tie go only hide what is wrong: they come last. So does leaving
 * out a time through, unless it is the order that is wrong.
 */
const HIDING: ReadonlySet<Repair['code']> = new Set([
  'add-open',
  'add-wait',
  'untie',
  'drop-slot',
  'tell-as-danced',
])
const OF_ORDER = /^sums\.(?:music|tie|fill)|^missing\.(?:told|part|pass|section)|^set\.partner/
/** What is not known yet is not settled by taking it out, or by saying how long it is. */
const OF_UNKNOWN: ReadonlySet<Repair['code']> = new Set(['take-out', 'set-length'])
/** Whether a repair takes a finding away without putting anything right. */
export const hides = ({ code }: Repair, finding: Finding): number =>
  HIDING.has(code) ||
  (code === 'drop-pass' && !OF_ORDER.test(finding.code)) ||
  (OF_UNKNOWN.has(code) && isUnknown(finding))
    ? 1
    : 0
/** Whether nobody knows yet what is danced, or how long it is. */
export const isUnknown = ({ code }: Finding): boolean =>
  code === 'missing.unknown' || code === 'missing.length' || code === 'missing.figure'

/**
 * How rarely a slip is of the kind that a repair takes back: a side, an amount, a time too many or
 * too few are easily written wrong; another figure is seldom meant.
 */
const RARE: Readonly<Partial<Record<Repair['code'], number>>> = {
  // Where words and deeds differ the words are the likelier slip.
  'say-instead': -2,
  'book-words': -1.5,
  'no-remark': -1,
  mirror: 0,
  'change-line': -0.5,
  'own-turn': 0,
  'other-turn': 0,
  'whole-figure': 0,
  'pass-often': 0,
  'not-rotated': 0,
  'other-start': 0,
  'only-once': 0,
  'add-before': 1,
  'add-after': 1,
  'add-pass': 1,
  'pass-after': 1,
  'end-in': 1,
  'own-exit': 1.5,
  'other-ending': 1,
  'so-often': 1,
  'half-last': 2,
  'reflect-rest': 2,
  'mirror-pass': 2,
  'take-out': 2,
  'once-more': 2,
  'mirror-here': 2.5,
  'end-in-here': 2.5,
  'half-here': 2.5,
  'leave-out-here': 3,
  'move-later': 3,
  'move-earlier': 3,
}
const USUALLY = 4
const OF_SIDES: ReadonlySet<Repair['code']> = new Set(['mirror', 'other-start'])
/** Whether a figure that was mirrored is so no longer. */
const unmirrors = ({ edits }: Repair): boolean =>
  edits.every(
    (edit) =>
      edit.type === 'set' &&
      (edit.to as { variation?: { reflected?: boolean } } | null)?.variation?.reflected === false,
  )
export function rarity(repair: Repair, { routine }: Sheet, finding: Finding): number {
  // A name that nothing answers to is a name spelt wrong: the likest first, as they come.
  if (repair.code === 'replace' && isUnknown(finding)) return -1
  // A hold that the sheet ends in nowhere else is less likely meant than the figure’s own.
  if (repair.code === 'end-in' && !endsIn(routine, repair.params.hold)) return 2
  // What is mirrored in so many words is danced as it is written again.
  if (repair.code === 'mirror' && unmirrors(repair)) return -1.5
  // Which hands are given is seldom a matter of sides.
  if (finding.code === 'hold.mismatch') {
    if (OF_SIDES.has(repair.code)) return 2.5
    // How the one before ends matters, not one farther off.
    if (repair.code === 'own-exit' && repair.params.figure !== finding.params.previous) return 3
  }
  // “Vine left” for “vine right” is a slip of a side as much as a figure mirrored.
  const isOtherSide =
    repair.code === 'replace' && mirroredWords(repair.params.old, 'en') === repair.params.figure
  if (isOtherSide) return -1
  // What is danced once already is seldom meant to be danced twice in a row.
  if (repair.code === 'pass-often' && repair.params.times === 2) return 1.5
  // A sheet that writes the other side out has it so where a figure was left out, too.
  if (repair.code === 'so-often' && mirrors(routine)) return 1.5
  if (repair.code === 'change-line')
    return (
      RARE[repair.code]! +
      wholeness(repair.params.line, routine) -
      wholeness(repair.params.instead, routine)
    )
  return RARE[repair.code] ?? USUALLY
}

/** Ways that are most often danced all the way round: by so many places, or once. */
const ALL_ROUND =
  /\b(?:star (?:left|right) (?:4|8)|promenade(?: 4)?|(?:hey|do-si-do|turn (?:left|right))(?: 1)?)$/
const CIRCLE_ROUND = /\bcircle (?:left|right) (?:4|8)$/
/** Half a step more where a line is danced all the way round: what falls short of it is the slip. */
function wholeness(line: string, { places }: Routine): number {
  // Improper sets circle three places as often as four.
  const isImproper = places?.shape === 'longways' && places.stand === 'improper'
  return ALL_ROUND.test(line) || (!isImproper && CIRCLE_ROUND.test(line)) ? 0.5 : 0
}

/** Whether some figure of the routine is told to end in a hold. */
const endsIn = ({ parts }: Routine, hold: string): boolean =>
  parts.some(({ slots }) =>
    slots.some(({ content }) => content.type === 'figure' && content.variation.exitHold === hold),
  )

/** Whether a routine has a figure mirrored. */
const mirrors = memoised(({ parts }: Routine): boolean =>
  parts.some(({ slots }) =>
    slots.some(({ content }) => content.type === 'figure' && content.variation.reflected),
  ),
)
