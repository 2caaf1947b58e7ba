import { z } from 'zod'

/** A dancer of a set: a role and the number of the couple or trio, such as `L1`, `F3`, `S2`. */
export const dancerIdSchema = z
  .string()
  .regex(/^[LFSD]\d{1,3}$/, 'a dancer such as L1, F2, S3 or D4 was expected')
/** A place by its name, such as `l1`. */
export const placeIdSchema = z
  .string()
  .regex(/^[a-zA-Z]\d{1,3}$/, 'a place such as l1 was expected')
const without = z.array(dancerIdSchema).min(1).max(60).readonly().optional()
const couples = (least: number): z.ZodInt => z.int().min(least).max(60)
const evenCouples = couples(2).refine((n) => n % 2 === 0, 'an even number was expected')

/**
 * The formation in which a dance is danced, and how its dancers stand at first. Couples, trios, rows
 * and columns are whole numbers; `without` names dancers who are not there.
 */
const shapes = z
  .discriminatedUnion('shape', [
    z.strictObject({
      shape: z.literal('longways'),
      couples: couples(2),
      minor: z.enum(['whole', 'duple', 'triple']),
      stand: z.enum(['proper', 'improper', 'becket']),
      facing: z.literal('up').optional(),
      without,
    }),
    z.strictObject({ shape: z.literal('square'), without }),
    z.strictObject({ shape: z.literal('facing'), couples: evenCouples, without }),
    z.strictObject({ shape: z.literal('circle'), couples: couples(2), without }),
    z.strictObject({ shape: z.literal('ring'), dancers: couples(3), without }),
    z.strictObject({
      shape: z.literal('ring-couples'),
      couples: couples(2),
      partners: z.literal(true).optional(),
      without,
    }),
    z.strictObject({
      shape: z.literal('trios'),
      trios: couples(2),
      facing: z.literal(true).optional(),
      without,
    }),
    z.strictObject({ shape: z.literal('lines'), rows: couples(1), columns: couples(1), without }),
    z.strictObject({ shape: z.literal('round'), couples: couples(1), without }),
  ])
  .readonly()
  .superRefine((places, context) => {
    const refuse = (path: string, message: string): void =>
      void context.addIssue({ code: 'custom', path: [path], message })
    if (places.shape === 'longways') {
      const { minor, stand, couples: n, facing } = places
      if (minor === 'whole' && stand !== 'proper')
        refuse('stand', 'a whole set whose couples stand proper was expected')
      if (minor !== 'whole' && facing) refuse('facing', 'only a whole set may begin facing up')
      if (stand === 'becket' && minor !== 'duple') refuse('minor', 'becket in twos was expected')
      if (stand === 'becket' && n % 2 === 1) refuse('couples', 'an even number was expected')
      if (minor === 'triple' && n < 3) refuse('couples', 'three couples or more were expected')
    }
    if (places.shape === 'trios' && places.facing && places.trios % 2 === 1)
      refuse('trios', 'an even number was expected')
  })
export type Places = z.infer<typeof shapes>
export const placesSchema: z.ZodType<Places> = shapes

/** Shapes whose facings go round with the dancer: 0 is the line of dance, 6 the centre. */
export const isRound = ({ shape }: Places): boolean =>
  ['facing', 'circle', 'ring', 'ring-couples', 'trios', 'round'].includes(shape)

/** Lead, follow, second of a trio, or a dancer alone. */
export type Role = 'L' | 'F' | 'S' | 'D'

/** One place of a formation, and who stands there at first. */
export interface Place {
  readonly id: string
  /** Centimetres from the middle: right, and up. */
  readonly x: number
  readonly y: number
  /** Row of a longways set or of lines, or station of a round one; from 0. */
  readonly row: number
  /** The line or lane it is in, from the left or from the inside, from 0. */
  readonly lane: number
  /** The couple or trio of places it belongs to, from 0. */
  readonly couple: number
  /** Who stands there as the dance begins. */
  readonly role: Role
  readonly number: number
  /** Eighths clockwise in the frame of the formation. */
  readonly facing: number
}

/** A formation laid out: its places, and what is the same however they are danced. */
export interface Layout {
  readonly places: readonly Place[]
  /** Facings turn round the middle with the dancer. */
  readonly isRound: boolean
  /** Rows of a longways set or of lines, stations of a round one, sides of a square. */
  readonly rows: number
}

/** Rows of a longways set are so far from each other, and its lines from the middle, centimetres. */
export const ROW = 120
export const HALF_WIDTH = 90
/** Who goes down outside the lines is so far from the middle. */
export const OUTSIDE = HALF_WIDTH + 60
const LANE = 45
const FULL = 2 * Math.PI

/** A point so far from the middle at a station, anticlockwise from the top. */
const atStation = (radius: number, station: number, of: number): { x: number; y: number } => {
  const angle = Math.PI / 2 + (station / of) * FULL
  return { x: Math.round(radius * Math.cos(angle)), y: Math.round(radius * Math.sin(angle)) }
}

/** The places of a formation in their order: rows from the top, stations anticlockwise. */
export function layoutOf(places: Places): Layout {
  const laid = (all: readonly Place[], rows: number): Layout => ({
    places: all,
    isRound: isRound(places),
    rows,
  })
  switch (places.shape) {
    case 'longways':
      return laid(longways(places), places.couples)
    case 'square':
      return laid(square(), 4)
    case 'facing':
      return laid(facingCouples(places.couples), places.couples)
    case 'circle':
      return laid(lanes(places.couples, 200, 120), places.couples)
    case 'round':
      return laid(lanes(places.couples, 200, 220), places.couples)
    case 'ring':
      return laid(
        ring(places.dancers, () => ['D', 6]),
        places.dancers,
      )
    case 'ring-couples':
      return laid(
        ring(2 * places.couples, (i) =>
          i % 2 === 0 ? ['L', places.partners ? 0 : 6] : ['F', places.partners ? 4 : 6],
        ),
        2 * places.couples,
      )
    case 'trios':
      return laid(trios(places.trios, places.facing === true), places.trios)
    case 'lines':
      return laid(lines(places.rows, places.columns), places.rows)
  }
}

/** Rows of a minor set: all of them where the set is not divided. */
export const rowsOfMinor = (places: Places): number =>
  places.shape !== 'longways' || places.minor === 'whole'
    ? Infinity
    : places.minor === 'duple'
      ? 2
      : 3

function longways(places: Extract<Places, { shape: 'longways' }>): Place[] {
  const { couples: n, stand, facing } = places
  const inMinor = rowsOfMinor(places)
  return Array.from({ length: n }, (_, row) => {
    const y = ((n - 1) / 2 - row) * ROW
    const [left, right] = standingIn(row)
    const at = (line: 0 | 1, [role, number, turned]: readonly [Role, number, number]): Place => ({
      id: `${line === 0 ? 'l' : 'r'}${row + 1}`,
      x: line === 0 ? -HALF_WIDTH : HALF_WIDTH,
      y,
      row,
      lane: line,
      couple: stand === 'becket' ? 2 * Math.floor(row / 2) + line : row,
      role,
      number,
      facing: turned,
    })
    return [at(0, left), at(1, right)]
  }).flat()

  function standingIn(row: number): [[Role, number, number], [Role, number, number]] {
    if (stand === 'becket') {
      const first = row - (row % 2) + 1
      return row % 2 === 0
        ? [
            ['L', first, 2],
            ['F', first + 1, 6],
          ]
        : [
            ['F', first, 2],
            ['L', first + 1, 6],
          ]
    }
    const number = row + 1
    if (stand === 'proper')
      return [
        ['L', number, facing ? 0 : 2],
        ['F', number, facing ? 0 : 6],
      ]
    const isFull = row - (row % inMinor) + inMinor <= n
    const isCrossed = isFull && row % inMinor === 0
    // In twos the ones face down and the twos up; couples of threes face across.
    const [left, right] = inMinor === 2 ? [isCrossed ? 4 : 0, isCrossed ? 4 : 0] : [2, 6]
    return isCrossed
      ? [
          ['F', number, left],
          ['L', number, right],
        ]
      : [
          ['L', number, left],
          ['F', number, right],
        ]
  }
}

/** Couples anticlockwise from the top, each with the follow on the right, all facing in. */
function square(): Place[] {
  return [0, 1, 2, 3].flatMap((quarter) => {
    const turn = ([x, y]: [number, number]): [number, number] => [-y, x]
    let [lead, follow]: [number, number][] = [
      [45, 140],
      [-45, 140],
    ]
    for (let i = 0; i < quarter; i++) [lead, follow] = [turn(lead!), turn(follow!)]
    return [['L', lead!] as const, ['F', follow!] as const].map(([role, [x, y]], lane) => ({
      id: `${role}${quarter + 1}`,
      x: x + 0,
      y: y + 0,
      row: quarter,
      lane,
      couple: quarter,
      role,
      number: quarter + 1,
      facing: (4 + 6 * quarter) % 8,
    }))
  })
}

function lanes(n: number, least: number, each: number): Place[] {
  const radius = Math.max(least, (each * n) / FULL)
  return Array.from({ length: n }, (_, station) =>
    (['L', 'F'] as const).map((role, lane) => ({
      id: `${lane === 0 ? 'i' : 'o'}${station + 1}`,
      ...atStation(radius + (lane === 0 ? -LANE : LANE), station, n),
      row: station,
      lane,
      couple: station,
      role,
      number: station + 1,
      facing: 0,
    })),
  ).flat()
}

function facingCouples(n: number): Place[] {
  const radius = Math.max(250, (150 * n) / FULL)
  return Array.from({ length: n }, (_, station) => {
    const isOnward = station % 2 === 0
    return (isOnward ? (['L', 'F'] as const) : (['F', 'L'] as const)).map((role, lane) => ({
      id: `${lane === 0 ? 'i' : 'o'}${station + 1}`,
      ...atStation(radius + (lane === 0 ? -LANE : LANE), station, n),
      row: station,
      lane,
      couple: station,
      role,
      number: station + 1,
      facing: isOnward ? 0 : 4,
    }))
  }).flat()
}

function ring(n: number, who: (i: number) => [Role, number]): Place[] {
  const radius = Math.max(100, (75 * n) / FULL)
  return Array.from({ length: n }, (_, i) => {
    const [role, facing] = who(i)
    const couple = role === 'D' ? i : Math.floor(i / 2)
    return {
      id: `p${i + 1}`,
      ...atStation(radius, i, n),
      row: i,
      lane: 0,
      couple,
      role,
      number: couple + 1,
      facing,
    }
  })
}

function trios(n: number, isFacing: boolean): Place[] {
  const radius = Math.max(300, (150 * n) / FULL)
  return Array.from({ length: n }, (_, station) => {
    const isOnward = !isFacing || station % 2 === 0
    return (isOnward ? (['S', 'L', 'F'] as const) : (['F', 'L', 'S'] as const)).map(
      (role, lane) => ({
        id: `${role.toLowerCase()}${station + 1}`,
        ...atStation(radius + (lane - 1) * 2 * LANE, station, n),
        row: station,
        lane,
        couple: station,
        role,
        number: station + 1,
        facing: isOnward ? 0 : 4,
      }),
    )
  }).flat()
}

function lines(rows: number, columns: number): Place[] {
  const each = 150
  return Array.from({ length: rows * columns }, (_, i) => {
    const [row, column] = [Math.floor(i / columns), i % columns]
    return {
      id: `d${i + 1}`,
      x: Math.round((column - (columns - 1) / 2) * each),
      y: Math.round(((rows - 1) / 2 - row) * each),
      row,
      lane: column,
      couple: i,
      role: 'D' as const,
      number: i + 1,
      facing: 0,
    }
  })
}
