import {
  advancedAt,
  floorAt,
  goesByStepsAlone,
  track,
  travelOfPasses,
  usualPlaces,
  walkOf,
  type DancerSpot,
} from '../floor/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'

const QUARTER = TICKS_PER_BEAT / 4
const far = (a: DancerSpot, b: DancerSpot): number => Math.hypot(a.x - b.x, a.y - b.y)
const walked = (text: string) => {
  const sheet = proved(text)
  const floor = track(sheet.timeline, usualPlaces(sheet.routine)!)
  const at = (tick: number) => floorAt(floor, sheet.timeline, tick).spots
  return { sheet, floor, at }
}

describe('dances in which all go the same way', () => {
  it.each(['pegs-on-a-line', 'withy-bend', 'sluice-gate-two-step', 'tar-barrel-steps'])(
    '%s: nobody jumps, and couples stay together',
    (name) => {
      const { sheet, floor, at } = walked(demoText(name))
      expect(goesByStepsAlone(floor)).toBe(true)
      let before = at(0)
      for (let tick = QUARTER; tick <= sheet.timeline.lengthTicks; tick += QUARTER) {
        const now = at(tick)
        now.forEach((spot, i) => expect(far(spot, before[i]!)).toBeLessThan(90))
        if (floor.places.shape === 'round') {
          // A stride is drawn wider on the outside of a small ring.
          const couple = far(now[0]!, now[1]!)
          expect(couple).toBeLessThan(260)
        }
        before = now
      }
    },
  )

  it('keeps the distances of a line dance: all go the same way', () => {
    const { sheet, at } = walked(demoText('pegs-on-a-line'))
    const apart = far(at(0)[0]!, at(0)[5]!)
    for (let tick = 0; tick < sheet.timeline.lengthTicks; tick += 7 * QUARTER)
      expect(far(at(tick)[0]!, at(tick)[5]!)).toBeCloseTo(apart, 6)
  })

  const FORWARD = `title: Walk on
dance: two-step
bar: 4 beats of 1/4 in quarters
tempo: 104
formation: couples-round
start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free
part A
  Two forward two-steps
  Two forward two-steps
order
  A x2
`
  it('adds up what is danced along the line of dance, time through by time through', () => {
    const { sheet } = walked(FORWARD)
    const passes = travelOfPasses(sheet.timeline)
    expect(passes).toHaveLength(2)
    passes.forEach(({ forward, right }) => {
      expect(forward).toBeGreaterThan(4)
      expect(Math.abs(right)).toBeLessThan(0.5)
    })
    const walk = walkOf(sheet.timeline)
    const end = sheet.timeline.lengthTicks
    expect(advancedAt(walk, end) / 60).toBeCloseTo(passes[0]!.forward + passes[1]!.forward, 3)
  })
})
