import { SHIPPED_FIGURES } from '../figure/index.ts'
import type { Routine, Slot } from '../routine/index.ts'
import { typedRoutine } from './typed.ts'

/** A routine from a text as it is jotted down; without an order each part comes once. */
export const jotted = (text: string): Routine =>
  typedRoutine(
    /^(?:order|sequence|Ablauf|Reihenfolge)\b/im.test(text) ? text : `${text}\norder\n  A`,
  )

/** What stands in a slot: the figure's name with its variation, or words with their counts. */
export function contentName({ content }: Slot): string {
  if (content.type === 'words')
    return `${content.text} ${content.lengthTicks === null ? '?' : content.lengthTicks / 24}`
  const name = SHIPPED_FIGURES.find(({ id }) => id === content.figureId)!.name
  const { times, cut, reflected } = content.variation
  return `${name}${times > 1 ? ` x${times}` : ''}${cut ? ' cut' : ''}${reflected ? ' mirrored' : ''}`
}
