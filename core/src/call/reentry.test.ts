import fc from 'fast-check'
import {
  AS_WRITTEN,
  danceFrom,
  applyVariation,
  holdFits,
  isOfDance,
  missingFoot,
  type CoupleState,
  type Variation,
} from '../figure/index.ts'
import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import type { TickPosition } from '../time/index.ts'
import { placesKey } from '../move/index.ts'
import { isOfLines, standingOf, standingWhere, standLike } from './floorWays.ts'
import { callEventSchema } from './log.ts'
import { prepareCall, type PreparedCall } from './prepare.ts'
import { BEST_REENTRIES, linesAfter, reentries, type Reentry } from './reentry.ts'
import { phraseTicks } from './rest.ts'
import { standsAs } from './standing.ts'

const all = SHEET_NAMES.map((name) => prepareCall(proved(demoText(name)), 1))
/** Dances of one couple's feet; those whose lines move a whole set stand otherwise. */
const calls = all.filter(({ written }) => !written.track || !isOfLines(written.track))
const sets = all.filter((call) => !calls.includes(call))
/** A floor that danced something else: it stands as after any figure of the dance, at any beat. */
const slips = fc.record({
  call: fc.constantFrom(...calls),
  slot: fc.nat(),
  at: fc.double({ min: 0, max: 0.95, noNaN: true }),
})
const slipOf = ({
  call,
  slot,
  at,
}: {
  call: PreparedCall
  slot: number
  at: number
}): { call: PreparedCall; state: CoupleState; at: TickPosition } => {
  const { slots, lengthTicks } = call.sheet.timeline
  return { call, state: slots[slot % slots.length]!.after, at: (at * lengthTicks) as TickPosition }
}
const isAs = ({ written }: PreparedCall, wanted: CoupleState, state: CoupleState): boolean =>
  standsAs(written.routine, wanted, state)
function standsAfter(state: CoupleState, { link }: Reentry): CoupleState {
  if (!link) return state
  const danced = applyVariation(link.figure, link.variation)
  if (!danced.ok) throw new Error(danced.problem.message)
  expect(missingFoot(state, danced.value)).toBeNull()
  return danceFrom(state, danced.value).after
}

describe('ways back in', () => {
  it('fit the state the floor is in, begin on a phrase, and leave time to be said: 500 random slips', () => {
    fc.assert(
      fc.property(slips, (slip) => {
        const { call, state, at } = slipOf(slip)
        const offers = reentries(call, state, at)
        expect(offers.length).toBeLessThanOrEqual(BEST_REENTRIES)
        offers.forEach((offer, i) => {
          expect(isAs(call, offer.slot.before, standsAfter(state, offer))).toBe(true)
          expect(linesAfter(call.written, at).some(({ start }) => start === offer.at)).toBe(true)
          expect(offer.at).toBeGreaterThan(at)
          expect(offer.waitTicks).toBeCloseTo(offer.at - at, 6)
          if (i > 0) expect(offer.at).toBeGreaterThanOrEqual(offers[i - 1]!.at)
          if (offer.link) expect(offer.link.lengthTicks).toBeLessThanOrEqual(offer.waitTicks)
        })
        // Each is something else to begin with, or the same at another line.
        expect(
          new Set(
            offers.map(({ slot, pass, at: line }) => `${slot.slot.id} ${pass.part.id} ${line}`),
          ).size,
        ).toBe(offers.length)
      }),
      { numRuns: 500, seed: 20261125 },
    )
  })

  it('are never later than one that was possible', () => {
    fc.assert(
      fc.property(slips, (slip) => {
        const { call, state, at } = slipOf(slip)
        const { sheet } = call
        const [first] = reentries(call, state, at)
        const seconds = (to: number) =>
          sheet.clock.heardAt(to as TickPosition) - sheet.clock.heardAt(at)
        const holds = new Set(sheet.timeline.slots.map(({ before }) => before.hold))
        const ways: Variation[] = [false, true].flatMap((reflected) =>
          [null, ...holds].map((exitHold) => ({ ...AS_WRITTEN, reflected, exitHold })),
        )
        const afters = [...sheet.book.values()].flatMap((figure) =>
          ways.flatMap((way) => {
            const danced = isOfDance(figure, sheet.routine.dance)
              ? applyVariation(figure, way)
              : null
            return danced?.ok && !missingFoot(state, danced.value) && holdFits(state, danced.value)
              ? [{ ticks: danced.value.lengthTicks, after: danceFrom(state, danced.value).after }]
              : []
          }),
        )
        // Every line before the first offer: with six seconds to say two cues, nothing of the dance
        // could have begun there.
        for (const line of sheet.phrases.filter(
          ({ start }) => start > at && start < (first?.at ?? -Infinity),
        )) {
          if (seconds(line.start) < 6) continue
          const possible = sheet.timeline.slots.filter(
            ({ start, end }) =>
              end > start &&
              sheet.phrases.some(
                (phrase) =>
                  phrase.start === start && phrase.end - phrase.start === line.end - line.start,
              ),
          )
          expect(
            possible.some(
              ({ before }) =>
                isAs(call, before, state) ||
                afters.some(
                  ({ ticks, after }) => ticks <= line.start - at && isAs(call, before, after),
                ),
            ),
          ).toBe(false)
        }
      }),
      { numRuns: 200 },
    )
  })

  it('are always there for who stands as the dance has it at a phrase', () => {
    for (const call of calls) {
      const { phrases, timeline } = call.sheet
      const line = phrases[2]!
      const slot = timeline.slots.find(({ start }) => start === line.start)
      if (!slot) continue
      const [first] = reentries(call, slot.before, phrases[1]!.start)
      expect([first?.at, first?.shiftTicks, first?.link]).toEqual([line.start, 0, null])
    }
  })
})

describe('ways back into a set', () => {
  const lostAt = fc.record({
    call: fc.constantFrom(...sets),
    at: fc.double({ min: 0, max: 0.9, noNaN: true }),
  })

  it('begin where all stand as they must, or have come home before: all walking is the last', () => {
    let walks = 0
    fc.assert(
      fc.property(lostAt, ({ call, at: share }) => {
        const at = Math.floor(share * call.sheet.timeline.lengthTicks) as TickPosition
        const floor = standingWhere(call, at)
        const offers = reentries(call, call.written.routine.start, at)
        for (const { slot, home } of offers) {
          const wanted = standingOf(call.written.track, slot.key)!
          if (home) expect(placesKey(wanted)).toBe(placesKey(call.written.track!.first))
          else expect(standLike(wanted, floor!)).toBe(true)
        }
        const walk = offers.findIndex(({ home }) => home !== null && home.calls === null)
        if (walk >= 0) walks++
        expect([-1, offers.length - 1]).toContain(walk)
      }),
      { numRuns: 100 },
    )
    expect(walks).toBeGreaterThan(30)
  })

  it('are gone on with from home, wherever all had got to', () => {
    const [call] = sets
    const { slots } = call!.sheet.timeline
    for (const slot of slots.slice(0, 6)) {
      const offer = reentries(call!, slot.before, (slot.start + 24) as TickPosition).at(-1)
      if (!offer?.home) continue
      const { track, timeline } = prepareCall(call!.written, 1, offer.course).sheet
      const begun = timeline.passes.find(({ start }) => start === offer.at)!
      const there = track!.passes.find(({ key }) => key === begun.key)!
      expect(placesKey(there.before)).toBe(placesKey(track!.first))
    }
  })
})

describe('a set whose hands change for every figure', () => {
  const call = all[SHEET_NAMES.indexOf('eel-pots')]!
  const ring = call.written.timeline.slots[0]!

  it('has three ways back in: hands of a set find each other as they come', () => {
    const offers = reentries(call, ring.before, (ring.start + 12) as TickPosition)
    expect(offers).toHaveLength(BEST_REENTRIES)
  })
})

describe('a mixer in which hands are let go and taken', () => {
  const call = all[SHEET_NAMES.indexOf('eight-for-the-geese')]!
  const { slots } = call.written.timeline
  const offered = slots
    .slice(0, 12)
    .flatMap((slot) =>
      ['none', 'two hands', 'skaters'].flatMap((hold) =>
        reentries(call, { ...slot.before, hold }, (slot.start + 12) as TickPosition),
      ),
    )
  const ended = offered.filter(({ link }) => link?.variation.exitHold != null)

  it('has links that are ended in the hold that is wanted', () => {
    expect(ended.length).toBeGreaterThan(0)
    for (const { link, slot } of ended) expect(link!.variation.exitHold).toBe(slot.before.hold)
  })

  it('is danced, said and kept with the link as it was offered', () => {
    const [offer] = ended
    const next = prepareCall(call.written, 1, offer!.course)
    const link = next.sheet.timeline.slots.find(({ slot }) => slot.id === 'link')!
    expect([link.end, link.after.hold]).toEqual([offer!.at, offer!.slot.before.hold])
    const event = { type: 'turn', at: 1, turn: 'rejoin', course: offer!.course }
    expect(callEventSchema.parse(JSON.parse(JSON.stringify(event)))).toEqual(event)
  })
})

describe('the dance after a way back in', () => {
  it('is begun on that line as the floor stands, goes on without a foot that is not free, is called ahead, and ends with the music wherever that can be', () => {
    let moved = 0
    let made = 0
    fc.assert(
      fc.property(slips, (slip) => {
        const { call, state, at } = slipOf(slip)
        for (const offer of reentries(call, state, at)) {
          const next = prepareCall(call.written, 1, offer.course)
          const { timeline, musicEnd } = next.sheet
          const first = timeline.slots.find(({ start }) => start >= offer.at)!
          expect([first.start, first.slot.id]).toEqual([offer.at, offer.slot.slot.id])
          expect(isAs(call, offer.slot.before, first.before)).toBe(true)
          const written = new Set(
            call.written.timeline.slots.flatMap(({ slot, troubles }) =>
              troubles.length > 0 ? [slot.id] : [],
            ),
          )
          for (const slot of timeline.slots.filter(({ start }) => start >= offer.at))
            expect(slot.troubles.length > 0 && !written.has(slot.slot.id)).toBe(false)
          // Nothing overlaps, and what was danced before stays as it was.
          timeline.slots
            .slice(1)
            .forEach((slot, i) => expect(slot.start).toBeGreaterThanOrEqual(timeline.slots[i]!.end))
          const cue = next.cues.find(({ slot, purpose }) => slot === first && purpose === 'cue')
          if (cue) expect(cue.endTick).toBeLessThanOrEqual(cue.stepTick)
          if (offer.shiftTicks !== 0) moved++
          if (musicEnd === null || offer.rest.overTicks === null) continue
          expect(timeline.lengthTicks - musicEnd).toBe(offer.rest.overTicks)
          if (Math.abs(offer.rest.overTicks) <= phraseTicks(call.written)) made++
        }
      }),
      { numRuns: 80 },
    )
    expect(moved).toBeGreaterThan(0)
    expect(made).toBeGreaterThan(0)
  })
})
