import { expectOk } from '../document/index.ts'
import {
  boxOf,
  closeCalls,
  driftOf,
  fitsIn,
  meetsOf,
  paceOf,
  passesOf,
  readHall,
  roomFor,
  strideIn,
  wayHome,
  type Track,
} from '../floor/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { answerText, answerWho, Reader, readWho, type PairsWord } from '../move/index.ts'
import EXAMPLES from '../testing/floorExamples.json'
import { SET_FIGURE_NETS } from '../testing/setFigureNets.ts'
import { proved, SET_HEAD } from '../testing/typed.ts'
import type { Sheet } from './derive.ts'

interface Example {
  readonly id: string
  readonly places: string
  readonly counts: number
  readonly moves: string
  readonly times?: number
  readonly progress?: boolean
  readonly ask?: readonly string[]
  readonly answer: Readonly<Record<string, unknown>>
}

const sheetOf = ({ places, counts, moves, times, progress }: Example): Sheet =>
  proved(
    `${SET_HEAD}places: ${places}\npart A\n  "case" = ${counts} | moves ${moves}\norder\n  A${times ? ` x${times}` : ''}${progress ? ' | progress' : ''}\n`,
  )

/** What each finding is about, as the examples say it. */
function foundIn({ findings }: Sheet): string[] {
  return findings
    .filter(({ code }) => code.startsWith('set.') && code !== 'set.path' && code !== 'set.pace')
    .flatMap(({ code, params }) => {
      if ('dancers' in params) return params.dancers.map((dancer) => `${code} ${dancer}`)
      const { place, line } = params as Partial<Record<string, string>>
      return `${code} ${place ?? line}`
    })
    .sort()
}

const id = ({ first }: Track, index: number): string => first.dancers[index]!.id

/** What the floor answers to each thing that an example tells. */
function answered(sheet: Sheet, track: Track, example: Example): Record<string, unknown> {
  const passes = passesOf(track, sheet.timeline)
  const last = track.last
  const way = wayHome(last)
  const [only] = track.slots.values()
  const pace = paceOf(only!.danced)
  const hall =
    example.id === '23'
      ? '9 x 14 m'
      : example.id === '23b'
        ? '9 x 14 m; stage 0,0 9x2.5; bar 7,6 2x3'
        : '9 x 14 m; stage 0,0 9x2.5'
  const box = boxOf(track.places)
  return {
    stand: passes.rows.at(-1)!.stand,
    facings: last.dancers.map((dancer) => `${dancer.id}${dancer.facing}`).join(' '),
    net: passes.net,
    isHome: passes.isHome,
    homeAfter: passes.homeAfter,
    progression: passes.progression,
    passes: passes.rows.map(({ stand }) => stand),
    order: passes.rows.map(({ order }) => order),
    out: passes.rows.map(({ out }) => out.join(' ')),
    partners: [...track.passes.map(({ before }) => before), last].map((standing) =>
      standing.dancers
        .filter(({ role }) => role === 'L')
        .map(
          ({ id: own, partner }) =>
            `${own} ${partner === null ? 'idle' : standing.dancers[partner]!.id}`,
        )
        .join(', '),
    ),
    meets: Object.fromEntries(
      Object.keys((example.answer['meets'] as object | undefined) ?? {}).map((key) => {
        const [who, word] = key.split(' ') as [string, PairsWord]
        return [
          key,
          meetsOf(track, who, word)
            .map((one) => one ?? '-')
            .join(' '),
        ]
      }),
    ),
    findings: foundIn(sheet),
    who: (example.ask ?? []).map((text) =>
      answerText(last, answerWho(last, expectOk(readWho(new Reader(text))))),
    ),
    meetings: closeCalls(only!.danced)
      .map(({ dancers: [a, b], beat, nearest }) => ({
        who: `${id(track, a)} ${id(track, b)}`,
        beat,
        nearest,
      }))
      .sort((a, b) => (a.who[0]! < b.who[0]! ? 1 : -1)),
    pace: pace && { who: id(track, pace.dancer), perBeat: pace.perBeat },
    way: way.links?.map(({ text }) => text),
    beats: way.counts,
    walk: { metres: way.walk.metres, beats: way.walk.counts },
    box,
    fits: fitsIn(expectOk(readHall(hall)), box),
  }
}

describe('figures of sets that ship', () => {
  it.each(SET_FIGURE_NETS)('%s, in %s', (name, places, net) => {
    const families = ['longways', 'square dance', 'set dance', 'mixer']
    const named = SHIPPED_FIGURES.filter(
      (figure) =>
        families.includes(figure.family) &&
        (figure.name === name || figure.aliases.some((alias) => alias.name === name)),
    )
    const [figure] = named.filter(({ moves, net: stated }) => moves || stated)
    const sheet = proved(
      `${SET_HEAD}places: ${places}\npart A\n  ${figure!.family}: ${figure!.name}\norder\n  A\n`,
    )
    expect(foundIn(sheet)).toEqual([])
    expect(sheet.findings.filter(({ code }) => code === 'set.path' || code === 'set.pace')).toEqual(
      [],
    )
    expect(sheet.findings.filter(({ code }) => code === 'missing.move')).toEqual([])
    expect(cycles(passesOf(sheet.track!, sheet.timeline).net!)).toEqual(cycles(net))
  })

  it('a part of one of which only the end is known leaves the places open', () => {
    const half = (amount: string): readonly string[] =>
      proved(
        `${SET_HEAD}places: square\npart A\n  square dance: Grand square${amount}\norder\n  A\n`,
      ).findings.flatMap(({ code }) => (code === 'missing.move' ? [code] : []))
    expect(half('')).toEqual([])
    expect(half(' (mirrored)')).toEqual([])
    expect(half(' (half)')).toEqual(['missing.move'])
  })
})

/** Cycles from their first place in the alphabet, so that the same are told alike. */
const cycles = (net: string): string[] =>
  [...net.matchAll(/\(([^)]*)\)/g)]
    .map(([, text]) => {
      const ids = text!.split(' ')
      const first = ids.indexOf([...ids].sort()[0]!)
      return [...ids.slice(first), ...ids.slice(0, first)].join(' ')
    })
    .sort()

describe('worked examples of the floor', () => {
  it.each((EXAMPLES as readonly Example[]).map((one) => [one.id, one] as const))(
    '%s',
    (_, example) => {
      const sheet = sheetOf(example)
      const got = answered(sheet, sheet.track!, example)
      for (const [key, value] of Object.entries(example.answer))
        expect([key, got[key]]).toEqual([
          key,
          key === 'findings' ? [...(value as string[])].sort() : value,
        ])
    },
  )

  it('a part in which nothing is danced leaves all where they stand, however often', () => {
    const { track, timeline } = proved(
      `${SET_HEAD}places: square\npart A\n\norder\n  A x3 | progress\n`,
    )
    expect(passesOf(track!, timeline)).toMatchObject({ isHome: true, homeAfter: 1 })
  })

  it('23: what a hall of 9 x 14 m has room for', () => {
    expect(roomFor(expectOk(readHall('9 x 14 m')))).toEqual({
      ring: 30,
      circle: 17,
      columns: 5,
      rows: 9,
      route: 3382,
      couples: 15,
    })
  })

  it('24: drift over passes, and the stride that a small hall asks for', () => {
    const travel = { forward: 1, right: 2 }
    expect(driftOf(travel, 6, 4, 60)).toEqual([
      [0, 0],
      [120, 60],
      [60, 180],
      [-60, 120],
      [0, 0],
    ])
    expect(driftOf(travel, 0, 4, 60).at(-1)).toEqual([480, 240])
    expect(strideIn(expectOk(readHall('4 x 4 m')), 8)).toEqual({ straight: 38, diagonal: 58 })
  })
})
