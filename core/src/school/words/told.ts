import type { Language } from '../../document/index.ts'
import { SHIPPED_SCHOOLS } from '../shipped.ts'
import type { School } from '../school.ts'
import { STYLES } from './de.ts'

/** The text of a shipped style in a language, while it still is the shipped one. */
const told = (
  language: Language,
  { id, ...texts }: Pick<School, 'id' | 'name' | 'about'>,
  field: 'name' | 'about',
): string => {
  const isShipped = SHIPPED_SCHOOLS.some((one) => one.id === id && one[field] === texts[field])
  return (language === 'de' && isShipped ? STYLES[id]?.[field] : undefined) ?? texts[field]
}

/** What a calling style is called in a language; a cuer's own by the name it was given. */
export const styleName = (
  language: Language,
  school: Pick<School, 'id' | 'name' | 'about'>,
): string => told(language, school, 'name')
/** Why it is done so, in a language; of a cuer's own as it was written. */
export const styleAbout = (
  language: Language,
  school: Pick<School, 'id' | 'name' | 'about'>,
): string => told(language, school, 'about')
