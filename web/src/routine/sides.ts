/** What can stand beside the page; the first ones have a tab of their own, the rest share one. */
export const SIDES = [
  'figure',
  'cues',
  'pass',
  'fix',
  'music',
  'about',
  'history',
  'hand-on',
] as const
export type Side = (typeof SIDES)[number]
export const ALWAYS_THERE: readonly Side[] = ['figure', 'cues', 'pass', 'fix']
export const ON_ASKING: readonly Side[] = ['music', 'about', 'history', 'hand-on']

export const isSide = (value: string): value is Side => SIDES.some((side) => side === value)
