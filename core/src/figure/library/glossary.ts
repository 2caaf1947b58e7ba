import { CUE_LANGUAGES, type Alias, type CueLanguageId, type Figure } from '../model/figure.ts'

/**
 * How a figure comes by a word: it is its name, another name and whose, or what is said of it in a
 * language.
 */
export interface Meaning {
  readonly figure: Figure
  readonly as: 'name' | 'alias' | 'said'
  /** School, region or language that calls it so; null where nobody in particular does. */
  readonly whose: Omit<Alias, 'name'> | null
}

/** A word and all that it means. */
export interface GlossaryEntry {
  readonly word: string
  readonly meanings: readonly Meaning[]
  /** Whether it means figures with other steps or lengths, not one figure in many dances. */
  readonly isAmbiguous: boolean
}

/** All words of one figure, each once: its name, its other names, what is said of it. */
export function wordsOfFigure(
  figure: Figure,
): { readonly word: string; readonly as: Meaning['as']; readonly whose: Meaning['whose'] }[] {
  const said = CUE_LANGUAGES.flatMap((language: CueLanguageId) =>
    Object.values(figure.wordings[language] ?? {}).map((word) => ({
      word,
      as: 'said' as const,
      whose: { language },
    })),
  )
  const aliases = figure.aliases.map(({ name, ...whose }) => ({
    word: name,
    as: 'alias' as const,
    whose: Object.keys(whose).length === 0 ? null : whose,
  }))
  const all = [{ word: figure.name, as: 'name' as const, whose: null }, ...aliases, ...said]
  return all.filter(
    ({ word }, i) =>
      all.findIndex((other) => other.word.toLowerCase() === word.toLowerCase()) === i,
  )
}

/**
 * Every name, alias and spoken wording of the figures, in order of the alphabet; upper and lower
 * case are one word.
 */
export function glossary(figures: readonly Figure[]): GlossaryEntry[] {
  const entries = new Map<string, { word: string; meanings: Meaning[] }>()
  const order = { name: 0, alias: 1, said: 2 }
  const all = figures
    .flatMap((figure) => wordsOfFigure(figure).map((one) => ({ ...one, figure })))
    .sort((a, b) => order[a.as] - order[b.as])
  for (const { word, figure, as, whose } of all) {
    const entry = entries.get(word.toLowerCase()) ?? { word, meanings: [] }
    entries.set(word.toLowerCase(), {
      word: entry.word,
      meanings: [...entry.meanings, { figure, as, whose }],
    })
  }
  return [...entries.values()]
    .map(({ word, meanings }) => ({
      word,
      meanings,
      isAmbiguous:
        new Set(
          meanings.map(({ figure }) =>
            JSON.stringify([figure.lengthTicks, figure.lead, figure.follow]),
          ),
        ).size > 1,
    }))
    .sort((a, b) => a.word.localeCompare(b.word, 'en'))
}

/**
 * Figures of other steps that share a name in other schools or dances: which is meant has to be
 * asked. What every dance calls so in a language, as its “Grundschritt”, is not counted.
 */
export const namesakes = (figure: Figure, figures: readonly Figure[]): Figure[] => {
  const everybodys = ({ name, aliases }: Figure): string[] =>
    [name, ...aliases.flatMap((one) => (one.language ? [] : [one.name]))].map((own) =>
      own.toLowerCase(),
    )
  const names = new Set(everybodys(figure))
  return figures.filter(
    (one) => one.id !== figure.id && everybodys(one).some((name) => names.has(name)),
  )
}
