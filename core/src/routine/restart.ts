import type { DancedPass } from './timeline.ts'

/** Whether a time through begins the part anew that was broken off before it. */
export const isRestart = (
  pass: Pick<DancedPass, 'part' | 'pass'>,
  before: Pick<DancedPass, 'part' | 'pass'> | null,
): boolean =>
  before !== null &&
  before.part === pass.part &&
  before.pass.stretch !== null &&
  pass.pass.stretch === null
