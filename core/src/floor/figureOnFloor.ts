import { expectOk } from '../document/index.ts'
import {
  danceLines,
  firstStanding,
  inPlaces,
  readPlaces,
  type Line,
  type LinesDanced,
  type Places,
} from '../move/index.ts'

const LONGWAYS = [
  'longways of 2, duple improper',
  'longways of 2, duple becket',
  'longways of 2, duple proper',
  'longways of 3, triple proper',
  'longways of 4, whole set',
  'longways of 6, whole set',
]
const ROUND = [
  'ring of 4 couples',
  'circle of 8 couples',
  'facing couples of 8',
  'trios of 6',
  'trios of 6, facing',
]
/** Formations in which a figure is tried, those of its dance first. */
const TRIED: Readonly<Record<string, readonly string[]>> = {
  'square dance': ['square', ...LONGWAYS, ...ROUND],
  mixer: [...ROUND, 'square', ...LONGWAYS],
  'set dance': ['longways of 4, whole set', ...LONGWAYS, 'square', ...ROUND],
}
const OTHERWISE = [...LONGWAYS, 'square', ...ROUND]

/** Formations that a figure of a dance may be seen in, likeliest first, as they are written. */
export const formationsFor = (family: string): readonly string[] => [
  ...new Set(TRIED[family] ?? OTHERWISE),
]

/** A figure's lines danced once in a formation. */
export interface FigureOnFloor {
  readonly places: Places
  readonly danced: LinesDanced
  /** Whether everything of it can be danced there, and ends in places. */
  readonly isClean: boolean
}

/**
 * Lines as they are danced in a formation, begun as it stands at first. Throws where the formation is
 * none of those that are written here.
 *
 * @param formation As it is written, such as `square`.
 */
export function onFloor(lines: readonly Line[], formation: string): FigureOnFloor {
  const places = expectOk(readPlaces(formation))
  const danced = danceLines(firstStanding(places), lines)
  return {
    places,
    danced,
    isClean: danced.troubles.length === 0 && inPlaces(danced.after) !== null,
  }
}

/** The likeliest formation in which lines can be danced; the likeliest at all where they cannot. */
export function usualFormation(lines: readonly Line[], family: string): string {
  const formations = formationsFor(family)
  return formations.find((one) => onFloor(lines, one).isClean) ?? formations[0]!
}
