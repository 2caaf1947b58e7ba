import { FINDINGS } from '../words/en/findings.ts'

/** Something that cannot be right, or is doubtful, in a figure by itself. */
export interface FigureFinding {
  readonly figureId: string
  readonly code: FigureFindingCode
  /** The values of its sentence: plain JSON, so that any language can word it. */
  readonly params: Readonly<Record<string, unknown>>
  /**
   * `stop`: it cannot be danced as written; `mend`: it contradicts itself; `note`: worth a look.
   */
  readonly severity: 'stop' | 'mend' | 'note'
  /** One English sentence for a person, with the count where it is. */
  readonly message: string
}
export type FigureFindingCode = keyof typeof FINDINGS
/** Every code there is. */
export const FIGURE_FINDING_CODES = Object.keys(FINDINGS) as readonly FigureFindingCode[]
export type Found = Omit<FigureFinding, 'figureId'>

/** The values of a sentence; none where it has none. */
type Told<Code extends FigureFindingCode> = Parameters<(typeof FINDINGS)[Code]>

const found =
  (severity: FigureFinding['severity']) =>
  <Code extends FigureFindingCode>(code: Code, ...told: Told<Code>): Found => ({
    code,
    severity,
    params: (told[0] ?? {}) as Readonly<Record<string, unknown>>,
    message: (FINDINGS[code] as (params: unknown) => string)(told[0]),
  })

export const stop = found('stop')
export const mend = found('mend')
export const note = found('note')
