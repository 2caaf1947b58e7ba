import { succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { wallClock, wrapFacing, type Facing } from '../../move/index.ts'

/**
 * Directions by name. One angle is meant throughout (eighths clockwise seen from above, 0 = line of
 * dance, 12 o'clock or up the set); a frame gives it its words.
 */
export const DIRECTION_FRAMES = ['hall', 'walls', 'ring', 'set', 'couple', 'room', 'body'] as const
export type DirectionFrame = (typeof DIRECTION_FRAMES)[number]

/** What a direction is said from. What a frame does not ask for may be left out. */
export interface Standing {
  /** The dancer's own facing, for `body`. */
  readonly facing?: Facing
  /** Direction in which the partner stands, for `couple`: inside is nearest the partner. */
  readonly partner?: Facing
  /** The line of the set one stands in, facing across from it: for `across` and `out`. */
  readonly line?: 'lead' | 'follow'
  /** Named corners and things of a room with their directions, for `room`. */
  readonly room?: ReadonlyMap<string, Facing>
}

type Naming = readonly (readonly [Facing, readonly string[]])[]
const HALL: Naming = [
  [0, ['line of dance', 'LOD']],
  [1, ['diagonal line of dance and wall', 'diagonal wall', 'diagonal to the wall', 'DLW']],
  [2, ['wall']],
  [
    3,
    ['diagonal reverse and wall', 'diagonal reverse wall', 'diagonal to reverse and wall', 'DRW'],
  ],
  [4, ['reverse', 'reverse line of dance', 'against line of dance', 'RLOD']],
  [
    5,
    [
      'diagonal reverse and centre',
      'diagonal reverse centre',
      'diagonal to reverse and centre',
      'DRC',
    ],
  ],
  [6, ['centre', 'center', 'centre of the hall', 'center of the hall', 'COH']],
  [
    7,
    [
      'diagonal line of dance and centre',
      'diagonal centre',
      'diagonal center',
      'diagonal to the centre',
      'DLC',
    ],
  ],
]
/** In a ring the dancers go round as in the hall: the centre on the left of line of dance. */
const RING: Naming = [
  [0, ['line of dance', 'anticlockwise']],
  [2, ['out', 'outwards']],
  [4, ['reverse', 'clockwise']],
  [6, ['centre', 'center', 'in', 'inwards']],
]
const WALLS: Naming = ([0, 1, 2, 3, 4, 5, 6, 7] as const).map((facing) => {
  const hour = wallClock(facing)
  return Number.isInteger(hour)
    ? [facing, [`${hour} o’clock`, `${hour} o'clock`, String(hour)]]
    : [facing, [`half past ${Math.floor(hour)}`]]
})
const BODY: readonly (readonly [number, readonly string[]])[] = [
  [0, ['forward', 'ahead', 'front']],
  [1, ['diagonal forward right', 'forward right']],
  [2, ['right']],
  [3, ['diagonal back right', 'back right']],
  [4, ['back', 'backward', 'behind']],
  [5, ['diagonal back left', 'back left']],
  [6, ['left']],
  [7, ['diagonal forward left', 'forward left']],
]

/** The words of a frame that have a meaning from where one stands. */
function naming(frame: DirectionFrame, { facing, partner, line, room }: Standing): Naming {
  switch (frame) {
    case 'hall':
      return HALL
    case 'ring':
      return RING
    case 'walls':
      return WALLS
    case 'set': {
      // Facing up, the leads' line stands on the left, so that the follows are to its right.
      const across: Naming =
        line === undefined
          ? []
          : [
              [line === 'lead' ? 2 : 6, ['across']],
              [line === 'lead' ? 6 : 2, ['out']],
            ]
      return [[0, ['up', 'the top']], [4, ['down', 'the bottom']], ...across] // prettier-ignore
    }
    case 'couple':
      return partner === undefined
        ? []
        : [
            [partner, ['inside', 'the partner', 'partner']],
            [wrapFacing(partner + 4), ['outside', 'away from the partner']],
          ]
    case 'room':
      return [...(room ?? [])].map(([name, at]) => [at, [name]] as const)
    case 'body':
      return facing === undefined ? [] : BODY.map(([by, names]) => [wrapFacing(facing + by), names])
  }
}

/** The words for a direction in a frame; null where the frame has none for it. */
export const directionWords = (
  frame: DirectionFrame,
  facing: Facing,
  standing: Standing = {},
): string | null => naming(frame, standing).find(([one]) => one === facing)?.[1][0] ?? null

const plain = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[’]/g, "'")
    .replace(/^(?:the|toward|towards|to) +/, '')
    .replace(/^the +/, '')

/** Words that a direction of the hall means the same without. */
const FILLING: ReadonlySet<string> = new Set('of dance the to and & hall'.split(' '))
/**
 * A direction of the hall whatever words join it: “diagonally to line and wall”, “line and centre
 * diagonal”. On the way round no word says that it is the way round.
 */
const hallKey = (text: string): string => {
  const words = plain(text)
    .replaceAll(/\bdiag(?:onally|\.)?(?= |$)/g, 'diagonal')
    .replaceAll(/\bcenter\b/g, 'centre')
    .replaceAll(/\blod\b/g, 'line')
    .replaceAll(/\brlod\b/g, 'reverse')
    .split(/[\s,]+/)
    .filter((word) => !FILLING.has(word))
  const told = words.includes('diagonal') || words.includes('reverse')
  return words
    .filter((word) => !(told && word === 'line'))
    .sort()
    .join(' ')
}

/**
 * The direction that words name in a frame. Refuses words it does not know, and says which it does.
 */
export function readDirection(
  text: string,
  frame: DirectionFrame,
  standing: Standing = {},
): Result<Facing> {
  const wanted = plain(text)
  const names = naming(frame, standing)
  const found =
    names.find(([, words]) => words.some((word) => plain(word) === wanted)) ??
    (frame === 'hall' ? names.find(([, words]) => hallKey(words[0]!) === hallKey(text)) : undefined)
  if (found) return succeed(found[0])
  const known = names.map(([, words]) => words[0]).join(', ')
  return problem('direction.unknown', { text: text.trim(), known })
}
