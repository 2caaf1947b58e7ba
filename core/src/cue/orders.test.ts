import { bookOf, SHIPPED_FIGURES } from '../figure/index.ts'
import { unfold } from '../routine/index.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { typedRoutine } from '../testing/typed.ts'
import { LANGUAGES } from './language.ts'
import { structurePrompts } from './prompts.ts'

const book = bookOf(SHIPPED_FIGURES)
const school = (id: string) => SHIPPED_SCHOOLS.find((one) => one.id === id)!

const COUPLES =
  'dance: two-step\nbar: 2 beats of 1/4\ntempo: 90\nformation: couples-round\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Vine four (x2)\n  Two-step box (x2)\npart Chorus\n  Two-step box (x4)\npart Tag\n  Limp four\n'
const LINES =
  'dance: line dance\nbar: 4 beats of 1/4\ntempo: 100\nformation: lines\nstart: none; all face 12 o’clock, right foot free\npart A\n  Vine right, touch\n  Vine left, touch\n  Jazz box, quarter right\n  Rocking chair\npart B\n  Rocking chair (x2)\n'
const MIXER =
  'dance: mixer\nbar: 4 beats of 1/4\ntempo: 110\nformation: ring\ncouples: 6\nstart: two hands; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Apart and together\n  Balance and wave\n'

/** For each time through what is said with its figures, dashes where nothing is. */
function said(head: string, order: string, schoolId: string, language: 'en' | 'de' = 'en'): string {
  const routine = typedRoutine(`${head}order\n${order}`)
  const timeline = unfold(routine, book)
  const { prompts, roleLabels } = school(schoolId)
  const found = structurePrompts(timeline, {
    school: { prompts },
    language: LANGUAGES[language],
    formation: routine.formation,
    roles: roleLabels,
  })
  return timeline.passes
    .map(({ slots }) => {
      const texts = slots.flatMap(({ key }) => found.get(key) ?? []).filter(({ fades }) => !fades)
      return texts.length === 0 ? '-' : texts.map(({ text }) => text).join(' + ')
    })
    .join(' · ')
}

describe('in the round, a heads-up is said', () => {
  it.each([
    ['  A\n', '-'],
    ['  A x2\n', '- · -'],
    ['  A x3\n', '- · - · last time'],
    ['  A x7\n', '- · - · - · - · - · - · last time'],
    ['  A x3\n  Chorus\n', '- · - · last time through A · -'],
    ['  A x3\n  Chorus\n  A x3\n', '- · - · - · - · - · - · last time'],
    [
      '  A\n  Chorus\n  A\n  Chorus\n  A\n  Chorus\n',
      '- · - · - · - · last time through A · last time',
    ],
    ['  A x3\n  ending Tag\n', '- · - · last time · ending'],
    ['  A x2\n  ending Tag\n', '- · - · ending'],
    ['  A\n  Chorus\n  A\n    without 2\n', '- · - · -'],
    ['  A\n  A\n    instead of 2: Limp four\n', '- · new ending'],
    ['  A\n  A\n    instead of 1: Limp four\n', '- · this time'],
    ['  A x2\n  A\n    instead of 2: Limp four\n', '- · - · last time + new ending'],
    ['  A x2\n  A\n    instead of 1: Limp four\n', '- · - · last time'],
    ['  A\n    instead of 1: Limp four\n  A\n', '- · -'],
  ])('%j: %s', (order, expected) => expect(said(COUPLES, order, 'round')).toBe(expected))
})

describe('in a sequence', () => {
  it.each([
    ['  A x2\n', '- · again'],
    ['  A x4\n', '- · again · again · last time'],
    ['  A x2\n  A mirrored\n', '- · again · last time, other way'],
    ['  A\n  A mirrored\n', '- · other way'],
    ['  A x4\n  ending Tag\n', '- · again · again · last time · ending'],
    ['  A x2\n  Chorus x2\n', '- · again · - · again'],
  ])('%j: %s', (order, expected) => expect(said(COUPLES, order, 'sequence')).toBe(expected))
})

describe('in lines', () => {
  it.each([
    ['  A\n', '-'],
    ['  A x2\n', '- · three o’clock'],
    ['  A x3\n', '- · three o’clock · last time, six o’clock'],
    ['  A x5\n', '- · three o’clock · six o’clock · nine o’clock · last time, twelve o’clock'],
    [
      '  A x3\n  A from 1 to 2\n  A x3\n',
      '- · three o’clock · six o’clock · nine o’clock + then restart · restart · twelve o’clock · last time, three o’clock',
    ],
    [
      '  A x2\n  A from 1 to 3\n  A\n',
      '- · three o’clock · six o’clock + then restart · restart, last time, nine o’clock',
    ],
    ['  A from 1 to 3\n  A\n', 'then restart · restart, three o’clock'],
    ['  A\n  A from 1 to 3\n', '- · three o’clock'],
    ['  A x2\n  bridge B\n  A\n', '- · three o’clock · tag · last time, six o’clock'],
    ['  A\n  bridge B\n  A x2\n', '- · tag · three o’clock · last time, six o’clock'],
    [
      '  A x2\n  A from 1 to 2\n  bridge B\n  A\n',
      '- · three o’clock · six o’clock · tag · last time',
    ],
    ['  B x2\n', '- · again'],
    ['  B x3\n', '- · again · last time'],
    ['  A\n  B\n  A\n  B\n', '- · three o’clock · - · six o’clock'],
    ['  A x3\n  ending B\n', '- · three o’clock · last time, six o’clock · ending, nine o’clock'],
    [
      '  A x2\n  A\n    instead of 4: K-step\n',
      '- · three o’clock · last time, six o’clock + new ending',
    ],
  ])('%j: %s', (order, expected) => expect(said(LINES, order, 'line')).toBe(expected))
})

describe('where partners change, who moves on is said every time', () => {
  it.each([
    [
      '  A x3 | on by 0 / 1\n',
      'mixer',
      'follows on to the next · follows on to the next · last time + follows on to the next',
    ],
    ['  A x2 | on by 1 / 0\n', 'mixer', 'leads on to the next · leads on to the next'],
    ['  A | on by -1 / 0\n', 'mixer', 'leads back to the next'],
    ['  A | on by 2 / 0\n', 'mixer', 'leads on to the second'],
    ['  A | on by 1 / -1\n', 'mixer', 'leads on to the next, follows back to the next'],
    ['  A | on by 1 / 1\n', 'mixer', '-'],
    ['  A | on by 1 / 0\n', 'sequence', 'men on to the next'],
    ['  A | on by 0 / 1\n', 'sequence', 'ladies on to the next'],
  ])('%j in %s: %s', (order, id, expected) => expect(said(MIXER, order, id)).toBe(expected))
})

describe('in German', () => {
  it.each([
    [COUPLES, '  A x3\n  Chorus\n', 'round', '- · - · letztes Mal A · -'],
    [
      LINES,
      '  A\n  A from 1 to 2\n  A\n',
      'line',
      '- · drei Uhr + dann Neustart · Neustart, letztes Mal',
    ],
    [COUPLES, '  A\n  A\n    instead of 2: Limp four\n', 'round', '- · anderer Schluss'],
    [MIXER, '  A | on by 0 / 1\n', 'mixer', 'Folgende eins weiter'],
  ])('%#', (head, order, id, expected) => expect(said(head, order, id, 'de')).toBe(expected))
})
