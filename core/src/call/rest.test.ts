import fc from 'fast-check'
import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import type { Sheet } from '../sheet/index.ts'
import type { Tick } from '../time/index.ts'
import { afterPass, begins, phraseTicks, restToEnd } from './rest.ts'
import { restFrom, stretchTicks } from './course.ts'

const sheets = SHEET_NAMES.map((name) => proved(demoText(name))).filter(
  ({ musicEnd, timeline }) =>
    musicEnd !== null && timeline.openFrom === null && timeline.passes.length > 2,
)

/**
 * Every length in which the rest can end when passes are left out, or danced once more, in every
 * legal way.
 */
function everyLength(sheet: Sheet, pass: number, from: number): Set<number> {
  const { passes } = sheet.timeline
  const found = new Set<number>()
  const length = (one: number, first = 0): number =>
    stretchTicks(sheet, { pass: one, from: first, to: passes[one]!.slots.length })
  const seen = new Set<string>()
  const walk = (at: number, ticks: number, again: number): void => {
    if (seen.has(`${at} ${ticks} ${again}`)) return
    seen.add(`${at} ${ticks} ${again}`)
    found.add(ticks)
    const most = passes[at]!.pass.kind === 'fill' ? 16 : 1
    if (again < most && begins(sheet, at, afterPass(sheet, at)))
      walk(at, ticks + length(at), again + 1)
    for (let next = at + 1; next < passes.length; next++)
      if (begins(sheet, next, afterPass(sheet, at))) walk(next, ticks + length(next), 0)
  }
  walk(pass, length(pass, from), 0)
  return found
}

describe('the rest of a dance', () => {
  it('ends with the music within a phrase wherever trying everything finds a way, and the nearest way otherwise', () => {
    let changed = 0
    fc.assert(
      fc.property(
        fc.constantFrom(...sheets),
        fc.nat(),
        fc.integer({ min: -6, max: 6 }),
        (sheet, n, phrases) => {
          const pass = n % sheet.timeline.passes.length
          const near = phraseTicks(sheet)
          const start = sheet.timeline.passes[pass]!.start
          const at = Math.max(0, start + (phrases * near) / 2) as Tick
          const to = sheet.timeline.passes[pass]!.slots.length
          const rest = restToEnd(sheet, { pass, from: 0, to, at })
          const overs = [...everyLength(sheet, pass, 0)].map(
            (ticks) => ticks - (sheet.musicEnd! - at),
          )
          const nearest = Math.min(...overs.map(Math.abs))
          const over = Math.abs(rest.overTicks!)
          if (nearest <= near) expect(over).toBeLessThanOrEqual(near)
          else
            expect(over).toBeLessThanOrEqual(
              Math.max(
                nearest,
                Math.abs(
                  restFrom(sheet, pass, 0).reduce((sum, one) => sum + stretchTicks(sheet, one), 0) -
                    (sheet.musicEnd! - at),
                ),
              ),
            )
          // What it says is what it does.
          expect(
            rest.stretches.reduce((sum, one) => sum + stretchTicks(sheet, one), 0) -
              (sheet.musicEnd! - at),
          ).toBe(rest.overTicks)
          rest.stretches
            .slice(1)
            .forEach((one, i) =>
              expect(
                begins(sheet, one.pass, afterPass(sheet, rest.stretches[i]!.pass)) ||
                  one.pass === rest.stretches[i]!.pass + 1,
              ).toBe(true),
            )
          if (rest.dropped.length + rest.repeated.length > 0) changed++
        },
      ),
      { numRuns: 200 },
    )
    expect(changed).toBeGreaterThan(40)
  })

  it('is as it is written where it ends with the music already', () => {
    for (const sheet of sheets) {
      const rest = restToEnd(sheet, {
        pass: 1,
        from: 0,
        to: sheet.timeline.passes[1]!.slots.length,
        at: sheet.timeline.passes[1]!.start,
      })
      if (Math.abs(sheet.timeline.lengthTicks - sheet.musicEnd!) <= phraseTicks(sheet))
        expect([rest.dropped, rest.repeated]).toEqual([[], []])
    }
  })
})
