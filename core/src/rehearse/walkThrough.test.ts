import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { groupSchema, knownFigures } from '../group/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { walkThrough, type WalkItem } from './walkThrough.ts'

const WEDNESDAY = groupSchema.parse(
  JSON.parse(
    readFileSync(join(__dirname, '../../../demo/groups/wednesdays-in-the-tar-loft.json'), 'utf8'),
  ),
)
const NAMES = ['sluice-gate-two-step', 'pegs-on-a-line', 'reedcutters-line']
const sheets = NAMES.map((name) => proved(demoText(name)))
const told = ({ kind, what, part, minutes, reason }: WalkItem): string =>
  `${minutes.toFixed(2)} ${kind}${what ? ` ${what}` : ''}${part && part !== what ? ` (${part})` : ''}: ${reason}`

describe('a walk-through', () => {
  it.each(NAMES.flatMap((name, i) => [5, 12, 20].map((minutes) => [name, minutes, i] as const)))(
    '%s for the Wednesday group in %i minutes',
    (_, minutes, i) => {
      const plan = walkThrough(sheets[i]!, WEDNESDAY, minutes)
      expect([
        ...plan.items.map(told),
        `in all ${plan.minutes}`,
        ...plan.leftOut.map((one) => `left out: ${told(one)}`),
      ]).toMatchSnapshot()
    },
  )

  it('fits its minutes as far as anything can be left out, and leaves nothing out that fits', () => {
    fc.assert(
      fc.property(fc.constantFrom(...sheets), fc.integer({ min: 1, max: 60 }), (sheet, minutes) => {
        const plan = walkThrough(sheet, WEDNESDAY, minutes)
        const all = plan.items.length + plan.leftOut.length
        if (plan.items.length > 0) expect(plan.minutes).toBeLessThanOrEqual(minutes)
        else expect(plan.leftOut).toHaveLength(all)
        const whole = [...plan.items, ...plan.leftOut].reduce((sum, one) => sum + one.minutes, 0)
        if (whole <= minutes) expect(plan.leftOut).toEqual([])
        for (const one of plan.leftOut) expect(plan.minutes + one.minutes).toBeGreaterThan(minutes)
      }),
    )
  })

  it('needs nothing before it is taught', () => {
    const known = knownFigures(WEDNESDAY)
    for (const sheet of sheets)
      for (const minutes of [5, 12, 20, 60]) {
        const { items, leftOut } = walkThrough(sheet, WEDNESDAY, minutes)
        items.forEach((item, i) => {
          if (item.kind !== 'build') return
          const needs = sheet.timeline.slots.filter(
            ({ key, figure }) =>
              item.slotKeys.includes(key) && figure && known.of(figure) !== 'covered',
          )
          for (const { figure } of needs) {
            const id = `figure ${figure!.id}`
            const taught = items.findIndex((one) => one.id === id)
            const isLeft = leftOut.some((one) => one.id === id)
            expect(isLeft || (taught >= 0 && taught < i)).toBe(true)
          }
        })
      }
  })

  it('takes the minutes that things really took, where they were run before', () => {
    const [sheet] = sheets
    const [first] = walkThrough(sheet!, WEDNESDAY, 60).items
    const again = walkThrough(sheet!, WEDNESDAY, 60, new Map([[first!.id, 7.5]]))
    expect(again.items[0]!.minutes).toBe(7.5)
  })
})
