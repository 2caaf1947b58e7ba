import { closeCalls, floorAt, paceOf, track } from '@dellop/core/floor'
import { bookOf, SHIPPED_FIGURES } from '@dellop/core/figure'
import { sheetFileOfText } from '@dellop/core/file'
import { expectOk } from '@dellop/core/document'
import type { LinesDanced, Places } from '@dellop/core/move'
import { unfold, type Routine, type Timeline } from '@dellop/core/routine'
import type { Measured } from './calibrate.ts'
import { medianMs } from './calibrate.ts'

const MOVES = [
  'neighbours: swing facing across',
  'circle left 3',
  'partners: swing facing across',
  'follows: chain',
  'follows: chain',
  'circle left 3',
  'balance',
  'neighbours: pass',
]
const book = bookOf(SHIPPED_FIGURES)

/** Eight couples, 64 bars of four beats, 32 times through. */
function longDance(places: string): Routine {
  const slots = [...MOVES.slice(0, -1), 'balance', 'balance', ...MOVES.slice(0, -1)]
    .concat(['turn alone', 'turn alone', 'set', 'set', 'clap', 'clap', 'honour', 'honour'])
    .concat(MOVES)
    .slice(-32)
  const text = `dance: longways\nschool: longways\nbar: 4 beats of 1/4 in quarters\nplaces: ${places}\n\npart A\n${slots.map((line, i) => `  "figure ${i}" = 8 | moves ${line}`).join('\n')}\n\norder\n  A x32 | progress\n`
  return expectOk(sheetFileOfText(text, { id: 'bench', title: 'Bench', figures: SHIPPED_FIGURES }))
    .routine
}
/** Unfolded from a copy, so that nothing of it is known from before. */
const fresh = (routine: Routine): Timeline => unfold(structuredClone(routine), book)

/** Nets, ways and pictures of sets. */
export function measureFloor(): readonly Measured[] {
  const routine = longDance('longways of 8, duple improper')
  const places = routine.places as Places
  const RUNS = 15
  const timelines = Array.from({ length: 3 * RUNS + 3 }, () => fresh(routine))
  const nextOne = (): Timeline => timelines.pop()!
  track(nextOne(), places)
  const nets = medianMs(RUNS, () => track(nextOne(), places))
  const dancedOnce = (): LinesDanced[] => {
    const { slots } = track(nextOne(), places)
    return [...new Set([...slots.values()].map(({ danced }) => danced))]
  }
  const tracked = Array.from({ length: RUNS }, dancedOnce)
  const ways = medianMs(RUNS, () =>
    tracked.pop()!.map((danced) => [closeCalls(danced), paceOf(danced)]),
  )
  const timeline = nextOne()
  track(timeline, places)
  const again = medianMs(RUNS, () => track(timeline, places))
  const many = longDance('longways of 32, duple improper')
  const large = fresh(many)
  const floor = track(large, many.places!)
  let tick = 0
  const frame = medianMs(60, () => floorAt(floor, large, (tick += 37) % large.lengthTicks))
  return [
    { what: 'floor: nets of 8 couples, 64 bars, 32 passes, cold', ms: nets },
    { what: 'floor: the same again', ms: again },
    { what: 'floor: ways and crossings of it, cold', ms: ways },
    { what: 'floor: one frame of 64 dancers', ms: frame },
  ]
}
