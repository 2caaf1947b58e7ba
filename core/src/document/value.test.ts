import fc from 'fast-check'
import { sameValue, sharedWith } from './value.ts'

const json = fc.jsonValue({ maxDepth: 4 })
const copy = <Value>(value: Value): Value => structuredClone(value)

describe('a value shared with one before', () => {
  it('says the same as before it was shared, whatever was there', () => {
    fc.assert(
      fc.property(json, json, (before, now) => {
        expect(sharedWith(before, copy(now))).toEqual(now)
      }),
    )
  })
  it('is the one before where nothing has changed', () => {
    fc.assert(
      fc.property(json, (one) => {
        expect(Object.is(sharedWith(one, copy(one)), one)).toBe(true)
      }),
    )
  })
  it('keeps what has not changed, members of lists by their id', () => {
    const a = { id: 'a', of: { steps: [1, 2] } }
    const b = { id: 'b', of: { steps: [3] } }
    const before = { parts: [a, b], words: { full: 'turn' } }
    const now = sharedWith(before, {
      parts: [{ id: 'new', of: { steps: [1, 2] } }, copy(a), { id: 'b', of: { steps: [4] } }],
      words: { full: 'turn' },
    })
    expect(now.parts[1]).toBe(a)
    expect(now.words).toBe(before.words)
    expect(now.parts[2]).toEqual({ id: 'b', of: { steps: [4] } })
    expect(sameValue(now, before)).toBe(false)
  })
})
