import { ticksPerBar, TICKS_PER_BEAT, USUAL_PHRASE_BARS } from '../time/index.ts'
import type { Routine } from './routine.ts'

/** Ticks of a phrase where the music does not say: the sheet's own, else eight bars. */
export const usualPhraseTicks = ({
  metre,
  phraseBeats,
}: Pick<Routine, 'metre' | 'phraseBeats'>): number =>
  phraseBeats === undefined ? USUAL_PHRASE_BARS * ticksPerBar(metre) : phraseBeats * TICKS_PER_BEAT
