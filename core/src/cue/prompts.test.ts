import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { unfold } from '../routine/index.ts'
import { PROMPT_KINDS, ROUND_SCHOOL, type School } from '../school/index.ts'
import { deriveSheet } from '../sheet/index.ts'
import { typedRoutine } from '../testing/typed.ts'
import { LANGUAGES } from './language.ts'
import { structurePrompts } from './prompts.ts'
import { DEFAULT_VOICES } from './voice.ts'

const book = bookOf(SHIPPED_FIGURES)
const HEAD = 'dance: two-step\nbar: 2 beats of 1/4\ntempo: 90\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Vine four (x2)\n  Limp four (x2)\npart Chorus\n  Two-step box (x4)\n'
const ALL: School = { ...ROUND_SCHOOL, prompts: [...PROMPT_KINDS] }

function prompts(order: string, school: School = ALL, language: 'en' | 'de' = 'en'): string {
  const timeline = unfold(typedRoutine(`${HEAD}order\n${order}`), book)
  const found = structurePrompts(timeline, school, LANGUAGES[language])
  return timeline.passes.map((pass) => found.get(pass.slots[0]!.key)?.text ?? '-').join(' · ')
}

describe('prompts from the structure', () => {
  it.each([
    ['a part twice is danced again', '  A x2\n', '- · again'],
    ['the last of more repeats is the last time', '  A x4\n', '- · again · again · last time'],
    ['another part is called by its name, a letter is not', '  A\n  Chorus\n  A\n', '- · Chorus · -'],
    ['a bridge is danced only once', '  A\n  bridge Chorus\n  A\n', '- · only once · -'],
    ['mirrored is the other way, and back again too', '  A\n  A mirrored\n  A\n', '- · other way · other way'],
    ['a pass that differs is not danced again', '  A\n  A\n    without 2\n', '- · -'],
    ['with something between it is not danced again', '  A\n  Chorus\n  A\n  Chorus\n', '- · Chorus · - · Chorus'],
  ])('%s', (_what, order, expected) => expect(prompts(order)).toBe(expected))

  it('are only those that the school has', () => {
    expect(prompts('  A x4\n', { ...ALL, prompts: ['again'] })).toBe('- · again · again · again')
    expect(prompts('  A x4\n', ROUND_SCHOOL)).toBe('- · - · - · -')
  })
  it('are said in the language of the cues', () => expect(prompts('  A x3\n', ALL, 'de')).toBe('- · noch einmal · letztes Mal'))
})

describe('what is said with a prompt', () => {
  const said = (order: string, school: School): (string | null)[] => {
    const { timeline, plan } = deriveSheet({ routine: typedRoutine(`${HEAD}order\n${order}`), book, school, voice: DEFAULT_VOICES.en, tune: null })
    const texts = new Map(plan.planned.map((one) => [one.slot.key, one.said?.wording.text ?? null]))
    return timeline.passes.map((pass) => texts.get(pass.slots[0]!.key)!)
  }
  it('comes before the figure, in one breath with it', () => expect(said('  A x2\n', ALL)).toEqual(['vine four, twice', 'again, vine four, twice']))
  it('is enough by itself where the floor knows the part', () => {
    const fades: School = { ...ALL, weights: { ...ALL.weights, overWord: 150 }, fading: { fullTimes: 1, shortTimes: 0, newAfterPhrases: 8 } }
    expect(said('  A x3\n', fades).slice(1)).toEqual(['again', 'last time'])
  })
})
