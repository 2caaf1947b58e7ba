import { SHIPPED_FIGURES } from '../book/index.ts'
import { namesOf } from '../model/figureWords.ts'
import { wordingsIn } from '../model/figure.ts'
import { glossary, namesakes, wordsOfFigure } from './glossary.ts'

const entries = glossary(SHIPPED_FIGURES)
const entry = (word: string) => entries.find((one) => one.word.toLowerCase() === word)!

describe('the glossary', () => {
  it('shows all that a word means, in every dance', () => {
    expect(entry('box').meanings.map(({ figure, as }) => `${figure.family} ${as}`)).toEqual([
      'waltz name',
      'slow foxtrot name',
      'rumba name',
      'two-step alias',
      'bachata alias',
    ])
    expect(entry('box').isAmbiguous).toBe(true)
    expect(entry('clog basic').isAmbiguous).toBe(false)
  })
  it('has every name, alias and wording of every figure, each figure once a word, in order', () => {
    for (const figure of SHIPPED_FIGURES) {
      for (const word of [
        ...namesOf(figure),
        ...Object.values(wordingsIn(figure, 'en')),
        ...Object.values(wordingsIn(figure, 'de')),
      ])
        expect(
          entry(word.toLowerCase()).meanings.filter((one) => one.figure.id === figure.id),
        ).toHaveLength(1)
    }
    const words = entries.map(({ word }) => word)
    expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')))
    expect(new Set(words.map((word) => word.toLowerCase())).size).toBe(words.length)
  })
  it('says whose a word is: of a language, a school, a region', () => {
    expect(
      entry('quadrat').meanings.map(({ figure, as, whose }) => [figure.id, as, whose]),
    ).toContainEqual(['box', 'alias', { language: 'de' }])
    const box = SHIPPED_FIGURES.find(({ id }) => id === 'box')!
    const named = { ...box, aliases: [{ name: 'Karree', language: 'de', region: 'the south' }] }
    expect(glossary([named]).find(({ word }) => word === 'Karree')!.meanings[0]).toMatchObject({
      as: 'alias',
      whose: { language: 'de', region: 'the south' },
    })
    expect(wordsOfFigure(named).map(({ word, as }) => `${word} ${as}`)).toEqual([
      'Box name',
      'Karree alias',
      'Quadrat said',
    ])
  })
  it('knows which figures of other steps go by a figure’s names', () => {
    const box = SHIPPED_FIGURES.find(({ id }) => id === 'box')!
    expect(namesakes(box, SHIPPED_FIGURES).map(({ id }) => id)).toEqual([
      'two-step.two-step-box',
      'slow-foxtrot.box',
      'rumba.box',
      'bachata.box-step',
    ])
  })
})
