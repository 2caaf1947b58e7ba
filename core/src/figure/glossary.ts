import type { Figure } from './figure.ts'

/** A word and all that it means. */
export interface GlossaryEntry {
  readonly word: string
  readonly meanings: readonly { readonly figure: Figure; readonly as: 'name' | 'alias' | 'said' }[]
  /** Whether it means figures with other steps or lengths, not one figure in many dances. */
  readonly isAmbiguous: boolean
}

/** Every name, alias and spoken wording of the figures, in order of the alphabet; upper and lower case are one word. */
export function glossary(figures: readonly Figure[]): GlossaryEntry[] {
  const entries = new Map<string, { word: string; meanings: { figure: Figure; as: 'name' | 'alias' | 'said' }[] }>()
  const add = (word: string, figure: Figure, as: 'name' | 'alias' | 'said'): void => {
    const key = word.toLowerCase()
    const entry = entries.get(key) ?? { word, meanings: [] }
    if (entry.meanings.some((one) => one.figure.id === figure.id)) return
    entries.set(key, { word: as === 'said' ? entry.word : entry.meanings.length === 0 ? word : entry.word, meanings: [...entry.meanings, { figure, as }] })
  }
  for (const figure of figures) add(figure.name, figure, 'name')
  for (const figure of figures) for (const alias of figure.aliases) add(alias, figure, 'alias')
  for (const figure of figures) for (const said of Object.values(figure.wordings)) add(said, figure, 'said')
  return [...entries.values()]
    .map(({ word, meanings }) => ({ word, meanings, isAmbiguous: new Set(meanings.map(({ figure }) => JSON.stringify([figure.lengthTicks, figure.lead, figure.follow]))).size > 1 }))
    .sort((a, b) => a.word.localeCompare(b.word, 'en'))
}
