import { ROLES, stepsPerSecond } from '../../figure/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of its sentence. */
export interface HeatFindings {
  readonly 'body.heat': {
    readonly steps: number
    readonly seconds: number
    /** Steps a second, to a tenth. */
    readonly rate: number
  }
}

/** So many steps at such a pace make a body warm: some three minutes of polka or jive. */
const MANY_STEPS = 420
const QUICK_PER_SECOND = 2

/** A dance that is long and quick: what a warm or crowded hall makes of it is told beforehand. */
export function heat({ timeline, clock, routine }: Derived): FindingOf<HeatFindings>[] {
  const seconds =
    clock.heardAt(timeline.lengthTicks) - clock.heardAt(0 as typeof timeline.lengthTicks)
  const steps = Math.max(
    ...ROLES.map((role) =>
      timeline.slots.reduce((sum, { danced, lengthTicks }) => {
        if (!danced || lengthTicks === 0) return sum
        // Steps in a second at sixty beats a minute, for as many seconds as it has beats.
        const beats = lengthTicks / TICKS_PER_BEAT
        return sum + Math.round(stepsPerSecond(danced.steps[role], lengthTicks, 60) * beats)
      }, 0),
    ),
  )
  const rate = seconds > 0 ? steps / seconds : 0
  const first = timeline.slots[0]
  if (!first || steps < MANY_STEPS || rate < QUICK_PER_SECOND) return []
  return [
    {
      code: 'body.heat',
      severity: 'note',
      subject: routine.id,
      slotKeys: [first.key],
      at: first.start,
      params: { steps, seconds: Math.round(seconds), rate: Math.round(rate * 10) / 10 },
      repairs: [],
    },
  ]
}
