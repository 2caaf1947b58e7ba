import { applyEdits, expectOk, memoised } from '../document/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { sheetText } from '../file/index.ts'
import { routineShape, type Routine } from '../routine/index.ts'
import { plantsIn, type Plant } from '../testing/planting.ts'
import { SOUND_SHEETS } from '../testing/soundSheets.ts'
import { proved, provedSheet, readTyped } from '../testing/typed.ts'
import type { Sheet } from './derive.ts'
import { searchRepairs } from './repairSearch.ts'

/** What is danced, said and stood in: two sheets that are the same to a floor have the same. */
const danced = memoised(({ timeline, plan }: Sheet): string =>
  JSON.stringify([
    timeline.slots.map((slot) => [
      slot.danced?.steps,
      slot.lengthTicks,
      slot.before,
      slot.troubles.length,
    ]),
    plan.planned.map(({ said }) => said?.wording.text),
  ]),
)
/** Where it is only the side that a line no longer says, and all is danced as before, none is wrong. */
const steps = ({ timeline }: Sheet): string =>
  JSON.stringify(timeline.slots.map((slot) => [slot.danced?.steps, slot.before]))
const wrongIn = ({ findings }: Sheet) =>
  findings.filter(({ severity, overruled }) => severity !== 'note' && overruled === null)

interface Outcome extends Plant {
  readonly code: string | null
  /** Where among the repairs the sound sheet is; below 0 where it is not. */
  readonly place: number
}

function outcomeOf(plant: Plant, sound: Sheet): Outcome | null {
  const read = readTyped(plant.text)
  // What cannot be read is told at its line.
  if (!read.ok) return { ...plant, code: read.problem.code, place: 0 }
  const sheet = proved(plant.text)
  const [finding] = wrongIn(sheet)
  // Walked on the other foot or circled the other way, a set is danced as soundly as before.
  if (danced(sheet) === danced(sound)) return null
  if (plant.kind === 'mirrored by mistake' && steps(sheet) === steps(sound)) return null
  if (!finding) return { ...plant, code: null, place: -1 }
  const text = (routine: Routine): string => sheetText(routine, SHIPPED_FIGURES)
  const repairs = searchRepairs(sheet, finding).filter(({ code }) => code !== 'accept')
  const place = repairs.findIndex(({ edits }) => {
    const mended = expectOk(applyEdits(routineShape, sheet.routine, edits))
    return (
      text(mended) === text(sound.routine) ||
      danced(provedSheet(mended, null, read.value.figures)) === danced(sound)
    )
  })
  return { ...plant, code: finding.code, place }
}

/** Every third slip of those that could be planted; another third for the count that is kept apart. */
const outcomes = (third: number): Outcome[] =>
  Object.entries(SOUND_SHEETS).flatMap(([name, text], i) => {
    const sound = proved(text)
    return plantsIn(name, text)
      .filter((_, j) => (i + j) % 3 === third)
      .flatMap((plant) => outcomeOf(plant, sound) ?? [])
  })

function table(all: readonly Outcome[]): string {
  const kinds = [...new Set(all.map(({ kind }) => kind))].sort()
  const row = (name: string, list: readonly Outcome[]): string =>
    `${name.padEnd(32)} ${[
      list.length,
      list.filter(({ code }) => code !== null).length,
      list.filter(({ place }) => place === 0).length,
      list.filter(({ place }) => place >= 0 && place < 3).length,
    ]
      .map((n) => String(n).padStart(6))
      .join('')}`
  return [
    `${'kind of slip'.padEnd(32)}  slips found first three`,
    ...kinds.map((kind) =>
      row(
        kind,
        all.filter((one) => one.kind === kind),
      ),
    ),
    row('all', all),
  ].join('\n')
}

describe('slips planted in sheets of every kind', () => {
  const all = outcomes(0)
  const share = (of: (one: Outcome) => boolean): number => all.filter(of).length / all.length
  it('are found, and the first repair is the sound sheet in most', () => {
    process.stdout.write(`${table(all)}\n`)
    expect(all.length).toBeGreaterThanOrEqual(150)
    expect(share(({ code }) => code !== null)).toBeGreaterThanOrEqual(0.93)
    expect(share(({ place }) => place === 0)).toBeGreaterThanOrEqual(0.7)
    expect(share(({ place }) => place >= 0 && place < 3)).toBeGreaterThanOrEqual(0.85)
  })
})
