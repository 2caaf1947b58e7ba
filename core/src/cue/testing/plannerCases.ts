// Small cases for the planner, and the search of all ways that it is held against.
import fc from 'fast-check'
import { ROUND_SCHOOL, type School } from '../../school/index.ts'
import { TICKS_PER_BEAT, type BeatMap, type Tick } from '../../time/index.ts'
import { candidatesOf, silenceCost, type Candidate, type CueRules } from '../candidate.ts'
import { heardClock } from '../clock.ts'
import { prefer, utterancesOf, type Plan } from '../planner.ts'
import { DEFAULT_VOICES } from '../voice.ts'
import type { CueSlot, Wording } from '../cueSlot.ts'
import { joinNames } from '../join.ts'
import { LANGUAGES } from '../language.ts'

export const WORDS = [
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
export function slotsOf(
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
export interface More {
  readonly mode?: 'ahead' | 'on-count' | 'with-step'
  readonly beside?: 'amount' | 'role' | 'gap' | null
  readonly pin?: NonNullable<CueSlot['pin']>
  /** It may be named before the figure before it begins, and its short wording is wanted. */
  readonly early?: boolean
}

export function rules(map: BeatMap, school: School = ROUND_SCHOOL, speed = 1): CueRules {
  return { school, voice: DEFAULT_VOICES.en, clock: heardClock(map, 0 as Tick, speed) }
}

/**
 * Every combination, tried one by one: the cheapest, ties by the longer wording and then the
 * earlier start from the first slot on. What a way says already is passed over; an amount comes up
 * only where it was left out of its name.
 */
export function exhaustive(
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

export const sayOf = (slot: CueSlot, way: Candidate): string =>
  `${slot.key} ${way.wording.text}@${way.startTick}`
export const uttered = (plan: Plan): string[] =>
  utterancesOf(plan).map((one) => sayOf(one.slot, one.said))
export const said = (plan: Plan) =>
  plan.planned.map((one) => (one.said ? `${one.said.wording.text}@${one.said.startTick}` : '-'))

export const smallCase = fc.record({
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

export function setUp({
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
