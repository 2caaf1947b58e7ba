import { applyEdits, expectOk } from '../document/index.ts'
import { findingMessage, findingSum } from '../check/index.ts'
import { routineSchema, routineShape } from '../routine/index.ts'
import { PLANTED, SLIPS } from '../testing/slips.ts'
import { demoText, proved, provedSheet } from '../testing/typed.ts'

it('sixty slips are planted', () => expect(PLANTED.length).toBeGreaterThanOrEqual(60))

it.each(Object.keys(SLIPS))('%s is right as it stands', (name) =>
  expect(proved(demoText(name)).findings.map(({ code, at }) => `${code} ${at / 24}`)).toEqual([]),
)

it.each(PLANTED)('in %s, %s is found', (name, _what, from, to, code, beat) => {
  const text = demoText(name)
  const wrong = text.replace(from, to)
  expect(wrong).not.toBe(text)
  const sheet = proved(wrong)
  expect(sheet.findings.map((finding) => `${finding.code} ${finding.at / 24}`)).toContain(
    `${code} ${beat}`,
  )
  const found = sheet.findings.find((finding) => finding.code === code && finding.at / 24 === beat)!
  expect([findingMessage(found), findingSum(found)].join(' ')).not.toMatch(/undefined|NaN|null/)
  // Whatever is offered can be taken, and what is offered first does away with it.
  for (const repair of found.repairs)
    expect(
      routineSchema.safeParse(expectOk(applyEdits(routineShape, sheet.routine, repair.edits))).error
        ?.issues ?? [],
    ).toEqual([])
  const mended = provedSheet(
    expectOk(applyEdits(routineShape, sheet.routine, found.repairs[0]!.edits)),
  )
  expect(
    mended.findings.filter(
      (one) => one.code === code && one.subject === found.subject && one.overruled === null,
    ),
  ).toEqual([])
})
