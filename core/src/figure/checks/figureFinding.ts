import { beatsOfTicks, type Tick } from '../../time/index.ts'

/** Something that cannot be right, or is doubtful, in a figure by itself. */
export interface FigureFinding {
  readonly figureId: string
  readonly code: string
  /**
   * `stop`: it cannot be danced as written; `mend`: it contradicts itself; `note`: worth a look.
   */
  readonly severity: 'stop' | 'mend' | 'note'
  /** One sentence for a person, with the count where it is. */
  readonly message: string
}

export type Found = Omit<FigureFinding, 'figureId'>
export const stop = (code: string, message: string): Found => ({ code, severity: 'stop', message })
export const mend = (code: string, message: string): Found => ({ code, severity: 'mend', message })
export const note = (code: string, message: string): Found => ({ code, severity: 'note', message })

/** `count 2.5`: where in the figure a tick is, as a dancer counts. */
export const count = (at: number): string =>
  `count ${Number((beatsOfTicks(at as Tick) + 1).toFixed(2))}`
export const counts = (ticks: number): string => `${beatsOfTicks(ticks as Tick)}`
