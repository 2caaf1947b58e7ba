import fc from 'fast-check'
import { ROUND_SCHOOL, type School } from '../school/index.ts'
import { steadyBeatMap, TICKS_PER_BEAT, type BeatMap, type Tick } from '../time/index.ts'
import { candidatesOf, silenceCost, type Candidate, type CueRules } from './candidate.ts'
import { heardClock } from './clock.ts'
import {
  fixedWordings,
  planCues,
  prefer,
  utterancesOf,
  type Plan,
  type PlanCache,
} from './planner.ts'
import { DEFAULT_VOICES } from './voice.ts'
import type { CueSlot, Wording } from './cueSlot.ts'
import { joinNames } from './join.ts'
import { LANGUAGES } from './language.ts'

const WORDS = [
  'box',
  'hover',
  'twirl vine',
  'canter',
  'left turning box',
  'through, face, close',
  'roll',
  'dip back',
]

/**
 * Slots end to end with the given lengths in beats; each may be cued since the one before it
 * begins.
 */
function slotsOf(
  lengths: readonly number[],
  texts: readonly (readonly string[])[],
  wants: readonly number[] = [],
  more: readonly More[] = [],
): CueSlot[] {
  let at = 0
  const slots = lengths.flatMap((length, i): CueSlot[] => {
    const stepTick = (at * TICKS_PER_BEAT) as Tick
    const { mode = 'ahead', beside = null, pin, early = false } = more[i] ?? {}
    const before = i === 0 ? 2 : lengths[i - 1]! + (early && i > 1 ? lengths[i - 2]! : 0)
    const notBeforeTick = ((at - before) * TICKS_PER_BEAT) as Tick
    at += length
    const wordings = texts[i]!.map((text, k): Wording => ({
      kind: (['full', 'short', 'keyWord'] as const)[k]!,
      text,
      words: text.split(' ').length,
    }))
    const owes = beside === 'amount' && mode === 'ahead' && wordings.length > 0 && length > 1
    const one: CueSlot = {
      key: `p/s${i}`,
      slotKey: `p/s${i}`,
      purpose: 'cue',
      mode,
      stepTick,
      notBeforeTick,
      wordings: owes
        ? wordings.flatMap((name): Wording[] => [
            { ...name, text: `${name.text}, halfway`, words: name.words + 1 },
            { ...name, owes: 1 },
          ])
        : wordings,
      wantedWords:
        (wants[i] === undefined
          ? Math.max(0, ...wordings.map((name) => name.words))
          : (wordings[wants[i] % wordings.length]?.words ?? 0)) + (owes ? 1 : 0),
      silence: wordings.length === 0 ? 'no-wording' : null,
      ...(early ? { wantedKind: 'short' as const } : {}),
      ...(pin ? { pin } : {}),
    }
    const extra = { slotKey: one.slotKey, notBeforeTick, wantedWords: 1, silence: null } as const
    if (owes)
      return [
        one,
        {
          ...extra,
          key: `${one.key}#amount`,
          purpose: 'amount',
          mode: 'ahead',
          stepTick: (stepTick + TICKS_PER_BEAT) as Tick,
          wordings: [{ kind: 'full', text: 'halfway', words: 1 }],
        },
      ]
    if (beside === 'role')
      return [
        one,
        {
          ...extra,
          key: `${one.key}#lead`,
          purpose: 'first-role',
          mode: 'ahead',
          stepTick,
          wordings: [{ kind: 'full', text: 'gents', words: 1 }],
        },
      ]
    if (beside === 'gap')
      return [
        one,
        {
          ...extra,
          key: `${one.key}#announce`,
          purpose: 'gap',
          mode: 'gap',
          notBeforeTick: stepTick,
          stepTick: (stepTick + length * TICKS_PER_BEAT) as Tick,
          wordings: [{ kind: 'full', text: 'lovely', words: 1 }],
        },
      ]
    return [one]
  })
  return slots
}

/** What else a slot of a random case has. */
interface More {
  readonly mode?: 'ahead' | 'on-count' | 'with-step'
  readonly beside?: 'amount' | 'role' | 'gap' | null
  readonly pin?: NonNullable<CueSlot['pin']>
  /** It may be named before the figure before it begins, and its short wording is wanted. */
  readonly early?: boolean
}

function rules(map: BeatMap, school: School = ROUND_SCHOOL, speed = 1): CueRules {
  return { school, voice: DEFAULT_VOICES.en, clock: heardClock(map, 0 as Tick, speed) }
}

/**
 * Every combination, tried one by one: the cheapest, ties by the longer wording and then the
 * earlier start from the first slot on. What a way says already is passed over; an amount comes up
 * only where it was left out of its name.
 */
function exhaustive(
  slots: readonly CueSlot[],
  with_: CueRules,
): { cost: number; choices: string[] } {
  const ways = slots.map((slot) => [...[...candidatesOf(slot, with_)].sort(prefer), null])
  let best: { cost: number; choices: string[] } = { cost: Infinity, choices: [] }
  const visit = (
    i: number,
    ready: number,
    cost: number,
    choices: string[],
    owed: boolean,
    done: ReadonlySet<string>,
  ): void => {
    const slot = slots[i]
    if (!slot) {
      if (cost < best.cost) best = { cost, choices }
      return
    }
    if (slot.purpose === 'amount' && !owed) return visit(i + 1, ready, cost, choices, false, done)
    if (done.has(slot.key)) return visit(i + 1, ready, cost, choices, false, done)
    for (const way of ways[i]!) {
      if (way && way.start < ready) continue
      const next = cost + (way ? way.cost : silenceCost(slot, with_.school))
      if (next >= best.cost) continue
      const told = way ? [...choices, sayOf(slot, way)] : choices
      visit(
        i + 1,
        way ? way.end + with_.school.breathSeconds : ready,
        next,
        told,
        (way?.wording.owes ?? 0) > 0,
        new Set([...done, ...(way?.wording.joined ?? []).map(({ key }) => key)]),
      )
    }
  }
  visit(0, -Infinity, 0, [], false, new Set())
  return best
}

const sayOf = (slot: CueSlot, way: Candidate): string =>
  `${slot.key} ${way.wording.text}@${way.startTick}`
const uttered = (plan: Plan): string[] => utterancesOf(plan).map((one) => sayOf(one.slot, one.said))
const said = (plan: Plan) =>
  plan.planned.map((one) => (one.said ? `${one.said.wording.text}@${one.said.startTick}` : '-'))

const smallCase = fc.record({
  lengths: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 4 }),
  texts: fc.array(fc.uniqueArray(fc.constantFrom(...WORDS), { maxLength: 2 }), {
    minLength: 4,
    maxLength: 4,
  }),
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
    joinedThing: fc.integer({ min: 0, max: 600 }),
    rememberPerBeat: fc.integer({ min: 0, max: 100 }),
    secondCue: fc.integer({ min: 0, max: 300 }),
    coveredCount: fc.integer({ min: 0, max: 200 }),
  }),
  breath: fc.constantFrom(0, 0.1, 0.3),
  minSeconds: fc.constantFrom(0, 0.3, 0.6),
  /** Which wording of each slot is wanted this time through. */
  wants: fc.array(fc.nat(2), { maxLength: 4 }),
  more: fc.array(
    fc.record<More>(
      {
        mode: fc.constantFrom(
          'ahead' as const,
          'ahead' as const,
          'on-count' as const,
          'with-step' as const,
        ),
        beside: fc.constantFrom(null, null, 'amount' as const, 'role' as const, 'gap' as const),
        pin: fc.record({ startTicks: fc.constantFrom(-60, -36, -24) }),
        early: fc.boolean(),
      },
      { requiredKeys: ['mode', 'beside'] },
    ),
    { minLength: 4, maxLength: 4 },
  ),
  join: fc.record({ most: fc.constantFrom(1, 2, 3), mostBeats: fc.constantFrom(2, 6) }),
  wholeBeats: fc.boolean(),
  countsFirst: fc.boolean(),
  hallSeconds: fc.constantFrom(0, 0, 0.4),
})

function setUp({
  lengths,
  texts,
  wants,
  bpm,
  drift,
  weights,
  breath,
  minSeconds,
  more,
  join,
  wholeBeats,
  countsFirst,
  hallSeconds,
}: typeof smallCase extends fc.Arbitrary<infer Case> ? Case : never): [CueSlot[], CueRules] {
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
  const school: School = {
    ...ROUND_SCHOOL,
    weights,
    join,
    breathSeconds: breath,
    lead: { ...ROUND_SCHOOL.lead, minSeconds },
  }
  return [
    joinNames(slotsOf(lengths, texts, wants, more), school, LANGUAGES.en),
    { ...rules(map, school), wholeBeats, countsFirst, hallSeconds },
  ]
}

describe('the planner', () => {
  it('equals exhaustive search on 1,000 random small cases', () => {
    fc.assert(
      fc.property(smallCase, (input) => {
        const [slots, with_] = setUp(input)
        const plan = planCues(slots, with_)
        const best = exhaustive(slots, with_)
        expect(plan.cost).toBe(best.cost)
        expect(Number.isInteger(plan.cost)).toBe(true)
        expect(uttered(plan)).toEqual(best.choices)
      }),
      { numRuns: 1000, seed: 20261125 },
    )
  })

  it('keeps every hard rule, judged from what it says alone', () => {
    fc.assert(
      fc.property(smallCase, fc.constantFrom(0.8, 1, 1.2), (input, speed) => {
        const [slots, at1] = setUp(input)
        const with_: CueRules = {
          ...at1,
          clock: {
            heardAt: (at) => at1.clock.heardAt(at) / speed,
            tickAtHeard: (s) => at1.clock.tickAtHeard(s * speed),
          },
        }
        let ready = -Infinity
        utterancesOf(planCues(slots, with_)).forEach(({ slot, said: way }) => {
          const step = with_.clock.heardAt(slot.stepTick)
          expect(way.start).toBeGreaterThanOrEqual(ready)
          if (slot.mode === 'with-step') expect(way.startTick).toBe(slot.stepTick)
          else expect(way.startTick).toBeGreaterThanOrEqual(slot.notBeforeTick)
          if (slot.mode === 'ahead')
            expect(way.end).toBeLessThanOrEqual(
              step - with_.school.lead.minSeconds - with_.hallSeconds!,
            )
          if (slot.mode === 'on-count')
            expect(way.startTick).toBeGreaterThanOrEqual(
              slot.stepTick - with_.school.onCountBeats * TICKS_PER_BEAT,
            )
          if (slot.mode === 'on-count' || slot.mode === 'gap')
            expect(way.end).toBeLessThanOrEqual(step)
          if (with_.wholeBeats && !slot.pin)
            expect(Math.abs(way.startTick % TICKS_PER_BEAT)).toBe(0)
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
    const free = {
      ...ROUND_SCHOOL,
      weights: {
        leadPerBeat: 0,
        rushPerBeat: 0,
        earlyPerBeat: 0,
        lostWord: 0,
        offBeat: 0,
        silence: 0,
        overWord: 0,
        joinedThing: 0,
        rememberPerBeat: 0,
        secondCue: 0,
        coveredCount: 0,
      },
    }
    const plan = planCues(
      slotsOf([6, 6], [['box'], ['left turning box', 'hover']]),
      rules(steadyBeatMap(96), free),
    )
    expect(said(plan)).toEqual(['box@-48', 'left turning box@0'])
  })

  it('says why it stays silent', () => {
    const plan = planCues(
      slotsOf([2, 1, 1], [['box'], ['through, face, close'], []]),
      rules(steadyBeatMap(90)),
    )
    expect(plan.planned.map((one) => (one.said ? null : one.reason))).toEqual([
      null,
      'no-room',
      'no-wording',
    ])
  })

  it('keeps the wordings of another speed wherever the hard rules let it', () => {
    const slots = slotsOf(
      [6, 6, 6, 3, 6],
      [
        ['left turning box', 'box'],
        ['twirl vine'],
        ['through, face, close', 'roll'],
        ['hover'],
        ['left turning box', 'dip back'],
      ],
    )
    const plain = planCues(slots, rules(steadyBeatMap(96)))
    const fixed = fixedWordings(plain)
    const texts = (plan: Plan) => plan.planned.map((one) => one.said?.wording.text)
    expect(texts(planCues(slots, rules(steadyBeatMap(96), ROUND_SCHOOL, 0.8), fixed))).toEqual(
      texts(plain),
    )
  })

  it('chooses anew for as few slots as can be, at any speed', () => {
    fc.assert(
      fc.property(smallCase, fc.constantFrom(0.7, 1.2, 1.5), (input, speed) => {
        const [slots, at1] = setUp(input)
        const fixed = fixedWordings(planCues(slots, at1))
        const with_: CueRules = {
          ...at1,
          clock: {
            heardAt: (at) => at1.clock.heardAt(at) / speed,
            tickAtHeard: (s) => at1.clock.tickAtHeard(s * speed),
          },
        }
        const isOther = (key: string, text: string | null): number =>
          fixed.has(key) && fixed.get(key) !== text ? 1 : 0
        let fewest = Infinity
        const ways = slots.map((slot) => [...candidatesOf(slot, with_), null])
        const visit = (
          i: number,
          ready: number,
          changes: number,
          owed: boolean,
          done: ReadonlySet<string>,
        ): void => {
          const slot = slots[i]
          if (changes >= fewest) return
          if (!slot) return void (fewest = changes)
          if ((slot.purpose === 'amount' && !owed) || done.has(slot.key))
            return visit(i + 1, ready, changes, false, done)
          for (const way of ways[i]!) {
            if (way ? way.start < ready : slot.purpose === 'amount') continue
            const keys = [slot.key, ...(way?.wording.joined ?? []).map(({ key }) => key)]
            const more = keys.reduce((sum, key) => sum + isOther(key, way?.wording.text ?? null), 0)
            visit(
              i + 1,
              way ? way.end + with_.school.breathSeconds : ready,
              changes + more,
              (way?.wording.owes ?? 0) > 0,
              new Set([...done, ...keys.slice(1)]),
            )
          }
        }
        visit(0, -Infinity, 0, false, new Set())
        const plan = planCues(slots, with_, fixed)
        const now = fixedWordings(plan)
        expect([...now].reduce((sum, [key, text]) => sum + isOther(key, text), 0)).toBe(fewest)
      }),
      { numRuns: 200 },
    )
  })

  it('says something else than the cuer has pinned only where the pin cannot be kept, and says so', () => {
    const plan = (startTicks: number) =>
      planCues(
        slotsOf([6, 6], [['box'], ['left turning box']], [], [{}, { pin: { startTicks } }]),
        rules(steadyBeatMap(96)),
      )
    const at = (startTicks: number) => {
      const one = plan(startTicks).planned[1]!
      return one.said && [one.said.startTick, one.why.pinBroken]
    }
    expect(at(-90)).toEqual([6 * TICKS_PER_BEAT - 90, false])
    expect(at(-6)![1]).toBe(true)
  })

  it('plans around a pin', () => {
    const slots = (pin?: More['pin']) =>
      slotsOf(
        [6, 4, 6],
        [['box'], ['hover'], ['left turning box', 'box']],
        [],
        [{}, pin ? { pin } : {}, {}],
      )
    const texts = (plan: Plan) => plan.planned.map((one) => one.said?.wording.text ?? null)
    expect(texts(planCues(slots(), rules(steadyBeatMap(96))))).toEqual([
      'box',
      'hover',
      'left turning box',
    ])
    expect(
      planCues(slots({ startTicks: -48 }), rules(steadyBeatMap(96))).planned[1]!.said!.startTick,
    ).toBe(4 * TICKS_PER_BEAT)
  })

  it('planning on from the plan before equals planning anew, whatever was changed', () => {
    fc.assert(
      fc.property(smallCase, smallCase, fc.nat(3), (one, other, from) => {
        const [before, with_] = setUp(one)
        const cache: PlanCache = { last: null }
        planCues(before, with_, null, cache)
        // The head of another case before the tail of this one, at its own times: what an edit near
        // the beginning leaves.
        const [head] = setUp({ ...other, lengths: one.lengths, join: one.join })
        const names = before.filter(({ purpose }) => purpose === 'cue')
        const cut = names[from % names.length]!.stepTick
        const after = [
          ...head.filter(({ slotKey }) => head.find(({ key }) => key === slotKey)!.stepTick < cut),
          ...before.filter(
            ({ slotKey }) => before.find(({ key }) => key === slotKey)!.stepTick >= cut,
          ),
        ]
        const joined = joinNames(
          after.map((slot) => ({
            ...slot,
            wordings: slot.wordings.filter((wording) => !wording.joined),
          })),
          { ...with_.school, join: { most: 1, mostBeats: 1 } },
          LANGUAGES.en,
        )
        const kept = joined.map((slot, i) =>
          before.includes(after[i]!) &&
          !slot.wordings.some((wording) => wording.joined) &&
          slot.wordings.length === after[i]!.wordings.length
            ? after[i]!
            : slot,
        )
        const again = planCues(kept, with_, null, cache)
        const anew = planCues(kept, with_)
        expect([again.cost, uttered(again)]).toEqual([anew.cost, uttered(anew)])
      }),
      { numRuns: 500 },
    )
  })

  it('says a name first and its amount before the half and the whole part, where both in one breath do not fit', () => {
    const said = (beats: number) => {
      const slots = slotsOf(
        [beats, 8],
        [['box'], ['left turning box']],
        [],
        [{}, { beside: 'amount' }],
      )
      const later = slots.map((slot) =>
        slot.purpose === 'amount'
          ? { ...slot, stepTick: ((beats + 4) * TICKS_PER_BEAT) as Tick }
          : slot,
      )
      return utterancesOf(planCues(later, rules(steadyBeatMap(100)))).map(
        (one) => one.said.wording.text,
      )
    }
    expect(said(6)).toEqual(['box', 'left turning box, halfway'])
    expect(said(3)).toEqual(['box', 'left turning box', 'halfway'])
  })

  it('names the runner-up and what it would cost', () => {
    const plan = planCues(
      slotsOf([6, 6], [['box'], ['left turning box', 'box']]),
      rules(steadyBeatMap(96)),
    )
    const why = plan.planned[1]!.said && plan.planned[1]!.why
    expect(why?.runnerUp?.said.wording.text).toBe('box')
    expect(why?.runnerUp?.extraCost).toBeGreaterThan(0)
  })
})
