export { tuneSchema, tuneShape, tunePhrases, tuneEnd, tuneBars, type Tune, type Recording, type Section, type TunePhrase } from './tune.ts'
