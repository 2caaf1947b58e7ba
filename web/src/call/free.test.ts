import { freeFigures, freeDance, replay, type CallEvent } from '@dellop/core/call'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { SHIPPED_FIGURES, startingState } from '@dellop/core/figure'
import { WALL } from '@dellop/core/move'
import { ROUND_SCHOOL } from '@dellop/core/school'
import {
  layPhrases,
  steadyBeatMap,
  TICKS_PER_BEAT,
  WALTZ_METRE,
  type Tick,
} from '@dellop/core/time'
import fc from 'fast-check'
import { ManualClock } from '../sound/clock.ts'
import { useFree } from './free.ts'

const PHRASE = 24 * TICKS_PER_BEAT
const PHRASES = 5
const BPM = 96
/** Two bars before the first step, then the phrases. */
const WHOLE_SECONDS = ((6 + PHRASES * 24) * 60) / BPM
const dance = freeDance(
  freeFigures(SHIPPED_FIGURES, 'waltz', () => true),
  startingState('butterfly', WALL),
  'couples-round',
)

function free() {
  const clock = new ManualClock()
  const events: CallEvent[] = []
  const one = useFree(
    {
      dance,
      metre: WALTZ_METRE,
      beatMap: steadyBeatMap(BPM),
      firstStep: 0 as Tick,
      phrases: layPhrases(WALTZ_METRE, Array<number>(PHRASES).fill(8), 0 as Tick),
      school: ROUND_SCHOOL,
      voice: DEFAULT_VOICES.en,
      hallSeconds: 0,
    },
    { clock, player: null, onEvent: (event) => void events.push(event) },
  )
  return {
    ...one,
    get shown() {
      return one.shown
    },
    clock,
    events,
    from: one.call.value.music,
    at: (seconds: number) => (clock.advanceTo(seconds), one.draw()),
  }
}
type Free = ReturnType<typeof free>

/**
 * What holds however it is called: nothing overlaps, nothing crosses a line, each was said in time,
 * and where nothing is taken the phrase can still be danced to its close.
 */
function isSound(call: Free): void {
  const taken = call.taken.value
  taken.forEach(({ at, lengthTicks, danced }, i) => {
    expect(Math.floor(at / PHRASE)).toBe(Math.floor((at + lengthTicks - 1) / PHRASE))
    expect(lengthTicks).toBe(danced.lengthTicks)
    if (i > 0) expect(at).toBeGreaterThanOrEqual(taken[i - 1]!.at + taken[i - 1]!.lengthTicks)
    const left = PHRASE - ((at + lengthTicks) % PHRASE || PHRASE)
    expect(dance.closes(taken[i]!.after, left)).toBe(true)
  })
  call.shown.forEach(({ plannedAt, shownAt }) => expect(shownAt - plannedAt).toBeLessThan(1e-6))
}

describe('a call without a sheet', () => {
  it('stays legal, in its phrases and in time under any keys, and its log is the same call', () => {
    const keys = fc.array(
      fc.tuple(
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.constantFrom('take', 'way', 'back', 'surprise', 'key', 'type'),
        fc.nat({ max: 5 }),
      ),
      { minLength: 10, maxLength: 30 },
    )
    fc.assert(
      fc.property(keys, (list) => {
        const call = free()
        call.key()
        let now = 0
        for (const [after, key, index] of list) {
          call.at((now += after))
          const offer = call.offers.value[index]
          if (key === 'take' && offer) call.take(offer)
          else if (key === 'way') call.takeWay(index % 3)
          else if (key === 'back') call.putBack()
          else if (key === 'surprise') call.surprise.value = !call.surprise.value
          else if (key === 'key') call.key()
          else if (key === 'type') call.typed.value = ['', 'b', 'tw', 'zz'][index % 4]!
          isSound(call)
        }
        expect(
          replay({
            from: call.from,
            speed: 1,
            events: JSON.parse(JSON.stringify(call.events)) as never,
          }),
        ).toEqual(call.session.value.call)
        call.close()
      }),
      { numRuns: 10 },
    )
  })

  it('left to itself it calls every phrase whole, and nothing twice running', () => {
    const call = free()
    call.surprise.value = true
    call.key()
    for (let now = 0.2; now < WHOLE_SECONDS + 1; now += 0.2) call.at(now)
    isSound(call)
    for (let phrase = 0; phrase < PHRASES; phrase++) {
      const inside = call.taken.value.filter(({ at }) => Math.floor(at / PHRASE) === phrase)
      expect(inside.reduce((sum, { lengthTicks }) => sum + lengthTicks, 0)).toBe(PHRASE)
    }
    call.taken.value
      .slice(1)
      .forEach(({ figureId }, i) => expect(figureId).not.toBe(call.taken.value[i]!.figureId))
    expect(call.shown).toHaveLength(call.taken.value.length)
    expect(call.call.value.state).toBe('ended')
  })

  it('puts back what is not said yet, and nothing that was said', () => {
    const call = free()
    call.key()
    call.at(0.3)
    call.takeWay(0)
    const taken = call.taken.value.length
    expect(taken).toBeGreaterThan(1)
    call.putBack()
    expect(call.taken.value).toHaveLength(taken - 1)
    // Two bars and more: the first has been said.
    call.at(4)
    for (let n = 0; n < taken; n++) call.putBack()
    expect(call.taken.value.length).toBeGreaterThanOrEqual(1)
    expect(call.taken.value.map(({ at }) => at)).toContain(0)
  })

  it('is narrowed by the first letters of a name or its initials', () => {
    const call = free()
    call.key()
    call.at(0.3)
    call.typed.value = 'box'
    expect(call.offers.value[0]!.danced.figure.name.toLowerCase()).toContain('box')
    call.typed.value = 'zzz'
    expect(call.offers.value).toEqual([])
  })
})
