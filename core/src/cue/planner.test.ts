import fc from 'fast-check'
import { ROUND_SCHOOL, type School } from '../school/index.ts'
import { steadyBeatMap, TICKS_PER_BEAT, type BeatMap, type Tick } from '../time/index.ts'
import { candidatesOf, silenceCost, type Candidate, type CueRules } from './candidate.ts'
import { heardClock } from './clock.ts'
import { planCues, prefer, type Plan } from './planner.ts'
import { DEFAULT_VOICES } from './voice.ts'
import type { CueSlot } from './wording.ts'

const WORDS = ['box', 'hover', 'twirl vine', 'canter', 'left turning box', 'through, face, close', 'roll', 'dip back']

/** Slots end to end with the given lengths in beats; each may be cued since the one before it begins. */
function slotsOf(lengths: readonly number[], texts: readonly (readonly string[])[], wants: readonly number[] = []): CueSlot[] {
  let at = 0
  return lengths.map((length, i) => {
    const stepTick = (at * TICKS_PER_BEAT) as Tick
    const notBeforeTick = (i === 0 ? -2 * TICKS_PER_BEAT : (at - lengths[i - 1]!) * TICKS_PER_BEAT) as Tick
    at += length
    const wordings = texts[i]!.map((text, k) => ({ kind: (['full', 'short', 'prompt'] as const)[k]!, text, words: text.split(' ').length }))
    return {
      key: `s${i}`,
      stepTick,
      notBeforeTick,
      wordings,
      wantedWords: wants[i] === undefined ? Math.max(0, ...wordings.map((one) => one.words)) : (wordings[wants[i] % wordings.length]?.words ?? 0),
      silence: wordings.length === 0 ? 'no-wording' : null,
    }
  })
}

function rules(map: BeatMap, school: School = ROUND_SCHOOL, speed = 1): CueRules {
  return { school, voice: DEFAULT_VOICES.en, clock: heardClock(map, 0 as Tick, speed) }
}

type Choice = Candidate | null

/** Every combination, tried one by one: the cheapest, ties by the longer wording and then the earlier start from the first slot on. */
function exhaustive(slots: readonly CueSlot[], with_: CueRules): { cost: number; choices: Choice[] } {
  const ways = slots.map((slot) => [...[...candidatesOf(slot, with_)].sort(prefer), null])
  let best: { cost: number; choices: Choice[] } = { cost: Infinity, choices: [] }
  const visit = (i: number, ready: number, cost: number, choices: Choice[]): void => {
    if (i === slots.length) {
      if (cost < best.cost) best = { cost, choices }
      return
    }
    for (const way of ways[i]!) {
      if (way && way.start < ready) continue
      visit(i + 1, way ? way.end + with_.school.breathSeconds : ready, cost + (way ? way.cost : silenceCost(slots[i]!, with_.school)), [...choices, way])
    }
  }
  visit(0, -Infinity, 0, [])
  return best
}

const said = (plan: Plan) => plan.planned.map((one) => (one.said ? `${one.said.wording.text}@${one.said.startTick}` : '-'))

const smallCase = fc.record({
  lengths: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 4 }),
  texts: fc.array(fc.uniqueArray(fc.constantFrom(...WORDS), { maxLength: 2 }), { minLength: 4, maxLength: 4 }),
  bpm: fc.integer({ min: 60, max: 200 }),
  drift: fc.integer({ min: -20, max: 20 }),
  weights: fc.record({
    leadPerBeat: fc.integer({ min: 0, max: 200 }),
    rushPerBeat: fc.integer({ min: 0, max: 200 }),
    earlyPerBeat: fc.integer({ min: 0, max: 400 }),
    lostWord: fc.integer({ min: 0, max: 300 }),
    offBeat: fc.integer({ min: 0, max: 80 }),
    silence: fc.integer({ min: 0, max: 3000 }),
    overWord: fc.integer({ min: 0, max: 300 }),
  }),
  breath: fc.constantFrom(0, 0.1, 0.3),
  minSeconds: fc.constantFrom(0, 0.3, 0.6),
  /** Which wording of each slot is wanted this time through. */
  wants: fc.array(fc.nat(2), { maxLength: 4 }),
})

function setUp({ lengths, texts, wants, bpm, drift, weights, breath, minSeconds }: typeof smallCase extends fc.Arbitrary<infer Case> ? Case : never): [CueSlot[], CueRules] {
  const later = 8 * (60 / bpm) * (1 + drift / 100)
  const map: BeatMap = {
    segments: [
      {
        anchors: [
          { beat: 0, seconds: 0 },
          { beat: 4, seconds: (4 * 60) / bpm },
          { beat: 12, seconds: (4 * 60) / bpm + later },
        ],
      },
    ],
  }
  const school = { ...ROUND_SCHOOL, weights, breathSeconds: breath, lead: { ...ROUND_SCHOOL.lead, minSeconds } }
  return [slotsOf(lengths, texts, wants), rules(map, school)]
}

describe('the planner', () => {
  it('equals exhaustive search on 1,000 random small cases', () => {
    fc.assert(
      fc.property(smallCase, (input) => {
        const [slots, with_] = setUp(input)
        const plan = planCues(slots, with_)
        const best = exhaustive(slots, with_)
        expect(plan.cost).toBe(best.cost)
        expect(said(plan)).toEqual(best.choices.map((way) => (way ? `${way.wording.text}@${way.startTick}` : '-')))
      }),
      { numRuns: 1000, seed: 20261125 },
    )
  })

  it('keeps every hard rule, judged from what it says alone', () => {
    fc.assert(
      fc.property(smallCase, fc.constantFrom(0.8, 1, 1.2), (input, speed) => {
        const [slots, at1] = setUp(input)
        const with_: CueRules = { ...at1, clock: { heardAt: (at) => at1.clock.heardAt(at) / speed, tickAtHeard: (s) => at1.clock.tickAtHeard(s * speed) } }
        let ready = -Infinity
        planCues(slots, with_).planned.forEach(({ slot, said: way }) => {
          if (!way) return
          expect(way.start).toBeGreaterThanOrEqual(ready)
          expect(way.startTick).toBeGreaterThanOrEqual(slot.notBeforeTick)
          expect(way.end).toBeLessThanOrEqual(with_.clock.heardAt(slot.stepTick) - with_.school.lead.minSeconds)
          ready = way.end + with_.school.breathSeconds
        })
      }),
    )
  })

  it('says three words of 1.2 s, ending a beat before the step at 90 a minute, 2.8 beats before it', () => {
    const bpm = 90
    const clock = heardClock(steadyBeatMap(bpm), 0 as Tick, 1)
    const step = 8 * TICKS_PER_BEAT
    const end = clock.heardAt((step - TICKS_PER_BEAT) as Tick)
    expect((step - clock.tickAtHeard(end - 1.2)) / TICKS_PER_BEAT).toBeCloseTo(2.8, 9)
  })

  it('prefers the longer wording and then the earlier start when nothing else decides', () => {
    const free = { ...ROUND_SCHOOL, weights: { leadPerBeat: 0, rushPerBeat: 0, earlyPerBeat: 0, lostWord: 0, offBeat: 0, silence: 0, overWord: 0 } }
    const plan = planCues(slotsOf([6, 6], [['box'], ['left turning box', 'hover']]), rules(steadyBeatMap(96), free))
    expect(said(plan)).toEqual(['box@-48', 'left turning box@0'])
  })

  it('says why it stays silent', () => {
    const plan = planCues(slotsOf([2, 1, 1], [['box'], ['through, face, close'], []]), rules(steadyBeatMap(120)))
    expect(plan.planned.map((one) => (one.said ? null : one.reason))).toEqual([null, 'no-room', 'no-wording'])
  })

  it('keeps the wordings of another speed wherever the hard rules let it', () => {
    const slots = slotsOf([6, 6, 6, 3, 6], [['left turning box', 'box'], ['twirl vine'], ['through, face, close', 'roll'], ['hover'], ['left turning box', 'dip back']])
    const plain = planCues(slots, rules(steadyBeatMap(96)))
    const fixed = new Map(plain.planned.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
    const texts = (plan: Plan) => plan.planned.map((one) => one.said?.wording.text)
    expect(texts(planCues(slots, rules(steadyBeatMap(96), ROUND_SCHOOL, 0.8), fixed))).toEqual(texts(plain))
  })

  it('chooses anew for as few slots as can be, at any speed', () => {
    const changes = (choices: readonly Choice[], fixed: ReadonlyMap<string, string | null>) => choices.filter((way, i) => (way?.wording.text ?? null) !== fixed.get(`s${i}`)).length
    fc.assert(
      fc.property(smallCase, fc.constantFrom(0.7, 1.2, 1.5), (input, speed) => {
        const [slots, at1] = setUp(input)
        const fixed = new Map(planCues(slots, at1).planned.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
        const with_: CueRules = { ...at1, clock: { heardAt: (at) => at1.clock.heardAt(at) / speed, tickAtHeard: (s) => at1.clock.tickAtHeard(s * speed) } }
        let fewest = Infinity
        const ways = slots.map((slot) => [...candidatesOf(slot, with_), null])
        const visit = (i: number, ready: number, choices: Choice[]): void => {
          if (i === slots.length) fewest = Math.min(fewest, changes(choices, fixed))
          else for (const way of ways[i]!) if (!way || way.start >= ready) visit(i + 1, way ? way.end + with_.school.breathSeconds : ready, [...choices, way])
        }
        visit(0, -Infinity, [])
        expect(
          changes(
            planCues(slots, with_, fixed).planned.map((one) => one.said),
            fixed,
          ),
        ).toBe(fewest)
      }),
      { numRuns: 200 },
    )
  })

  it('names the runner-up and what it would cost', () => {
    const plan = planCues(slotsOf([6, 6], [['box'], ['left turning box', 'box']]), rules(steadyBeatMap(96)))
    const why = plan.planned[1]!.said && plan.planned[1]!.why
    expect(why?.runnerUp?.said.wording.text).toBe('box')
    expect(why?.runnerUp?.extraCost).toBeGreaterThan(0)
  })
})
