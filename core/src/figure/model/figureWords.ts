import { memoised } from '../../document/index.ts'
import type { Figure } from './figure.ts'
import { namesSide } from './mirroredWords.ts'

/** The names a figure goes by, its own first. */
export const namesOf = ({ name, aliases }: Figure): string[] => [
  name,
  ...aliases.map((alias) => alias.name),
]

/** Whether the words of a figure say to which side it is danced, in any language. */
export const saysSide = memoised(({ name, wordings }: Figure): boolean =>
  [name, ...Object.values(wordings).flatMap((words) => Object.values(words ?? {}))].some(
    (text) => typeof text === 'string' && (namesSide(text, 'en') || namesSide(text, 'de')),
  ),
)
