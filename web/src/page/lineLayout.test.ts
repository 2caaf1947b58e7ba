import type { RowLine } from '@dellop/core/sheet'
import type { Tick } from '@dellop/core/time'
import fc from 'fast-check'
import { barsPerLineFor, LEAST_BEAT_PX, layoutLine } from './lineLayout.ts'

const tick = (beats: number): Tick => (beats * 24) as Tick

/** A line of 12 beats whose cues follow one another, each ending before the next starts. */
const lines = fc
  .array(
    fc.record({
      gap: fc.integer({ min: 0, max: 4 }),
      length: fc.integer({ min: 2, max: 12 }),
      words: fc.array(fc.constantFrom('left', 'turning', 'box', 'through,', 'halfway'), {
        minLength: 1,
        maxLength: 6,
      }),
    }),
    { maxLength: 6 },
  )
  .map((cues): RowLine => {
    let at = 0
    const ribbons = cues.flatMap(({ gap, length, words }, i) => {
      const start = at + gap * 6
      const end = start + length * 6
      if (end > 288) return []
      at = end
      return [
        {
          key: `s${i}`,
          slotKey: `s${i}`,
          purpose: 'cue' as const,
          isPinned: false,
          start: start as Tick,
          end: end as Tick,
          stepTick: (end + 12) as Tick,
          said: {
            wording: { kind: 'full', text: words.join(' '), words: words.length },
          } as RowLine['ribbons'][number]['said'],
        },
      ]
    })
    return { start: tick(0), end: tick(12), blocks: [], counts: [], ribbons }
  })

describe('a line of the page', () => {
  it('lays no cue over another and clips none, however long its words', () => {
    fc.assert(
      fc.property(lines, fc.integer({ min: LEAST_BEAT_PX, max: 90 }), (line, beatPx) => {
        const { ribbons } = layoutLine(line, beatPx, [])
        for (const [i, a] of ribbons.entries()) {
          expect(a.left).toBeGreaterThanOrEqual(0)
          for (const b of ribbons.slice(i + 1))
            if (a.tier === b.tier)
              expect(a.left + a.width <= b.left + 0.6 || b.left + b.width <= a.left + 0.6).toBe(
                true,
              )
        }
      }),
    )
  })

  it('ends a cue where its sound ends, and draws the lead from there to the step', () => {
    const line: RowLine = {
      start: tick(0),
      end: tick(12),
      blocks: [],
      counts: [],
      ribbons: [
        {
          key: 's',
          slotKey: 's',
          purpose: 'cue',
          isPinned: false,
          start: tick(4),
          end: tick(8),
          stepTick: tick(9),
          said: { wording: { kind: 'full', text: 'box', words: 1 } } as never,
        },
      ],
    }
    const { ribbons, leads } = layoutLine(line, 50, [])
    expect([ribbons[0]!.left, ribbons[0]!.left + ribbons[0]!.width]).toEqual([200, 400])
    expect(leads[0]).toEqual({ key: 's', left: 400, width: 50 })
  })

  it('takes as many bars on a line as leave every beat its room', () => {
    expect([700, 1300, 390, 150].map((width) => barsPerLineFor(width, 3))).toEqual([4, 8, 2, 1])
    expect(barsPerLineFor(700, 4)).toBe(2)
  })
})
