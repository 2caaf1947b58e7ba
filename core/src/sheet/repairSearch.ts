import type { Finding, Repair } from '../check/index.ts'
import type { Sheet } from './derive.ts'
import { isOfPlaces } from './lineCandidates.ts'
import { repairCandidates } from './repairCandidates.ts'
import { OF_WORDS, repairTrials } from './repairTrial.ts'
import { byWorth, hides, isUnknown, rarity, type TriedRepair } from './repairWorth.ts'

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
  const tryOne = repairTrials(sheet, finding)
  const accepts = finding.repairs.filter(({ code }) => code === 'accept')
  // A time through left out takes away whatever is wrong in it, and puts nothing right.
  const candidates = repairCandidates(sheet, finding).filter(
    ({ code }) => code !== 'drop-pass' || !isOfPlaces(finding),
  )
  const tried = [...finding.repairs, ...candidates].flatMap((repair): TriedRepair[] => {
    const trial = repair.code === 'accept' ? null : tryOne(repair)
    if (!trial) return []
    return [
      {
        ...trial,
        repair,
        hides: hides(repair, finding),
        // What has no length yet moves all behind it, whatever it is.
        movedTicks: isUnknown(finding) ? 0 : trial.movedTicks,
        rarity: rarity(repair, sheet, finding),
      },
    ]
  })
  const best = onceEach(tried.sort(byWorth).map(({ repair }) => repair))
  return [...best.slice(0, most), ...accepts]
}

const ADDED: ReadonlySet<Repair['code']> = new Set(['add-before', 'add-after', 'add-figure'])

/** What reads alike is offered once; a figure that may be missing at its likeliest place alone. */
function onceEach(repairs: readonly Repair[]): Repair[] {
  const told = repairs.map(({ code, params }) =>
    ADDED.has(code)
      ? `add ${(params as { figure: string }).figure}`
      : JSON.stringify([code, params]),
  )
  return repairs.filter((_, i) => told.indexOf(told[i]!) === i)
}
