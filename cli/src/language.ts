import { isLanguage, LANGUAGES, type Language } from '@dellop/core/document'

/**
 * Takes `--language de` out of a line of arguments, wherever it stands, and keeps it for this
 * process; `DELLOP_LANGUAGE` says the same for all. Null where it names none.
 */
export function takeLanguage(line: readonly string[]): readonly string[] | null {
  const at = line.indexOf('--language')
  if (at < 0) return line
  if (!isLanguage(line[at + 1])) return null
  process.env['DELLOP_LANGUAGE'] = line[at + 1]
  return line.toSpliced(at, 2)
}

/** The language that findings and refusals are said in. */
export function spokenLanguage(): Language {
  const wanted = process.env['DELLOP_LANGUAGE']
  return isLanguage(wanted) ? wanted : 'en'
}

/** What `--language` takes. */
export const LANGUAGE_CHOICES = LANGUAGES.join(' or ')
