import type { Figure } from '../model/figure.ts'

/**
 * `covered`: taught; `within`: not taught, but of their level or below; `beyond`: above their
 * level.
 */
export type Coverage = 'covered' | 'within' | 'beyond'

/** What a group of dancers knows, ready to be asked figure by figure. */
export interface KnownFigures {
  of(figure: Figure): Coverage
  times(figureId: string): number
}
