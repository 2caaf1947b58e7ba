export { tuneSchema, tuneShape, tunePhrases, tuneEnd, tuneBars, type Tune, type Recording, type Section, type TunePhrase } from './tune.ts'
export { anchored, doubled, fromTaps, halved, LEAST_MEND_TAPS, nudged, offBeat, thisIsOne, threeForTwo, unanchored } from './mend.ts'
