import { repairLabel } from '../check/index.ts'
import { applyEdits, expectOk } from '../document/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { sheetText } from '../file/index.ts'
import { routineSchema, routineShape, type Routine } from '../routine/index.ts'
import { PLANTED } from '../testing/slips.ts'
import { demoText, proved, provedSheet } from '../testing/typed.ts'
import type { Sheet } from './derive.ts'
import { searchRepairs } from './repairSearch.ts'

/** Slips that are about the dance: words are repaired by saying something else. */
const OF_WORDS = /^voice|^missing|^body|said|versions|addition|contradiction/
/** What a cuer reads of a routine: ids are new in each. */
const read = (routine: Routine): string => sheetText(routine, SHIPPED_FIGURES)

/** The slips of the demo with what is offered for each, and where among it the sound sheet is. */
const TRIED = PLANTED.flatMap(([name, what, from, to, code, beat]) => {
  const sound = proved(demoText(name)).routine
  const sheet = proved(demoText(name).replace(from, to))
  const finding = sheet.findings.find((one) => one.code === code && one.at === beat * 24)
  if (!finding || OF_WORDS.test(code)) return []
  const repairs = searchRepairs(sheet, finding)
  const mended = repairs.map(({ edits }) =>
    expectOk(applyEdits(routineShape, sheet.routine, edits)),
  )
  const place = mended.findIndex((routine) => read(routine) === read(sound))
  return [{ name, what, sheet, finding, repairs, mended, place }]
})
const wrongIn = (sheet: Sheet): string[] =>
  sheet.findings
    .filter(({ severity, overruled }) => severity !== 'note' && overruled === null)
    .map(({ code, subject }) => `${code} ${subject}`)

describe('repairs that are searched', () => {
  it('give back the sound sheet first in most slips', () => {
    const first = TRIED.filter(({ place }) => place === 0).length
    expect(TRIED.length).toBeGreaterThanOrEqual(35)
    expect(first / TRIED.length).toBeGreaterThanOrEqual(0.55)
  })
  it.each(TRIED.map((one) => [`${one.name}: ${one.what}`, one] as const))(
    '%s: none adds anything that is to be put right',
    (_, { sheet, finding, repairs, mended }) => {
      const before = wrongIn(sheet)
      repairs.forEach((repair, i) => {
        if (repair.code === 'accept') return
        const routine = mended[i]!
        expect(routineSchema.safeParse(routine).error?.issues ?? []).toEqual([])
        const danced = /^voice\.|^missing\.wording|^missing\.teach/
        const after = wrongIn(provedSheet(routine, sheet.tune)).filter((one) => !danced.test(one))
        expect(after.filter((one) => !before.includes(one))).toEqual([])
        expect(after.length).toBeLessThan(before.length + 1)
        expect(repairLabel(repair)).not.toMatch(/undefined|NaN|\[object/)
      })
      expect(repairs.filter(({ code }) => code !== 'accept').length).toBeLessThanOrEqual(5)
      expect(finding.code).toBeTruthy()
    },
  )
  it('change only this time through where the part is right elsewhere', () => {
    const sheet = proved(
      `dance: mixer\nschool: ring\nunit: words\nstart: two hands; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Heel and toe\n  Heel and toe (mirrored)\npart B\n  Star to the right hand (to two hands)\norder\n  A\n  A\n  B\n  A\n  A\n`,
    )
    const finding = sheet.findings.find(({ code }) => code === 'hold.mismatch')!
    const [first] = searchRepairs(sheet, finding)
    expect(repairLabel(first!)).toBe('End Heel and toe in star, only this time')
    const mended = provedSheet(expectOk(applyEdits(routineShape, sheet.routine, first!.edits)))
    expect(wrongIn(mended)).toEqual([])
    expect(mended.routine.passes.map(({ changes }) => changes.length)).toEqual([0, 1, 0, 0, 0])
  })
  it('of words are those that the finding has', () => {
    const sheet = proved(
      demoText('combing-the-teasels').replace(
        '  New yorker',
        '  "no figure of the book" = 4\n  New yorker',
      ),
    )
    for (const finding of sheet.findings.filter(({ code }) => code.startsWith('voice.')))
      expect(searchRepairs(sheet, finding)).toEqual(finding.repairs)
  })
})
