import type { Tick } from '../time/index.ts'
import type { CueSlot, Wording } from './cueSlot.ts'

/** Something that has its place in a gap, said as soon in it as may be. Longest wording first. */
export const gapSlot = ({
  key,
  slotKey,
  wordings,
  from,
  to,
  tells,
}: {
  readonly key: string
  readonly slotKey: string
  readonly wordings: readonly Wording[]
  /** Where the gap begins and ends, in ticks. */
  readonly from: Tick
  readonly to: Tick
  readonly tells?: CueSlot['tells']
}): CueSlot => ({
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
