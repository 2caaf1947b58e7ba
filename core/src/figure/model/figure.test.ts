import fc from 'fast-check'
import { misplacedStep } from '../../check/index.ts'
import { expectOk } from '../../document/index.ts'
import {
  CENTRE,
  LINE_OF_DANCE,
  mirrored,
  REVERSE,
  sideThrough,
  travelOfBody,
  turned,
  turnTo,
  WALL,
  wallClock,
  wrapFacing,
  type Facing,
} from '../../move/index.ts'
import { figureSchema, type Figure } from './figure.ts'
import { danceFrom, entryFeet } from './danceFrom.ts'
import { holdFits } from './beginning.ts'
import {
  reflectState,
  relationFits,
  rotateState,
  startingState,
  type CoupleState,
} from './coupleState.ts'
import { HOLD_IDS } from './hold.ts'
import { reflectStep, reflectSteps } from './reflect.ts'
import { searchFigures } from '../library/search.ts'
import type { Step } from './step.ts'
import { parseTurn } from '../notation/turn.ts'
import { AS_WRITTEN } from './variation.ts'
import { applyVariation, stepsOf } from './vary.ts'
import { WALTZ_FIGURES } from '../book/waltz.ts'
import { freeFoot, weightAfter, type Weight } from './weight.ts'

const step = (
  foot: Step['foot'],
  kind: Step['kind'] = 'step',
  weight: Step['weight'] = 'full',
  at = 0,
): Step => ({ at, layer: 'feet', foot, kind, weight, travel: null, turn: 0, text: '' })
const run = (from: Weight, ...steps: Step[]): Weight =>
  steps.reduce<Weight>((weight, one) => weightAfter(weight, one).weight, from)
const trouble = (from: Weight, one: Step) => weightAfter(from, one).trouble
const byId = (id: string): Figure => WALTZ_FIGURES.find((figure) => figure.id === id)!
const anyFigure = fc.constantFrom(...WALTZ_FIGURES)

describe('weight', () => {
  it('after step left, swing right, step right, tap left leaves the left foot free', () => {
    expect(
      freeFoot(
        run(
          'right',
          step('left'),
          step('right', 'swing', 'none'),
          step('right'),
          step('left', 'tap', 'none'),
        ),
      ),
    ).toBe('left')
  })

  it('lets roles of one length end on different feet: step, point against step, step', () => {
    expect(freeFoot(run('right', step('left'), step('right', 'point', 'none')))).toBe('right')
    expect(freeFoot(run('left', step('right'), step('left')))).toBe('right')
  })

  it('refuses a foot that carries, allows either from both, is unsure from split', () => {
    expect([
      trouble('left', step('left')),
      trouble('left', step('right')),
      trouble('both', step('left')),
      trouble('split', step('left')),
    ]).toEqual(['taken', null, null, 'unsure'])
  })

  it.each<[string, Weight, Step, Weight]>([
    ['a touch leaves the foot free', 'left', step('right', 'touch', 'none'), 'left'],
    ['a hop stays on the carrying foot', 'left', step('left', 'hop'), 'left'],
    ['a pivot keeps it', 'right', step('right', 'pivot', 'none'), 'right'],
    ['a leap goes to the other', 'left', step('right', 'leap'), 'right'],
    ['a jump ends on both', 'left', step('both', 'jump'), 'both'],
    [
      'a kick from both puts the weight on the other',
      'both',
      step('left', 'kick', 'none'),
      'right',
    ],
    [
      'a step that takes part of the weight splits it',
      'left',
      step('right', 'step', 'part'),
      'split',
    ],
    ['arms change nothing', 'left', { ...step('right'), layer: 'arms' }, 'left'],
  ])('%s', (_name, from, one, to) => expect(run(from, one)).toBe(to))

  it('a hop on the foot without weight is refused', () =>
    expect(trouble('left', step('right', 'hop'))).toBe('taken'))
})

describe('facing', () => {
  it('from wall a quarter left ends at line of dance; reflected, at reverse', () => {
    expect(turned(WALL, -2)).toBe(LINE_OF_DANCE)
    expect(turned(WALL, reflectStep({ ...step('left'), turn: -2 }).turn)).toBe(REVERSE)
  })

  it('through the centre is to the right facing reverse, to the left facing line of dance', () => {
    expect([
      sideThrough(REVERSE, CENTRE),
      sideThrough(LINE_OF_DANCE, CENTRE),
      sideThrough(CENTRE, CENTRE),
    ]).toEqual([1, -1, 0])
  })

  it('backing along the line of dance faces reverse and travels backward for the body', () => {
    expect(travelOfBody(REVERSE, LINE_OF_DANCE)).toBe(4)
  })

  it('mirrors right into left and keeps forward', () => {
    expect([mirrored(2), mirrored(6), mirrored(0), mirrored(4)]).toEqual([6, 2, 0, 4])
  })

  it('turns by the shorter way, a half to the right', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 7 }), (from, to) => {
        const by = turnTo(from as Facing, to as Facing)
        expect(turned(from as Facing, by)).toBe(to)
        expect(by).toBeGreaterThan(-4)
        expect(by).toBeLessThanOrEqual(4)
      }),
    )
  })

  it('of a line dance that turns 3/4 right goes 12, 9, 6, 3, 12', () => {
    expect([0, 1, 2, 3, 4].map((pass) => wallClock(wrapFacing(pass * 6)))).toEqual([
      12, 9, 6, 3, 12,
    ])
  })

  it.each([
    ['3/4 right', 6, false],
    ['270 degrees clockwise', 6, false],
    ['one and a half left', -12, false],
    ['nearly a half to the right', 4, true],
    ['a quarter, left shoulder back', -2, false],
    ['1 1/4 turn anticlockwise', -10, false],
    ['full turn right', 8, false],
  ])('"%s" is %d eighths', (text, eighths, about) =>
    expect(expectOk(parseTurn(text))).toEqual({ eighths, about }),
  )

  it.each([
    ['left, clockwise', /both sides/],
    ['to the right', /no amount/],
    ['a half', /which way/],
    ['100 degrees left', /eighths/],
  ])('"%s" is refused', (text, message) => {
    const result = parseTurn(text)
    expect(result.ok ? '' : result.problem.message).toMatch(message)
  })
})

describe('variations', () => {
  const danced = (figure: Figure, variation: Partial<typeof AS_WRITTEN>) =>
    expectOk(applyVariation(figure, { ...AS_WRITTEN, ...variation }))

  it('reflected twice is the figure itself', () => {
    fc.assert(
      fc.property(anyFigure, (figure) => {
        const { lead, follow } = stepsOf(figure)
        expect(reflectSteps(reflectSteps(lead))).toEqual(lead)
        expect(reflectSteps(reflectSteps(follow))).toEqual(follow)
      }),
    )
  })

  it('two halves make the whole', () => {
    const whole = danced(byId('left-turning-box'), {})
    const first = danced(byId('left-turning-box'), { cut: { type: 'half' } })
    const second = danced(byId('left-turning-box'), {
      cut: { type: 'from', ticks: first.lengthTicks },
    })
    expect(first.lengthTicks + second.lengthTicks).toBe(whole.lengthTicks)
    expect([
      ...first.steps.lead,
      ...second.steps.lead.map((one) => ({ ...one, at: one.at + first.lengthTicks })),
    ]).toEqual(whole.steps.lead)
  })

  it('turns go with their steps: half the turning box is half a turn', () => {
    const total = (steps: readonly Step[]): number => steps.reduce((sum, one) => sum + one.turn, 0)
    expect([
      total(danced(byId('left-turning-box'), {}).steps.lead),
      total(danced(byId('left-turning-box'), { cut: { type: 'half' } }).steps.lead),
    ]).toEqual([-8, -4])
  })

  it('a cut takes as much pick-up before its own first beat as the figure has', () => {
    const ticks = [-12, -6, 0, 12, 18, 24, 36, 48, 60, 72]
    const figure: Figure = {
      ...byId('box'),
      lengthTicks: 96,
      lead: ticks.map((at, i) => step(i % 2 ? 'left' : 'right', 'step', 'full', at)),
      follow: 'same',
    }
    const at = (variation: Partial<typeof AS_WRITTEN>) =>
      danced(figure, variation).steps.lead.map((one) => one.at)
    expect(at({ cut: { type: 'half' } })).toEqual([-12, -6, 0, 12, 18, 24])
    expect(at({ cut: { type: 'from', ticks: 48 } })).toEqual([-12, 0, 12, 24])
  })

  it('asks where a half falls within a step, and where a cut leaves nothing', () => {
    const within = applyVariation(byId('canter'), { ...AS_WRITTEN, cut: { type: 'half' } })
    expect(within.ok ? '' : within.problem.message).toMatch(/cannot be cut there/)
    expect(
      applyVariation(byId('canter'), { ...AS_WRITTEN, cut: { type: 'first', ticks: 72 } }).ok,
    ).toBe(false)
  })

  it('n times is n times as long and as many steps', () => {
    fc.assert(
      fc.property(anyFigure, fc.integer({ min: 1, max: 8 }), (figure, times) => {
        const once = danced(figure, {})
        const often = danced(figure, { times })
        expect([often.lengthTicks, often.steps.lead.length]).toEqual([
          once.lengthTicks * times,
          once.steps.lead.length * times,
        ])
      }),
    )
  })

  it('of the lead’s opposite: the other foot, the same way through the hall', () => {
    const { lead, follow } = stepsOf(byId('box'))
    lead.forEach((one, i) => {
      expect(follow[i]!.foot).not.toBe(one.foot)
      if (one.travel)
        expect(wrapFacing(WALL + one.travel.direction)).toBe(
          wrapFacing(CENTRE + follow[i]!.travel!.direction),
        )
    })
    expect(follow[0]!.text).toBe('right back')
  })
})

describe('the floor', () => {
  const states = fc
    .record({ hold: fc.constantFrom(...HOLD_IDS), facing: fc.integer({ min: 0, max: 7 }) })
    .map(({ hold, facing }) => startingState(hold, facing as Facing))

  it('turned by a whole turn is as before, and danced turned is turned danced', () => {
    fc.assert(
      fc.property(states, anyFigure, fc.integer({ min: 0, max: 7 }), (state, figure, by) => {
        expect(rotateState(state, 8)).toEqual(state)
        const danced = expectOk(applyVariation(figure))
        expect(danceFrom(rotateState(state, by), danced).after).toEqual(
          rotateState(danceFrom(state, danced).after, by),
        )
      }),
    )
  })

  it('reflected twice is as before', () => {
    fc.assert(
      fc.property(states, (state) => {
        expect(reflectState(reflectState(state))).toEqual(state)
      }),
    )
  })
})

describe('the waltz figures', () => {
  it('are at least twelve, each with three wordings, of one id each', () => {
    expect(WALTZ_FIGURES.length).toBeGreaterThanOrEqual(12)
    expect(new Set(WALTZ_FIGURES.map((figure) => figure.id)).size).toBe(WALTZ_FIGURES.length)
  })

  it.each(WALTZ_FIGURES.map((figure) => [figure.name, figure] as const))(
    '%s is valid and can be danced from where it begins',
    (_name, figure) => {
      expect(figureSchema.safeParse(figure).error?.issues ?? []).toEqual([])
      expect(misplacedStep(figure)).toBeNull()
      const danced = expectOk(applyVariation(figure))
      const feet = entryFeet(danced)
      const carrying = (foot: 'left' | 'right' | null) =>
        foot === 'left' ? 'right' : foot === 'right' ? 'left' : 'both'
      for (const hold of figure.entry.holds) {
        const start = startingState(hold, (figure.entry.facings[0] ?? WALL) as Facing)
        const before: CoupleState = {
          ...start,
          lead: { ...start.lead, weight: carrying(feet.lead) },
          follow: { ...start.follow, weight: carrying(feet.follow) },
        }
        const { after, troubles } = danceFrom(before, danced)
        expect(holdFits(before, danced)).toBe(true)
        expect(troubles).toEqual([])
        expect([hold, relationFits(after)]).toEqual([hold, true])
      }
    },
  )

  it('are found by name, alias and initials', () => {
    const first = (text: string) => searchFigures(WALTZ_FIGURES, text)[0]?.name
    expect([
      first('left turn'),
      first('turning box'),
      first('ltb'),
      first('right turns'),
      first('zzz'),
    ]).toEqual([
      'Left turning box',
      'Left turning box',
      'Left turning box',
      'Two right turns',
      undefined,
    ])
  })
})
