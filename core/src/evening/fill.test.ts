import fc from 'fast-check'
import { type LogEntry } from '../logbook/index.ts'
import {
  eveningsSince,
  fillEvening,
  inGoodOrder,
  isHardWork,
  scoreOf,
  termsOf,
  type DanceFacts,
  type FillContext,
  type FillWish,
} from './index.ts'
import { entry, facts } from '../testing/evenings.ts'

const DAY = 24 * 3600_000

describe('filling an evening', () => {
  const KINDS = ['waltz', 'polka', 'two-step']
  const dances = (most: number) =>
    fc
      .array(
        fc.record({
          dance: fc.constantFrom(...KINDS),
          seconds: fc.integer({ min: 90, max: 400 }),
          level: fc.constantFrom('first', 'easy', 'steady'),
          stepsASecond: fc.constantFrom(1, 2.4),
          dancers: fc.constantFrom(2, 8),
          knows: fc.integer({ min: 0, max: 4 }),
          isSameDance: fc.boolean(),
          days: fc.option(fc.integer({ min: 1, max: 60 })),
        }),
        { minLength: 1, maxLength: most },
      )
      .map((list) => ({
        facts: list.map(({ knows, days: _, isSameDance, ...one }, i) =>
          facts(`d${i}`, {
            ...one,
            sameAs: isSameDance
              ? list.flatMap((other, at) => (other.isSameDance && at !== i ? [`d${at}`] : []))
              : [],
            figures: [
              { id: 'known', name: 'Known', times: knows },
              { id: 'new', name: 'New', times: 4 - knows },
            ].filter(({ times }) => times > 0),
          }),
        ),
        before: list
          .flatMap(({ days }, i) =>
            days === null
              ? []
              : [
                  entry(
                    `d${i}`,
                    new Date(Date.parse('2026-12-02') - days * DAY).toISOString().slice(0, 10),
                  ),
                ],
          )
          .sort((a, b) => b.atMs - a.atMs),
      }))
  const wishes = (count: number): fc.Arbitrary<FillWish> =>
    fc.record({
      minutes: fc.integer({ min: 3, max: 30 }),
      changeoverMinutes: fc.constantFrom(0, 1),
      kinds: fc.dictionary(fc.constantFrom(...KINDS), fc.integer({ min: 1, max: 3 })),
      level: fc.constantFrom(null, 'easy'),
      knownShare: fc.constantFrom(0, 0.5),
      notLately: fc.constantFrom(0, 2),
      must: fc.uniqueArray(
        fc.integer({ min: 0, max: count - 1 }).map((i) => `d${i}`),
        { maxLength: 2 },
      ),
      mustNot: fc.uniqueArray(
        fc.integer({ min: 0, max: count - 1 }).map((i) => `d${i}`),
        { maxLength: 1 },
      ),
      present: fc.constantFrom(null, 6, 40),
      hardInARow: fc.constantFrom(1, 2),
    })
  const contextOf = ({
    facts: all,
    before,
  }: {
    facts: DanceFacts[]
    before: LogEntry[]
  }): FillContext => ({
    facts: all,
    before,
    knows: (id) => id === 'known',
    date: '2026-12-02',
  })

  /** The best of all sets there are, by trying each. */
  function bestOfAll(wish: FillWish, context: FillContext, all: readonly DanceFacts[]): number {
    const allowed = all.filter((one) => {
      const isMust = wish.must.includes(one.sheetId) && !wish.mustNot.includes(one.sheetId)
      if (wish.mustNot.includes(one.sheetId) && !wish.must.includes(one.sheetId)) return false
      const since = eveningsSince(one, context.before, context.date)
      const known = shareOf(one)
      return (
        isMust ||
        wish.must.includes(one.sheetId) ||
        ((wish.level === null || one.level !== 'steady') &&
          (wish.present === null || wish.present >= one.dancers) &&
          (since === null || since > wish.notLately) &&
          known >= wish.knownShare)
      )
    })
    const must = mustsIn(wish, all)
    let best = -Infinity
    for (let mask = 0; mask < 2 ** allowed.length; mask++) {
      const set = allowed.filter((_, i) => mask & (1 << i))
      const minutes = set.reduce((sum, one) => sum + one.seconds / 60 + wish.changeoverMinutes, 0)
      if (minutes > wish.minutes + 1e-9) continue
      if (!must.every((id) => set.some(({ sheetId }) => sheetId === id))) continue
      const isTwice = (one: DanceFacts): boolean =>
        !must.includes(one.sheetId) && set.some(({ sheetId }) => one.sameAs.includes(sheetId))
      if (set.some(isTwice)) continue
      const scored = set.map((one) => {
        const since = eveningsSince(one, context.before, context.date)
        return {
          facts: one,
          known: shareOf(one),
          fresh: since === null ? 1 : Math.min(1, since / 10),
        }
      })
      best = Math.max(best, scoreOf(termsOf(wish, scored)))
    }
    return best
  }
  const shareOf = ({ figures }: DanceFacts): number =>
    figures.reduce((sum, { id, times }) => sum + (id === 'known' ? times : 0), 0) / 4
  /** Of what must be danced, as much as fits, in its order. */
  function mustsIn(wish: FillWish, all: readonly DanceFacts[]): string[] {
    let minutes = 0
    return wish.must.filter((id) => {
      const one = all.find(({ sheetId }) => sheetId === id)
      if (!one) return false
      const more = one.seconds / 60 + wish.changeoverMinutes
      if (minutes + more > wish.minutes + 1e-9) return false
      minutes += more
      return true
    })
  }

  it('is as good as the best of all sets, on small cases', () => {
    fc.assert(
      fc.property(dances(9), wishes(9), (given, wish) => {
        const context = contextOf(given)
        const { best, isProved } = fillEvening(wish, context)
        expect(isProved).toBe(true)
        expect(best[0]!.score).toBeCloseTo(bestOfAll(wish, context, given.facts), 9)
        expect(best.map(({ score }) => score)).toEqual(
          [...best].map(({ score }) => score).sort((a, b) => b - a),
        )
      }),
      { numRuns: 150 },
    )
  })

  it('holds every must, or says why it could not: 200 cases', () => {
    fc.assert(
      fc.property(dances(40), wishes(40), (given, wish) => {
        for (const { dances: chosen, minutes, unmet } of fillEvening(wish, contextOf(given)).best) {
          expect(minutes).toBeLessThanOrEqual(wish.minutes + 1e-9)
          const ids = chosen.map(({ sheetId }) => sheetId)
          expect(new Set(ids).size).toBe(ids.length)
          const told = unmet.filter(({ what }) => what === 'must').length
          const held = wish.must.filter((id) => ids.includes(id)).length
          expect(held + told).toBeGreaterThanOrEqual(wish.must.length)
          for (const id of wish.mustNot) if (!wish.must.includes(id)) expect(ids).not.toContain(id)
          for (const one of chosen) {
            if (wish.must.includes(one.sheetId)) continue
            if (wish.level !== null) expect(one.level).not.toBe('steady')
            if (wish.present !== null) expect(one.dancers).toBeLessThanOrEqual(wish.present)
            expect(shareOf(one)).toBeGreaterThanOrEqual(wish.knownShare)
          }
        }
      }),
      { numRuns: 200 },
    )
  })

  it('orders dances so that bodies rest wherever they can', () => {
    fc.assert(
      fc.property(dances(12), fc.constantFrom(1, 2), ({ facts: all }, inARow) => {
        const order = inGoodOrder(all, inARow)
        const ids = (list: readonly DanceFacts[]) => list.map(({ sheetId }) => sheetId).sort()
        expect(ids(order)).toEqual(ids(all))
        const hard = all.filter(isHardWork).length
        if (hard > (all.length - hard + 1) * inARow) return
        let row = 0
        for (const one of order) {
          row = isHardWork(one) ? row + 1 : 0
          expect(row).toBeLessThanOrEqual(inARow)
        }
      }),
    )
  })
})
