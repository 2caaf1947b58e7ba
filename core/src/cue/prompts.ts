import type { Timeline } from '../routine/index.ts'
import { figurePrompts } from './figurePrompts.ts'
import { passPrompts } from './passPrompts.ts'
import type { Prompt, PromptOptions } from './prompt.ts'

/**
 * Prompts that follow from the structure of a routine, by the key of the slot they are said with. A
 * school says which kinds it has. A slot has one prompt at most: what is said of a whole pass comes
 * before what is said of one figure, and what is other before what is the same.
 */
export function structurePrompts(
  timeline: Timeline,
  options: PromptOptions,
): ReadonlyMap<string, Prompt> {
  const found = new Map<string, Prompt>()
  if (options.school.prompts.length === 0) return found
  for (const { key, prompt } of [
    ...passPrompts(timeline, options),
    ...figurePrompts(timeline, options),
  ])
    if (!found.has(key)) found.set(key, prompt)
  return found
}
