import fc from 'fast-check'
import { expectOk } from '../document/index.ts'
import { notationSum, parseNotation, printNotation } from './notation.ts'
import type { NotationOptions } from './notationToken.ts'
import { TICKS_PER_BEAT } from './units.ts'

const read = (text: string, options: NotationOptions = {}) => {
  const { events, lengthTicks } = expectOk(parseNotation(text, options))
  return {
    beats: lengthTicks / TICKS_PER_BEAT,
    at: events.map((event) => event.at / TICKS_PER_BEAT),
  }
}
const refusal = (text: string, options: NotationOptions = {}) => {
  const result = parseNotation(text, options)
  if (result.ok) throw new Error(`"${text}" was read`)
  return result.problem
}

describe('reading counts', () => {
  it.each([
    ['1 2 3', 3, [0, 1, 2]],
    ['1 & 2 3', 3, [0, 0.5, 1, 2]],
    ['1&2 3', 3, [0, 0.5, 1, 2]],
    ['&a1 &a2 &3 &4', 4, [-0.5, -0.25, 0, 0.5, 0.75, 1, 1.5, 2, 2.5, 3]],
    ['2 3 4 & 1', 4, [0, 1, 2, 2.5, 3]],
    ['S Q Q', 4, [0, 2, 3]],
    ['S Q & Q', 4, [0, 2, 2.5, 3]],
    ['1 - 3 4', 4, [0, 2, 3]],
    ['S & S', 4, [0, 1.5, 2]],
    ['1 2 3 5 6 7 -', 8, [0, 1, 2, 4, 5, 6]],
    ['1 2 3 5 6 7', 7, [0, 1, 2, 4, 5, 6]],
    ['1 2 3 2 2 3', 6, [0, 1, 2, 3, 4, 5]],
    ['1 2 3 2 2 3 3 2 3', 9, [0, 1, 2, 3, 4, 5, 6, 7, 8]],
    ['1 2 3 4 5 6 7 8 2 2 3 4 5 6 7 8', 16, [...Array(16).keys()]],
    ['1 e & a 2', 2, [0, 0.25, 0.5, 0.75, 1]],
    ['S a S', 4, [0, 1.75, 2]],
    ['S - Q', 4, [0, 3]],
  ])('%s is %d beats', (text, beats, at) => {
    expect(read(text)).toEqual({ beats, at })
  })

  it('divides by three where the dance does', () => {
    expect(read('1 & a 2', { division: 3 })).toEqual({ beats: 2, at: [0, 1 / 3, 2 / 3, 1] })
    expect(refusal('1 e 2', { division: 3 }).offset).toBe(2)
  })

  it('takes the slow and quick of a two-step', () => {
    expect(read('Q Q S', { slowTicks: 24, quickTicks: 12 })).toEqual({ beats: 2, at: [0, 0.5, 1] })
  })

  it('counts the three-part routine: 6 + 6 + 6 + 2 beats, five bars of four', () => {
    const parts = ['S S Q Q', 'S Q Q S', 'Q Q & Q Q S', 'Q Q'].map((text) =>
      expectOk(parseNotation(text)),
    )
    const { lengths, total } = notationSum(parts)
    expect(lengths.map((length) => length / TICKS_PER_BEAT)).toEqual([6, 6, 6, 2])
    expect(total / TICKS_PER_BEAT).toBe(20)
    const and = parts[2]!.events.find((event) => event.token === '&')!.at / TICKS_PER_BEAT + 12
    expect([Math.floor(and / 4) + 1, Math.floor(and % 4) + 1, and % 1]).toEqual([4, 2, 0.5])
  })

  it('keeps beats before the first number when the count is said to start earlier', () => {
    expect(read('3 4', { countFrom: 1 })).toEqual({ beats: 4, at: [2, 3] })
    expect(read('2 3 4 & 1', { countFrom: 2 })).toEqual({ beats: 4, at: [0, 1, 2, 2.5, 3] })
  })

  it('takes a number past the bar for the number of the bar', () => {
    expect(read('1 2 3 2 2 3 3 2 3 4 2 3').beats).toBe(12)
    expect(read('1 2 3 2 2 3', { beatsPerGroup: 3 }).beats).toBe(6)
  })
})

describe('refusing', () => {
  it.each([
    ['', 0, /no count/],
    ['& -', 0, /no count/],
    ['1 x 3', 2, /character 3/],
    ['1 S', 2, /either in numbers or in S and Q/],
    ['1 - 2 3', 4, /expected, not 2/],
    ['1 2 3 2 3', 6, /expected, not 2/],
    ['S e Q', 2, /only & and a/],
  ])('"%s" points at character offset %d', (text, offset, message) => {
    const found = refusal(text)
    expect(found.offset).toBe(offset)
    expect(found.message).toMatch(message)
  })

  it('refuses syllables out of order', () => {
    expect(refusal('1 a & 2').message).toMatch(/before it/)
  })

  it('refuses a first number before the first count', () => {
    expect(refusal('1 2', { countFrom: 2 }).message).toMatch(/starts from 2/)
  })
})

describe('laws', () => {
  const bar = fc.record({
    beats: fc.integer({ min: 1, max: 12 }),
    parts: fc.array(fc.constantFrom('', '&', 'e&', 'ea', '&a', 'e&a'), {
      minLength: 12,
      maxLength: 12,
    }),
    gaps: fc.array(fc.boolean(), { minLength: 12, maxLength: 12 }),
  })
  const numbers = bar.map(({ beats, parts, gaps }) =>
    Array.from(
      { length: beats },
      (_, i) =>
        `${i > 0 && gaps[i] ? '-' : i + 1}${[...parts[i]!].map((syllable) => ` ${syllable}`).join('')}`,
    ).join(' '),
  )
  const slowQuick = fc
    .array(fc.constantFrom('S', 'Q', '- Q', 'S &', 'Q & Q'), { minLength: 1, maxLength: 10 })
    .map((words) => words.join(' '))

  it('printing what was read gives the same syllables back', () => {
    fc.assert(
      fc.property(fc.oneof(numbers, slowQuick), (text) => {
        const first = expectOk(parseNotation(text))
        const again = expectOk(parseNotation(printNotation(first)))
        expect(again.tokens.map((token) => token.text)).toEqual(
          first.tokens.map((token) => token.text),
        )
        expect(again.events).toEqual(first.events)
        expect(again.lengthTicks).toBe(first.lengthTicks)
      }),
    )
  })

  it('a bar of numbers is as long as its last number, with events that rise within it', () => {
    fc.assert(
      fc.property(numbers, (text) => {
        const { beats, at } = read(text)
        expect(beats).toBe(text.split(' ').filter((token) => /[\d-]/.test(token)).length)
        expect(at.every((one, i) => one < beats && (i === 0 || one > at[i - 1]!))).toBe(true)
      }),
    )
  })

  it('slows and quicks add up to the sum of their lengths, whatever is tucked between', () => {
    fc.assert(
      fc.property(slowQuick, (text) => {
        const sum = [...text].reduce(
          (total, letter) =>
            total + (letter === 'S' ? 2 : letter === 'Q' || letter === '-' ? 1 : 0),
          0,
        )
        expect(read(text).beats).toBe(sum)
      }),
    )
  })
})
