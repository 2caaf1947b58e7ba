import { PROBLEMS as CUE } from '../cue/words/en/problems.ts'
import { PROBLEMS as DOCUMENT } from '../document/words/en/problems.ts'
import { FINDINGS } from '../figure/words/en/findings.ts'
import { PROBLEMS as FIGURE } from '../figure/words/en/problems.ts'
import { PROBLEMS as FILE } from '../file/words/en/problems.ts'
import { PROBLEMS as LISTEN } from '../listen/words/en/problems.ts'
import { PROBLEMS as TIME } from '../time/words/en/problems.ts'

const ALL = { ...CUE, ...DOCUMENT, ...FIGURE, ...FILE, ...LISTEN, ...TIME, ...FINDINGS }
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

describe('what is wrong with a text, a file or a figure', () => {
  it.each(Object.keys(ALL))('%s is said whole', (code) => {
    const values = new Proxy({}, { get: (_, name) => KEYS[code]?.[String(name)] ?? anything('7') })
    const said = (ALL as unknown as Record<string, (params: unknown) => string>)[code]!(values)
    expect(said).not.toMatch(NEVER)
    expect(said.length).toBeGreaterThan(1)
  })
})
