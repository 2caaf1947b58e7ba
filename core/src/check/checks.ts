import { acrossPhrase } from './sums/acrossPhrase.ts'
import { body } from './dance/body.ts'
import { heat } from './dance/heat.ts'
import { contradictions } from './said/contradictions.ts'
import type { Check } from './derived.ts'
import { facings } from './dance/facings.ts'
import { feet } from './dance/feet.ts'
import { otherFoot } from './dance/otherFoot.ts'
import { fills } from './sums/fills.ts'
import { countFrom } from './sums/countFrom.ts'
import { figureItself } from './dance/figureItself.ts'
import { walls } from './dance/walls.ts'
import { figureOrder } from './dance/figureOrder.ts'
import type { Finding } from './findings.ts'
import { hardToSay } from './voice/hardToSay.ts'
import { holds } from './dance/holds.ts'
import { missing } from './missing/missing.ts'
import { mixers } from './dance/mixers.ts'
import { musicFit } from './sums/musicFit.ts'
import { noPhrase } from './sums/noPhrase.ts'
import { otherMetre } from './sums/otherMetre.ts'
import { ownWords } from './voice/ownWords.ts'
import { overCalled } from './voice/overCalled.ts'
import { partOrder } from './missing/partOrder.ts'
import { phraseSums } from './sums/phraseSum.ts'
import { rotated } from './dance/rotated.ts'
import { saidSums } from './sums/saidSums.ts'
import { setLines } from './floor/setLines.ts'
import { setPlaces } from './floor/setPlaces.ts'
import { setWays } from './floor/setWays.ts'
import { setWords } from './said/setWords.ts'
import { soundAlike } from './voice/soundAlike.ts'
import { teachFirst } from './missing/teachFirst.ts'
import { ties } from './sums/ties.ts'
import { toldOrder } from './missing/toldOrder.ts'
import { voice } from './voice/voice.ts'
import { wordsAgainstDeeds } from './said/wordsAgainstDeeds.ts'
import { voiceTiming } from './voice/voiceTiming.ts'

/**
 * Every check there is. Adding one adds a file and a line here, and a sentence in the catalogue.
 */
export const CHECKS: readonly Check<Finding>[] = [
  missing,
  partOrder,
  toldOrder,
  figureOrder,
  figureItself,
  feet,
  otherFoot,
  holds,
  facings,
  rotated,
  walls,
  contradictions,
  wordsAgainstDeeds,
  setWords,
  phraseSums,
  noPhrase,
  acrossPhrase,
  saidSums,
  ties,
  fills,
  otherMetre,
  countFrom,
  musicFit,
  mixers,
  setLines,
  setPlaces,
  setWays,
  voice,
  voiceTiming,
  hardToSay,
  soundAlike,
  overCalled,
  ownWords,
  body,
  heat,
  teachFirst,
]
