export {
  TICKS_PER_BEAT,
  tick,
  tickPosition,
  seconds,
  beats,
  beatsOfTicks,
  ticksOfBeats,
  type Tick,
  type TickPosition,
  type Seconds,
  type Beats,
  type Bars,
} from './units.ts'
export { clockOfMinutes, DAY_MINUTES, minutesOfClock } from './clockTime.ts'
export { TIME_TOLERANCE_SECONDS } from './tolerance.ts'
export { metreSchema, WALTZ_METRE, ticksPerBar, barAt, beatInBarAt, type Metre } from './metre.ts'
export {
  beatMapSchema,
  steadyBeatMap,
  secondsAt,
  tickAt,
  bpmAt,
  freeTimes,
  heardSeconds,
  type Anchor,
  type BeatMap,
  type BeatMapSegment,
  type FreeTimeSide,
} from './beatMap.ts'
export {
  layPhrases,
  phraseAt,
  spanAt,
  timesToLineUp,
  stepsPerSecond,
  USUAL_PHRASE_BARS,
  type PhraseSpan,
} from './phrase.ts'
export { parseNotation, printNotation, notationSum, type Notation } from './notation.ts'
export type { NotationEvent, NotationOptions } from './notationToken.ts'
export { countLabel, type CountLabel, type CountStyle } from './countLabel.ts'
export { readCountIn, type CountInWord } from './countIn.ts'
