import { applyEdits, expectOk } from '../document/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { sheetText } from '../file/index.ts'
import { routineShape } from '../routine/index.ts'
import { proved, SET_HEAD } from '../testing/typed.ts'
import type { Sheet } from './derive.ts'
import { searchRepairs } from './repairSearch.ts'

interface Dance {
  readonly places: string
  readonly order: string
  readonly lines: readonly string[]
}
const DUPLE: Dance = {
  places: 'longways of 4, duple improper',
  order: 'A x2 | progress',
  lines: [
    'neighbours: swing facing across',
    'circle left 3',
    'partners: swing facing across',
    'follows: chain',
    'follows: chain',
    'circle left 3',
    'neighbours: pass',
  ],
}
const WHOLE: Dance = {
  places: 'longways of 4, whole set',
  order: 'A',
  lines: [
    'leads: cast in file',
    'follows: cast in file',
    'leads: cast in file',
    'follows: cast in file',
    'leads: hey 1',
    'in fours: star right 4',
  ],
}
const SQUARE: Dance = {
  places: 'square',
  order: 'A',
  lines: [
    'heads: right and left through',
    'sides: right and left through',
    'promenade 2',
    'corners: do-si-do',
    'follows: star right 4',
  ],
}
const danced = ({ places, order, lines }: Dance): Sheet =>
  proved(
    `${SET_HEAD}places: ${places}\npart A\n${lines.map((line, i) => `  "figure ${i}" = 8 | moves 1-8 ${line}`).join('\n')}\norder\n  ${order}\n`,
  )
const told = ({ findings }: Sheet) =>
  findings.filter(({ code, severity }) => code.startsWith('set.') && severity !== 'note')

/** Where it is found, in counts, and whether the first repair can only be the line as it was. */
const SLIPS: readonly (readonly [Dance, number, string, string, number, boolean])[] = [
  [DUPLE, 1, 'circle left 2', 'set.facing', 16, true],
  [DUPLE, 1, 'circle right 3', 'set.progress', 56, false],
  [DUPLE, 5, 'circle left 4', 'set.progress', 56, true],
  [DUPLE, 3, 'leads: chain', 'set.progress', 56, false],
  [DUPLE, 0, 'partners: swing facing across', 'set.facing', 0, true],
  [DUPLE, 2, 'neighbours: swing facing across', 'set.facing', 16, true],
  [DUPLE, 6, 'partners: pass', 'set.progress', 56, true],
  [DUPLE, 1, 'circle left 1/2', 'set.facing', 16, false],
  [DUPLE, 6, 'neighbours: do-si-do', 'set.facing-away', 56, false],
  [WHOLE, 0, 'follows: cast in file', 'set.not-home', 48, false],
  [WHOLE, 4, 'leads: hey 1/2', 'set.not-home', 48, true],
  [WHOLE, 4, 'leads: hey 1/4', 'set.not-home', 48, true],
  [WHOLE, 5, 'in fours: star right 3', 'set.not-home', 48, true],
  [WHOLE, 5, 'in fours: star right 2', 'set.not-home', 48, true],
  [WHOLE, 3, 'leads: cast in file', 'set.not-home', 48, true],
  [SQUARE, 0, 'sides: right and left through', 'set.not-home', 40, false],
  [SQUARE, 2, 'promenade 1', 'set.not-home', 40, true],
  [SQUARE, 4, 'follows: star right 3', 'set.not-home', 40, true],
  [SQUARE, 3, 'corners: do-si-do 1/2', 'set.not-home', 40, true],
]

describe('slips in a set', () => {
  it.each([
    ['longways in twos', DUPLE],
    ['a whole set', WHOLE],
    ['a square', SQUARE],
  ])('are none in %s as it is meant', (_, dance) => {
    expect(told(danced(dance))).toEqual([])
  })

  it.each(SLIPS.map((one) => [one[2], `line ${one[1] + 1} of ${one[0].places}`, one] as const))(
    '“%s” as %s is found, and mended by its first repair',
    (_, __, [dance, at, line, code, counts, isOnlyWay]) => {
      const sheet = danced({ ...dance, lines: dance.lines.with(at, line) })
      const finding = told(sheet).find((one) => one.code === code)
      expect(finding && finding.at / 24).toBe(counts)
      const [first] = searchRepairs(sheet, finding!)
      const mended = expectOk(applyEdits(routineShape, sheet.routine, first!.edits))
      const text = sheetText(mended, SHIPPED_FIGURES)
      // Several lines may be the one that is wrong: any that mends it all will do then.
      if (isOnlyWay) expect(text).toBe(sheetText(danced(dance).routine, SHIPPED_FIGURES))
      else expect(told(proved(text))).toEqual([])
    },
  )
})
