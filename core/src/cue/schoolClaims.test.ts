import type { Sheet } from '../sheet/index.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { isAroundTheDance } from './cueSlot.ts'
import { utterancesOf, type Said } from './planner.ts'

/** A demo sheet as it is called in a school. */
const called = (name: string, school: string): Sheet =>
  proved(demoText(name).replace(/^school: .*$/m, `school: ${school}`))
const names = ({ plan }: Sheet): Said[] =>
  utterancesOf(plan).filter(({ slot }) => slot.purpose === 'cue' && !isAroundTheDance(slot))
/** Words said in each time through, of the parts' first passes. */
function wordsByPass(sheet: Sheet): number[] {
  return sheet.timeline.passes.map(({ slots }) => {
    const keys = new Set(slots.map(({ key }) => key))
    return names(sheet)
      .filter(({ slot }) => keys.has(slot.slotKey))
      .reduce((sum, { said }) => sum + said.wording.words, 0)
  })
}
const middle = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!

/** What each school says of itself on its page, held against the plan of a dance of the demo. */
describe('a school keeps what its page says', () => {
  it('round: a beat before the step, never less than 0.6 s, as full the fourth time as the first', () => {
    const sheet = called('sluice-gate-two-step', 'round')
    const leads = names(sheet).map(({ said }) => said.leadBeats)
    expect(middle(leads)).toBeGreaterThan(0.9)
    expect(middle(leads)).toBeLessThan(1.6)
    expect(Math.min(...names(sheet).map(({ said }) => said.leadSeconds))).toBeGreaterThanOrEqual(
      0.6,
    )
    const [first, , , fourth] = wordsByPass(sheet)
    expect(fourth).toBeGreaterThanOrEqual(first!)
  })
  it('line: less and less as walls go by, the amount of turn behind the name', () => {
    const sheet = called('withy-bend', 'line')
    const [first, , third, , fifth] = wordsByPass(sheet)
    expect(fifth).toBeLessThan(first!)
    expect(third).toBeLessThanOrEqual(first!)
    const turns = names(sheet).filter(({ said }) => /monterey/.test(said.wording.text))
    expect(turns[0]!.said.wording.text).toBe('monterey, quarter right')
  })
  it('sequence: in full, then short, then a word at each change', () => {
    const [first, second, third] = wordsByPass(called('sluice-gate-two-step', 'sequence'))
    expect(second).toBeLessThan(first!)
    expect(third).toBeLessThan(second!)
  })
  it('set: in the last beats of the phrase before, fading each time through', () => {
    const sheet = called('eel-pots', 'set')
    for (const { said } of names(sheet)) expect(said.leadBeats).toBeLessThan(4)
    const passes = wordsByPass(sheet)
    expect(passes[2]! + passes[3]!).toBeLessThan(passes[0]! + passes[1]!)
  })
  it('ring: close to the count, and ahead where a part changes', () => {
    const sheet = called('goosefoot-ring', 'ring')
    for (const { slot, said } of names(sheet)) {
      const isFirst = sheet.timeline.passes.some(({ slots }) => slots[0]?.key === slot.slotKey)
      expect([slot.slotKey, slot.mode]).toEqual([slot.slotKey, isFirst ? 'ahead' : 'on-count'])
      expect(said.leadSeconds).toBeGreaterThanOrEqual(0.25)
    }
  })
  it('clog: a break and a change of part come as news', () => {
    const texts = names(called('tar-barrel-steps', 'clog')).map(({ said }) => said.wording.text)
    expect(texts.filter((text) => text.startsWith('part two'))).toHaveLength(1)
    expect(texts.some((text) => text.startsWith('last time'))).toBe(true)
  })
  it('square: two beats ahead, as full the last time as the first', () => {
    const sheet = called('four-lamps-square', 'square')
    expect(middle(names(sheet).map(({ said }) => said.leadBeats))).toBeGreaterThanOrEqual(1.9)
    const passes = wordsByPass(sheet)
    expect(passes[2]).toBeGreaterThanOrEqual(passes[1]!)
  })
  it('longways: in full three times, then less', () => {
    const [first, , third, fourth] = wordsByPass(called('reedcutters-line', 'longways'))
    expect(third).toBeGreaterThanOrEqual(first!)
    expect(fourth).toBeLessThan(third!)
  })
  it('mixer: who moves on is said every time, in full', () => {
    const sheet = called('eight-for-the-geese', 'mixer')
    const changes = names(sheet).filter(({ said }) => /follows on/.test(said.wording.text))
    expect(changes).toHaveLength(8)
    for (const { said } of changes) expect(said.leadSeconds).toBeGreaterThanOrEqual(0.5)
  })
  it('teaching: the words of steps fall on their steps, what nobody can guess ahead of them', () => {
    const sheet = called('sluice-gate-two-step', 'teaching')
    const steps = utterancesOf(sheet.plan).filter(({ slot }) => slot.mode === 'steps')
    expect(steps.length).toBeGreaterThan(20)
    for (const { slot, said } of steps) expect(said.startTick).toBe(slot.stepTick)
    const ahead = utterancesOf(sheet.plan).filter(({ slot }) => slot.key.endsWith('#ahead'))
    expect(ahead.map(({ said }) => said.wording.text)).toContain('last time')
  })
  it('teaching: where the sheet counts slow and quick, the steps are spoken as that rhythm', () => {
    const sheet = called('the-tide-table', 'teaching')
    const steps = utterancesOf(sheet.plan).filter(({ slot }) => slot.mode === 'steps')
    // Walk two, three step, feather.
    expect(steps.slice(0, 8).map(({ said }) => said.wording.text)).toEqual(
      'slow slow slow quick quick slow quick quick'.split(' '),
    )
  })
  it('gentle: fewer words than round, two beats and a second ahead, never joined', () => {
    const sheet = called('sluice-gate-two-step', 'gentle')
    for (const { said } of names(sheet)) {
      expect(said.leadSeconds).toBeGreaterThanOrEqual(1)
      expect(said.wording.joined).toBeUndefined()
    }
    expect(middle(names(sheet).map(({ said }) => said.leadBeats))).toBeGreaterThanOrEqual(1.8)
    const sum = (list: number[]): number => list.reduce((all, n) => all + n, 0)
    expect(sum(wordsByPass(sheet))).toBeLessThan(
      sum(wordsByPass(called('sluice-gate-two-step', 'round'))),
    )
  })
  it('none of those that ship is left out', () => expect(SHIPPED_SCHOOLS).toHaveLength(11))
})
