export {
  LEAST_BPM,
  MOST_BPM,
  tuneSchema,
  tuneShape,
  tunePhrases,
  tuneEnd,
  tuneBars,
  type HeardChoices,
  type Landmark,
  type Layout,
  type Recording,
  type Section,
  type Tune,
  type TunePhrase,
} from './tune.ts'
export { anchored, doubled, halved, nudged, offBeat, thisIsOne, unanchored } from './mend.ts'
export { fromTaps, LEAST_MEND_TAPS, retapped } from './taps.ts'
export { beatsNearTaps, countingFactor, rangeAround, tapTempo } from './nearTaps.ts'
export { counted, freed } from './freeTime.ts'
export { layoutOf, putOn, recordingOf, sameLayout, tuneOn, withBeatMap } from './recordings.ts'
export {
  barsPerMinute,
  meanBpm,
  sectionFacts,
  tuneBpm,
  toldBpm,
  usualBpm,
  type SectionFacts,
} from './tempo.ts'
export {
  keptDanceName,
  DANCE_NAMES,
  DANCE_TEMPI,
  danceTempo,
  figureFamily,
  usualTempo,
  type DanceTempo,
} from './dances.ts'
export { danceName } from './danceNames.ts'
export { alignBeats, SAME_MUSIC, type Alignment, type BeatHarmony } from './align.ts'
export { carryLayout, type Carried, type RecordingDifference } from './carry.ts'
export { phrasesOf, relaid, withBeats } from './relay.ts'
export { tapDelay } from './tapDelay.ts'
export { upgradeTune } from './upgrade.ts'
export { beatBeginsAt, surenessBetween } from './sureness.ts'
