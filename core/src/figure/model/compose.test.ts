import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { checkBook } from '../checks/checkFigure.ts'
import { bookOf, composeBook, composeFigure, madeOf } from './compose.ts'
import type { Figure } from './figure.ts'
import { AS_WRITTEN, type Variation } from './variation.ts'
import { applyVariation } from './vary.ts'

const byId = (id: string): Figure => SHIPPED_FIGURES.find((figure) => figure.id === id)!
const box = byId('box')
const part = (figureId: string, variation: Partial<Variation> = {}) => ({
  figureId,
  variation: { ...AS_WRITTEN, ...variation },
})
const made = (id: string, ...parts: ReturnType<typeof part>[]): Figure => ({
  ...box,
  id,
  name: id,
  parts,
})
const composed = (figure: Figure, ...others: Figure[]) =>
  composeFigure(figure, bookOf([...SHIPPED_FIGURES, ...others]))
const refusal = (figure: Figure, ...others: Figure[]): string => {
  const result = composed(figure, ...others)
  return result.ok ? '' : result.problem.message
}

describe('a figure made of others', () => {
  it('is as long as they are, with their steps one after the other', () => {
    const two = expectOk(
      composed(
        made(
          'two',
          part('box', { cut: { type: 'half' } }),
          part('balance-left-right', { times: 2 }),
        ),
      ),
    )
    const pieces = [
      expectOk(applyVariation(box, { ...AS_WRITTEN, cut: { type: 'half' } })),
      expectOk(applyVariation(byId('balance-left-right'), { ...AS_WRITTEN, times: 2 })),
    ]
    expect(two.lengthTicks).toBe(72 + 288)
    expect(two.lead).toEqual([
      ...pieces[0]!.steps.lead,
      ...pieces[1]!.steps.lead.map((step) => ({ ...step, at: step.at + 72 })),
    ])
  })
  it('changes hands where its parts do, and ends as the last does', () => {
    const chain = expectOk(
      composed(
        made(
          'chain',
          part('hover'),
          part('vine-three', { exitHold: 'butterfly' }),
          part('box', { exitHold: 'closed' }),
        ),
      ),
    )
    expect([chain.holdChanges, chain.exitHold]).toEqual([
      [
        { at: 72, hold: 'semi-closed' },
        { at: 144, hold: 'butterfly' },
      ],
      'closed',
    ])
  })
  it('follows its part when that changes, over two of them', () => {
    const inner = made('inner', part('box', { times: 2 }))
    const outer = made('outer', part('inner', { times: 2 }))
    const lengths = (list: readonly Figure[]): number[] =>
      ['inner', 'outer'].map((id) => bookOf(list).get(id)!.lengthTicks)
    expect(lengths([outer, inner, box])).toEqual([288, 576])
    expect(lengths([outer, inner, { ...box, lengthTicks: 288 }])).toEqual([576, 1152])
    expect(madeOf([outer, inner, box, byId('hover')], 'box').map(({ id }) => id)).toEqual([
      'outer',
      'inner',
    ])
  })
  it('may not be part of itself, over however many', () => {
    const [a, b, c] = [made('a', part('b')), made('b', part('c')), made('c', part('a'))]
    expect(refusal(made('self', part('self')))).toBe(
      '“self” is part of itself: “self” has “self”. A figure may only be made of others.',
    )
    expect(refusal(a, b, c)).toBe(
      '“a” is part of itself: “a” has “b” has “c” has “a”. A figure may only be made of others.',
    )
    const { book, problems } = composeBook([a, b, c, box])
    expect(problems.map(({ figureId }) => figureId)).toEqual(['a', 'b', 'c'])
    expect([book.get('a'), book.get('box')]).toEqual([a, box])
    expect(checkBook([a, b, c, box]).filter(({ code }) => code === 'figure.parts')).toHaveLength(3)
  })
  it('says which part is missing, or cannot be danced so', () => {
    expect(refusal(made('lost', part('nowhere')))).toBe(
      '“lost” is made of a figure that the book does not hold (nowhere).',
    )
    expect(refusal(made('cut', part('canter', { cut: { type: 'half' } })))).toMatch(
      /"Canter" has no step on count/,
    )
    expect(refusal(made('long', part('box', { times: 64 }), part('box', { times: 64 })))).toMatch(
      /more than 400 steps/,
    )
  })
  it('is put together however many stand on one another, quickly', () => {
    const tower = Array.from({ length: 30 }, (_, i) =>
      made(`t${i}`, part(i === 0 ? 'vine-three' : `t${i - 1}`)),
    )
    expect(bookOf([...tower.reverse(), byId('vine-three')]).get('t29')!.lengthTicks).toBe(72)
  })
})
