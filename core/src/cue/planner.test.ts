import fc from 'fast-check'
import { ROUND_SCHOOL } from '../school/index.ts'
import { steadyBeatMap, TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import { candidatesOf, type CueRules } from './candidate.ts'
import { heardClock } from './clock.ts'
import { fixedWordings, planCues, utterancesOf, type Plan, type PlanCache } from './planner.ts'
import { joinNames } from './join.ts'
import { LANGUAGES } from './language.ts'
import {
  slotsOf,
  rules,
  exhaustive,
  uttered,
  said,
  smallCase,
  setUp,
  type More,
} from './testing/plannerCases.ts'

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
