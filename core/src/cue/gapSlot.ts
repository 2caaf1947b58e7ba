import type { Tick } from '../time/index.ts'
import type { CueSlot, Wording } from './cueSlot.ts'

/** Something that has its place in a gap, said as soon in it as may be. Longest wording first. */
export const gapSlot = (
  key: string,
  slotKey: string,
  wordings: readonly Wording[],
  from: Tick,
  to: Tick,
  tells?: CueSlot['tells'],
): CueSlot => ({
  key,
  slotKey,
  purpose: 'gap',
  mode: 'gap',
  stepTick: to,
  notBeforeTick: from,
  wordings,
  wantedWords: wordings[0]!.words,
  silence: null,
  ...(tells && { tells }),
})
