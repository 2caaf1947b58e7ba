import { REFUSALS as GERMAN } from './de/refusals.ts'
import { REFUSALS as ENGLISH } from './en/refusals.ts'

type Sentence = (values: unknown) => string
/** A sentence with each value told by its name, and the names it has asked for. */
function told(sentence: Sentence): { text: string; names: string[] } {
  const names: string[] = []
  const values = new Proxy(
    {},
    { get: (_, name) => (names.push(String(name)), `<${String(name)}>`) },
  )
  return { text: sentence(values), names: names.toSorted() }
}

describe.each(Object.keys(ENGLISH) as (keyof typeof ENGLISH)[])('the refusal %s', (name) => {
  const english = told(ENGLISH[name] as Sentence)
  const german = told(GERMAN[name] as Sentence)
  it('says the same in German, and of the same values', () => {
    expect(german.names).toEqual(english.names)
    for (const value of english.names) expect(german.text).toContain(`<${value}>`)
    expect(german.text).not.toBe(english.text)
    expect(german.text).not.toMatch(/\b(?:the|and|was|is|not|there)\b.*\b(?:the|and|of|is)\b/i)
  })
  it('is a sentence', () => {
    for (const { text } of [english, german]) expect(text).toMatch(/^[^a-z].*[.]$/)
  })
})
