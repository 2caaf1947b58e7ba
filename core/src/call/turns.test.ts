import fc from 'fast-check'
import { routineOf, part, pass, slot, words, inputOf, houseWaltz } from '../testing/sheets.ts'
import { demoText, proved } from '../testing/typed.ts'
import { deriveSheet } from '../sheet/index.ts'
import type { Tick, TickPosition } from '../time/index.ts'
import { courseTimeline, wholeCourse } from './course.ts'
import { prepareCall, type PreparedCall } from './prepare.ts'
import { courseChange } from './report.ts'
import {
  endSoon,
  coupleAt,
  goOn,
  oneMore,
  release,
  skipNext,
  startOver,
  type CourseTurn,
} from './turns.ts'
import { othersAt } from './others.ts'
import { afterPass, begins } from './rest.ts'

const BEAT = 24
const at = (beats: number): TickPosition => (beats * BEAT) as TickPosition
const box = (id: string) => slot(id, 'box')
/** Boxes come round: every pass can follow every other. A phrase is 24 beats. */
const A = part('A', box('a1'), box('a2'), box('a3'), box('a4'))
const B = part('B', slot('b1', 'left-turning-box'), box('b2'), box('b3'))
const ROUND = routineOf([A, B], [pass('1', 'A'), pass('2', 'B'), pass('3', 'A')])
const call = (routine = ROUND, tune = null as Parameters<typeof inputOf>[1]): PreparedCall =>
  prepareCall(deriveSheet(inputOf(routine, tune)), 1)
const labels = (one: PreparedCall, { course }: CourseTurn): string =>
  courseTimeline(one.written, course)
    .passes.map((each) => `${each.part.label}${each.start / BEAT}`)
    .join(' ')

describe('a course', () => {
  it('as it is written is the sheet itself', () => {
    const one = call()
    expect(one.sheet).toBe(one.written)
    expect(wholeCourse(one.written).legs.map((leg) => leg.at / BEAT)).toEqual([0, 24, 48])
  })

  it('keeps every state true when a pass comes where it was not', () => {
    const one = call()
    const next = prepareCall(one.written, 1, oneMore(one, at(2))!.course)
    next.sheet.timeline.slots
      .slice(1)
      .forEach((each, i) => expect(each.before).toEqual(next.sheet.timeline.slots[i]!.after))
    expect(new Set(next.sheet.timeline.slots.map(({ key }) => key)).size).toBe(
      next.sheet.timeline.slots.length,
    )
    expect(
      next.sheet.timeline.passes.map(({ ordinal, ordinals }) => `${ordinal}/${ordinals}`),
    ).toEqual(['1/3', '2/3', '1/1', '3/3'])
  })
})

describe('what the cuer turns the dance to', () => {
  const one = call()
  it('one more time: behind itself, and what is pressed too late comes a time later', () => {
    expect(labels(one, oneMore(one, at(10))!)).toBe('A0 A24 B48 A72')
    expect(oneMore(one, at(22))).toBeNull()
  })
  it('skip: the next is left out', () => {
    const turn = skipNext(one, at(10))!
    expect(labels(one, turn)).toBe('A0 A24')
    expect(courseChange(one.written, one.course, turn.course)).toEqual({
      dropped: [one.written.timeline.passes[1]],
      repeated: [],
    })
    expect(skipNext(one, at(60))).toBeNull()
  })
  it('start over: this part again from the next phrase', () =>
    expect(labels(one, startOver(one, at(30))!)).toBe('A0 B24 B48 A72'))

  it('end soon: what is danced now, then the ending', () => {
    const withEnd = call(
      routineOf(
        [A, B, part('End', box('e1'))],
        [pass('1', 'A'), pass('2', 'B'), pass('3', 'A'), pass('4', 'End', { kind: 'ending' })],
      ),
    )
    expect(labels(withEnd, endSoon(withEnd, at(10))!)).toBe('A0 End24')
    expect(labels(one, endSoon(one, at(10))!)).toBe('A0')
    expect(endSoon(withEnd, at(75))).toBeNull()
  })
  it('go on where the music does: the whole, or the last part, again, or an easy figure on and on', () => {
    const offers = goOn(one, at(70))
    expect(offers.map((offer) => `${offer.kind}: ${labels(one, offer)}`)).toEqual([
      'whole: A0 B24 A48 A96 B120 A144',
      'last: A0 B24 A48 A96',
      expect.stringMatching(/^cool-down: A0 B24 A48 A96 A102 A108/),
    ])
  })

  it('never asks for a foot that is not free, whatever is pressed on the demo’s sheets', () => {
    const calls = ['pegs-on-a-line', 'eel-pots', 'sluice-gate-two-step', 'tar-barrel-steps'].map(
      (name) => prepareCall(proved(demoText(name)), 1),
    )
    fc.assert(
      fc.property(
        fc.constantFrom(...calls),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(oneMore, skipNext, startOver, endSoon),
        (each, share, turn) => {
          const now = (share * each.written.timeline.lengthTicks) as TickPosition
          const turned = turn(each, now)
          if (!turned) return
          const timeline = courseTimeline(each.written, turned.course)
          const bad = new Set(
            each.written.timeline.slots
              .filter(({ troubles }) => troubles.length > 0)
              .map((one) => one.slot.id),
          )
          expect(
            timeline.slots.filter((one) => one.troubles.length > 0 && !bad.has(one.slot.id)),
          ).toEqual([])
          // What was danced until now stays as it was.
          const before = each.written.timeline.slots.filter(({ end }) => end <= now)
          expect(timeline.slots.slice(0, before.length)).toEqual(before)
        },
      ),
      { numRuns: 200 },
    )
  })
})

describe('what waits for a key', () => {
  const unit = part('F', slot('f1', 'canter'))
  const filling = call(
    routineOf(
      [A, unit, B],
      [
        pass('1', 'A'),
        pass('2', 'F', { kind: 'fill', fill: { until: 'released', min: 2, max: 8 } }),
        pass('3', 'B'),
      ],
    ),
  )

  it('a fill goes on, as often as it may, and what comes after has no place', () => {
    expect(filling.course.legs.map((leg) => leg.at / BEAT)).toEqual([
      0, 24, 27, 30, 33, 36, 39, 42, 45,
    ])
    expect(
      filling.course.waiting.map(({ pass: n }) => filling.written.timeline.passes[n]!.part.label),
    ).toEqual(['B'])
    expect(filling.cues.some(({ pass: { part: one } }) => one.label === 'B')).toBe(false)
  })
  it('is released at the end of a unit that leaves time to say it, its least number danced', () => {
    expect(labels(filling, release(filling, at(24.2), null)!)).toBe('A0 F24 F27 B30')
    expect(labels(filling, release(filling, at(31), null)!)).toBe('A0 F24 F27 F30 B33')
    const next = prepareCall(filling.written, 1, release(filling, at(31), null)!.course)
    expect(next.cues.some(({ pass: { part: one } }) => one.label === 'B')).toBe(true)
  })
  it('open counts wait, and go on at a bar', () => {
    const open = call(
      routineOf(
        [part('A', box('a1'), words('o', 'find your places', null), box('a2')), B],
        [pass('1', 'A'), pass('2', 'B')],
      ),
    )
    expect(open.course.legs.map((leg) => [leg.at / BEAT, leg.to])).toEqual([[0, 2]])
    const turn = release(open, at(13.5), null)!
    expect(turn.at % (3 * BEAT)).toBe(0)
    expect(labels(open, turn)).toBe(`A0 A${turn.at / BEAT} B${turn.at / BEAT + 6}`)
  })
  it('a hold: what begins the next phrase waits for the first phrase after the key; before it, nothing has moved', () => {
    const one = call()
    expect(release(one, at(15), at(10) as number as Tick)!.course).toBe(one.course)
    expect(labels(one, release(one, at(30), at(10) as number as Tick)!)).toBe('A0 B48 A72')
  })
})

describe('they danced the other one', () => {
  const half = slot('h', 'left-turning-box', { cut: { type: 'half' } })
  const one = call(
    routineOf([part('A', box('a1'), half, slot('t', 'twirl-vine'), box('a2'))], [pass('1', 'A')]),
  )
  it('offers the full for the half first, then the same again, each as the floor then stands', () => {
    const offers = othersAt(one, at(7))
    expect(offers.map(({ kind, figure }) => `${kind} ${figure.name}`).slice(0, 2)).toEqual([
      'whole Left turning box',
      'again Box',
    ])
    expect(offers[0]!.until).toBe((6 + 12) * BEAT)
    for (const offer of offers) expect(offer.couple).not.toEqual(offer.slot.after)
  })
  it('after a wrong word of the cuer’s offers what was said too soon', () =>
    expect(othersAt(one, at(1), 'cuer')[0]).toMatchObject({ kind: 'too-soon', until: 6 * BEAT }))
  it('has nothing where no figure is danced', () =>
    expect(
      othersAt(call(routineOf([part('A', words('w', 'walk about', 12))], [pass('1', 'A')])), at(3)),
    ).toEqual([]))
  it('gives at most three, on every beat of the demo’s sheets, and only what could be danced', () => {
    for (const name of ['pegs-on-a-line', 'sluice-gate-two-step', 'combing-the-teasels']) {
      const each = prepareCall(proved(demoText(name)), 1)
      for (let beat = 0; beat < each.sheet.timeline.lengthTicks / BEAT; beat += 3) {
        const offers = othersAt(each, at(beat))
        expect(offers.length).toBeLessThanOrEqual(3)
        for (const { until } of offers) expect(until).toBeGreaterThan(beat * BEAT - 1)
      }
    }
  })
})

it('how the floor stands is known within a figure too, and the rest begins only where they stand so', () => {
  const one = prepareCall(deriveSheet(inputOf(ROUND, houseWaltz())), 1)
  expect(coupleAt(one, 0)).toEqual(one.sheet.timeline.slots[0]!.before)
  expect(begins(one.written, 1, afterPass(one.written, 0))).toBe(true)
})
