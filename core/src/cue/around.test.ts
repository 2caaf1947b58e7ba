import { demoText, proved } from '../testing/typed.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { demoRoutine, houseWaltz, inputOf } from '../testing/sheets.ts'
import { deriveSheet, type Sheet } from '../sheet/index.ts'
import { utterancesOf } from './planner.ts'
import { isAroundTheDance } from './cueSlot.ts'

const said = (sheet: Sheet): { text: string; start: number; end: number }[] =>
  utterancesOf(sheet.plan).map(({ said: { wording, startTick, endTick } }) => ({
    text: wording.text,
    start: startTick / 24,
    end: endTick / 24,
  }))
const HEAD =
  'dance: two-step\nbar: 2 beats of 1/4\ntempo: 90\nschool: round\nformation: couples-round\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n'
const texts = (sheet: Sheet): string[] => said(sheet).map(({ text }) => text)

describe('before the first step', () => {
  it('is said how long to wait, where all stand and that it begins, in the introduction', () => {
    const sheet = deriveSheet(inputOf(demoRoutine('lanterns-at-the-weir'), houseWaltz()))
    const first = said(sheet).slice(0, 4)
    expect(first.map(({ text }) => text)).toEqual([
      'wait four bars',
      'butterfly, facing the wall, lead’s left foot free',
      'ready',
      'balance left and right',
    ])
    // The bars are said while there still are as many.
    expect(first[0]!.end).toBeLessThanOrEqual(-12 + 4.5)
    expect(first[2]!.start).toBeGreaterThanOrEqual(-6)
  })
  it('is said as much as fits, and never in place of the first figure’s words', () => {
    const quick = proved(`${HEAD}part A\n  Two-step box\norder\n  A\n`)
    expect(texts(quick)).toContain('two-step box')
    const fast = proved(`${HEAD.replace('90', '200')}part A\n  Two-step box\norder\n  A\n`)
    expect(texts(fast)).toContain('two-step box')
    expect(texts(fast).join().length).toBeLessThan(texts(quick).join().length)
  })
  it.each([
    ['start: ring; all face centre, left foot free', 'ring', 'ring, left foot free'],
    ['start: none; all face 12 o’clock, right foot free', 'lines', 'right foot free'],
    [
      'start: none; all face 3 o’clock, right foot free',
      'lines',
      'facing three o’clock, right foot free',
    ],
    [
      'start: closed; lead faces line of dance, left foot free; follow faces reverse, right foot free',
      'couples-round',
      'closed, facing line of dance, lead’s left foot free',
    ],
  ])('%s, in %s', (start, formation, expected) => {
    const text = `dance: x\nbar: 4 beats of 1/4\ntempo: 60\nschool: round\nformation: ${formation}\n${start}\npart A\n  "stroll" = 8\norder\n  A\n`
    expect(texts(proved(text))[0]).toBe(expected)
  })
  it('is nothing where only counts are spoken', () => {
    const sheet = deriveSheet({
      ...inputOf({ ...demoRoutine('lanterns-at-the-weir'), calling: { mouth: 'counts' } }),
    })
    expect(said(sheet)).toEqual([])
  })
})

describe('of the end', () => {
  const ending = (
    finish: string,
    formation = 'couples-round',
    last = '  Two-step box\n',
  ): string[] =>
    texts(
      proved(
        `${HEAD.replace('couples-round', formation)}part A\n  Limp four\n${last}order\n  A | finish ${finish}\n`,
      ),
    ).slice(-2)
  it.each([
    ['extract and hold', 'couples-round', ['and hold', 'thank your partner']],
    ['in a pose', 'couples-round', ['and pose', 'thank your partner']],
    ['walk off', 'couples-round', ['and walk off', 'thank your partner']],
    ['extract and hold', 'set', ['and hold', 'bow to your partner']],
    ['extract and hold', 'lines', ['two-step box', 'and hold']],
  ])('%s in %s', (finish, formation, expected) =>
    expect(ending(finish, formation)).toEqual(expected),
  )
  it('nothing is said twice that the last words say', () =>
    expect(ending('extract and hold', 'couples-round', '  "turn and hold" = 4\n')).toEqual([
      'turn and hold',
      'thank your partner',
    ]))
  it('how it is left is said before the last step has ended, thanks after it', () => {
    const sheet = proved(`${HEAD}part A\n  Two-step box\norder\n  A | finish extract and hold\n`)
    const [hold, thanks] = said(sheet).slice(-2)
    expect(hold!.end).toBeLessThan(4)
    expect(thanks!.start).toBeGreaterThan(4)
  })
})

it('every demo dance is begun and ended with words, in every school that has them', () => {
  for (const name of ['sluice-gate-two-step', 'combing-the-teasels', 'eight-for-the-geese'])
    for (const { id, prompts } of SHIPPED_SCHOOLS) {
      const sheet = proved(demoText(name).replace(/^school: .*$/m, `school: ${id}`))
      const around = utterancesOf(sheet.plan).filter(({ slot }) => isAroundTheDance(slot))
      expect([name, id, around.some(({ slot }) => slot.key.startsWith('opening'))]).toEqual([
        name,
        id,
        prompts.includes('position'),
      ])
    }
})
