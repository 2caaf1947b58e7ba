import { CHECKS, type Derived, type Finding, type Repair } from '../check/index.ts'
import { applyEdits } from '../document/index.ts'
import { mirroredWords } from '../figure/index.ts'
import { routineShape, unfold, type Routine, type UnfoldCache } from '../routine/index.ts'
import { repairCandidates } from './repairCandidates.ts'
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

/** What is told of the words, not of the dance: a repair of the dance leaves it as it is. */
const OF_WORDS = /^voice\.|^missing\.wording|^missing\.teach/

/**
 * The repairs of a finding, best first: those that it has of itself and every single edit of the
 * kinds cuers make near it, each tried and derived again. Only those stay that take the finding
 * away and add nothing that is to be put right; they are ranked by what they leave, by the counts
 * they move, and by their size.
 *
 * @param most At most so many are given.
 */
export function searchRepairs(sheet: Sheet, finding: Finding, most = 5): readonly Repair[] {
  if (OF_WORDS.test(finding.code)) return finding.repairs
  const cache: UnfoldCache = new Map()
  const before = tallied(toldOf(sheet, sheet.routine, cache)!)
  const accepts = finding.repairs.filter(({ code }) => code === 'accept')
  const tried = [...finding.repairs, ...repairCandidates(sheet, finding)].flatMap(
    (repair): TriedRepair[] => {
      if (repair.code === 'accept') return []
      const after = outcome(sheet, repair, cache)
      return after && helps(before, after.tally, finding)
        ? [
            {
              repair,
              ...after.tally.counts,
              hides: hides(repair, finding),
              // What has no length yet moves all behind it, whatever it is.
              movedTicks: isUnknown(finding) ? 0 : after.movedTicks,
              rarity: rare(repair, sheet, finding),
            },
          ]
        : []
    },
  )
  const best = onceEach(tried.sort(byWorth).map(({ repair }) => repair))
  return [...best.slice(0, most), ...accepts]
}

/** What reads alike is offered once. */
function onceEach(repairs: readonly Repair[]): Repair[] {
  const told = repairs.map(({ code, params }) => JSON.stringify([code, params]))
  return repairs.filter((_, i) => told.indexOf(told[i]!) === i)
}

function byWorth(a: TriedRepair, b: TriedRepair): number {
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
const OF_ORDER = /^sums\.(?:music|tie|fill)|^missing\.(?:told|part|pass|section)|^set\./
/** What is not known yet is not settled by taking it out, or by saying how long it is. */
const OF_UNKNOWN: ReadonlySet<Repair['code']> = new Set(['take-out', 'set-length'])
const hides = ({ code }: Repair, finding: Finding): number =>
  HIDING.has(code) ||
  (code === 'drop-pass' && !OF_ORDER.test(finding.code)) ||
  (OF_UNKNOWN.has(code) && isUnknown(finding))
    ? 1
    : 0
const isUnknown = ({ code }: Finding): boolean =>
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
  'move-later': 3,
  'move-earlier': 3,
}
const USUALLY = 4
/** Whether a figure that was mirrored is so no longer. */
const unmirrors = ({ edits }: Repair): boolean =>
  edits.every(
    (edit) =>
      edit.type === 'set' &&
      (edit.to as { variation?: { reflected?: boolean } } | null)?.variation?.reflected === false,
  )
function rare(repair: Repair, { routine }: Sheet, finding: Finding): number {
  // A name that nothing answers to is a name spelt wrong: the likest first, as they come.
  if (repair.code === 'replace' && isUnknown(finding)) return -1
  // A hold that the sheet ends in nowhere else is less likely meant than the figure’s own.
  if (repair.code === 'end-in' && !endsIn(routine, repair.params.hold)) return 2
  // What is mirrored in so many words is danced as it is written again.
  if (repair.code === 'mirror' && unmirrors(repair)) return -1.5
  // “Vine left” for “vine right” is a slip of a side as much as a figure mirrored.
  const isOtherSide =
    repair.code === 'replace' && mirroredWords(repair.params.old, 'en') === repair.params.figure
  if (isOtherSide) return -1
  // What is danced once already is seldom meant to be danced twice in a row.
  if (repair.code === 'pass-often' && repair.params.times === 2) return 1.5
  return RARE[repair.code] ?? USUALLY
}

/** Whether some figure of the routine is told to end in a hold. */
const endsIn = ({ parts }: Routine, hold: string): boolean =>
  parts.some(({ slots }) =>
    slots.some(({ content }) => content.type === 'figure' && content.variation.exitHold === hold),
  )

interface Tally {
  readonly counts: Pick<TriedRepair, 'stops' | 'mends' | 'notes'>
  /** What is to be put right, by code and subject, with how often. */
  readonly told: ReadonlyMap<string, number>
}
const keyOf = ({ code, subject }: Pick<Finding, 'code' | 'subject'>): string => `${code} ${subject}`

function tallied(findings: readonly Finding[]): Tally {
  const told = new Map<string, number>()
  const counts = { stops: 0, mends: 0, notes: 0 }
  for (const finding of findings) {
    if (finding.severity === 'note') {
      counts.notes++
      continue
    }
    counts[finding.severity === 'stop' ? 'stops' : 'mends']++
    told.set(keyOf(finding), (told.get(keyOf(finding)) ?? 0) + 1)
  }
  return { counts, told }
}

/** It takes the finding away, or some of it, and adds nothing else that is to be put right. */
function helps(before: Tally, after: Tally, finding: Finding): boolean {
  const key = keyOf(finding)
  if ((after.told.get(key) ?? 0) >= (before.told.get(key) ?? 1)) return false
  return [...after.told].every(([one, count]) => count <= (before.told.get(one) ?? 0))
}

function outcome(
  sheet: Sheet,
  { edits }: Repair,
  cache: UnfoldCache,
): { readonly tally: Tally; readonly movedTicks: number } | null {
  const applied = applyEdits(routineShape, sheet.routine, edits)
  if (!applied.ok) return null
  const timeline = unfoldAs(sheet, applied.value, cache)
  const findings = toldOf(sheet, applied.value, cache)
  return findings && { tally: tallied(findings), movedTicks: moved(sheet, timeline) }
}

const unfoldAs = ({ book, music }: Sheet, routine: Routine, cache: UnfoldCache) =>
  unfold(routine, book, { music, cache })

/** What is told of the dance of a routine, on the music and with all else that the sheet has. */
function toldOf(sheet: Sheet, routine: Routine, cache: UnfoldCache): readonly Finding[] | null {
  const timeline = unfoldAs(sheet, routine, cache)
  const derived: Derived = {
    ...sheet,
    routine,
    timeline,
    plan: { ...sheet.plan, planned: [], extras: [] },
  }
  return CHECKS.flatMap((check) => check(derived)).filter(
    ({ code, subject }) =>
      !OF_WORDS.test(code) &&
      !routine.overrules.some((one) => one.code === code && one.subject === subject),
  )
}

/** How much longer or shorter parts are, each counted once. */
function moved(sheet: Sheet, after: Sheet['timeline']): number {
  const lengths = ({ passes }: Sheet['timeline']): Map<string, number> =>
    new Map(passes.map((pass) => [pass.part.id, pass.end - pass.start]))
  const [old, now] = [lengths(sheet.timeline), lengths(after)]
  const whole = Math.abs(after.lengthTicks - sheet.timeline.lengthTicks)
  return [...old].reduce(
    // A part that is not danced any more is gone whole.
    (sum, [id, ticks]) => sum + Math.abs((now.get(id) ?? 0) - ticks),
    whole / 1000,
  )
}
