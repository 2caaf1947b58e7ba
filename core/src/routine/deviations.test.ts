import fc from 'fast-check'
import { lineSums as sumsOn, nearestWhole, unitSums, type SummedPass } from './deviations.ts'

const pass = (lengthTicks: number, partId = 'a', more: Partial<SummedPass> = {}): SummedPass => ({
  partId,
  lengthTicks,
  isFlexible: false,
  tiedAt: null,
  ...more,
})
const off = (sums: readonly { deviation: number }[]): number[] =>
  sums.map(({ deviation }) => deviation)
/** Between every two lines there is a phrase. */
const lineSums = (passes: readonly SummedPass[], lines: readonly number[]) =>
  sumsOn(
    passes,
    lines,
    lines.slice(1).map((end, i) => ({ start: lines[i]!, end })),
  )
/** Lines every so many ticks. */
const every = (ticks: number, count = 40): number[] =>
  Array.from({ length: count }, (_, i) => i * ticks)

describe('parts held to whole units', () => {
  it.each([
    [12, 16, -4],
    [20, 16, 4],
    [44, 48, -4],
    [24, 16, -8],
    [4, 16, -12],
    [23, 8, -1],
    [48, 16, 0],
  ])('%d in units of %d is %d', (length, unit, deviation) => {
    expect(length - nearestWhole(length, unit)).toBe(deviation)
    expect(off(unitSums([pass(length)], () => unit))).toEqual([deviation])
  })
  it('three eights, 16 and 32, 56 counts are sound', () =>
    expect(
      off(
        unitSums(
          [24, 16, 32, 56].map((n) => pass(n)),
          () => 8,
        ),
      ),
    ).toEqual([0, 0, 0, 0]))
  it('two that fill one phrase together share it', () =>
    expect(off(unitSums([pass(8), pass(8, 'b'), pass(16)], () => 16))).toEqual([0, 0, 0]))
  it('what is held to nothing, or is open, is as it is', () => {
    expect(off(unitSums([pass(7)], () => null))).toEqual([0])
    expect(off(unitSums([pass(7, 'a', { isFlexible: true })], () => 8))).toEqual([0])
  })
})

describe('parts held to the music', () => {
  it('the cause is found, and what follows from it is not', () => {
    const passes = [pass(48), pass(42, 'b'), pass(48), pass(42, 'b'), pass(48)]
    expect(off(lineSums(passes, every(24)))).toEqual([0, -6, 0, -6, 0])
  })
  it('a verse of 40 is 24 and 16 together', () => {
    const lines = [0, 40, 80, 120]
    const verse = [pass(24), pass(16, 'b')]
    expect(off(lineSums([...verse, ...verse, ...verse], lines))).toEqual([0, 0, 0, 0, 0, 0])
  })
  it('a bridge that the music does not have is the cause, not all that comes after it', () =>
    expect(off(lineSums([pass(32), pass(8, 'bridge'), pass(32), pass(32)], every(32)))).toEqual([
      0, -24, 0, 0,
    ]))
  it('a bridge that the music has is none', () => {
    const lines = [0, 32, 64, 72, 104, 136]
    expect(off(lineSums([pass(32), pass(32), pass(8, 'x'), pass(32), pass(32)], lines))).toEqual([
      0, 0, 0, 0, 0,
    ])
  })
  it('what is open takes what there is until the next tie', () => {
    const passes = [
      pass(32),
      pass(10, 'b', { isFlexible: true }),
      pass(32, 'a', { tiedAt: 64 }),
      pass(30),
    ]
    expect(off(lineSums(passes, every(32)))).toEqual([0, 0, 0, -2])
  })
  it('behind the music nothing is held to anything', () =>
    expect(off(lineSums([pass(32), pass(32), pass(30)], [0, 32, 64]))).toEqual([0, 0, 0]))

  it('lets one pass be several lines longer where that changes the least', () => {
    const lines = [0, 6, 12, 18, 24, 42, 60, 66, 72]
    const changed = off(lineSums([pass(6), pass(24, 'b'), pass(6, 'c'), pass(6, 'd')], lines))
    expect(changed.reduce((sum, n) => sum + Math.abs(n), 0)).toBe(18)
  })

  it('changes no more than any way of changing does, on all small cases', () => {
    /** The least change, by trying everything: each pass ends on any line behind its start. */
    const least = (passes: readonly SummedPass[], lines: readonly number[], from = 0): number => {
      if (passes.length === 0) return 0
      const [one, ...rest] = passes
      return Math.min(
        ...lines.flatMap((line, to) =>
          to > from
            ? [Math.abs(one!.lengthTicks - (line - lines[from]!)) + least(rest, lines, to)]
            : [],
        ),
      )
    }
    fc.assert(
      fc.property(
        fc.array(
          fc.integer({ min: 1, max: 5 }).map((n) => n * 6),
          { minLength: 1, maxLength: 4 },
        ),
        fc.array(
          fc.integer({ min: 1, max: 4 }).map((n) => n * 6),
          { minLength: 8, maxLength: 8 },
        ),
        (lengths, gaps) => {
          const lines = gaps.reduce<number[]>((all, gap) => [...all, all.at(-1)! + gap], [0])
          const passes = lengths.map((n, i) => pass(n, String(i)))
          const changed = off(lineSums(passes, lines)).reduce((sum, n) => sum + Math.abs(n), 0)
          expect(changed).toBeLessThanOrEqual(least(passes, lines))
        },
      ),
      { numRuns: 300 },
    )
  })
})
