/** The languages that sentences are written in. */
export const LANGUAGES = ['en', 'de'] as const
export type Language = (typeof LANGUAGES)[number]

/** Whether a text names a language that sentences are written in. */
export const isLanguage = (text: unknown): text is Language =>
  LANGUAGES.some((language) => language === text)
