/** What can stand beside the page; the first ones have a tab of their own, the rest share one. */
export const ALWAYS_THERE = ['figure', 'cues', 'pass', 'fix'] as const
export const ON_ASKING = ['music', 'about', 'history', 'hand-on'] as const
export const SIDES = [...ALWAYS_THERE, ...ON_ASKING] as const
export type Side = (typeof SIDES)[number]

export const isSide = (value: string): value is Side => SIDES.some((side) => side === value)
