import type { NewId } from '../document/index.ts'
import { startingState, type CoupleState } from '../figure/index.ts'
import { CENTRE, WALL, type Facing } from '../move/index.ts'
import { figureFamily, usualTempo } from '../tune/index.ts'
import { freshPass } from './edits.ts'
import { emptyRoutine } from './emptyRoutine.ts'
import type { Formation, Routine } from './routine.ts'

/** What a new sheet is asked: what is left out follows from its dance, and can be changed. */
export interface SheetBeginning {
  readonly title: string
  /** Left out: a waltz, or the tune's own. */
  readonly dance?: string
  readonly schoolId?: string
  readonly formation?: Formation
}

const TWELVE: Facing = 0
const alone = (facing: Facing, freeFoot: 'left' | 'right'): CoupleState => {
  const weight = freeFoot === 'right' ? 'left' : 'right'
  return { lead: { weight, facing }, follow: { weight, facing }, hold: 'none' }
}

/** How all stand as a dance in a formation usually begins; who clogs begins on the left foot. */
export function usualStart(formation: Formation | undefined, dance = ''): CoupleState {
  switch (formation) {
    case 'lines':
    case 'solo':
      return alone(TWELVE, figureFamily(dance) === 'clog' ? 'left' : 'right')
    case 'ring':
      // In a mixer the leads stand inside, each before a partner.
      return figureFamily(dance) === 'mixer'
        ? startingState('two hands', WALL)
        : { ...alone(CENTRE, 'left'), hold: 'ring' }
    case 'set':
      return { ...alone(CENTRE, 'right'), hold: 'ring' }
    default:
      return startingState('butterfly', WALL)
  }
}

/** How a family of dances is usually danced and called; couples go round the hall otherwise. */
const USUAL: Readonly<Record<string, { readonly formation?: Formation; readonly school: string }>> =
  {
    'line dance': { formation: 'lines', school: 'line' },
    'ring dance': { formation: 'ring', school: 'ring' },
    mixer: { formation: 'ring', school: 'mixer' },
    'set dance': { formation: 'set', school: 'set' },
    'square dance': { formation: 'set', school: 'square' },
    longways: { formation: 'set', school: 'longways' },
    clog: { formation: 'solo', school: 'clog' },
    'sequence dance': { school: 'sequence' },
  }

/** The formation that a dance is usually danced in; couples go round the hall where none is said. */
export const usualFormation = (dance: string): Formation =>
  USUAL[figureFamily(dance)]?.formation ?? 'couples-round'

/** The places that a dance always has: four couples in a square; null where it may have any or none. */
export const usualPlaces = (dance: string): Pick<Routine, 'places' | 'couples'> | null =>
  figureFamily(dance) === 'square dance' ? { places: { shape: 'square' }, couples: 4 } : null

/** The calling style that a dance is usually called in, by its id. */
export const usualSchool = (dance: string): string => USUAL[figureFamily(dance)]?.school ?? 'round'

/**
 * A sheet with one empty part that is danced once, so that there is a row to write in. Metre and
 * tempo are those of the dance, how they stand is that of the formation.
 *
 * @param newId Gives a fresh id each time.
 */
export function freshRoutine(
  { title, dance, schoolId, formation }: SheetBeginning,
  newId: NewId,
): Routine {
  const empty = emptyRoutine(newId(), title)
  const part = { id: newId(), label: 'A', slots: [] }
  const usual = dance === undefined ? null : usualTempo(dance)
  const school = schoolId ?? (dance === undefined ? undefined : USUAL[figureFamily(dance)]?.school)
  const shape =
    formation ?? (dance === undefined ? undefined : USUAL[figureFamily(dance)]?.formation)
  return {
    ...empty,
    ...(dance === undefined ? {} : { dance }),
    ...(usual
      ? { metre: usual.metre, bpm: Math.round((usual.range[0] + usual.range[1]) / 2) }
      : {}),
    ...(school === undefined ? {} : { schoolId: school }),
    ...(shape === undefined ? {} : { formation: shape }),
    ...(dance !== undefined && shape === 'set' ? usualPlaces(dance) : null),
    start: usualStart(shape, dance),
    parts: [part],
    passes: [freshPass(newId(), part.id)],
  }
}
