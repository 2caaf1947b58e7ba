import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { unfold } from '../routine/index.ts'
import { ROUND_SCHOOL, type School } from '../school/index.ts'
import { deriveSheet } from '../sheet/index.ts'
import { typedRoutine } from '../testing/typed.ts'
import { LANGUAGES } from './language.ts'
import { structurePrompts } from './prompts.ts'
import { DEFAULT_VOICES } from './voice.ts'

const book = bookOf(SHIPPED_FIGURES)
const HEAD =
  'dance: two-step\nbar: 2 beats of 1/4\ntempo: 90\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Vine four (x2)\n  Limp four (x2)\npart Chorus\n  Two-step box (x4)\n'
const OF_PASSES: School['prompts'] = ['again', 'last-time', 'only-once', 'other-way', 'part-name']
const ALL: School = { ...ROUND_SCHOOL, prompts: OF_PASSES, join: { most: 1, mostBeats: 8 } }

function prompts(order: string, school: School = ALL, language: 'en' | 'de' = 'en'): string {
  const timeline = unfold(typedRoutine(`${HEAD}order\n${order}`), book)
  const found = structurePrompts(timeline, { school, language: LANGUAGES[language] })
  return timeline.passes.map((pass) => found.get(pass.slots[0]!.key)?.text ?? '-').join(' · ')
}

describe('prompts from the structure', () => {
  it.each([
    ['a part twice is danced again', '  A x2\n', '- · again'],
    ['the last of more repeats is the last time', '  A x4\n', '- · again · again · last time'],
    [
      'another part is called by its name, a letter is not',
      '  A\n  Chorus\n  A\n',
      '- · Chorus · -',
    ],
    ['a bridge is danced only once', '  A\n  bridge Chorus\n  A\n', '- · only once · -'],
    [
      'mirrored is the other way, and back again too',
      '  A\n  A mirrored\n  A\n',
      '- · other way · last time, other way',
    ],
    ['a pass that differs is not danced again', '  A\n  A\n    without 2\n', '- · -'],
    [
      'with something between it is not danced again',
      '  A\n  Chorus\n  A\n  Chorus\n',
      '- · Chorus · - · Chorus',
    ],
    [
      'the last time is the last of all, not the third of six',
      '  A x3\n  Chorus\n  A x3\n',
      '- · again · again · Chorus · - · again · last time',
    ],
    [
      'the last of three is the last time though another part lies between',
      '  A\n  Chorus\n  A\n  Chorus\n  A\n',
      '- · Chorus · - · Chorus · last time',
    ],
    ['of two there is no last time', '  A x2\n  Chorus x2\n', '- · again · Chorus · again'],
    [
      'a tag behind it changes nothing of what the last time is',
      '  A x3\n  ending Chorus\n',
      '- · again · last time · Chorus',
    ],
    [
      'the last time is the last, though something else is in it',
      '  A x3\n  A\n    without 2\n',
      '- · again · again · last time',
    ],
    ['a part of four in twos', '  A x2\n  Chorus\n  A x2\n', '- · again · Chorus · - · last time'],
  ])('%s', (_what, order, expected) => expect(prompts(order)).toBe(expected))
  it('a part that was broken off is begun from the top', () => {
    const school = { ...ALL, prompts: [...OF_PASSES, 'begin-again'] as const }
    expect(prompts('  A x3\n  A from 1 to 1\n  A x3\n', school)).toBe(
      '- · again · again · - · from the top · again · last time',
    )
  })

  it('are only those that the school has', () => {
    expect(prompts('  A x4\n', { ...ALL, prompts: ['again'] })).toBe('- · again · again · again')
    expect(prompts('  A x4\n', { ...ALL, prompts: [] })).toBe('- · - · - · -')
  })
  it('are said in the language of the cues', () =>
    expect(prompts('  A x3\n', ALL, 'de')).toBe('- · noch einmal · letztes Mal'))
})

describe('what is said with a prompt', () => {
  const said = (order: string, school: School): (string | null)[] => {
    const { timeline, plan } = deriveSheet({
      routine: typedRoutine(`${HEAD}order\n${order}`),
      book,
      school,
      voice: DEFAULT_VOICES.en,
      tune: null,
    })
    const texts = new Map(plan.planned.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
    return timeline.passes.map((pass) => texts.get(pass.slots[0]!.key)!)
  }
  it('comes before the figure, in one breath with it', () =>
    expect(said('  A x2\n', ALL)).toEqual(['vine four, twice', 'again, vine four, twice']))
  it('is enough by itself where the floor knows the part', () => {
    const fades: School = {
      ...ALL,
      weights: { ...ALL.weights, overWord: 150 },
      fading: { fullTimes: 1, shortTimes: 0, newAfterPhrases: 8 },
    }
    expect(said('  A x3\n', fades).slice(1)).toEqual(['again', 'last time'])
  })
})

describe('prompts of single figures', () => {
  const LINE =
    'dance: line dance\nbar: 4 beats of 1/4\ntempo: 100\nformation: lines\nstart: none; lead faces line of dance, left foot free; follow faces line of dance, left foot free\n'
  /** The prompts of all slots of one part, with every kind switched on. */
  function slotPrompts(head: string, lines: string, kinds: School['prompts']): string {
    const routine = typedRoutine(`${head}part A\n${lines}order\n  A\n`)
    const timeline = unfold(routine, book)
    const found = structurePrompts(timeline, {
      school: { prompts: kinds },
      language: LANGUAGES.en,
      formation: routine.formation,
    })
    return timeline.slots.map(({ key }) => found.get(key)?.text ?? '-').join(' · ')
  }
  const COUPLES = HEAD.slice(0, HEAD.indexOf('part A'))

  it('say that a figure is danced whole after it was danced by half', () => {
    expect(
      slotPrompts(COUPLES, '  Two-step box (half)\n  Vine four\n  Two-step box\n  Two-step box\n', [
        'all-the-way',
      ]),
    ).toBe('- · - · all the way · -')
  })
  it('say that the same comes to the other side', () => {
    expect(
      slotPrompts(LINE, '  Vine right, touch\n  Vine right, touch (mirrored)\n', [
        'same-other-side',
        'other-foot',
      ]),
    ).toBe('- · same to the other side')
  })
  it('guard an unturned figure behind its turned look-alike', () => {
    expect(
      slotPrompts(COUPLES, '  Vine four (turning 4/8 right)\n  Limp four\n  Vine four\n', [
        'guard',
      ]),
    ).toBe('- · - · don’t turn it')
  })
  it('say where to face after a turn that goes wrong easily: in lines by the clock', () => {
    expect(
      slotPrompts(
        LINE,
        '  two-step: Vine four (turning 6/8 right)\n  two-step: Vine four (turning 4/8 right)\n',
        ['facing'],
      ),
    ).toBe('to face nine o’clock · -')
    expect(slotPrompts(COUPLES, '  Vine four (turning 6/8 right)\n', ['facing'])).toBe(
      'to face line of dance',
    )
  })
  it('number the parts, say one more, and begin again from the top', () => {
    expect(prompts('  A\n  Chorus\n', { ...ALL, prompts: ['part-number'] })).toBe('- · -')
    expect(prompts('  A x3\n', { ...ALL, prompts: ['one-more', 'again'] })).toBe(
      '- · again · one more time',
    )
    expect(prompts('  A\n  Chorus\n  A\n', { ...ALL, prompts: ['begin-again'] })).toBe(
      '- · - · from the top',
    )
  })
})
