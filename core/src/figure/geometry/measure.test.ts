import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { performers, stepsOfDancer } from '../model/cast.ts'
import { HIP, walkFeet } from './feet.ts'
import type { Figure } from '../model/figure.ts'
import { handChanges, measureFigure, stepsPerSecond } from './measure.ts'
import { cover, emptyGroup, knownFigures } from '../../group/index.ts'
import { stagesOf } from '../library/stages.ts'
import { readStepLine } from '../notation/stepLine.ts'
import { applyVariation } from '../model/vary.ts'

const byId = (id: string): Figure => SHIPPED_FIGURES.find((figure) => figure.id === id)!
const danced = (id: string) => expectOk(applyVariation(byId(id)))
const measure = (id: string) => measureFigure(danced(id))
const codes = (id: string) => measure(id).difficulties.map(({ code }) => code)

describe('what is worked out of a figure', () => {
  it('is how far it goes: a box comes back, three forward walks go three strides', () => {
    expect(
      measure('box').performers.map(({ forward, right, path }) => [forward, right, path]),
    ).toEqual([
      [0, 0, 4],
      [0, 0, 4],
    ])
    const walks = expectOk(readStepLine('1 left forward, 2 right forward, 3 left forward'))
    const walked = measureFigure(expectOk(applyVariation({ ...byId('box'), lead: walks })))
    expect(walked.performers.map(({ role, forward, right }) => [role, forward, right])).toEqual([
      ['lead', 3, 0],
      ['follow', -3, 0],
    ])
  })
  it('comes back to where the other foot was when the weight recovers: a rocking chair stays where it is', () => {
    expect(measure('line-dance.rocking-chair').performers).toMatchObject([
      { forward: 0, right: 0, path: 2 },
    ])
    const feet = walkFeet(byId('line-dance.rocking-chair').lead)
    expect(feet.map(({ body }) => body.forward)).toEqual([1, 0, -1, 0])
    for (const { left } of feet)
      expect([left.forward, left.right]).toEqual([expect.closeTo(0, 9), expect.closeTo(-HIP, 9)])
  })
  it('turns its way with the body: forward, a quarter left, forward again', () => {
    const steps = expectOk(readStepLine('1 left forward turn left 1/4, 2 right forward'))
    const { performers: all } = measureFigure(
      expectOk(applyVariation({ ...byId('line-dance.jazz-box'), lead: steps })),
    )
    expect(all).toMatchObject([{ role: 'everyone', forward: 1, right: -1, turn: -2, stepCount: 2 }])
  })
  it('is how quick the feet are: eight quick steps in four beats at 108 a minute are 3.6 a second', () => {
    const eight = expectOk(
      readStepLine('1 left, 1& right, 2 left, 2& right, 3 left, 3& right, 4 left, 4& right'),
    )
    expect(stepsPerSecond(eight, 96, 108)).toBeCloseTo(3.6, 9)
    expect(stepsPerSecond(expectOk(readStepLine('1 left side, 2 hold')), 48, 60)).toBeCloseTo(
      0.5,
      9,
    )
  })
  it('is what makes it hard', () => {
    expect(codes('box')).toEqual([])
    expect(codes('clog.two-doubles-with-arms')).toEqual(['half-beats', 'pick-up', 'arms'])
    expect(codes('cha-cha.underarm-turn')).toEqual(['half-beats', 'turn', 'hands', 'arms'])
    expect(codes('clog.hop-shuffle')).toContain('hops')
    expect(measure('left-turning-box').difficulties).toEqual([
      { code: 'turn', role: 'lead', eighths: -8 },
      { code: 'turn', role: 'follow', eighths: -8 },
    ])
    const shadow: Figure = {
      ...byId('box'),
      follow: 'same',
      entry: { ...byId('box').entry, holds: ['shadow'] },
    }
    expect(measureFigure(expectOk(applyVariation(shadow))).difficulties).toEqual([
      { code: 'same-feet' },
    ])
    const apart: Figure = {
      ...byId('box'),
      follow: expectOk(readStepLine('1 right back, 3 left side')),
    }
    expect(measureFigure(expectOk(applyVariation(apart))).difficulties).toEqual([
      { code: 'other-steps' },
    ])
  })
  it('is the beat where most comes together, or none where all are alike', () => {
    expect(measure('box').hardSpot).toBeNull()
    expect(measure('line-dance.vine-right-quarter-scuff').hardSpot).toBeNull()
    expect(measure('clog.two-doubles-with-arms').hardSpot).toEqual({
      at: 0,
      reasons: ['quick', 'arms'],
    })
    const crossed = expectOk(readStepLine('1 left side, 2 right across turn left 1/2, 3 left side'))
    expect(
      measureFigure(expectOk(applyVariation({ ...byId('box'), lead: crossed }))).hardSpot,
    ).toEqual({ at: 24, reasons: ['turn', 'crossing'] })
  })
  it('is the change of hands, on the way and at the end, from the hold it begins in', () => {
    const underarm = danced('cha-cha.underarm-turn')
    expect(handChanges(underarm)).toEqual([{ at: 0, from: 'two hands', to: 'open facing' }])
    expect(handChanges(danced('hover'))).toEqual([{ at: 'end', from: 'closed', to: 'semi-closed' }])
    expect(handChanges(danced('box'))).toEqual([])
  })
})

describe('who dances a figure', () => {
  const lines = (id: string) =>
    performers(danced(id)).map(({ role, couples, steps }) => [role, couples, steps.length])
  it('is everyone alike, lead and follow, or in a set some couples while others stand', () => {
    expect(lines('line-dance.jazz-box')).toEqual([['everyone', null, 4]])
    expect(lines('box')).toEqual([['lead', null, 6], ['follow', null, 6]]) // prettier-ignore
    expect(lines('set-dance.lead-down-the-middle')).toEqual([
      ['lead', [1], 8],
      ['follow', [1], 8],
      ['everyone', [2, 3, 4], 0],
    ])
    expect([
      stepsOfDancer(danced('set-dance.cast-off'), 1, 'follow').length,
      stepsOfDancer(danced('set-dance.cast-off'), 3, 'follow').length,
    ]).toEqual([8, 0])
  })
})

describe('a figure taught in stages', () => {
  it('has a stage at every count where all can stop, each with its totals', () => {
    const stages = stagesOf(byId('left-turning-box'))
    expect(stages.map(({ ticks }) => ticks / 24)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])
    expect(stages.map(({ totals }) => totals[0]!.steps)).toEqual([
      1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12,
    ])
    expect(stages.at(-1)!.totals[0]).toMatchObject({ turn: -8, free: 'left' })
    // The slow of a three step lasts over count 2, where nobody can stop.
    expect(stagesOf(byId('slow-foxtrot.three-step')).map(({ ticks }) => ticks / 24)).toEqual([
      2, 3, 4,
    ])
  })
})

describe('what a floor knows', () => {
  it('is covered when it has been taught, else within its level or beyond', () => {
    const floor = cover(emptyGroup('a', 'Mondays', 'easy'), 'dip', true)
    const known = knownFigures(floor)
    expect([
      known.of(byId('dip')),
      known.of(byId('box')),
      known.of(byId('slow-foxtrot.natural-turn-first-half')),
    ]).toEqual(['covered', 'within', 'beyond'])
    expect(knownFigures(cover(floor, 'dip', false)).of(byId('dip'))).not.toBe('covered')
  })
  it('covers a composite with all of its parts, and keeps the times danced', () => {
    const parts = ['line-dance.vine-right-touch', 'line-dance.vine-left-touch']
    const half = cover(emptyGroup('a', 'Mondays'), parts[0]!, true)
    expect([
      knownFigures(half).of(byId('line-dance.vine-right-and-left')),
      knownFigures(cover(half, parts[1]!, true)).of(byId('line-dance.vine-right-and-left')),
    ]).toEqual(['within', 'covered'])
    const danced7 = { ...half, taught: [{ id: parts[0]!, times: 7 }] }
    expect([
      cover(danced7, parts[0]!, true),
      knownFigures(danced7).times(parts[0]!),
      knownFigures(danced7).times('box'),
    ]).toEqual([danced7, 7, 0])
  })
})
