import fc from 'fast-check'
import { expectOk } from '../document/index.ts'
import { hallText, placedIn, readHall, type Hall } from './hall.ts'
import {
  fitsIn,
  ringIn,
  roomFor,
  routeIn,
  routeLength,
  routePoint,
  setsIn,
  type FloorBox,
} from './room.ts'

const hall = (text: string): Hall => expectOk(readHall(text))
const HALL = fc
  .tuple(fc.integer({ min: 5, max: 25 }), fc.integer({ min: 5, max: 30 }))
  .chain(([width, length]) =>
    fc
      .array(
        fc.record({
          name: fc.constantFrom('stage', 'bar', 'piano'),
          x: fc.integer({ min: 0, max: width - 2 }).map((n) => n * 100),
          y: fc.integer({ min: 0, max: length - 2 }).map((n) => n * 100),
          width: fc.integer({ min: 1, max: 4 }).map((n) => n * 50),
          length: fc.integer({ min: 1, max: 4 }).map((n) => n * 50),
        }),
        { maxLength: 4 },
      )
      .map((things) => ({ width: width * 100, length: length * 100, things })),
  )
const apart = (a: FloorBox, b: FloorBox): boolean =>
  a.x >= b.x + b.width || b.x >= a.x + a.width || a.y >= b.y + b.length || b.y >= a.y + a.length

describe('a hall', () => {
  it('is read as it is written', () =>
    fc.assert(fc.property(HALL, (one) => expect(hall(hallText(one))).toEqual(one))))

  it('keeps what is dragged inside, on quarters of a metre', () => {
    const room = hall('9 x 14 m')
    const bar = { name: 'bar', x: 873, y: -40, width: 210, length: 40 }
    expect(placedIn(room, bar)).toEqual({ name: 'bar', x: 700, y: 0, width: 200, length: 50 })
  })

  it('holds sets that touch neither each other nor what stands in it', () =>
    fc.assert(
      fc.property(HALL, fc.constantFrom([340, 520] as const, [250, 250] as const), (one, box) => {
        const { sets } = setsIn(one, box)
        expect(sets).toHaveLength(fitsIn(one, box).most)
        sets.forEach((set, i) => {
          expect(set.x + set.width).toBeLessThanOrEqual(one.width)
          expect(set.y + set.length).toBeLessThanOrEqual(one.length)
          expect(one.things.every((thing) => apart(set, thing))).toBe(true)
          expect(sets.slice(i + 1).every((other) => apart(set, other))).toBe(true)
        })
      }),
    ))

  it('has a ring that keeps 80 cm from everything', () =>
    fc.assert(
      fc.property(HALL, fc.integer({ min: 0, max: 63 }), (one, step) => {
        const { x, y, radius } = ringIn(one)
        if (radius === 0) return
        const angle = (step / 64) * 2 * Math.PI
        const [px, py] = [x + Math.cos(angle) * (radius + 79), y + Math.sin(angle) * (radius + 79)]
        const inside = one.things.some(
          (thing) =>
            px > thing.x &&
            px < thing.x + thing.width &&
            py > thing.y &&
            py < thing.y + thing.length,
        )
        expect(inside).toBe(false)
        expect(Math.min(px, py, one.width - px, one.length - py)).toBeGreaterThanOrEqual(0)
      }),
    ))

  it('gives less room the more stands in it', () => {
    const [empty, full] = [hall('9 x 14 m'), hall('9 x 14 m; stage 0,0 9x2.5; bar 7,6 2x3')]
    expect(roomFor(empty)).toMatchObject({ ring: 30, circle: 17, route: 3382, couples: 15 })
    expect(roomFor(full).ring).toBeLessThan(30)
    expect(roomFor(full).couples).toBeLessThan(15)
  })
})

describe('the way round a hall', () => {
  const route = routeIn(hall('9 x 14 m'))
  it('goes against the clock, in even steps and without a jump, and comes back', () => {
    const whole = routeLength(route)
    const points = Array.from({ length: 400 }, (_, i) => routePoint(route, (i * whole) / 400))
    points.forEach((point, i) => {
      const next = points[(i + 1) % 400]!
      const step = Math.hypot(next.x - point.x, next.y - point.y)
      expect(step).toBeLessThanOrEqual(whole / 400 + 1e-6)
      expect(step).toBeGreaterThan((whole / 400) * 0.98)
    })
    // From the middle of the right side upwards, then along the top to the left.
    expect(points[0]).toEqual({ x: 780, y: 700, degrees: 0 })
    expect(points[10]!.y).toBeLessThan(700)
    expect(routePoint(route, whole / 4 + 100).x).toBeLessThan(780)
  })
  it('looks where it goes', () => {
    for (let along = 0; along < 3300; along += 37) {
      const [a, b] = [routePoint(route, along), routePoint(route, along + 0.5)]
      const way = (Math.atan2(b.x - a.x, a.y - b.y) * 180) / Math.PI
      expect(Math.abs(((way - a.degrees + 540) % 360) - 180)).toBeLessThan(2)
    }
  })
})
