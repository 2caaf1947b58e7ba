import fc from 'fast-check'
import { expectOk } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { WALL } from '../../move/index.ts'
import type { Figure } from './figure.ts'
import { danceFrom } from './danceFrom.ts'
import { rotateState, startingState } from './coupleState.ts'
import { HOLD_IDS, holdOf } from './hold.ts'
import { ROLES, type Step } from './step.ts'
import { readStepLine } from '../notation/stepLine.ts'
import { netTurn } from './turnAmount.ts'
import { AS_WRITTEN, type Variation } from './variation.ts'
import { applyVariation, type DancedFigure } from './vary.ts'

const line = (text: string): Step[] => expectOk(readStepLine(text))
const byId = (id: string): Figure => SHIPPED_FIGURES.find((figure) => figure.id === id)!
const vary = (figure: Figure, variation: Partial<Variation>) =>
  applyVariation(figure, { ...AS_WRITTEN, ...variation })
const danced = (figure: Figure, variation: Partial<Variation> = {}): DancedFigure =>
  expectOk(vary(figure, variation))
const refusal = (figure: Figure, variation: Partial<Variation>): string => {
  const result = vary(figure, variation)
  return result.ok ? '' : result.problem.message
}
const anyFigure = fc.constantFrom(...SHIPPED_FIGURES)
const shape = ({ steps, lengthTicks, exitHold, holds, others }: DancedFigure) => ({
  steps,
  lengthTicks,
  exitHold,
  holds,
  others,
})

describe('the laws of variations, over the whole book', () => {
  it('reflected twice is the figure itself, holds and all', () => {
    const mirrorable = SHIPPED_FIGURES.filter((figure) => vary(figure, { reflected: true }).ok)
    expect(mirrorable.length).toBeGreaterThan(100)
    for (const figure of mirrorable) {
      const once = danced(figure, { reflected: true })
      // What was danced once is written down as a figure, and danced mirrored again.
      const again = danced(
        {
          ...figure,
          lead: once.steps.lead,
          follow: once.steps.follow,
          holdChanges: once.holds,
          exitHold: once.exitHold,
        },
        { reflected: true },
      )
      expect(shape(again)).toEqual({ ...shape(danced(figure)), others: again.others })
    }
  })
  it('every one can be mirrored: every hold has a mirror, and that one it again', () => {
    expect(SHIPPED_FIGURES.filter((one) => !vary(one, { reflected: true }).ok)).toEqual([])
    for (const id of HOLD_IDS) expect(holdOf(holdOf(id)!.mirror)!.mirror).toBe(id)
  })
  it('what is before a cut and what is after it are the whole, wherever it can be cut', () => {
    fc.assert(
      fc.property(anyFigure, fc.integer({ min: 1, max: 32 }), (figure, n) => {
        const ticks = n * (TICKS_PER_BEAT / 2)
        const [first, rest] = [
          vary(figure, { cut: { type: 'first', ticks } }),
          vary(figure, { cut: { type: 'from', ticks } }),
        ]
        expect(first.ok).toBe(rest.ok)
        if (!first.ok || !rest.ok) return
        const later = (steps: readonly Step[]): Step[] =>
          steps.map((step) => ({ ...step, at: step.at + ticks }))
        expect(first.value.lengthTicks + rest.value.lengthTicks).toBe(figure.lengthTicks)
        const whole = danced(figure)
        const byTime = (steps: readonly Step[]): Step[] =>
          [...steps].sort((a, b) => a.at - b.at || a.layer.localeCompare(b.layer))
        for (const role of ROLES)
          expect(byTime([...first.value.steps[role], ...later(rest.value.steps[role])])).toEqual(
            byTime(whole.steps[role]),
          )
        for (const role of ROLES)
          expect(netTurn(first.value.steps[role]) + netTurn(rest.value.steps[role])).toBe(
            netTurn(whole.steps[role]),
          )
      }),
    )
  })
  it('rotated keeps feet and turns, changes where it faces, and by a whole turn nothing', () => {
    fc.assert(
      fc.property(anyFigure, fc.integer({ min: -8, max: 8 }), (figure, rotate) => {
        const start = startingState(figure.entry.holds[0] ?? 'none', WALL)
        const [plain, turned] = [danced(figure), danced(figure, { rotate })]
        expect(turned.steps).toEqual(plain.steps)
        expect(danceFrom(start, turned).after).toEqual(
          rotateState(danceFrom(start, plain).after, rotate),
        )
        expect(danceFrom(start, danced(figure, { rotate: 8 })).after).toEqual(
          danceFrom(start, plain).after,
        )
      }),
    )
  })
  it('of another amount of turn turns by that amount, and so does the partner, or as much the other way', () => {
    fc.assert(
      fc.property(anyFigure, fc.integer({ min: -16, max: 16 }), (figure, turn) => {
        const result = vary(figure, { turn })
        const plain = danced(figure)
        const [lead, follow] = ROLES.map((role) => netTurn(plain.steps[role])) as [number, number]
        if (!result.ok) return expect(Math.abs(lead)).not.toBe(Math.abs(follow))
        if (plain.steps.lead.length === 0) return
        expect(netTurn(result.value.steps.lead)).toBe(turn)
        const more = turn - lead
        if (plain.steps.follow.length > 0)
          expect([follow + more, follow - more]).toContain(netTurn(result.value.steps.follow))
        expect(result.value.steps.lead.map(({ at, foot, kind }) => [at, foot, kind])).toEqual(
          plain.steps.lead.map(({ at, foot, kind }) => [at, foot, kind]),
        )
      }),
    )
  })
  it('begun on another count, nothing is removed', () => {
    for (const figure of SHIPPED_FIGURES)
      expect(shape(danced(figure, { countFrom: 2 }))).toEqual(shape(danced(figure)))
  })
  it('without its pause keeps every step, and only held time goes', () => {
    const paused = SHIPPED_FIGURES.filter((figure) => vary(figure, { withoutPause: true }).ok)
    expect(paused.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['ring-dance.three-steps-and-hold', 'rumba.side-walk']),
    )
    for (const figure of paused) {
      const [whole, short] = [danced(figure), danced(figure, { withoutPause: true })]
      expect(short.lengthTicks).toBeLessThan(whole.lengthTicks)
      for (const role of ROLES)
        expect(short.steps[role]).toEqual(
          whole.steps[role].filter(({ kind, at }) => kind !== 'hold' || at < short.lengthTicks),
        )
    }
  })
})

describe('a variation', () => {
  const three = byId('ring-dance.three-steps-and-hold')
  it('without the pause makes three counts of three steps and a hold, and has none to leave out elsewhere', () => {
    expect(danced(three, { withoutPause: true }).lengthTicks).toBe(72)
    expect(danced(three, { withoutPause: true, times: 2 }).lengthTicks).toBe(144)
    expect(refusal(byId('box'), { withoutPause: true })).toBe(
      '“Box” has no pause at its end that could be left out.',
    )
  })
  it('shares another amount among the steps that turn, and gives it to the last step where none does', () => {
    expect(
      danced(byId('left-turning-box'), { turn: -4 }).steps.lead.map(({ turn }) => turn),
    ).not.toEqual(danced(byId('left-turning-box')).steps.lead.map(({ turn }) => turn))
    expect(danced(byId('box'), { turn: -2 }).steps.lead.at(-1)).toMatchObject({
      foot: 'right',
      turn: -2,
    })
    expect(refusal(byId('twirl-vine'), { turn: 4 })).toMatch(
      /lead and follow turn by different amounts/,
    )
    expect(danced(byId('two-step.basketball-turn'), { turn: 4 }).steps).toMatchObject({
      lead: expect.anything(),
      follow: expect.anything(),
    })
    expect(netTurn(danced(byId('two-step.basketball-turn'), { turn: 4 }).steps.follow)).toBe(-4)
  })
  it('ends otherwise where it has another ending, and asks where it has none of that name', () => {
    const open = danced(byId('two-step.vine-four'), { ending: 'to open' })
    expect([
      open.exitHold,
      netTurn(open.steps.lead),
      netTurn(open.steps.follow),
      open.lengthTicks,
    ]).toEqual(['open', -2, 2, 96])
    expect(refusal(byId('two-step.vine-four'), { ending: 'to fan' })).toBe(
      '“Vine four” has no ending “to fan”; it has “to open”.',
    )
    expect(refusal(byId('box'), { ending: 'to fan' })).toBe(
      '“Box” has no ending “to fan”; it has none.',
    )
  })
  it('has an option only where it is chosen', () => {
    const heads = (variation: Partial<Variation>) =>
      danced(byId('hover'), variation).steps.lead.filter(({ layer }) => layer === 'head').length
    expect([heads({}), heads({ options: ['look to the joined hands'] })]).toEqual([0, 1])
    expect(refusal(byId('hover'), { options: ['wink'] })).toMatch(
      /has no option “wink”; it has “look to the joined hands”/,
    )
  })
  it('replaces with an option what stands on the same tick of the same layer', () => {
    const figure: Figure = {
      ...byId('box'),
      options: [{ name: 'tap', lead: line('3 left touch'), follow: 'opposite' }],
    }
    const { lead, follow } = danced(figure, { options: ['tap'] }).steps
    expect([lead.length, lead[2]?.kind, follow[2]?.foot]).toEqual([6, 'touch', 'right'])
  })
  it('is cut where the figure has its own half', () => {
    const canter: Figure = { ...byId('canter'), halfTicks: 48 }
    expect(danced(canter, { cut: { type: 'half' } }).lengthTicks).toBe(48)
  })
  it('keeps the hands as far as it is danced', () => {
    const figure: Figure = {
      ...byId('box'),
      holdChanges: [
        { at: 24, hold: 'butterfly' },
        { at: 96, hold: 'two hands' },
      ],
      exitHold: 'closed',
    }
    expect([
      danced(figure, { cut: { type: 'half' } }).exitHold,
      danced(figure, { cut: { type: 'from', ticks: 72 } }).holds,
      danced(figure, { times: 2 }).holds.map(({ at }) => at),
    ]).toEqual(['butterfly', [{ at: 24, hold: 'two hands' }], [24, 96, 144, 168, 240]])
  })
})
