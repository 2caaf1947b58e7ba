import fc from 'fast-check'
import { prepareCall } from '../call/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { utterancesOf, type Utterance } from './expected.ts'
import { matchSpans, STEPS, type SpokenSpan } from './match.ts'
import { scoreTake } from './score.ts'
import { simulateFloor, USUAL_FLOOR, type FloorSettings, type HeardCue } from './simulatedFloor.ts'

const spoken = (utterances: readonly Utterance[], by = 0): SpokenSpan[] =>
  utterances.map(({ start, end }) => ({ start: start + by, end: end + by }))

describe('matching what was said with the plan', () => {
  const BEAT = 0.5
  const utteranceAt = (end: number, length: number): Utterance => ({
    key: String(end),
    slotKey: String(end),
    slotId: String(end),
    text: 'words',
    start: end - length,
    end,
    step: end + 0.6,
    leastLead: 0.4,
    beatSeconds: BEAT,
  })
  const lengths = fc.double({ min: 0.2, max: 1.5, noNaN: true })
  const gaps = fc.array(fc.tuple(fc.double({ min: 0.2, max: 4, noNaN: true }), lengths), {
    maxLength: 4,
  })
  /** Ends one after the other, from the gaps between them. */
  const laid = (list: readonly (readonly [number, number])[]) => {
    let at = 0
    return list.map(([gap, length]) => ({ end: (at += gap), length }))
  }
  /** The least price of all ways to put them side by side. */
  function exhaustive(utterances: readonly Utterance[], spans: readonly SpokenSpan[]): number {
    if (utterances.length === 0 && spans.length === 0) return 0
    return Math.min(
      ...STEPS.filter(
        (step) =>
          step.utterances <= utterances.length &&
          step.spans <= spans.length &&
          step.utterances + step.spans > 0,
      ).map(
        (step) =>
          step.price(utterances.slice(0, step.utterances), spans.slice(0, step.spans)) +
          exhaustive(utterances.slice(step.utterances), spans.slice(step.spans)),
      ),
    )
  }

  it('costs what the best of all ways costs: 1000 small cases', () => {
    fc.assert(
      fc.property(gaps, gaps, (planned, said) => {
        const utterances = laid(planned).map(({ end, length }) => utteranceAt(end, length))
        const spans = laid(said).map(({ end, length }) => ({ start: end - length, end }))
        const match = matchSpans(utterances, spans)
        expect(match.cost).toBeCloseTo(exhaustive(utterances, spans), 6)
        const used = new Set([...match.said.flat(), ...match.extra])
        expect(used.size).toBe(spans.length)
      }),
      { numRuns: 1000 },
    )
  })

  const one = utteranceAt(4, 1)
  const two = utteranceAt(8, 1)
  it.each([
    [
      'as planned',
      [
        { start: 3, end: 4 },
        { start: 7, end: 8 },
      ],
      ['in-time', 'in-time'],
      0,
    ],
    [
      'a beat late',
      [
        { start: 3.5, end: 4.5 },
        { start: 7, end: 8 },
      ],
      ['late', 'in-time'],
      0,
    ],
    [
      'just so',
      [
        { start: 3.25, end: 4.25 },
        { start: 7, end: 8 },
      ],
      ['tight', 'in-time'],
      0,
    ],
    [
      'much too early',
      [
        { start: 1.5, end: 2.5 },
        { start: 7, end: 8 },
      ],
      ['early', 'in-time'],
      0,
    ],
    ['one left out', [{ start: 7, end: 8 }], ['missed', 'in-time'], 0],
    [
      'in two breaths',
      [
        { start: 3, end: 3.4 },
        { start: 3.6, end: 4 },
        { start: 7, end: 8 },
      ],
      ['in-time', 'in-time'],
      0,
    ],
    [
      'with a word between',
      [
        { start: 3, end: 4 },
        { start: 5.6, end: 6.1 },
        { start: 7, end: 8 },
      ],
      ['in-time', 'in-time'],
      1,
    ],
  ])('%s', (_, spans, verdicts, extra) => {
    const score = scoreTake([one, two], spans)
    expect(score.cues.map(({ verdict }) => verdict)).toEqual(verdicts)
    expect(score.extra).toHaveLength(extra)
  })
})

describe('a take of a whole dance', () => {
  const call = prepareCall(proved(demoText('pegs-on-a-line')), 1)
  const utterances = utterancesOf(call)

  it('said as it is planned is in time, every cue', () => {
    const score = scoreTake(utterances, spoken(utterances))
    expect(utterances.length).toBeGreaterThan(10)
    expect([score.inTime, score.extra, score.worst]).toEqual([1, [], []])
  })

  it('said a beat later is late as far as the leads were no longer', () => {
    const beat = utterances[0]!.beatSeconds
    const score = scoreTake(utterances, spoken(utterances, beat))
    const late = utterances.filter(
      ({ step, end, leastLead }) => step - end - beat < leastLead - 0.1,
    )
    expect(score.cues.filter(({ verdict }) => verdict === 'late')).toHaveLength(late.length)
    expect(late.length).toBeGreaterThan(0)
  })
})

describe('the simulated floor', () => {
  const calls = ['pegs-on-a-line', 'sluice-gate-two-step', 'reedcutters-line'].map((name) =>
    prepareCall(proved(demoText(name)), 1),
  )
  const [call] = calls as [(typeof calls)[number]]
  const planned = (one = call, by = 0): HeardCue[] =>
    utterancesOf(one).map(({ slotKey, end }) => ({ slotKey, end: end + by }))
  const floor = (change: Partial<FloorSettings>): FloorSettings => ({ ...USUAL_FLOOR, ...change })
  const seeds = fc.integer({ min: 0, max: 1e6 })

  it('is right all through where every cue is right and everybody certain', () => {
    fc.assert(
      fc.property(seeds, fc.constantFrom(...calls), (seed, one) => {
        // Certain: understood, and acted on at once; every figure told well ahead.
        const cues = one.sheet.timeline.slots.map(({ key }) => ({ slotKey: key, end: -1e3 }))
        const settings = floor({ hearing: 1, before: 1000 })
        expect(simulateFloor(one, cues, { settings, seed }).right).toBeCloseTo(1, 12)
      }),
      { numRuns: 30 },
    )
  })

  it('is nobody after the first figure without cues and without memory', () => {
    fc.assert(
      fc.property(seeds, fc.constantFrom(...calls), (seed, one) => {
        const { slots } = simulateFloor(one, [], { settings: floor({ forgetting: 1 }), seed })
        expect(slots[0]!.right).toBe(1)
        expect(slots.slice(1).every(({ right }) => right === 0)).toBe(true)
      }),
      { numRuns: 30 },
    )
  })

  it('is never better where cues end later than planned', () => {
    fc.assert(
      fc.property(
        seeds,
        fc.constantFrom(...calls),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (seed, one, a, b) => {
          const settings = floor({ hearing: 0.9 })
          // Cues that are too early send some off early: from where none is.
          const near = utterancesOf(one).map(({ slotKey, step, end, beatSeconds }) => ({
            slotKey,
            end: Math.max(end, step - 2 * beatSeconds),
          }))
          const later = (by: number) => near.map((cue) => ({ ...cue, end: cue.end + by }))
          const [less, more] = [a, b].sort((x, y) => x - y) as [number, number]
          const right = (by: number) => simulateFloor(one, later(by), { settings, seed }).right
          expect(right(more)).toBeLessThanOrEqual(right(less) + 1e-12)
        },
      ),
      { numRuns: 200 },
    )
  })

  it('is on average never worse the more it remembers', () => {
    const cues = planned()
    const right = (before: number): number => {
      const settings = floor({ before, hearing: 0.7 })
      const runs = Array.from(
        { length: 200 },
        (_, seed) => simulateFloor(call, cues, { settings, seed }).right,
      )
      return runs.reduce((sum, one) => sum + one, 0) / runs.length
    }
    const known = [0, 1, 3, 10].map(right)
    known.slice(1).forEach((one, i) => expect(one).toBeGreaterThanOrEqual(known[i]!))
  })

  it('is the same for the same seed, and another for another', () => {
    const settings = floor({ hearing: 0.6 })
    const run = (seed: number) => simulateFloor(call, planned(), { settings, seed })
    expect(run(7)).toEqual(run(7))
    expect(run(7)).not.toEqual(run(8))
  })

  it('is all back where a way back in says, however it was lost', () => {
    const { slots } = call.sheet.timeline
    const back = slots.findIndex((_, i) => i > 6)
    const cues = planned().filter(({ slotKey }) => {
      const at = slots.findIndex(({ key }) => key === slotKey)
      return at < 2 || at >= back
    })
    const anew = new Set([slots[back]!.key])
    const told = cues.map((cue) => (cue.slotKey === slots[back]!.key ? { ...cue, end: -1e3 } : cue))
    const settings = floor({ hearing: 1, forgetting: 1 })
    const run = simulateFloor(call, told, { settings, seed: 5, anew })
    const there = run.slots.find(({ slotKey }) => slotKey === slots[back]!.key)!
    expect(run.slots.find(({ slotKey }) => slotKey === slots[back - 1]!.key)!.right).toBeLessThan(1)
    expect(there.joined.every((at) => at <= there.start)).toBe(true)
  })
})
