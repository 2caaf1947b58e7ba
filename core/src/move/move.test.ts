import fc from 'fast-check'
import { expectOk } from '../document/index.ts'
import {
  danceLines,
  firstStanding,
  inPlaces,
  linesText,
  mirroredLines,
  netOf,
  placesText,
  readLines,
  readPlaces,
  spotAt,
  type Line,
  type Standing,
} from './index.ts'

const COUNTS = 16 * 24
const standing = (places: string): Standing => firstStanding(expectOk(readPlaces(places)))
const lines = (text: string): readonly Line[] => expectOk(readLines(text, COUNTS))
const after = (from: Standing, text: string): Standing => danceLines(from, lines(text)).after
const where = ({ dancers }: Standing): string =>
  dancers.map(({ id, x, y }) => `${id} ${x},${y}`).join(' | ')

const PLACES = [
  'longways of 4, whole set',
  'longways of 5, whole set, up',
  'longways of 6, duple improper',
  'longways of 6, duple becket',
  'longways of 7, triple proper',
  'square',
  'facing couples of 8',
  'circle of 8 couples',
  'circle of 9 couples, without F8 F9',
  'ring of 8',
  'ring of 4 couples',
  'ring of 4 couples, partners',
  'trios of 6',
  'trios of 6, facing',
  'lines of 4 by 6',
  'couples of 12 round',
]
const DEEDS = [
  'circle left 1',
  'circle right 1/2',
  'star left 2',
  'single file right 1',
  'petronella 1',
  'petronella left 2',
  'promenade 1',
  'partners: pass',
  'partners: cross',
  'partners: box',
  'partners: roll away left',
  'partners: twirl',
  'follows of heads: chain',
  'partners: turn both 1/2',
  'neighbours: turn right 1 1/2',
  'neighbours: do-si-do left 1/2',
  'partners: wheel right 1/2',
  'neighbours: gate left 1 round twos',
  'partners: swing facing across',
  'corners: swing facing in at leads',
  'heads: right and left through',
  'heads: cross trail',
  'rights and lefts 3',
  'with partners: grand chain 3 left first',
  'leads: hey 1/2',
  'leads: hey 1/2, middle first, left shoulder',
  'hey across 1/2, leads first',
  'arches 2',
  'leads: cast in file',
  'couple 1: cast to the bottom',
  'ones: cast 1',
  'top: cast 1 alone',
  'whole set: shift right 2',
  'leads: on 1',
  'leads: on -2 outside',
  'leads: to outside',
  'poussette 1/2',
  'ones: figure eight 1/2',
  'line across facing up',
  'forward 2',
  'ends but leads: back 1',
  'face next neighbour',
  'turn alone',
  'go l1>r2 r2>l1',
  'partners: hold inside',
  'every other from 2: face out',
  'facing up: balance',
  'in fours ends and middles of left line with opposites: set',
  'turn single left',
] as const

describe('lines', () => {
  it('of every verb are printed and read back the same, alone and side by side', () => {
    for (const deed of DEEDS) {
      const read = lines(deed)
      expect([deed, expectOk(readLines(linesText(read), COUNTS))]).toEqual([deed, read])
    }
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...DEEDS), { minLength: 1, maxLength: 5 }), (deeds) => {
        const read = lines(deeds.join('; '))
        expect(expectOk(readLines(linesText(read), COUNTS))).toEqual(read)
      }),
      { numRuns: 60 },
    )
  })

  it('mirrored twice are the same', () => {
    for (const deed of DEEDS) {
      const read = lines(deed)
      expect([deed, mirroredLines(mirroredLines(read))]).toEqual([deed, read])
    }
  })

  it.each([
    ['leads: wander about', 'move.verb', 7],
    ['1-8 somebody: circle left', 'move.who', 4],
    ['leads: star', 'move.word', 11],
    ['circle left 4 soon', 'move.more', 14],
    ['9-40 circle left 4', 'move.counts', 5],
    ['circle left 4; leads: swing facing home', 'move.word', 35],
  ])('“%s” is refused at its character', (text, code, offset) => {
    const read = readLines(text, COUNTS)
    expect(read.ok ? null : [read.problem.code, read.problem.offset]).toEqual([code, offset])
  })
})

describe('roles by other names', () => {
  it.each([
    ['men: cast in file', 'leads: cast in file'],
    ['Ladies of heads: chain', 'follows of heads: chain'],
    ['gents and row 2: balance', 'leads and row 2: balance'],
    ['Damen: chain', 'follows: chain'],
  ])('%s is %s', (own, told) =>
    expect(expectOk(readLines(own, 192))).toEqual(expectOk(readLines(told, 192))),
  )
})

describe('places', () => {
  it.each(PLACES)('%s is printed and read back the same', (text) => {
    expect(placesText(expectOk(readPlaces(text)))).toBe(text)
  })
  it.each(['longways of 5, duple becket', 'facing couples of 7', 'longways of 4', 'a heap'])(
    '“%s” is refused in a sentence',
    (text) => {
      const read = readPlaces(text)
      expect(read.ok ? text : read.problem.message).toMatch(/expected/)
    },
  )
})

const nearly = (one: number, other: number): boolean => Math.abs(one - other) <= 1
const dances = fc.record({
  places: fc.constantFrom(...PLACES),
  deeds: fc.array(fc.constantFrom(...DEEDS), { minLength: 1, maxLength: 4 }),
})

describe('what lines do', () => {
  it('ways begin and end where they stand, without jumps, and nobody is doubled', () => {
    fc.assert(
      fc.property(dances, ({ places, deeds }) => {
        const first = standing(places)
        const danced = danceLines(first, lines(deeds.join('; ')))
        for (const [i, dancer] of first.dancers.entries()) {
          const begin = spotAt(danced, i, 0)
          const end = spotAt(danced, i, COUNTS)
          const last = danced.after.dancers[i]!
          expect([nearly(begin.x, dancer.x), nearly(begin.y, dancer.y)]).toEqual([true, true])
          expect([nearly(end.x, last.x), nearly(end.y, last.y)]).toEqual([true, true])
          for (let tick = 2; tick <= COUNTS; tick += 2) {
            const [before, now] = [spotAt(danced, i, tick - 0.001), spotAt(danced, i, tick)]
            const jump = Math.hypot(now.x - before.x, now.y - before.y)
            if (jump > 1) throw new Error(`${dancer.id} jumps ${jump} cm at ${tick}`)
          }
        }
        const net = netOf(first, danced.after)
        if (net && first.dancers.length === first.layout.places.length)
          expect([...net].sort((a, b) => a - b)).toEqual(net.map((_, place) => place))
      }),
      { numRuns: 30 },
    )
  })

  it.each([1, 2, 3, 4])('star right %s is circle left as much, and right undoes left', (places) => {
    for (const text of ['longways of 4, whole set', 'longways of 6, duple improper']) {
      const first = standing(text)
      const circled = after(first, `in fours: circle left ${places}`)
      expect(where(after(first, `in fours: star right ${places}`))).toBe(where(circled))
      expect(where(after(circled, `in fours: circle right ${places}`))).toBe(where(first))
    }
  })

  it.each([
    ['square', 'circle left once', 'circle left 1/2; circle left 1/2'],
    ['longways of 4, whole set', 'leads: hey 1', 'leads: hey 1/2; leads: hey 1/2'],
    [
      'longways of 4, whole set',
      'partners: turn right 1',
      'partners: turn right 1/2; partners: turn right 1/2',
    ],
    [
      'square',
      'with partners: grand chain 8',
      'with partners: grand chain 4; with partners: grand chain 4',
    ],
  ])('in %s two halves are a whole: %s', (places, whole, halves) => {
    const first = standing(places)
    expect(where(after(first, halves))).toBe(where(after(first, whole)))
    expect(inPlaces(after(first, halves))).not.toBeNull()
  })
})
