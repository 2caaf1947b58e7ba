import { z } from 'zod'
import type { Result } from '../../document/index.ts'
import type { Reader } from '../reader.ts'
import { CAST, CAST_IN_FILE } from './cast.ts'
import { GRAND_CHAIN, RIGHTS_AND_LEFTS } from './changes.ts'
import { BOX, CHAIN, CROSS, DIVE, PASS, ROLL_AWAY, TWIRL } from './exchange.ts'
import { FACE, TURN_ALONE } from './face.ts'
import { GO, HOLD } from './go.ts'
import { ARCHES, HEY, HEY_ACROSS } from './hey.ts'
import { HOME_VERBS } from './home.ts'
import type { Kernel } from './kernel.ts'
import { LEAD, MOVE, SLIP } from './lead.ts'
import { BACK, BEND_THE_LINE, FORWARD, LINE_ACROSS } from './line.ts'
import { ON, TO } from './on.ts'
import { HALF_FIGURE_EIGHT, HALF_POUSSETTE } from './poussette.ts'
import { PROMENADE } from './promenade.ts'
import { CIRCLE, PETRONELLA, SINGLE_FILE, STAR } from './ring.ts'
import { SHIFT } from './shift.ts'
import { SWING } from './swing.ts'
import { CROSS_TRAIL, PROMENADE_ACROSS, RIGHT_AND_LEFT_THROUGH } from './through.ts'
import { DO_SI_DO, GATE, TURN, WHEEL } from './turn.ts'

/** Every verb, in the order in which they are tried where words begin alike. */
const KERNELS = {
  circle: CIRCLE,
  star: STAR,
  'single file': SINGLE_FILE,
  petronella: PETRONELLA,
  'promenade across': PROMENADE_ACROSS,
  promenade: PROMENADE,
  pass: PASS,
  dive: DIVE,
  'cross trail': CROSS_TRAIL,
  cross: CROSS,
  box: BOX,
  'roll away': ROLL_AWAY,
  twirl: TWIRL,
  chain: CHAIN,
  'turn alone': TURN_ALONE,
  turn: TURN,
  'do-si-do': DO_SI_DO,
  wheel: WHEEL,
  gate: GATE,
  swing: SWING,
  'right and left through': RIGHT_AND_LEFT_THROUGH,
  'rights and lefts': RIGHTS_AND_LEFTS,
  'grand chain': GRAND_CHAIN,
  'hey across': HEY_ACROSS,
  hey: HEY,
  arches: ARCHES,
  'cast in file': CAST_IN_FILE,
  cast: CAST,
  lead: LEAD,
  slip: SLIP,
  move: MOVE,
  shift: SHIFT,
  on: ON,
  to: TO,
  'poussette half': HALF_POUSSETTE,
  'figure eight half': HALF_FIGURE_EIGHT,
  'line across': LINE_ACROSS,
  'bend the line': BEND_THE_LINE,
  forward: FORWARD,
  back: BACK,
  face: FACE,
  go: GO,
  hold: HOLD,
} as const

type Kernels = typeof KERNELS
type DoOf<One> = One extends Kernel<infer Do> ? Do : never
/** What is done in a line. */
export type Do =
  { [Verb in keyof Kernels]: DoOf<Kernels[Verb]> }[keyof Kernels] | DoOf<typeof HOME_VERBS>

// What stays at home is tried first: `forward and back` is no `forward`, `turn single` no `turn`.
const ALL = [HOME_VERBS, ...Object.values(KERNELS)] as unknown as readonly Kernel<Do>[]
const BY_VERB = new Map<string, Kernel<Do>>([
  ...(Object.entries(KERNELS) as unknown as [string, Kernel<Do>][]),
  ['home', HOME_VERBS as unknown as Kernel<Do>],
])

export const doSchema: z.ZodType<Do> = z.union(
  ALL.map(({ schema }) => schema) as unknown as [z.ZodType<Do>, z.ZodType<Do>],
)
export const kernelOf = ({ verb }: Do): Kernel<Do> => BY_VERB.get(verb)!

/** Reads what is done, by its longest words. */
export function readDo(reader: Reader): Result<Do> {
  const { place } = reader
  let best: { result: Result<Do>; to: number } | null = null
  for (const one of ALL) {
    reader.place = place
    const result = one.read(reader)
    if (result && (!best || (result.ok && (!best.result.ok || reader.place > best.to))))
      best = { result, to: reader.place }
  }
  if (!best) {
    reader.place = place
    return reader.expected('move.verb')
  }
  reader.place = best.to
  return best.result
}
/** As it is written; what is read back from it is the same. */
export const doText = (what: Do): string => kernelOf(what).text(what)
