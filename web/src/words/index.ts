import type { Language } from '@dellop/core/document'
import { en, type Catalogue } from './en/index.ts'
import { i18n, LOCALES } from './i18n.ts'

export type { Catalogue }
/** The words of the language that is spoken; English until another is. */
export let words: Catalogue = en
/** The language that is spoken. */
export let language: Language = 'en'

/**
 * Begins to speak a language: its catalogue is loaded, and the page says so to whoever reads it
 * aloud. Before anything else is loaded, so that every module has its words from the first.
 */
export async function speak(chosen: Language): Promise<void> {
  if (chosen === 'de') words = (await import('./de/index.ts')).de
  language = chosen
  const locale = LOCALES[chosen]
  i18n.global.setLocaleMessage(locale, words as never)
  i18n.global.locale.value = locale
  globalThis.document?.documentElement.setAttribute('lang', chosen)
}
