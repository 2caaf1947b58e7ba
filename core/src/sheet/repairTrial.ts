import { CHECKS, type Check, type Derived, type Finding, type Repair } from '../check/index.ts'
import { applyEdits, memoised } from '../document/index.ts'
import { track } from '../floor/index.ts'
import { routineShape, unfold, type Routine, type UnfoldCache } from '../routine/index.ts'
import type { Sheet } from './derive.ts'

/** What is told of the words, not of the dance: a repair of the dance leaves it as it is. */
export const OF_WORDS = /^voice\.|^missing\.wording|^missing\.teach/

/** What is left to put right after a repair, and how far it moves the rest. */
export interface Trial {
  readonly stops: number
  readonly mends: number
  readonly notes: number
  readonly movedTicks: number
}

/** How often each thing that is to be put right is told, by code and subject. */
type Told = ReadonlyMap<string, number>
const keyOf = ({ code, subject }: Pick<Finding, 'code' | 'subject'>): string => `${code} ${subject}`

/**
 * Tries repairs of one finding of a sheet, each derived again. A trial is given up as soon as the
 * finding is still there, or something else is to be put right that was not before.
 */
export function repairTrials(sheet: Sheet, finding: Finding): (repair: Repair) => Trial | null {
  const { known, told, before } = standing(sheet)
  const own = told.findIndex((findings) => findings.some((one) => keyOf(one) === keyOf(finding)))
  // The check that found it comes first: most trials end there.
  const checks = own < 0 ? CHECKS : [CHECKS[own]!, ...CHECKS.toSpliced(own, 1)]
  const lengthsBefore = lengthsOf(sheet.timeline)
  return ({ edits }) => {
    const applied = applyEdits(routineShape, sheet.routine, edits)
    if (!applied.ok) return null
    // What the sheet itself has unfolded stays known to every trial.
    const derived = derivedAs(sheet, applied.value, new Map(known))
    const counts = { stop: 0, mend: 0, note: 0 }
    for (const check of checks) {
      const now = toldBy(check, derived)
      for (const { severity } of now) counts[severity]++
      if (!isBetter(before, tallied(now), finding)) return null
    }
    return {
      stops: counts.stop,
      mends: counts.mend,
      notes: counts.note,
      movedTicks: moved(sheet, lengthsBefore, derived.timeline),
    }
  }
}

/** The sheet as it stands: what it has unfolded, and what each check tells of it. */
const standing = memoised((sheet: Sheet) => {
  const known: UnfoldCache = new Map()
  const derived = derivedAs(sheet, sheet.routine, known)
  const told = CHECKS.map((check) => toldBy(check, derived))
  const before: Told = tallied(told.flat())
  return { known, told, before }
})

function derivedAs(sheet: Sheet, routine: Routine, cache: UnfoldCache): Derived {
  const { book, music } = sheet
  const timeline = unfold(routine, book, { music, cache })
  return {
    ...sheet,
    routine,
    timeline,
    track: routine.places ? track(timeline, routine.places) : null,
    plan: { ...sheet.plan, planned: [], extras: [] },
    isTrial: true,
  }
}

/** What a check tells of the dance, but for what the cuer has overruled. */
const toldBy = (check: Check<Finding>, derived: Derived): Finding[] =>
  check(derived).filter(
    ({ code, subject }) =>
      !OF_WORDS.test(code) &&
      !derived.routine.overrules.some((one) => one.code === code && one.subject === subject),
  )

function tallied(findings: readonly Finding[]): Told {
  const told = new Map<string, number>()
  for (const finding of findings)
    if (finding.severity !== 'note') told.set(keyOf(finding), (told.get(keyOf(finding)) ?? 0) + 1)
  return told
}

/** Nothing is told oftener than before, and the finding itself less often, if it is told at all. */
const isBetter = (before: Told, after: Told, finding: Finding): boolean =>
  [...after].every(
    ([key, count]) => count <= (before.get(key) ?? 0) - (key === keyOf(finding) ? 1 : 0),
  )

type Lengths = ReadonlyMap<string, number>
const lengthsOf = ({ passes }: Sheet['timeline']): Lengths =>
  new Map(passes.map((pass) => [pass.part.id, pass.end - pass.start]))

/** How much longer or shorter parts are, each counted once; one not danced any more is gone whole. */
function moved(sheet: Sheet, before: Lengths, after: Sheet['timeline']): number {
  const now = lengthsOf(after)
  const whole = Math.abs(after.lengthTicks - sheet.timeline.lengthTicks)
  return [...before].reduce(
    (sum, [id, ticks]) => sum + Math.abs((now.get(id) ?? 0) - ticks),
    whole / 1000,
  )
}
