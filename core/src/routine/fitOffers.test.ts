import fc from 'fast-check'
import { applyEdits, countingIds, expectOk } from '../document/index.ts'
import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { tick, type Tick } from '../time/index.ts'
import { musicOn, tunesFor } from '../sheet/index.ts'
import { demoText, demoTune, provedSheet, typedRoutine } from '../testing/typed.ts'
import { fitOffers, tempoOffer, type FitOffer } from './fitOffers.ts'
import { searchOrders, type SearchedPass } from './passSearch.ts'
import { routineSchema, routineShape, type Routine } from './routine.ts'

const book = bookOf(SHIPPED_FIGURES)
const offersFor = (routine: Routine) => {
  const { timeline, music } = provedSheet(routine)
  return fitOffers({
    routine,
    timeline,
    book,
    music,
    musicTicks: music.end!,
    newId: countingIds('f'),
  })
}
const of = <Kind extends FitOffer['kind']>(offers: readonly FitOffer[], kind: Kind) =>
  offers.filter((offer): offer is Extract<FitOffer, { kind: Kind }> => offer.kind === kind)
const after = (routine: Routine, offer: FitOffer) =>
  expectOk(applyEdits(routineShape, routine, offer.edits))

describe('the search through an order', () => {
  const pass = fc.record({
    ticks: fc.integer({ min: 1, max: 6 }),
    times: fc.integer({ min: 1, max: 2 }),
    change: fc.integer({ min: 1, max: 9 }),
    leaveOut: fc.integer({ min: 0, max: 9 }),
  })

  /** Every way there is, tried one by one. */
  function cheapest(passes: readonly SearchedPass[], target: number): number | null {
    let best: number | null = null
    const go = (i: number, ticks: number, cost: number): void => {
      if (i === passes.length) {
        if (ticks === target && (best === null || cost < best)) best = cost
        return
      }
      const { ticks: length, times, change, leaveOut } = passes[i]!
      for (let n = 0; n <= times + 2; n++)
        go(
          i + 1,
          ticks + n * length,
          cost + Math.abs(n - times) * change + (n === 0 ? leaveOut : 0),
        )
    }
    go(0, 0, 0)
    return best
  }

  it('finds the cheapest there is, as trying every one does', () => {
    fc.assert(
      fc.property(
        fc.array(pass, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 40 }),
        (passes, target) => {
          const { orders } = searchOrders(passes, target)
          const best = cheapest(passes, target)
          if (best === null) expect(orders.every(({ ticks }) => ticks !== target)).toBe(true)
          else expect(orders[0]).toMatchObject({ ticks: target, cost: best })
          for (const { times, ticks } of orders)
            expect(times.reduce((sum, n, i) => sum + n * passes[i]!.ticks, 0)).toBe(ticks)
        },
      ),
      { numRuns: 300 },
    )
  })
  it('says so when it is given up, and then finds nothing rather than something wrong', () => {
    const many = Array.from({ length: 60 }, (_, i) => ({
      ticks: 101 + 37 * i,
      times: 3,
      change: 1,
      leaveOut: 1,
    }))
    expect(searchOrders(many, 60_000)).toEqual({ orders: [], isCut: true })
  })
})

describe('offers that make a dance as long as its music', () => {
  it.each([
    ['one time too few', 'Sequence x4', 'Sequence x3'],
    ['one time too many', 'Sequence x4', 'Sequence x5'],
  ])('with %s end at the very end of it', (_what, from, to) => {
    const routine = typedRoutine(demoText('sluice-gate-two-step').replace(from, to))
    const { offers, isCut } = offersFor(routine)
    expect(isCut).toBe(false)
    const [best] = of(offers, 'passes')
    expect(best!.changes).toEqual([
      { label: 'Sequence', ordinal: 1, from: Number(to.at(-1)), to: 4 },
    ])
    const fitted = after(routine, best!)
    expect(routineSchema.safeParse(fitted).success).toBe(true)
    expect(provedSheet(fitted).findings).toEqual([])
  })
  it('each come to what they say is left over', () => {
    for (const [from, to] of [
      ['Sequence x4', 'Sequence x3'],
      ['Sequence x4', 'Sequence x5'],
      ['  Limp four\n', ''],
    ] as const) {
      // prettier-ignore
      const routine = typedRoutine(demoText('sluice-gate-two-step').replace(from, to))
      const { offers } = offersFor(routine)
      expect(offers.length).toBeGreaterThan(0)
      for (const offer of offers) {
        const sheet = provedSheet(after(routine, offer))
        expect([offer.kind, sheet.timeline.lengthTicks - sheet.musicEnd!]).toEqual([
          offer.kind,
          offer.leftTicks,
        ])
      }
    }
  })
  it('give equal music equal parts where it can', () => {
    const routine = typedRoutine(
      demoText('eel-pots').replace('  A\n  B\n  A\n', '  A\n  A\n  B\n  B\n  A\n'),
    )
    const [best, ...others] = of(offersFor(routine).offers, 'passes').filter(
      ({ leftTicks }) => leftTicks === 0,
    )
    for (const other of others) expect(best!.misplaced).toBeLessThanOrEqual(other.misplaced)
  })
  it('fill what is left with what can go on and on, and say what is left over', () => {
    const routine = typedRoutine(
      demoText('sluice-gate-two-step').replace('  ending Ending | finish in a pose\n', ''),
    )
    const [fill] = of(offersFor(routine).offers, 'fill')
    expect(fill).toMatchObject({ times: 2, gapTicks: 8 * 24, leftTicks: 0 })
    expect(
      provedSheet(after(routine, fill!)).findings.filter(({ severity }) => severity !== 'note'),
    ).toEqual([])
  })
  it('end early, with the ending', () => {
    const routine = typedRoutine(
      demoText('sluice-gate-two-step').replace('Sequence x4', 'Sequence x6'),
    )
    expect(of(offersFor(routine).offers, 'early-end')).toEqual([
      expect.objectContaining({
        label: 'Sequence',
        ordinal: 4,
        dropped: 2,
        ending: 'Ending',
        leftTicks: 0,
      }),
    ])
  })
  it('are none where it fits, or where something is open', () => {
    expect(offersFor(typedRoutine(demoText('eel-pots'))).offers).toEqual([])
    expect(
      offersFor(typedRoutine(demoText('eel-pots').replace('  Do-si-do\n', '  "wait" = ?\n')))
        .offers,
    ).toEqual([])
  })
  it('change the tempo for music that is known only in seconds: 312 counts in 174 s are 107.6 a minute', () => {
    const routine = { ...typedRoutine(demoText('eel-pots')), bpm: 104 }
    expect(tempoOffer(routine, 312 * 24, 174)).toMatchObject({ bpm: 107.6, percent: 103.5 })
    expect(tempoOffer(routine, 312 * 24, 20)).toBeNull()
  })
})

describe('from the shelf', () => {
  const shelf = [
    'thimble-bridge',
    'the-eelcatcher-s-gate',
    'pothook-hop',
    'seven-geese-over',
    'lamps-along-the-staithe',
  ].map(demoTune)
  it('the tune a sheet was written for comes first, with nothing against it', () => {
    const [best, ...others] = tunesFor(typedRoutine(demoText('sluice-gate-two-step')), book, shelf)
    expect([best!.tune.id, best!.overBeats, best!.onPhrase, best!.cost]).toEqual([
      'thimble-bridge',
      0,
      best!.passes,
      0,
    ])
    for (const other of others) expect(other.cost).toBeGreaterThan(0)
    expect(others.at(-1)!.sameMetre).toBe(false)
  })
  it('the same tune and recording give the same music, so that what was unfolded on it is kept', () => {
    const tune = demoTune('pothook-hop')
    expect(musicOn(tune, null)).toBe(musicOn(tune, null))
    expect(musicOn(tune, null).music.end).toBe(tick(128 * 24) as Tick)
  })
})
