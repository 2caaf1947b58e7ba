import { acrossPhrase } from './acrossPhrase.ts'
import type { Check } from './derived.ts'
import { facings } from './facings.ts'
import { feet } from './feet.ts'
import { figureOrder } from './figureOrder.ts'
import type { Finding } from './finding.ts'
import { holds } from './holds.ts'
import { missing } from './missing.ts'
import { musicFit } from './musicFit.ts'
import { phraseSums } from './phraseSum.ts'
import { teachFirst } from './teachFirst.ts'
import { voice } from './voice.ts'

/** Every check there is. Adding one adds a file and a line here, and a sentence in the catalogue. */
export const CHECKS: readonly Check<Finding>[] = [missing, figureOrder, feet, holds, facings, phraseSums, acrossPhrase, musicFit, voice, teachFirst]
