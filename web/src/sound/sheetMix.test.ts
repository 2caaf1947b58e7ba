import { cueLines } from '@dellop/core/sheet'
import type { Tick } from '@dellop/core/time'
import type { Said } from '../sound/speech.ts'
import { WALTZ } from '../testing/waltz.ts'
import { hearingMix, saidAt, textsOf, weighedTexts, type HearingWish } from './sheetMix.ts'

const WHOLE: HearingWish = {
  stretch: null,
  speed: 1,
  voice: true,
  marks: 'none',
  levels: { music: 0.7, voice: 1 },
  apart: false,
}
const sayable = (wish: HearingWish): Map<string, Said> =>
  new Map(textsOf(WALTZ, wish).map((text) => [text, { text } as unknown as Said]))
const mix = (wish: Partial<HearingWish> = {}) => {
  const whole = { ...WHOLE, ...wish }
  return hearingMix(WALTZ, whole, null, sayable(whole))
}
const [, second] = WALTZ.timeline.passes
const PASS = { start: second!.start, end: second!.end as Tick }

describe('what a hearing says', () => {
  it('every cue, at the moment it is planned for, in order', () => {
    const lines = cueLines(WALTZ, 1)
    expect(mix().spoken.map(({ at }) => at)).toEqual(lines.map(({ startSeconds }) => startSeconds))
    expect(lines.length).toBeGreaterThan(20)
  })
  it('nothing without the voice, and no cue that cannot be said', () => {
    expect(mix({ voice: false }).spoken).toEqual([])
    expect(hearingMix(WALTZ, WHOLE, null, new Map()).spoken).toEqual([])
  })
  it('the counts that no words cover, beside the cues and still in order', () => {
    const times = mix({ marks: 'count' }).spoken.map(({ at }) => at)
    expect(times.length).toBeGreaterThan(mix().spoken.length)
    expect(times).toEqual([...times].sort((a, b) => a - b))
  })
  it('weighs each wording once, and among them all that is said', () => {
    const weighed = weighedTexts(WALTZ)
    expect(new Set(weighed).size).toBe(weighed.length)
    const said = WALTZ.plan.planned.flatMap(({ said: one }) => (one ? [one.wording.text] : []))
    expect(said.filter((text) => !weighed.includes(text))).toEqual([])
  })
})

describe('how long a hearing is', () => {
  it('from the music, or a cue before it, until the last step has sounded', () => {
    const { from, to, spoken } = mix()
    expect(from).toBeLessThanOrEqual(Math.min(0, spoken[0]!.at))
    expect(to).toBeGreaterThan(spoken.at(-1)!.at)
  })
  it('of a stretch from its own first cue, which comes before its first step', () => {
    const keys = new Set(second!.slots.map(({ key }) => key))
    const own = cueLines(WALTZ, 1).filter(({ slotKey }) => keys.has(slotKey))
    const { from, to } = mix({ stretch: PASS })
    expect(from).toBeLessThan(own[0]!.startSeconds)
    expect(from).toBeGreaterThan(own[0]!.startSeconds - 1)
    expect(to - from).toBeGreaterThan(14)
    expect(to - from).toBeLessThan(20)
  })
  it('twice as slow it lasts about twice as long', () => {
    const length = (speed: number): number => {
      const { from, to } = mix({ speed, voice: false })
      return to - from
    }
    expect(length(0.5) / length(1)).toBeCloseTo(2, 1)
  })
})

describe('the clicks of a hearing', () => {
  it('one for each beat of the dance, strong on the first of each bar', () => {
    const { clicks } = mix({ marks: 'clicks' })
    expect(clicks).toHaveLength(WALTZ.timeline.lengthTicks / 24)
    expect(clicks.map(({ strong }) => strong)).toEqual(clicks.map((_, i) => i % 3 === 0))
  })
  it('none unless they are wanted', () => {
    expect(mix({ marks: 'count' }).clicks).toEqual([])
  })
})

describe('what is being said at a moment', () => {
  it.each([1, 0.8])('is the last cue that has begun, at speed %s', (speed) => {
    const lines = cueLines(WALTZ, speed)
    expect(saidAt(WALTZ, speed, lines[0]!.startSeconds - 1)).toBe(null)
    for (const { startSeconds, text } of lines)
      expect(saidAt(WALTZ, speed, startSeconds + 1e-6)).toBe(text)
  })
})
