import { z } from 'zod'
import { succeed } from '../../document/index.ts'
import { directionTo, facingSeen } from '../standing.ts'
import { stay, type Way } from '../way.ts'
import { eachScope, kernel, moveOf } from './kernel.ts'

const HOME = [
  'stand',
  'set',
  'balance',
  'honour',
  'clap',
  'siding',
  'visit',
  'turn single right',
  'turn single left',
  'forward and back',
  'back and forward',
  'double up and back',
  'poussette',
  'figure eight',
] as const
type Home = (typeof HOME)[number]
const EIGHTH = Math.PI / 4
const schema = z.strictObject({ verb: z.literal('home'), what: z.enum(HOME) }).readonly()

/** What ends where it began, looking as before. */
export const HOME_VERBS = kernel<z.infer<typeof schema>>({
  schema,
  read: (reader) => {
    const what = reader.word(HOME)
    return what ? succeed({ verb: 'home', what }) : null
  },
  text: ({ what }) => what,
  dance: (asked, { what }) =>
    eachScope(asked, ({ picked, pairs }) => {
      const { dancers, layout } = asked.standing
      const those = pairs ? [...new Set(pairs.flat())] : picked
      const moves = those.map((index) => {
        const dancer = dancers[index]!
        const seen = facingSeen(layout, dancer, dancer.facing)
        const pair = pairs?.find((each) => each.includes(index))
        const other = pair ? dancers[pair[0] === index ? pair[1] : pair[0]]! : null
        const toward = other ? directionTo(dancer, other) : seen
        return moveOf(asked, index, { x: dancer.x, y: dancer.y, seen }, (a, b) =>
          homeWay(what, stay(dancer, a, b), { seen, toward }),
        )
      })
      return { moves, together: pairs ?? [picked] }
    }),
  mirrored: ({ what }) => ({
    verb: 'home',
    what:
      what === 'turn single right'
        ? 'turn single left'
        : what === 'turn single left'
          ? 'turn single right'
          : what,
  }),
})

/** How far and where it goes on the way, centimetres. */
function homeWay(what: Home, still: Way, { seen, toward }: { seen: number; toward: number }): Way {
  const gone =
    (direction: number, far: number): Way =>
    (share) => {
      const out = far * Math.sin(Math.PI * share)
      const spot = still(share)
      return {
        ...spot,
        x: spot.x + out * Math.sin(direction * EIGHTH),
        y: spot.y + out * Math.cos(direction * EIGHTH),
      }
    }
  switch (what) {
    case 'forward and back':
      return gone(seen, 55)
    case 'back and forward':
      return gone(seen + 4, 60)
    case 'double up and back':
      return gone(0, 90)
    case 'siding':
    case 'honour':
      return gone(toward, 25)
    case 'balance':
    case 'set':
      return (share) => {
        const spot = still(share)
        const out = 12 * Math.sin(2 * Math.PI * share)
        const side = seen + 2
        return {
          ...spot,
          x: spot.x + out * Math.sin(side * EIGHTH),
          y: spot.y + out * Math.cos(side * EIGHTH),
        }
      }
    case 'turn single right':
    case 'turn single left': {
      const turn = what.endsWith('right') ? 8 : -8
      return (share) => {
        const spot = still(share)
        return { ...spot, seen: spot.seen + turn * share }
      }
    }
    default:
      return still
  }
}
