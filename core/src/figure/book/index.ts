import type { Figure } from '../model/figure.ts'
import { WALTZ_FIGURES } from './waltz.ts'
import {
  CHA_CHA_FIGURES,
  JIVE_FIGURES,
  PASO_FIGURES,
  RUMBA_FIGURES,
  SALSA_FIGURES,
} from './latin.ts'
import { MIXER_FIGURES, RING_FIGURES, SET_FIGURES } from './ring.ts'
import { FOXTROT_FIGURES, QUICKSTEP_FIGURES, TANGO_FIGURES } from './smooth.ts'
import { CLOG_FIGURES, LINE_FIGURES } from './solo.ts'
import { TWO_STEP_FIGURES } from './twoStep.ts'

/**
 * Every figure that ships, by family. General dance knowledge in our own words; where schools
 * differ, the plainest way is taken and the remark says so.
 */
export const SHIPPED_FIGURES: readonly Figure[] = [
  ...WALTZ_FIGURES,
  ...TWO_STEP_FIGURES,
  ...FOXTROT_FIGURES,
  ...QUICKSTEP_FIGURES,
  ...TANGO_FIGURES,
  ...RUMBA_FIGURES,
  ...CHA_CHA_FIGURES,
  ...JIVE_FIGURES,
  ...SALSA_FIGURES,
  ...PASO_FIGURES,
  ...LINE_FIGURES,
  ...CLOG_FIGURES,
  ...RING_FIGURES,
  ...SET_FIGURES,
  ...MIXER_FIGURES,
]
