import { GERMAN, problemSentence } from '../words/index.ts'
import { PROBLEMS as CUE } from '../cue/words/en/problems.ts'
import { PROBLEMS as DOCUMENT } from '../document/words/en/problems.ts'
import { FINDINGS } from '../figure/words/en/findings.ts'
import { PROBLEMS as FIGURE } from '../figure/words/en/problems.ts'
import { PROBLEMS as FILE } from '../file/words/en/problems.ts'
import { PROBLEMS as EVENING } from '../evening/words/en/problems.ts'
import { PROBLEMS as LOGBOOK } from '../logbook/words/en/problems.ts'
import { PROBLEMS as FLOOR } from '../floor/words/en/problems.ts'
import { PROBLEMS as LISTEN } from '../listen/words/en/problems.ts'
import { PROBLEMS as MOVE } from '../move/words/en/problems.ts'
import { PROBLEMS as TIME } from '../time/words/en/problems.ts'

const ENGLISH = {
  ...CUE,
  ...DOCUMENT,
  ...FIGURE,
  ...FILE,
  ...EVENING,
  ...LOGBOOK,
  ...FLOOR,
  ...LISTEN,
  ...MOVE,
  ...TIME,
  ...FINDINGS,
}
/** What a sentence must never show a person. */
const NEVER = /undefined|NaN|\[object|\bnull\b| {2}/

/** Stands for a text, a number, a list or another problem: whatever a sentence asks of a value. */
const anything = (text: string): object =>
  Object.assign(new String(text), {
    message: `${text}.`,
    map: (word: (one: string) => string) => [word(text)],
    slice: () => [text],
    at: () => text,
  })
/** Values that are the key of a word list. */
const KEYS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'step-line.expected': { expected: 'comma' },
  'sheet-text.word': { key: 'level' },
  'sheet-text.number': { key: 'bpm' },
  'abc.mark': { expected: 'tempo' },
}

type Sentences = Readonly<Record<string, (params: unknown) => string>>
const valuesOf = (code: string): object =>
  new Proxy({}, { get: (_, name) => KEYS[code]?.[String(name)] ?? anything('7') })

describe('what is wrong with a text, a file or a figure', () => {
  it.each(Object.keys(ENGLISH))('%s is said whole', (code) => {
    const said = (ENGLISH as unknown as Sentences)[code]!(valuesOf(code))
    expect(said).not.toMatch(NEVER)
    expect(said.length).toBeGreaterThan(1)
  })
  it.each(Object.keys(GERMAN))('%s is said whole in German, and not in English', (code) => {
    const said = (GERMAN as unknown as Sentences)[code]!(valuesOf(code))
    expect(said).not.toMatch(NEVER)
    expect(said).not.toMatch(/\b(?:was expected|were expected|is no|there are|at most)\b/)
  })
  it('German has every code that English has, and no other', () => {
    expect(Object.keys(GERMAN).toSorted()).toEqual(Object.keys(ENGLISH).toSorted())
  })
  it('a problem within a problem is said in the same language; what has no sentence, as it is', () => {
    const within = { code: 'turn.side', params: { text: 'half' }, message: 'which way?' }
    const told = { code: 'sheet-text.line', params: { line: 4, why: within }, message: 'Line 4' }
    expect(problemSentence(told, 'de')).toBe(
      'Zeile 4: „half“ sagt nicht, wohin; erwartet wurde links oder rechts.',
    )
    expect(problemSentence(told, 'en')).toBe('Line 4')
    expect(problemSentence({ ...told, code: 'of.nobody' }, 'de')).toBe('Line 4')
  })
})
