import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { Language } from '@dellop/core/document'

const SPOKEN: InjectionKey<ComputedRef<Language>> = Symbol('language of the cues')

/**
 * Tells what is drawn below in which language cues are said, so that it can be read aloud as what
 * it is; the screen may have another.
 */
export const provideSpoken = (language: ComputedRef<Language>): void => provide(SPOKEN, language)
/** The language in which cues are said here; none where nobody has told. */
export function useSpoken(): ComputedRef<Language | undefined> {
  const told = inject(SPOKEN, null)
  return computed(() => told?.value)
}
