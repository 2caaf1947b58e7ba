import { acrossPhrase } from './acrossPhrase.ts'
import { body } from './body.ts'
import { contradictions } from './contradictions.ts'
import type { Check } from './derived.ts'
import { facings } from './facings.ts'
import { feet } from './feet.ts'
import { fills } from './fills.ts'
import { figureOrder } from './figureOrder.ts'
import type { Finding } from './finding.ts'
import { hardToSay } from './hardToSay.ts'
import { holds } from './holds.ts'
import { missing } from './missing.ts'
import { mixers } from './mixers.ts'
import { musicFit } from './musicFit.ts'
import { otherMetre } from './otherMetre.ts'
import { overCalled } from './overCalled.ts'
import { partOrder } from './partOrder.ts'
import { phraseSums } from './phraseSum.ts'
import { rotated } from './rotated.ts'
import { saidSums } from './saidSums.ts'
import { soundAlike } from './soundAlike.ts'
import { teachFirst } from './teachFirst.ts'
import { ties } from './ties.ts'
import { voice } from './voice.ts'
import { voiceTiming } from './voiceTiming.ts'

/**
 * Every check there is. Adding one adds a file and a line here, and a sentence in the catalogue.
 */
export const CHECKS: readonly Check<Finding>[] = [
  missing,
  partOrder,
  figureOrder,
  feet,
  holds,
  facings,
  rotated,
  contradictions,
  phraseSums,
  acrossPhrase,
  saidSums,
  ties,
  fills,
  otherMetre,
  musicFit,
  mixers,
  voice,
  voiceTiming,
  hardToSay,
  soundAlike,
  overCalled,
  body,
  teachFirst,
]
