import { SHIPPED_FIGURES } from '@dellop/core/figure'
import { sheetOffers } from './sheetCompletion.ts'

const routine = {
  dance: 'slow waltz',
  parts: [
    { id: '1', label: 'A', slots: [] },
    { id: '2', label: 'Tag', slots: [] },
  ],
}
const offers = (before: string, isOrder = false) =>
  sheetOffers(before, isOrder, routine, SHIPPED_FIGURES)
const labels = (before: string, isOrder = false) =>
  offers(before, isOrder)?.options.map(({ label }) => label) ?? null

describe('what the text of a sheet offers', () => {
  it('is figures in a part, the dance’s own first and others with their dance, with their counts', () => {
    expect(offers('  bo')!.from).toBe(2)
    expect(labels('  bo')).toEqual(expect.arrayContaining(['Box', 'rumba: Box']))
    expect(labels('  bo')![0]).toBe('Box')
    expect(offers('  box')!.options[0]).toEqual({ label: 'Box', detail: '6' })
  })
  it('is ways to vary a figure in parentheses, after the last comma', () => {
    expect(labels('  Box (ha')).toEqual(['half'])
    expect(offers('  Box (half, to b')).toEqual({
      from: 13,
      options: [{ label: 'to butterfly' }, { label: 'to banjo' }, { label: 'to back to back' }],
    })
  })
  it('is parts in the order, and figures in a change below a pass', () => {
    expect(labels('  T', true)).toEqual(['Tag'])
    expect(labels('    instead of Hover: can', true)![0]).toBe('Canter')
  })
  it('is what may stand behind a bar, of a figure, a pass or a part', () => {
    expect(labels('  Box | ha')).toEqual(['hard'])
    expect(offers('  Box | hard | opt')).toEqual({ from: 15, options: [{ label: 'optional' }] })
    expect(labels('  A x2 | fin', true)).toContain('finish in a pose')
    expect(labels('    instead of Hover: Box | ca', true)).toEqual([
      'caution shown',
      'caution hidden',
    ])
    expect(labels('part A | les')).toEqual(['lesson '])
  })
  it('is nothing in a heading, or behind words and lengths', () => {
    expect([
      labels('title: Bo'),
      labels('  "bo'),
      labels('  Box | note "s'),
      labels('  Box = '),
      labels('part A'),
    ]).toEqual([null, null, null, null, null])
  })
})
