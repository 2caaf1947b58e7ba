import { z } from 'zod'
import { succeed, type Result } from '../../document/index.ts'
import { placeIdSchema } from '../places.ts'
import { problem } from '../problem.ts'

/** Where something leads, where nobody says by which ways: home, or from which place to which. */
export const statedNetSchema = z.union([
  z.literal('home'),
  z
    .array(z.tuple([placeIdSchema, placeIdSchema]).readonly())
    .min(1)
    .max(60)
    .readonly(),
])
export type StatedNet = z.infer<typeof statedNetSchema>

/** As it is typed: `home`, or `l1>l2 l2>l1`. */
export const statedNetText = (net: StatedNet): string =>
  net === 'home' ? net : net.map(([from, to]) => `${from}>${to}`).join(' ')

/** Reads what `statedNetText` writes; refused with `move.net` where it is neither. */
export function readStatedNet(text: string): Result<StatedNet> {
  if (text.trim() === 'home') return succeed('home')
  const ways = text
    .trim()
    .split(/\s+/)
    .map((way) => /^([a-zA-Z]\d{1,3})>([a-zA-Z]\d{1,3})$/.exec(way))
  if (ways.some((way) => way === null)) return problem('move.net', { text })
  return succeed(ways.map((way): [string, string] => [way![1]!, way![2]!]))
}
