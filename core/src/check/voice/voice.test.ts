import { applyEdits, expectOk } from '../../document/index.ts'
import { routineShape, type Calling, type Routine, type Slot } from '../../routine/index.ts'
import { ROUND_SCHOOL, type School } from '../../school/index.ts'
import { deriveSheet, type SheetInput } from '../../sheet/index.ts'
import { inputOf, part, pass, routineOf, slot, words } from '../../testing/sheets.ts'
import { hardWords } from './hardToSay.ts'
import { findingMessage, findingSum } from '../words/told.ts'

const ALONE: School = {
  ...ROUND_SCHOOL,
  lead: { ...ROUND_SCHOOL.lead, minSeconds: 0.4 },
  join: { most: 1, mostBeats: 6 },
}
const of = (...slots: readonly Slot[]): Routine =>
  routineOf([part('A', ...slots)], [pass('1', 'A')])
const found = (routine: Routine, over: Partial<SheetInput> = {}) =>
  deriveSheet({ ...inputOf(routine), school: ALONE, ...over }).findings.filter(({ code }) =>
    code.startsWith('voice.'),
  )
const told = (routine: Routine, over: Partial<SheetInput> = {}) =>
  found(routine, over).map(
    (finding) => `${finding.code}: ${findingMessage(finding)} ${findingSum(finding)}`,
  )
/** Each repair of a finding, and what the voice still says of the sheet once it is taken. */
const mended = (routine: Routine, code: string) =>
  found(routine)
    .find((finding) => finding.code === code)!
    .repairs.map(
      (repair) =>
        [repair.code, told(expectOk(applyEdits(routineShape, routine, repair.edits)))] as const,
    )
const EASY = [slot('a', 'balance-left-right'), slot('b', 'box'), slot('c', 'box')] as const

describe('the voice', () => {
  it('has nothing to say of cues that stand well', () => expect(told(of(...EASY))).toEqual([]))

  it('names a pin that cannot be kept, and lets it go', () => {
    const routine = of(EASY[0], { ...EASY[1], pin: { startTicks: -6 } })
    expect(told(routine)).toEqual([
      'voice.pin: “box” cannot be said where you pinned it. pinned 0.25 beats before its step',
    ])
    const [repair] = found(routine)[0]!.repairs
    expect(told(expectOk(applyEdits(routineShape, routine, repair!.edits)))).toEqual([])
    expect(told(of(EASY[0], { ...EASY[1], pin: { startTicks: -72, wording: 'full' } }))).toEqual([])
  })

  it('says where a cue for one role, or an announcement, finds no time', () => {
    const crowded: Slot = {
      ...slot('x', 'canter'),
      roleCues: { lead: 'gents stand quite still and look at her', follow: '', first: 'lead' },
    }
    expect(told(of(slot('a', 'canter'), crowded, slot('c', 'canter')))[0]).toMatch(
      /^voice.role: There is no time to say “gents stand quite still and look at her” to one role/,
    )
    const notice =
      'there is tea and cake downstairs after the next dance, bring a friend and your own cup please'
    expect(told(of({ ...EASY[0], announce: notice }, ...EASY.slice(1)))[0]).toMatch(/^voice.no-gap/)
    expect(told(of({ ...words('x', 'wander', 48), announce: notice }, ...EASY.slice(1)))).toEqual(
      [],
    )
  })

  it('says what is late by half, and what is so early that the floor goes', () => {
    const school: School = { ...ALONE, lead: { ...ALONE.lead, targetBeats: 4.5 } }
    expect(
      told(of(slot('a', 'canter'), slot('b', 'canter'), slot('c', 'canter')), { school }).some(
        (text) => text.startsWith('voice.late'),
      ),
    ).toBe(true)
    const early = of(words('w', 'wait', 24), { ...slot('b', 'box'), pin: { startTicks: -20 * 24 } })
    expect(told(early)[0]).toMatch(
      /^voice.early: “box” ends [\d.]+ beats before the step: dancers may start early\./,
    )
    expect(mended(early, 'voice.early')).toEqual([['loosen-pin', []]])
  })

  it('asks for a breath after too many phrases without one', () => {
    const busy = Array.from({ length: 50 }, (_, i) => ({
      ...slot(`s${i}`, 'canter'),
      wordings: { full: 'canter round and on', short: null, keyWord: null },
    }))
    const breathless = (told: readonly string[]) =>
      told.filter((text) => text.startsWith('voice.breath: No breath for'))
    const [before] = breathless(told(of(...busy)))
    expect(before).toBeDefined()
    const repairs = mended(of(...busy), 'voice.breath')
    expect(repairs.map(([code]) => code)).toEqual(['shorter-wording', 'leave-unsaid'])
    for (const [, left] of repairs) expect(breathless(left)).not.toContain(before)
  })

  it('finds numbers that are heard as counts where counts are spoken too, and only there', () => {
    const calling = (mouth: Calling['mouth']): Routine => ({
      ...of({ ...EASY[1], wordings: { full: 'vine and three', short: null, keyWord: null } }),
      calling: { mouth },
    })
    expect(told(calling('both')).some((text) => text.startsWith('voice.numbers: “three”'))).toBe(
      true,
    )
    expect(told(calling('words'))).toEqual([])
    expect(mended(calling('both'), 'voice.numbers')).toEqual([
      ['shorter-wording', []],
      ['words-only', []],
    ])
  })

  it('tells once of own words that never fit, and of what is said in their place', () => {
    const long = 'turn the box by a quarter to the left and hold on tight'
    const routine = of(EASY[0], slot('c0', 'canter'), {
      ...EASY[1],
      wordings: { full: long, short: 'box left', keyWord: null },
    })
    expect(told(routine).filter((text) => text.startsWith('voice.own'))).toEqual([
      expect.stringMatching(
        /^voice.own-words: “turn the box .* tight” never fits here: “box left” is said\. it needs 3\.\d+ s/,
      ),
    ])
    expect(mended(routine, 'voice.own-words')[0]).toEqual(['shorter-wording', []])
  })

  it('tells of words of steps that find no time', () => {
    const fast: Routine = { ...of({ ...EASY[1], mode: 'steps' }), bpm: 300 }
    expect(told(fast).some((text) => text.startsWith('voice.step: There is no time for'))).toBe(
      true,
    )
    expect(told({ ...fast, bpm: 40 }).join()).not.toContain('voice.step')
  })

  it('offers what is easier to say, where the slot has it', () => {
    const twisting = of({
      ...EASY[1],
      wordings: { full: 'side, shoulder, slide', short: 'shoulder, slide', keyWord: null },
    })
    expect(mended(twisting, 'voice.hard')).toEqual([['shorter-wording', []]])
  })

  it.each([
    ['side, shoulder, slide', ['side', 'shoulder', 'slide']],
    ['left turning box', []],
    ['step, step, step', []],
    ['twelfths stretch', ['twelfths', 'stretch']],
    ['right star, let go', []],
  ])('in “%s” %j trip the tongue', (text, expected) => expect(hardWords(text)).toEqual(expected))

  it('leaves more room before the step in a hall with an echo, and says so in the sum', () => {
    const lead = (hallSeconds: number) =>
      Math.min(
        ...deriveSheet({
          ...inputOf(of(slot('a', 'canter'), slot('b', 'canter'), slot('c', 'canter'))),
          school: ALONE,
          hallSeconds,
        }).plan.planned.flatMap(({ said }) => (said ? [said.leadSeconds] : [])),
      )
    expect(lead(0)).toBeGreaterThanOrEqual(0.4)
    expect(lead(0.5)).toBeGreaterThanOrEqual(0.9)
    const long = of(slot('a', 'canter'), {
      ...slot('b', 'canter'),
      wordings: {
        full: 'canter and then once more',
        short: 'canter and then once more',
        keyWord: 'canter and then once more',
      },
    })
    expect(findingSum(found(long, { hallSeconds: 0.5 })[0]!)).toContain(
      '0.9 s are kept before the step',
    )
  })
})
