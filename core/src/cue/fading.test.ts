import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { emptyGroup, type Group } from '../group/index.ts'
import { unfold } from '../routine/index.ts'
import { ROUND_SCHOOL, SHIPPED_SCHOOLS, type School } from '../school/index.ts'
import { deriveSheet } from '../sheet/index.ts'
import { demoText, demoTune, typedRoutine } from '../testing/typed.ts'
import { DEFAULT_VOICES } from './voice.ts'
import { wantedWordings } from './fading.ts'

const book = bookOf(SHIPPED_FIGURES)
const START =
  'dance: two-step\nbar: 2 beats of 1/4\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\n'
const PARTS = 'part A\n  Vine four (x2)\n  Limp four (x2)\npart B\n  Two-step box (x4)\n'
const school: School = {
  ...ROUND_SCHOOL,
  fading: { fullTimes: 1, shortTimes: 1, newAfterPhrases: 2 },
}
const PHRASE = 16 * 24

/** The wording wanted for the first slot of every pass. */
function kinds(order: string, known = 0, of: School = school): string {
  const timeline = unfold(typedRoutine(`${START}${PARTS}order\n${order}`), book)
  const wanted = wantedWordings(timeline, of, known, PHRASE)
  return timeline.passes.map((pass) => wanted.get(pass.slots[0]!.key) ?? '-').join(' ')
}

describe('words that fade', () => {
  it.each([
    ['full, then short, then a prompt', '  A x4\n', 'full short keyWord keyWord'],
    ['each part by itself', '  A\n  B\n  A\n  B\n', 'full full short short'],
    ['new again after a break', '  A x2\n  B x3\n  A\n', 'full short full short keyWord full'],
    ['in full when it is danced the other way', '  A x2\n  A mirrored\n', 'full short full'],
  ])('are %s', (_what, order, expected) => expect(kinds(order)).toBe(expected))

  it('are in full where one pass differs from its part, and only there', () => {
    const timeline = unfold(
      typedRoutine(`${START}${PARTS}order\n  A x2\n  A\n    instead of 2: Two-step box (x2)\n`),
      book,
    )
    const wanted = wantedWordings(timeline, school, 0, PHRASE)
    expect(timeline.passes[2]!.slots.map(({ key }) => wanted.get(key))).toEqual(['keyWord', 'full'])
  })
  it('are fewer from the start where the group knows the dance', () =>
    expect([kinds('  A x2\n', 1), kinds('  A x2\n', 2)]).toEqual([
      'short keyWord',
      'keyWord keyWord',
    ]))
  it('never fade in a school that does not let them', () =>
    expect(kinds('  A x4\n', 3, ROUND_SCHOOL)).toBe('- - - -'))
})

describe('the plan of a school that fades', () => {
  const routine = typedRoutine(demoText('sluice-gate-two-step'))
  const words = (schoolId: string, known = 0): number[] => {
    const sheet = deriveSheet({
      routine,
      book,
      school: SHIPPED_SCHOOLS.find(({ id }) => id === schoolId)!,
      voice: DEFAULT_VOICES.en,
      tune: demoTune('thimble-bridge'),
      known,
    })
    const said = new Map(
      sheet.plan.planned.map((one) => [one.slot.key, one.said?.wording.words ?? 0]),
    )
    return sheet.timeline.passes.map((pass) =>
      pass.slots.reduce((sum, { key }) => sum + said.get(key)!, 0),
    )
  }
  it('says less each time through, and never less than a school that prompts from the start', () => {
    const [first, second, third] = words('sequence')
    expect(second!).toBeLessThanOrEqual(first!)
    expect(third!).toBeLessThanOrEqual(second!)
    expect(third!).toBeLessThan(first!)
  })
  it('says less where the group knows it', () => {
    const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0)
    expect(sum(words('sequence', 3))).toBeLessThan(sum(words('sequence')))
    expect(words('round', 3)).toEqual(words('round'))
  })
})

describe('the level of a group', () => {
  const routine = typedRoutine(demoText('sluice-gate-two-step'))
  const sum = (level: Group['level'] | null): number => {
    const sheet = deriveSheet({
      routine,
      book,
      school: SHIPPED_SCHOOLS.find(({ id }) => id === 'sequence')!,
      voice: DEFAULT_VOICES.en,
      tune: demoTune('thimble-bridge'),
      group: level && emptyGroup('f', 'Wednesdays', level),
    })
    return sheet.plan.planned.reduce((words, { said }) => words + (said?.wording.words ?? 0), 0)
  }
  it('sets the pace: beginners are told more, the advanced less, all others as the school has it', () => {
    expect(sum('first')).toBeGreaterThan(sum(null))
    expect(sum('advanced')).toBeLessThan(sum(null))
    expect([sum('easy'), sum('steady')]).toEqual([sum(null), sum(null)])
  })
})

describe('the schools that ship', () => {
  it('are eleven, each explained', () => {
    expect(SHIPPED_SCHOOLS.map(({ id }) => id)).toEqual([
      'round',
      'line',
      'sequence',
      'set',
      'ring',
      'clog',
      'square',
      'longways',
      'mixer',
      'teaching',
      'gentle',
    ])
    for (const { about } of SHIPPED_SCHOOLS) expect(about.length).toBeGreaterThan(200)
  })
})
