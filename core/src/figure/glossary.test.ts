import { SHIPPED_FIGURES } from './book/index.ts'
import { glossary } from './glossary.ts'

const entries = glossary(SHIPPED_FIGURES)
const entry = (word: string) => entries.find((one) => one.word.toLowerCase() === word)!

describe('the glossary', () => {
  it('shows all that a word means, in every dance', () => {
    expect(entry('box').meanings.map(({ figure, as }) => `${figure.family} ${as}`)).toEqual(['waltz name', 'rumba name', 'two-step alias'])
    expect(entry('box').isAmbiguous).toBe(true)
    expect(entry('clog basic').isAmbiguous).toBe(false)
  })
  it('has every name, alias and wording of every figure, each figure once a word, in order', () => {
    for (const figure of SHIPPED_FIGURES) {
      for (const word of [figure.name, ...figure.aliases, ...Object.values(figure.wordings)]) expect(entry(word.toLowerCase()).meanings.filter((one) => one.figure.id === figure.id)).toHaveLength(1)
    }
    const words = entries.map(({ word }) => word)
    expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')))
    expect(new Set(words.map((word) => word.toLowerCase())).size).toBe(words.length)
  })
})
