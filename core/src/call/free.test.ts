import fc from 'fast-check'
import { countingIds, expectOk, sameValue } from '../document/index.ts'
import { AS_WRITTEN, SHIPPED_FIGURES, startingState, type CoupleState } from '../figure/index.ts'
import { WALL } from '../move/index.ts'
import { routineSchema, unfold, usualFormation } from '../routine/index.ts'
import { validate } from '../document/index.ts'
import { bookOf } from '../figure/index.ts'
import { layPhrases, TICKS_PER_BEAT, WALTZ_METRE, type Tick } from '../time/index.ts'
import {
  bestStart,
  calledAs,
  calledId,
  freeFigures,
  freeDance,
  freePhrases,
  legalAfter,
  nextFigures,
  type FreeDance,
} from './freeFigures.ts'
import { sheetOfCalled } from './freeSheet.ts'
import { standsAs } from './standing.ts'

const BOOK = bookOf(SHIPPED_FIGURES)
const START = startingState('butterfly', WALL)
const PHRASE = 24 * TICKS_PER_BEAT
const HEADING = {
  id: 'free',
  title: 'Called freely',
  dance: 'waltz',
  metre: WALTZ_METRE,
  bpm: 90,
  schoolId: 'round',
  tuneId: null,
  recordingId: null,
  language: 'en',
  start: START,
  formation: 'couples-round',
  phrases: layPhrases(WALTZ_METRE, [8, 8, 8, 8], 0 as Tick),
} as const
const floorOf = (dance: string, start = START): FreeDance =>
  freeDance(
    freeFigures(BOOK.values(), dance, () => true),
    start,
    'couples-round',
  )
const WALTZ = floorOf('waltz')
const closes = (dance: FreeDance, state: CoupleState): boolean =>
  standsAs({ formation: dance.formation }, dance.start, state)

describe('calling without a sheet', () => {
  it('offers only what is legal, fits what is left and can still close: any way of choosing ends the phrase as it began', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 40 }), { minLength: 24, maxLength: 24 }), (choices) => {
        let [state, left] = [START, PHRASE]
        const called = []
        for (const choice of choices) {
          if (left === 0) break
          const offers = nextFigures(WALTZ, state, left, called)
          expect(offers.length).toBeGreaterThan(0)
          const { danced, after } = offers[choice % offers.length]!
          expect(legalAfter(state, danced)).toEqual(after)
          called.push(danced.figure)
          state = after
          left -= danced.lengthTicks
          expect(left).toBeGreaterThanOrEqual(0)
        }
        expect([left, closes(WALTZ, state)]).toEqual([0, true])
      }),
      { numRuns: 100 },
    )
  })

  it('does not offer the same twice running where there is anything else', () => {
    const [first] = nextFigures(WALTZ, START, PHRASE, [])
    const again = nextFigures(WALTZ, first!.after, PHRASE - first!.danced.lengthTicks, [
      first!.danced.figure,
    ])
    if (again.length > 1)
      expect(again.map(({ danced }) => danced.figure.id)).not.toContain(first!.danced.figure.id)
  })

  it.each(['waltz', 'two-step', 'rumba'])(
    'offers whole phrases of %s that are legal, fill the phrase exactly and close',
    (dance) => {
      const free = floorOf(dance)
      const { phrases } = freePhrases(free, START, PHRASE, [])
      for (const phrase of phrases) {
        let state = START
        for (const danced of phrase.figures) {
          const after = legalAfter(state, danced)
          expect(after).not.toBeNull()
          state = after!
        }
        expect([
          phrase.figures.reduce((sum, { lengthTicks }) => sum + lengthTicks, 0),
          closes(free, state),
          phrase.after,
        ]).toEqual([PHRASE, true, state])
        phrase.figures
          .slice(1)
          .forEach(({ figure }, i) => expect(figure.id).not.toBe(phrase.figures[i]!.figure.id))
      }
      expect(new Set(phrases.map(({ figures }) => figures[0]!.figure.id)).size).toBe(phrases.length)
    },
  )

  it('finds the phrase that costs least: none of all there are is cheaper', () => {
    // Few figures, so that everything can be tried.
    const few = freeDance(
      WALTZ.figures.filter(({ lengthTicks }) => lengthTicks >= 6 * TICKS_PER_BEAT).slice(0, 8),
      START,
      'couples-round',
    )
    const { phrases, isCut } = freePhrases(few, START, PHRASE, [])
    expect(isCut).toBe(false)
    const all: number[] = []
    const walk = (
      state: CoupleState,
      left: number,
      way: readonly (typeof few.figures)[number][],
    ): void => {
      if (left === 0) {
        if (closes(few, state)) all.push(costOf(way))
        return
      }
      for (const danced of few.figures) {
        const after =
          danced.lengthTicks <= left && danced !== way.at(-1) ? legalAfter(state, danced) : null
        if (after) walk(after, left - danced.lengthTicks, [...way, danced])
      }
    }
    const pace = ({ steps, lengthTicks }: (typeof few.figures)[number]): number =>
      Math.round(
        (2 * TICKS_PER_BEAT * steps.lead.filter(({ layer }) => layer === 'feet').length) /
          lengthTicks,
      )
    const costOf = (way: readonly (typeof few.figures)[number][]): number =>
      way.reduce(
        (sum, danced, i) =>
          sum +
          (way.slice(0, i).includes(danced) ? 6 : 0) +
          (i > 0 && pace(way[i - 1]!) === pace(danced) ? 1 : 0) +
          (danced.figure.level === 'advanced' ? 3 : 0),
        0,
      )
    walk(START, PHRASE, [])
    expect(phrases.length).toBeGreaterThan(0)
    expect(phrases[0]!.cost).toBe(Math.min(...all))
  })

  it('offers halves, twice and endings behind whole figures, called by what they are', () => {
    const called = (dance: FreeDance): string[] => dance.figures.map(calledAs)
    expect(called(WALTZ)).toEqual(expect.arrayContaining(['box', 'half a box']))
    const half = WALTZ.figures.find((one) => calledAs(one) === 'half a box')!
    expect(calledId(half)).toBe('box half')
    const offers = nextFigures(WALTZ, START, PHRASE, []).map(({ danced }) => danced.variation)
    const firstOther = offers.findIndex((one) => !sameValue(one, AS_WRITTEN))
    expect(offers.slice(firstOther).some((one) => sameValue(one, AS_WRITTEN))).toBe(false)
    const ids = WALTZ.figures.map(calledId)
    expect(new Set(ids).size).toBe(ids.length)
    const routine = sheetOfCalled({
      ...HEADING,
      called: [
        {
          figureId: 'box',
          variation: half.variation,
          at: 0 as Tick,
          lengthTicks: half.lengthTicks as Tick,
        },
      ],
      newId: countingIds('n'),
    })
    expect(unfold(routine, BOOK).slots[0]!.lengthTicks).toBe(half.lengthTicks)
  })

  it('becomes a sheet: a part for each phrase, the same phrase twice, gaps kept', () => {
    const box = WALTZ.figures.find(({ figure }) => figure.id === 'box')!
    const call = (beat: number) => ({
      figureId: 'box',
      at: (beat * TICKS_PER_BEAT) as Tick,
      lengthTicks: box.lengthTicks as Tick,
    })
    const called = [0, 6, 12, 18, 24, 30, 36, 42, 54].map(call)
    const routine = sheetOfCalled({ ...HEADING, called, newId: countingIds('n') })
    expect(expectOk(validate(routineSchema, routine, 'sheet'))).toEqual(routine)
    expect(
      routine.passes.map(
        ({ partId, times }) => `${routine.parts.find(({ id }) => id === partId)!.label}x${times}`,
      ),
    ).toEqual(['Ax2', 'Bx1'])
    const { slots } = unfold(routine, BOOK)
    expect(slots.filter(({ figure }) => figure !== null).map(({ start }) => start)).toEqual(
      called.map(({ at }) => at),
    )
  })
})

describe('where nothing is said of how they stand', () => {
  const dances = [...new Set(SHIPPED_FIGURES.map(({ family }) => family))]
  it.each(dances)(
    'a floor of %s begins as most of its figures can, or it is said that no phrase closes',
    (dance) => {
      const figures = freeFigures(BOOK.values(), dance, () => true)
      const formation = usualFormation(dance)
      const ticks = 32 * TICKS_PER_BEAT
      const start = bestStart(figures, formation, ticks)
      const offers = (state: CoupleState): number =>
        nextFigures(freeDance(figures, state, formation), state, ticks, []).length
      // No hold that some figure begins in, on opposite feet, has more to offer.
      for (const hold of new Set(figures.flatMap(({ figure }) => figure.entry.holds)))
        expect(offers(startingState(hold, WALL))).toBeLessThanOrEqual(start ? offers(start) : 0)
      if (start)
        expect(
          freePhrases(freeDance(figures, start, formation), start, ticks, []).phrases.length,
        ).toBeGreaterThan(0)
    },
  )
  it('has no start without figures', () =>
    expect(bestStart([], 'couples-round', PHRASE)).toBeNull())
})
