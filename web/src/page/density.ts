/**
 * How close the rows of the page stand. All is in pixels. A line of one cue and one figure is as
 * high as its parts together: counts, said, lead, danced, gap.
 */
export interface Density {
  readonly id: DensityId
  /** Size of the words on the page. */
  readonly font: number
  /** Height of the numbers above the beats. */
  readonly counts: number
  /** Height of one line of words. */
  readonly text: number
  /** What a ribbon has beyond its words, above and below. */
  readonly ribbon: number
  /** Height in which the lead is drawn. */
  readonly lead: number
  /** What a block has beyond its words. */
  readonly block: number
  readonly gap: number
}
export const DENSITY_IDS = ['compact', 'usual', 'large'] as const
export type DensityId = (typeof DENSITY_IDS)[number]

export const DENSITIES: Readonly<Record<DensityId, Density>> = {
  compact: { id: 'compact', font: 14, counts: 12, text: 17, ribbon: 6, lead: 4, block: 10, gap: 6 },
  usual: { id: 'usual', font: 15, counts: 14, text: 19, ribbon: 9, lead: 6, block: 13, gap: 8 },
  large: { id: 'large', font: 20, counts: 18, text: 27, ribbon: 11, lead: 10, block: 15, gap: 12 },
}

/** Height of a line with one cue and one figure. */
export const lineHeight = ({ counts, text, ribbon, lead, block, gap }: Density): number =>
  counts + (text + ribbon) + lead + (text + block) + gap

const KEPT = 'dellop-density'
export function keptDensity(): DensityId {
  const kept = globalThis.localStorage?.getItem(KEPT)
  return DENSITY_IDS.find((id) => id === kept) ?? 'usual'
}
export const keepDensity = (id: DensityId): void => globalThis.localStorage?.setItem(KEPT, id)
