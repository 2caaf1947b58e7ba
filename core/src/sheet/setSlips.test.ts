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
const BECKET: Dance = {
  places: 'longways of 6, duple becket',
  order: 'A x3 | progress',
  lines: ['circle left 4', 'star right 4', 'circle right 4', 'whole set: shift left 1'],
}
const TRIPLE: Dance = {
  places: 'longways of 6, triple proper',
  order: 'A x2 | progress',
  lines: ['ones: lead down 2; ones: lead up 2', 'in sixes: circle left 6', 'ones: cast 1'],
}
const PROPER: Dance = {
  places: 'longways of 6, duple proper',
  order: 'A x2 | progress',
  lines: ['star right 4', 'star left 4', 'circle left 4', 'ones: cast 1'],
}
const FACING: Dance = {
  places: 'facing couples of 8',
  order: 'A x2 | progress',
  lines: ['neighbours: turn right', 'neighbours: pass'],
}
const MIXER: Dance = {
  places: 'circle of 8 couples',
  order: 'A x2',
  lines: ['partners: do-si-do', 'partners: turn right', 'leads: on 1'],
}
const THREE: Dance = {
  places: 'longways of 3, whole set',
  order: 'A x3 | progress',
  lines: ['leads: hey 1', 'couple 1: cast to the bottom'],
}
const HALVES: Dance = {
  places: 'square',
  order: 'A',
  lines: [
    'circle left 8',
    'heads: right and left through',
    'heads: right and left through',
    'corners: do-si-do',
    'leads: star left 4',
  ],
}
const ACROSS: Dance = {
  places: 'longways of 4, whole set',
  order: 'A',
  lines: ['opposites: cross', 'opposites: cross', 'in fours: circle left 4', 'opposites: do-si-do'],
}
const danced = ({ places, order, lines }: Dance): Sheet =>
  proved(
    `${SET_HEAD}places: ${places}\npart A\n${lines.map((line, i) => `  "figure ${i}" = 8 | moves ${line}`).join('\n')}\norder\n  ${order}\n`,
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
  [BECKET, 0, 'circle left 3', 'set.progress', 32, true],
  [BECKET, 1, 'star right 2', 'set.progress', 32, true],
  [BECKET, 3, 'whole set: shift left 2', 'set.progress', 32, true],
  [BECKET, 3, 'whole set: shift right 1', 'set.progress', 32, true],
  [TRIPLE, 1, 'in sixes: circle left 4', 'set.no-place', 16, false],
  [TRIPLE, 2, 'ones: cast 2', 'set.progress', 24, true],
  [TRIPLE, 2, 'ones: cast 1 alone', 'set.two-in-one', 16, true],
  [TRIPLE, 2, 'threes: cast 1', 'set.no-place', 16, true],
  [TRIPLE, 0, 'ones: lead down 2; ones: lead up 1', 'set.two-in-one', 16, false],
  [PROPER, 3, 'ones: cast 1 alone', 'set.two-in-one', 24, true],
  [PROPER, 3, 'twos: cast 1', 'set.no-place', 24, true],
  [PROPER, 0, 'star right 3', 'set.no-place', 24, true],
  [PROPER, 1, 'star left 2', 'set.no-place', 24, true],
  [PROPER, 3, 'ones: cast 2', 'set.no-place', 24, true],
  [PROPER, 3, 'threes: cast 1', 'set.nobody', 24, true],
  [FACING, 1, 'partners: pass', 'set.facing-away', 8, true],
  [MIXER, 2, 'leads: to outside', 'set.two-in-one', 16, false],
  [THREE, 1, 'couple 1: cast 1', 'set.not-home', 48, false],
  [THREE, 1, 'couple 1: cast to the bottom alone', 'set.two-in-one', 8, true],
  [THREE, 0, 'leads: hey 1/2', 'set.not-home', 48, true],
  [THREE, 0, 'leads: hey 1/4', 'set.amount', 0, true],
  [HALVES, 0, 'circle left 6', 'set.not-home', 40, true],
  [HALVES, 3, 'corners: do-si-do 1/2', 'set.not-home', 40, true],
  [HALVES, 4, 'leads: star left 3', 'set.not-home', 40, true],
  [HALVES, 1, 'sides: right and left through', 'set.not-home', 40, false],
  [HALVES, 4, 'leads of heads: star left 2', 'set.number', 32, false],
  [ACROSS, 0, 'opposites: do-si-do', 'set.not-home', 32, false],
  [ACROSS, 2, 'in fours: circle left 3', 'set.not-home', 32, true],
  [ACROSS, 2, 'in fours: circle left 2', 'set.not-home', 32, true],
  [ACROSS, 2, 'in sixes: circle left 4', 'set.not-home', 32, true],
  [ACROSS, 3, 'opposites: cross', 'set.not-home', 32, true],
  [HALVES, 0, 'circle right 7', 'set.not-home', 40, false],
  [ACROSS, 1, 'couples 1 2 with opposites: cross', 'set.not-home', 32, false],
]

describe('slips in a set', () => {
  it.each([
    ['longways in twos', DUPLE],
    ['a whole set', WHOLE],
    ['a square', SQUARE],
    ['couples along the lines', BECKET],
    ['longways in threes', TRIPLE],
    ['a proper set', PROPER],
    ['couples facing couples', FACING],
    ['a mixer', MIXER],
    ['a set of three', THREE],
    ['another square', HALVES],
    ['lines across', ACROSS],
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

describe('what is worth a word', () => {
  const noted = (places: string, moves: string, order = 'A') =>
    proved(
      `${SET_HEAD}places: ${places}\npart A\n  "figure" = 8 | moves ${moves}\norder\n  ${order}\n`,
    ).findings.filter(({ code }) => code === 'set.side' || code === 'set.neighbour')
  const W = 'longways of 4, whole set'

  it('is that two of different lines pass by the left, and nothing says so', () => {
    const inside = '1-8 couple 1: slip down 1 inside; 1-8 couple 2: slip up 1'
    expect(noted(W, inside).map(({ severity, params }) => ({ severity, params }))).toEqual([
      {
        severity: 'note',
        params: { figure: 'figure', dancer: 'F1', otherDancer: 'F2', centimetres: 50 },
      },
    ])
    expect(noted(W, '1-8 opposites: cross left')).toEqual([])
  })

  it('is nothing where few dance, and one meets the same again for want of others', () => {
    const pass = 'neighbours: pass'
    for (const couples of [4, 8])
      expect(noted(`facing couples of ${couples}`, pass, 'A x6 | progress')).toEqual([])
  })
})
