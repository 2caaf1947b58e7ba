import { succeed, type Result } from '../document/index.ts'
import { placesSchema, type Places } from './places.ts'
import { problem } from './problem.ts'

const STANDS = 'proper|improper|becket'

/** The written forms of each formation; a number stands for its size. */
const FORMS: readonly (readonly [RegExp, (found: readonly string[]) => unknown])[] = [
  [
    /^longways of (\d{1,2}), whole set(, up)?$/,
    ([, n, up]) => ({
      shape: 'longways',
      couples: Number(n),
      minor: 'whole',
      stand: 'proper',
      ...(up ? { facing: 'up' } : {}),
    }),
  ],
  [
    new RegExp(`^longways of (\\d{1,2}), (duple|triple) (${STANDS})$`),
    ([, n, minor, stand]) => ({ shape: 'longways', couples: Number(n), minor, stand }),
  ],
  [/^square$/, () => ({ shape: 'square' })],
  [/^facing couples of (\d{1,2})$/, ([, n]) => ({ shape: 'facing', couples: Number(n) })],
  [/^circle of (\d{1,2}) couples$/, ([, n]) => ({ shape: 'circle', couples: Number(n) })],
  [/^ring of (\d{1,2})$/, ([, n]) => ({ shape: 'ring', dancers: Number(n) })],
  [
    /^ring of (\d{1,2}) couples(, partners)?$/,
    ([, n, partners]) => ({
      shape: 'ring-couples',
      couples: Number(n),
      ...(partners ? { partners: true } : {}),
    }),
  ],
  [
    /^trios of (\d{1,2})(, facing)?$/,
    ([, n, facing]) => ({ shape: 'trios', trios: Number(n), ...(facing ? { facing: true } : {}) }),
  ],
  [
    /^lines of (\d{1,2}) by (\d{1,2})$/,
    ([, rows, columns]) => ({ shape: 'lines', rows: Number(rows), columns: Number(columns) }),
  ],
  [/^couples of (\d{1,2}) round$/, ([, n]) => ({ shape: 'round', couples: Number(n) })],
]

/**
 * Reads a formation such as `longways of 4, duple improper` or `circle of 9 couples, without F8 F9`.
 *
 * @returns The places, or a problem that says what was expected.
 */
export function readPlaces(text: string): Result<Places> {
  const plain = text.trim().replace(/\s+/g, ' ')
  const [, form = plain, absent] = /^(.*?), without ((?:[LFSD]\d+ ?)+)$/i.exec(plain) ?? []
  for (const [pattern, made] of FORMS) {
    const found = pattern.exec(form.toLowerCase())
    if (!found) continue
    const places = placesSchema.safeParse({
      ...(made(found) as object),
      ...(absent ? { without: absent.trim().toUpperCase().split(' ') } : {}),
    })
    if (places.success) return succeed(places.data)
    return problem('places.impossible', { text: plain, why: places.error.issues[0]!.message })
  }
  return problem('places.unknown', { text: plain })
}

/** A formation as it is written; what is read back from it is the same. */
export function placesText(places: Places): string {
  const absent = places.without ? `, without ${places.without.join(' ')}` : ''
  return form(places) + absent
}

function form(places: Places): string {
  switch (places.shape) {
    case 'longways':
      return places.minor === 'whole'
        ? `longways of ${places.couples}, whole set${places.facing ? ', up' : ''}`
        : `longways of ${places.couples}, ${places.minor} ${places.stand}`
    case 'square':
      return 'square'
    case 'facing':
      return `facing couples of ${places.couples}`
    case 'circle':
      return `circle of ${places.couples} couples`
    case 'ring':
      return `ring of ${places.dancers}`
    case 'ring-couples':
      return `ring of ${places.couples} couples${places.partners ? ', partners' : ''}`
    case 'trios':
      return `trios of ${places.trios}${places.facing ? ', facing' : ''}`
    case 'lines':
      return `lines of ${places.rows} by ${places.columns}`
    case 'round':
      return `couples of ${places.couples} round`
  }
}
