import { alsoDancedIn, MAMBO_AS_RUMBA, VIENNESE_AS_WALTZ } from './alsoDanced.ts'
import type { Figure } from '../model/figure.ts'
import { withOtherNames } from './otherNames.ts'
import { WALTZ_FIGURES } from './waltz.ts'
import { WALTZ_STEPS } from './waltzSteps.ts'
import { CHA_CHA_FIGURES } from './chaCha.ts'
import { JIVE_FIGURES } from './jive.ts'
import { PASO_FIGURES } from './paso.ts'
import {
  BACHATA_FIGURES,
  BOLERO_FIGURES,
  MAMBO_FIGURES,
  MERENGUE_FIGURES,
  SAMBA_FIGURES,
} from './latinKin.ts'
import { OPENING_FIGURES } from './openings.ts'
import { POLKA_FIGURES, SCHOTTISCHE_FIGURES, VIENNESE_FIGURES } from './quickRound.ts'
import { SEQUENCE_FIGURES } from './sequence.ts'
import { MODERN_JIVE_FIGURES, NIGHT_CLUB_FIGURES, WEST_COAST_FIGURES } from './slotDances.ts'
import { LONGWAYS_FIGURES, SQUARE_FIGURES } from './squareLongways.ts'
import { RUMBA_FIGURES } from './rumba.ts'
import { SALSA_FIGURES } from './salsa.ts'
import { MIXER_FIGURES } from './mixer.ts'
import { RING_FIGURES } from './ring.ts'
import { SET_FIGURES } from './set.ts'
import { PLACE_FIGURES } from './setPlaces.ts'
import { CLOG_FIGURES } from './clog.ts'
import { FOXTROT_FIGURES } from './foxtrot.ts'
import { FOXTROT_SMOOTH, WALTZ_SMOOTH } from './smooth.ts'
import { LINE_FIGURES } from './line.ts'
import { QUICKSTEP_FIGURES } from './quickstep.ts'
import { TANGO_FIGURES } from './tango.ts'
import { TWO_STEP_FIGURES } from './twoStep.ts'

/**
 * Every figure that ships, by family. General dance knowledge in our own words; where schools
 * differ, the plainest way is taken and the remark says so.
 */
export const SHIPPED_FIGURES: readonly Figure[] = [
  ...WALTZ_FIGURES,
  ...WALTZ_STEPS,
  ...WALTZ_SMOOTH,
  ...TWO_STEP_FIGURES,
  ...FOXTROT_FIGURES,
  ...FOXTROT_SMOOTH,
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
  ...SQUARE_FIGURES,
  ...LONGWAYS_FIGURES,
  ...PLACE_FIGURES,
  ...VIENNESE_FIGURES,
  ...alsoDancedIn('viennese waltz', [...WALTZ_FIGURES, ...WALTZ_STEPS], VIENNESE_AS_WALTZ),
  ...POLKA_FIGURES,
  ...SCHOTTISCHE_FIGURES,
  ...SEQUENCE_FIGURES,
  ...BOLERO_FIGURES,
  ...MAMBO_FIGURES,
  ...alsoDancedIn('mambo', RUMBA_FIGURES, MAMBO_AS_RUMBA),
  ...SAMBA_FIGURES,
  ...BACHATA_FIGURES,
  ...MERENGUE_FIGURES,
  ...WEST_COAST_FIGURES,
  ...NIGHT_CLUB_FIGURES,
  ...MODERN_JIVE_FIGURES,
  ...OPENING_FIGURES,
].map(withOtherNames)
