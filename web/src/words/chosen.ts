import { isLanguage, type Language } from '@dellop/core/document'

/** Languages by their own names. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' }

const KEPT = 'dellop-language'

/** The language chosen in this browser, or else the browser's own where there is a catalogue. */
export function chosenLanguage(): Language {
  const kept = globalThis.localStorage?.getItem(KEPT)
  if (isLanguage(kept)) return kept
  const own = globalThis.navigator?.language?.slice(0, 2).toLowerCase()
  return isLanguage(own) ? own : 'en'
}

/** Keeps another language in this browser; it is spoken from the next start on. */
export const chooseLanguage = (language: Language): void =>
  globalThis.localStorage?.setItem(KEPT, language)
