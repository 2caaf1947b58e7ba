import { mirroredWords, type CueLanguageId, type Figure } from '../../figure/index.ts'

/** What a figure is called in a language: its name, its others, and what is said of it. */
export function namesOf(figure: Figure, language: CueLanguageId, isMirrored = false): string[] {
  const names = [
    figure.name,
    ...figure.aliases.map(({ name }) => name),
    ...Object.values(figure.wordings[language] ?? {}),
  ]
  return isMirrored ? names.map((name) => mirroredWords(name, language)) : names
}

/** The words of a text in lower case, without numbers and stops. */
export const wordsIn = (text: string): string[] => text.toLowerCase().match(/\p{L}+/gu) ?? []
