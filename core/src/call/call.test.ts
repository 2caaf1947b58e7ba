import fc from 'fast-check'
import { demoRoutine, houseWaltz, inputOf } from '../testing/sheets.ts'
import { seconds, tick, tickPosition, type TickPosition } from '../time/index.ts'
import { deriveSheet } from '../sheet/index.ts'
import {
  isMoving,
  MOST_SPEED,
  musicAt,
  newCall,
  stepCall,
  type Call,
  type CallEvent,
} from './call.ts'
import { wholeCourse } from './course.ts'
import { callLogSchema, replay, type CallLog } from './log.ts'
import { callReport } from './report.ts'
import { endSoon } from './turns.ts'
import { delayFromTaps } from './delay.ts'
import { lecternAt, stopAfter, stopBefore, stopsOf } from './moment.ts'
import { musicOfTick, prepareCall, tickOfMusic } from './prepare.ts'

const sheet = deriveSheet(inputOf(demoRoutine('lanterns-at-the-weir'), houseWaltz()))
const prepared = prepareCall(sheet, 1)

describe('a call', () => {
  const events = fc.array(
    fc.oneof(
      fc.record({ type: fc.constant('start' as const), countInSeconds: fc.constantFrom(0, 2.5) }),
      fc.record({ type: fc.constant('pause' as const) }),
      fc.record({
        type: fc.constant('seek' as const),
        music: fc.double({ min: 0, max: 130, noNaN: true }),
      }),
      fc.record({
        type: fc.constant('speed' as const),
        speed: fc.constantFrom(0.5, 0.8, 1, 1.1, 1.5),
      }),
      fc.record({
        type: fc.constant('heard' as const),
        by: fc.constantFrom('tap' as const, 'nudge' as const),
        music: fc.double({ min: 0, max: 130, noNaN: true }),
        speed: fc.constantFrom(0.9, 1.1),
        error: fc.constant(0.1),
      }),
      fc.record({
        type: fc.constantFrom('hold' as const, 'free' as const),
        from: fc.nat({ max: 4000 }),
      }),
      fc.record({
        type: fc.constant('lose' as const),
        from: fc.nat({ max: 4000 }),
        until: fc.nat({ max: 4000 }),
        couple: fc.constantFrom(...sheet.timeline.slots.map(({ after }) => after)),
      }),
      fc.record({
        type: fc.constantFrom(
          'carry-on' as const,
          'take-back' as const,
          'ending' as const,
          'end' as const,
        ),
      }),
      fc.record({
        type: fc.constant('turn' as const),
        turn: fc.constantFrom('rejoin' as const, 'end-soon' as const),
        course: fc.constant(wholeCourse(sheet)),
      }),
    ),
    { maxLength: 30 },
  )
  const gaps = fc.array(fc.double({ min: 0, max: 20, noNaN: true }), {
    minLength: 30,
    maxLength: 30,
  })
  const logOf = (list: readonly object[], after: readonly number[]): CallEvent[] => {
    let at = 0
    return list.map((event, i) => ({ ...event, at: (at += after[i]!) }) as CallEvent)
  }
  const kept = (list: readonly CallEvent[]): CallLog => ({
    format: 'dellop-call',
    version: 2,
    id: 'c',
    sheetId: 's',
    revision: 1,
    title: 'T',
    startedAtMs: 1,
    clockZeroMs: 0,
    endedAtMs: null,
    groupId: null,
    where: '',
    caller: '',
    music: 'silent',
    from: seconds(0),
    speed: 1,
    bpm: 90,
    events: [...list],
  })

  it('replayed from its log, as it is kept, is the same call, event by event', () => {
    fc.assert(
      fc.property(events, gaps, (list, after) => {
        const log = logOf(list, after)
        const live: Call = log.reduce(stepCall, newCall(seconds(0)))
        expect(replay(callLogSchema.parse(JSON.parse(JSON.stringify(kept(log)))))).toEqual(live)
      }),
    )
  })

  it('is always in one state of the union, and sound never jumps but where a key says so', () => {
    fc.assert(
      fc.property(events, gaps, (list, after) => {
        let call = newCall(seconds(0))
        for (const event of logOf(list, after)) {
          const next = stepCall(call, event)
          expect([
            'waiting',
            'counting-in',
            'running',
            'holding',
            'free-time',
            'lost',
            'ending',
            'paused',
            'ended',
          ]).toContain(next.state)
          if (
            !['seek', 'heard', 'start'].includes(event.type) &&
            isMoving(call) &&
            call.state !== 'counting-in' &&
            isMoving(next)
          )
            expect(musicAt(next, event.at)).toBeCloseTo(musicAt(call, event.at), 6)
          call = next
        }
      }),
    )
  })

  it('that was turned by a wrong key is, one key later, as it was', () => {
    const couple = sheet.timeline.slots[3]!.after
    let call = stepCall(newCall(seconds(0)), { type: 'start', at: 0, countInSeconds: 0 })
    for (const before of [
      call,
      stepCall(call, { type: 'lose', at: 5, from: tick(100), couple, until: tick(150) }),
      stepCall(call, { type: 'hold', at: 5, from: tick(100) }),
    ]) {
      const turned = stepCall(before, {
        type: 'turn',
        at: 6,
        turn: 'rejoin',
        course: wholeCourse(sheet),
      })
      expect(turned.state).toBe('running')
      expect(stepCall(turned, { type: 'take-back', at: 7 })).toEqual(before)
    }
    call = stepCall(call, { type: 'turn', at: 6, turn: 'end-soon', course: wholeCourse(sheet) })
    expect(call.state).toBe('ending')
  })

  it('is told afterwards: what was planned, what was given, what was left out, and what was marked', () => {
    const now = tickPosition(10 * 24)
    const whole = wholeCourse(sheet)
    const more = {
      legs: [...whole.legs, { ...whole.legs[0]!, at: sheet.timeline.lengthTicks }],
      waiting: [],
    }
    const [first, second] = prepared.cues
    const told = callReport(
      kept([
        { type: 'start', at: 0, countInSeconds: 0 },
        { type: 'cue', at: 1, key: first!.key, text: first!.text, tick: first!.startTick },
        { type: 'mark', at: 2, tick: tick(30) },
        { type: 'speed', at: 3, speed: 1.1 },
        { type: 'hold', at: 4, from: tick(second!.stepTick - 1) },
        { type: 'carry-on', at: 8 },
        { type: 'turn', at: 9, turn: 'again', course: more },
      ]),
      sheet,
    )
    expect(told.cues.slice(0, 2).map(({ given, why }) => [given, why])).toEqual([
      [1, null],
      [0, 'held'],
    ])
    expect(told.happenings.map(({ kind }) => kind)).toEqual(['marked', 'speed', 'held', 'turned'])
    expect(told.happenings[0]!.slot).toBe(sheet.timeline.slots[0])
    expect([told.lowBpm, told.highBpm, told.seconds]).toEqual([90, 99, 9])
    expect(told.happenings[3]).toMatchObject({ repeated: [sheet.timeline.passes[0]] })
    const ended = callReport(
      kept([
        { type: 'start', at: 0, countInSeconds: 0 },
        { type: 'turn', at: 2, turn: 'end-soon', course: endSoon(prepared, now)!.course },
      ]),
      sheet,
    )
    expect(ended.cues.filter(({ why }) => why === 'left-out').length).toBeGreaterThan(10)
  })

  it('runs on through a change of speed without a jump', () => {
    let call = stepCall(newCall(seconds(0)), { type: 'start', at: 10, countInSeconds: 0 })
    expect(musicAt(call, 12)).toBeCloseTo(2, 9)
    call = stepCall(call, { type: 'speed', at: 12, speed: 0.8 })
    expect([musicAt(call, 12), musicAt(call, 17)]).toEqual([2, 6])
    call = stepCall(call, { type: 'pause', at: 17 })
    expect(musicAt(call, 99)).toBe(6)
    call = stepCall(call, { type: 'start', at: 100, countInSeconds: 0 })
    expect(musicAt(call, 101)).toBeCloseTo(6.8, 9)
  })

  it('counts in before its place, and stopped while counting in is still there', () => {
    const counting = stepCall(newCall(seconds(20)), { type: 'start', at: 0, countInSeconds: 2 })
    expect([counting.state, musicAt(counting, 0), musicAt(counting, 2)]).toEqual([
      'counting-in',
      18,
      20,
    ])
    expect(musicAt(stepCall(counting, { type: 'pause', at: 1 }), 5)).toBe(20)
    expect(stepCall(counting, { type: 'pause', at: 3 })).toMatchObject({
      state: 'paused',
      music: 21,
    })
  })

  it('keeps its speed in range and ignores what means nothing', () => {
    expect(stepCall(newCall(seconds(0)), { type: 'speed', at: 0, speed: 9 }).speed).toBe(MOST_SPEED)
    expect(stepCall(newCall(seconds(3)), { type: 'pause', at: 0 })).toEqual(newCall(seconds(3)))
  })
})

describe('cues at the lectern', () => {
  it('show the next one, then its moment, then the one after', () => {
    const [first, second] = prepared.cues
    const before = lecternAt(prepared, tickPosition(first!.startTick - 24))
    expect([before.cue?.key, before.speak, before.beatsToGo]).toEqual([first!.key, false, 1])
    const during = lecternAt(prepared, first!.startTick)
    expect([during.cue?.key, during.speak, during.approach]).toEqual([first!.key, true, 1])
    expect(lecternAt(prepared, tickPosition(first!.endTick + 0.01)).cue?.key).toBe(second!.key)
    expect(before.upcoming.map((cue) => cue.key)).toEqual(
      prepared.cues.slice(1, 4).map((cue) => cue.key),
    )
  })

  it('tell where the floor is: part, time, bar, count, figure', () => {
    const at = lecternAt(prepared, tickPosition((72 + 24 + 4) * 24 + 5))
    expect([at.pass?.part.label, at.bar, at.bars, at.count, at.dancing?.figure?.name]).toEqual([
      'Bridge',
      2,
      2,
      '2',
      'Balance left and right',
    ])
    const last = lecternAt(prepared, tickPosition(203 * 24))
    expect([last.cue?.text, last.beatsLeft]).toEqual(['thank your partner', 1])
  })

  it('count in by bars where there are three beats in one, and end on the beat before the first step', () => {
    expect(
      [-9, -6, -3, -1, 0]
        .map((beat) => beat * 24)
        .map((at) => lecternAt(prepared, tickPosition(at)).countIn?.text ?? null),
    ).toEqual(['1', '2', '3', 'ready', null])
  })

  it('fall on the same ticks whatever the clock: music and ticks are inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: -300, max: 5000, noNaN: true }), (at) =>
        expect(tickOfMusic(prepared, musicOfTick(prepared, at as TickPosition))).toBeCloseTo(at, 6),
      ),
    )
  })
})

describe('going back and forth', () => {
  const { phrases, passes } = stopsOf(prepared)
  it('stops at phrases and at the starts of passes', () => {
    expect(phrases.map((stop) => stop / 24)).toEqual([0, 24, 48, 72, 96, 102, 126, 150, 174, 198])
    expect(passes).toEqual(phrases)
    expect(stopAfter(phrases, tickPosition(30 * 24))).toBe(48 * 24)
    expect(stopAfter(phrases, tickPosition(200 * 24))).toBeNull()
  })
  it('goes further back when a stop was only just passed', () => {
    expect(stopBefore(phrases, tickPosition(30 * 24), 48)).toBe(24 * 24)
    expect(stopBefore(phrases, tickPosition(25 * 24), 48)).toBe(0)
    expect(stopBefore(phrases, tickPosition(24), 48)).toBeNull()
  })
})

describe('the loudspeakers’ delay', () => {
  const clicks = Array.from({ length: 20 }, (_, i) => 5 + i * 0.75)
  it('is the median of the taps, with the usual earliness of tapping taken out', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.45, noNaN: true }),
        fc.array(fc.double({ min: -0.03, max: 0.03, noNaN: true }), {
          minLength: 12,
          maxLength: 12,
        }),
        (delay, jitter) => {
          const measure = delayFromTaps(
            clicks,
            jitter.map((late, i) => clicks[i + 2]! + delay - 0.03 + late),
          )!
          expect(Math.abs(measure.delaySeconds - delay)).toBeLessThan(0.031)
        },
      ),
    )
  })
  it('is not spoilt by one stray tap and not believed from few', () => {
    const taps = clicks.slice(2, 12).map((click) => click + 0.2 - 0.03)
    expect(delayFromTaps(clicks, [...taps.slice(0, 9), taps[9]! + 0.3])!.delaySeconds).toBeCloseTo(
      0.2,
      6,
    )
    expect(delayFromTaps(clicks, taps.slice(0, 5))).toBeNull()
  })
})
