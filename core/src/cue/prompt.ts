import type { Formation } from '../routine/index.ts'
import type { PromptKind, School } from '../school/index.ts'
import type { CueLanguage } from './language.ts'

/**
 * Something said with a figure that follows from the structure: that it comes again, for the last
 * time, on the other foot.
 */
export interface Prompt {
  /** The kind that counts most, where it is made of two. */
  readonly kind: PromptKind
  readonly text: string
  /**
   * What of it may displace optional words of the figure's name, and is not left out for them: that
   * it is the last time, a restart, a tag, a new partner, a new ending; null where nothing is.
   */
  readonly must: string | null
  /** Before the figure's name or behind it. */
  readonly place: 'before' | 'after'
  /**
   * It is enough by itself where the floor knows the part: nothing is other than the time before.
   */
  readonly isEnough: boolean
  /** A reminder for who is learning: said only while the figure is called in full. */
  readonly fades: boolean
}

export interface PromptOptions {
  readonly school: Pick<School, 'prompts'>
  readonly language: CueLanguage
  readonly formation?: Formation | undefined
  /** What the two roles are called; lead and follow where left out. */
  readonly roles?: Readonly<Record<'lead' | 'follow', string>> | undefined
}

/** A prompt with the key of the danced slot that it is said with. */
export type Keyed = { readonly key: string; readonly prompt: Prompt }
