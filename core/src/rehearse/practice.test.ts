import fc from 'fast-check'
import { prepareCall } from '../call/index.ts'
import { freeFoot } from '../figure/index.ts'
import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import {
  afterRound,
  beginDrill,
  drillStages,
  dueBy,
  dueList,
  hardPlaces,
  howItDiffers,
  keptCues,
  mendsOf,
  ownLengths,
  practiceSchema,
  quizQuestion,
  scoreTake,
  secondsOf,
  USUAL_FLOOR,
  utterancesOf,
  whatWouldHaveSaved,
  worthOfPlan,
  type DrillState,
  type Practice,
  type QuizKind,
  type SpokenSpan,
  type Utterance,
} from './index.ts'

const DAY = 24 * 3600_000
const sheet = proved(demoText('pegs-on-a-line'))
const call = prepareCall(sheet, 1)
const utterances = utterancesOf(call)
const asPlanned = utterances.map(({ start, end }): SpokenSpan => ({ start, end }))

describe('what is due again', () => {
  const base = (day: number) => ({
    format: 'dellop-practice' as const,
    version: 1 as const,
    id: `q${day}`,
    sheetId: 'a-sheet',
    title: 'Lanterns',
    atMs: day * DAY,
  })
  const answered = (day: number, right: boolean, question = 'next a'): Practice => ({
    ...base(day),
    kind: 'quiz',
    answers: [{ question, right }],
  })

  it('comes back after 1, 2, 4, 8 and 16 days where it goes right each time', () => {
    const days = [0, 1, 3, 7, 15, 31, 47]
    days.forEach((day, i) => {
      const [due] = dueList(days.slice(0, i + 1).map((one) => answered(one, true)))
      expect(due!.dueMs / DAY - day).toBe([1, 2, 4, 8, 16, 16, 16][i])
    })
  })

  it('goes back to the first box where it goes wrong, and is not hurried by going over it today', () => {
    const well = [answered(0, true), answered(1, true)]
    expect(dueList([...well, answered(3, false)])[0]).toMatchObject({ box: 1, dueMs: 4 * DAY })
    expect(dueList([...well, answered(1.2, true), answered(1.4, true)])[0]!.dueMs).toBe(3 * DAY)
    expect(dueBy(well, 2.9 * DAY)).toEqual([])
    expect(dueBy(well, 3 * DAY)).toHaveLength(1)
  })

  it('holds cues of takes, once each, wrong where any of its times was', () => {
    const late = scoreTake(
      utterances,
      asPlanned.map((one, i) => (i === 0 ? { start: one.start + 2, end: one.end + 2 } : one)),
    )
    const take = practiceSchema.parse({
      ...base(0),
      kind: 'take',
      revision: 3,
      recordingId: null,
      groupId: null,
      speaker: 'key',
      speed: 1,
      seed: 1,
      floor: USUAL_FLOOR,
      stretch: null,
      until: 60,
      spans: [],
      delaySeconds: null,
      cues: keptCues(late),
      inTime: late.inTime,
      right: 0.5,
      rightAsPlanned: 0.6,
      media: null,
    })
    const due = dueList([take])
    expect(due).toHaveLength(new Set(utterances.map(({ slotId }) => slotId)).size)
    expect(due[0]).toMatchObject({ key: `cue:${utterances[0]!.slotId}`, box: 1 })
  })
})

describe('a drill', () => {
  const rounds = (state: DrillState, goods: readonly boolean[], stages = 1): DrillState =>
    goods.reduce((now, good) => afterRound(now, good, stages), state)

  it('goes a rung faster after two good rounds and slower after two bad ones', () => {
    expect(rounds(beginDrill(0.8), [true, true]).speed).toBeCloseTo(0.85)
    expect(rounds(beginDrill(0.8), [false, false]).speed).toBeCloseTo(0.75)
    expect(rounds(beginDrill(0.8), [true, false, true, false]).speed).toBeCloseTo(0.8)
  })

  it('stays between 60 and 110 %, whatever happens, and goes on to a stage only at tempo', () => {
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { maxLength: 80 }),
        fc.integer({ min: 1, max: 5 }),
        (goods, stages) => {
          let state = beginDrill(0.6)
          for (const good of goods) {
            const before = state
            state = afterRound(state, good, stages)
            expect(state.speed).toBeGreaterThanOrEqual(0.6 - 1e-9)
            expect(state.speed).toBeLessThanOrEqual(1.1 + 1e-9)
            if (state.stage > before.stage) expect(before.speed).toBeCloseTo(1, 9)
            expect(state.stage).toBeLessThan(stages)
          }
          expect(state.rounds).toHaveLength(goods.length)
        },
      ),
    )
  })

  it('joins parts to the one before, or builds them up', () => {
    const keys = (way: 'round' | 'join' | 'build'): number[] =>
      drillStages(sheet, 0, 2, way).map(({ passes }) => passes.length)
    expect([keys('round'), keys('join'), keys('build')]).toEqual([[3], [2, 2], [1, 2, 3]])
    const [, second] = drillStages(sheet, 0, 2, 'join')
    expect(second!.start).toBe(sheet.timeline.passes[1]!.start)
    expect(drillStages(sheet, 99, 120, 'round')).toEqual([])
  })
})

describe('quiz', () => {
  const sheets = SHEET_NAMES.map((name) => proved(demoText(name)))
  const asked = fc.record({
    of: fc.constantFrom(...sheets),
    seed: fc.integer({ min: 0, max: 1e6 }),
  })

  it('asks what is derived: the right answer is among different ones, the same for the same seed', () => {
    fc.assert(
      fc.property(asked, ({ of, seed }) => {
        const one = quizQuestion(of, seed)
        if (!one) return
        expect(quizQuestion(of, seed)).toEqual(one)
        expect(one.answers.length).toBeGreaterThan(1)
        expect(new Set(one.answers.map((answer) => JSON.stringify(answer))).size).toBe(
          one.answers.length,
        )
        const right = one.answers[one.right]!
        if (right.type === 'foot')
          expect(right.foot).toBe(freeFoot(one.slot.before[one.role].weight))
        if (right.type === 'hold') expect(right.hold).toBe(one.slot.before.hold)
        if (right.type === 'slot') expect(right.slot.start).toBe(one.slot.end)
        if (right.type === 'counts')
          expect(right.counts + one.count).toBe(one.slot.lengthTicks / 24)
        expect(one.chain.at(-1)!.slot).toBe(one.slot)
      }),
      { numRuns: 200 },
    )
  })

  const someOf = (kind: QuizKind, name: string) => {
    const of = proved(demoText(name))
    return Array.from({ length: 60 }, (_, seed) => quizQuestion(of, seed, [kind])).find(
      (one) => one !== null,
    )
  }
  it.each([
    ['wall', 'reedcutters-line', 'facing'],
    ['neighbour', 'eight-for-the-geese', 'dancer'],
    ['counts', 'pegs-on-a-line', 'counts'],
    ['next', 'withy-bend', 'slot'],
  ] as const)('asks for %s in %s', (kind, name, type) => {
    expect(someOf(kind, name)?.answers[0]?.type).toBe(type)
  })

  it('asks which time through differs, and tells how', () => {
    const found = sheets.flatMap((one) => {
      const seeds = Array.from({ length: 30 }, (_, seed) => quizQuestion(one, seed, ['pass']))
      const question = seeds.find((two) => two !== null)
      return question ? [{ one, question }] : []
    })
    for (const { one, question } of found) {
      const right = question.answers[question.right]!
      expect(right.type === 'pass' && howItDiffers(one, right.pass).length).toBeGreaterThan(0)
    }
    expect(found.length).toBeGreaterThan(0)
  })
})

describe('where a dance goes wrong easily', () => {
  it('is in its order, each with a reason', () => {
    for (const name of SHEET_NAMES) {
      const places = hardPlaces(proved(demoText(name)))
      expect(places.every(({ reasons }) => reasons.length > 0)).toBe(true)
      const starts = places.map(({ slot }) => slot.start)
      expect(starts).toEqual([...starts].sort((a, b) => a - b))
      for (const { slot, reasons, like } of places) {
        if (reasons.includes('changed')) expect(slot.changed).toBe(true)
        expect(reasons.includes('look-alike')).toBe(like !== null)
      }
    }
  })
})

describe('what a plan is worth', () => {
  const heard = utterances.map(({ slotKey, end }) => ({ slotKey, end }))
  const wish = { settings: { ...USUAL_FLOOR, hearing: 1, forgetting: 1 }, seed: 4 }

  it('is more than the same words said on the step', () => {
    const { planned, onTheStep } = worthOfPlan(call, utterances, wish)
    expect(planned).toBeGreaterThan(onTheStep + 0.2)
  })

  it('names the cue that would have saved a dance, and none where all was said', () => {
    const lost = 5
    const without = heard.filter((_, i) => i !== lost)
    const { run, savings } = whatWouldHaveSaved(call, utterances, without, wish)
    expect(savings[0]?.utterance.key).toBe(utterances[lost]!.key)
    expect(savings[0]!.right).toBeGreaterThan(run.right)
    expect(whatWouldHaveSaved(call, utterances, heard, wish).savings).toEqual([])
  })
})

describe('how a cuer said it', () => {
  const paced = (pace: number, odd = 1): SpokenSpan[] =>
    utterances.map(({ start, end }, i) => ({
      start: end - (end - start) * pace * (i === 3 ? odd : 1),
      end,
    }))

  it('gives the lengths to plan with, in the middle of several times', () => {
    const { lengths, leftOut } = ownLengths(scoreTake(utterances, paced(1.1)))
    expect(leftOut).toEqual([])
    const [one] = utterances as [Utterance]
    const mean = Object.values(lengths)
    expect(mean.length).toBeGreaterThan(3)
    expect(Object.keys(lengths).join(' ').length).toBeGreaterThan(one.text.length)
  })

  it('leaves out and names what was said far otherwise than the rest', () => {
    const { leftOut } = ownLengths(scoreTake(utterances, paced(1, 0.25)))
    expect(leftOut.map(({ text }) => text)).toEqual([utterances[3]!.text])
  })
})

describe('what to do about a cue that went wrong', () => {
  it('is offered as edits that the planner follows', () => {
    const late = utterances.map(({ start, end, beatSeconds }) => ({
      start: start + 1.5 * beatSeconds,
      end: end + 1.5 * beatSeconds,
    }))
    const offers = scoreTake(utterances, late).cues.flatMap((cue) => mendsOf(sheet, cue))
    expect(offers.length).toBeGreaterThan(0)
    for (const { edits, startBeats, text } of offers) {
      expect(edits.length).toBeGreaterThan(0)
      expect(text).not.toBe('')
      expect(startBeats).toBeGreaterThan(0)
    }
    const fine = scoreTake(utterances, asPlanned).cues
    expect(fine.flatMap((cue) => mendsOf(sheet, cue))).toEqual([])
  })

  it('a moment of the plan is told in seconds from the first step', () => {
    expect(secondsOf(call, 0)).toBe(0)
  })
})
