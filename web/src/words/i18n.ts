import type { Language } from '@dellop/core/document'
import { createI18n, type IntlDateTimeFormats } from 'vue-i18n'

/** The locale by which a language writes dates. */
export const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', de: 'de-DE' }

const DATES = {
  moment: { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' },
  short: { day: 'numeric', month: 'short', year: 'numeric' },
  long: { day: 'numeric', month: 'long', year: 'numeric' },
  month: { month: 'long', year: 'numeric' },
} as const

/**
 * The language of the screen, its catalogues and its dates. Catalogues are typed: what is said with
 * values is a function of them, so that a value that is renamed does not compile.
 */
export const i18n = createI18n({
  legacy: false,
  locale: LOCALES.en,
  fallbackLocale: LOCALES.en,
  datetimeFormats: Object.fromEntries(
    Object.values(LOCALES).map((locale) => [locale, DATES]),
  ) as IntlDateTimeFormats,
})
