import {
  callReport,
  prepareCall,
  replay,
  callEventSchema,
  replaySession,
  startOfMusic,
  type CallEvent,
  type CallLog,
  type SessionCommand,
} from '@dellop/core/call'
import fc from 'fast-check'
import { ManualClock } from '../sound/clock.ts'
import { WALTZ as sheet } from '../testing/waltz.ts'
import { useLectern } from './lectern.ts'

function lectern(delay = 0) {
  const clock = new ManualClock()
  const clicks: number[] = []
  const played: { music: number; when: number; rate: number }[] = []
  let stops = 0
  const player = {
    play: (music: number, when: number, rate: number) => void played.push({ music, when, rate }),
    stop: () => void stops++,
    setVolume: () => undefined,
    fadeOut: () => undefined,
    setBalance: () => undefined,
    close: () => undefined,
  }
  const one = useLectern(sheet, clock, { player, click: (at) => clicks.push(at) }, () => delay)
  return {
    ...one,
    clock,
    clicks,
    played,
    stops: () => stops,
    at: (seconds: number) => (clock.advanceTo(seconds), one.draw()),
  }
}
const keys = (list: readonly { key: string }[]) => list.map((cue) => cue.key)

describe('a call at the lectern', () => {
  it('shows every cue once and in order, at the moment it is planned for', () => {
    const call = lectern()
    call.key()
    call.at(150)
    expect(keys(call.shown())).toEqual(keys(call.prepared.value.cues))
    expect(
      Math.max(...call.shown().map((cue) => Math.abs(cue.shownAt - cue.plannedAt))),
    ).toBeLessThan(1e-9)
    expect(call.call.value.state).toBe('ended')
  })

  it('shows each once also when speed is changed, paused and gone on with at any time', () => {
    // Very fast, a cue may have no time any more: those are left out of it.
    const speeds = Array.from({ length: 21 }, (_, i) => 0.5 + i * 0.05)
    const plans = speeds.map((speed) => new Set(keys(prepareCall(sheet, speed).cues)))
    const atEverySpeed = new Set(
      keys(prepareCall(sheet, 1).cues).filter((key) => plans.every((plan) => plan.has(key))),
    )
    expect(atEverySpeed.size).toBeGreaterThan(30)
    const acts = fc.array(
      fc.tuple(fc.integer({ min: 1, max: 20 }), fc.constantFrom('faster', 'slower', 'pause')),
      { maxLength: 14 },
    )
    fc.assert(
      fc.property(acts, (list) => {
        const call = lectern()
        call.key()
        let now = 0
        for (const [after, act] of list) {
          call.at((now += after))
          // Once the dance is over the key begins it anew: that is another call.
          if (call.call.value.state === 'ended') break
          if (act === 'pause') {
            call.key()
            call.at((now += 3))
            if (call.call.value.state === 'paused') call.key()
          } else call[act as 'faster' | 'slower']()
        }
        call.at(now + 250)
        // Stopped just on a phrase it goes on with a count-in, under which the cues before the
        // phrase are given again.
        if (call.clicks.length > 0) return
        const seen = keys(call.shown())
        expect(new Set(seen).size).toBe(seen.length)
        expect(seen.filter((key) => atEverySpeed.has(key))).toEqual([...atEverySpeed])
      }),
      // A dance played fast is over before the last key is pressed.
      {
        numRuns: 60,
        examples: [
          [
            [
              [5, 'faster'],
              [12, 'faster'],
              [19, 'faster'],
              [18, 'faster'],
              [13, 'faster'],
              [15, 'faster'],
              [20, 'faster'],
              [18, 'pause'],
            ],
          ],
        ],
      },
    )
  })

  it('sends the music where the call says it is', () => {
    const call = lectern()
    call.key()
    expect(call.played).toEqual([{ music: 0, when: 0.06, rate: 1 }])
    call.at(20)
    call.slower()
    const change = call.played.at(-1)!
    expect([change.rate, Math.abs(change.music - (change.when - 0.06)) < 1e-9]).toEqual([
      0.95,
      true,
    ])
    call.key()
    expect(call.stops()).toBe(1)
  })

  it('counts in with clicks before a phrase it starts at, and not in the introduction', () => {
    const call = lectern()
    call.key()
    expect(call.clicks).toEqual([])
    call.at(12)
    call.key()
    call.obey({ do: 'forth' })
    call.key()
    // Three bars of three: in three-time the count-in counts bars.
    expect(call.clicks).toHaveLength(9)
    expect(call.played.at(-1)!.when).toBeCloseTo(call.clicks[0]! + 9 * 0.625, 6)
    expect(call.call.value.state).toBe('counting-in')
    call.at(12 + 0.06 + 9 * 0.625 + 0.1)
    expect(call.call.value.state).toBe('running')
  })

  it('goes back to the part, forth to the phrase, and gives the cues there again', () => {
    const call = lectern()
    call.key()
    call.at(60)
    const before = call.shown().length
    call.obey({ do: 'back', kind: 'passes' })
    call.at(75)
    expect(call.shown().length).toBeGreaterThan(before)
    expect(
      keys(call.shown()).filter((key, i, all) => all.indexOf(key) !== i).length,
    ).toBeGreaterThan(0)
  })

  it('is later by the loudspeakers’ delay, in everything it shows', () => {
    const [plain, late] = [lectern(), lectern(0.2)]
    for (const call of [plain, late]) {
      call.key()
      call.at(40)
    }
    expect(
      late.shown().map((cue, i) => Math.round((cue.shownAt - plain.shown()[i]!.shownAt) * 1000)),
    ).toEqual(late.shown().map(() => 200))
    expect(plain.position.value - late.position.value).toBeCloseTo(0.2 * (96 / 60) * 24, 6)
  })

  it('begins again from the top after its end', () => {
    const call = lectern()
    call.key()
    call.at(150)
    call.key()
    call.at(165)
    expect(call.call.value.state).toBe('running')
    expect(call.shown().at(-1)!.key).toBe(
      call.prepared.value.cues[call.shown().length - call.prepared.value.cues.length - 1]!.key,
    )
  })
})

describe('a call that goes wrong', () => {
  /** What may be pressed, with a number where one goes with it. */
  const KEYS: Readonly<Record<string, (index: number) => SessionCommand>> = {
    hold: () => ({ do: 'hold' }),
    lose: () => ({ do: 'lose' }),
    rejoin: (index) => ({ do: 'rejoin', index }),
    carryOn: () => ({ do: 'carry-on' }),
    takeBack: () => ({ do: 'take-back' }),
    oneMore: () => ({ do: 'turn', turn: 'again' }),
    skipNext: () => ({ do: 'turn', turn: 'skip' }),
    startOver: () => ({ do: 'turn', turn: 'restart' }),
    endSoon: () => ({ do: 'turn', turn: 'end-soon' }),
    askGoOn: () => ({ do: 'ask', what: 'go-on' }),
    ask: (index) => ({ do: 'ask', what: index % 2 === 0 ? 'floor' : 'cuer' }),
    answer: (index) => ({ do: 'answer', index }),
    letGo: () => ({ do: 'let-go' }),
    faster: (index) => ({ do: 'speed', speed: 0.95 + index * 0.05 }),
    loop: () => ({ do: 'loop' }),
    delay: (index) => ({ do: 'delay', seconds: index / 10 }),
    mark: () => ({ do: 'mark' }),
  }
  const acts = fc.array(
    fc.tuple(
      fc.integer({ min: 1, max: 12 }),
      fc.constantFrom(...Object.keys(KEYS)),
      fc.nat({ max: 3 }),
    ),
    { maxLength: 16 },
  )

  it('gives no cue while it is held or lost, none twice unless the dance was turned between, and is the same again when its log is replayed', () => {
    fc.assert(
      fc.property(acts, (list) => {
        const clock = new ManualClock()
        const events: CallEvent[] = []
        const call = useLectern(sheet, clock, { player: null, click: () => undefined }, () => 0, {
          onEvent: (event) => void events.push(event),
        })
        const at = (seconds: number): void => (clock.advanceTo(seconds), call.draw())
        const isSilent = (): boolean =>
          call.call.value.state === 'lost' || call.call.value.state === 'holding'
        call.key()
        let now = 0
        for (const [after, act, index] of list) {
          const [silent, given] = [isSilent(), call.shown().length]
          at((now += after))
          if (silent && isSilent()) expect(call.shown().length).toBe(given)
          call.obey(KEYS[act]!(index))
        }
        at(now + 3)
        // The same is said again only where the dance was turned between: what had been announced
        // then comes later.
        const told = events.filter(({ type }) =>
          ['cue', 'turn', 'take-back', 'seek'].includes(type),
        )
        told
          .slice(1)
          .forEach(
            (event, i) =>
              event.type === 'cue' &&
              told[i]!.type === 'cue' &&
              expect(event.key).not.toBe((told[i] as { key: string }).key),
          )
        expect(
          replay({
            from: startOfMusic(sheet, 'silent'),
            speed: 1,
            events: JSON.parse(JSON.stringify(events)) as never,
          }),
        ).toEqual(call.session.value.call)
        const kept = events.map((event) => callEventSchema.parse(JSON.parse(JSON.stringify(event))))
        const log = { from: startOfMusic(sheet, 'silent'), speed: 1, music: 'silent' as const }
        const again = replaySession({ ...log, events: kept }, sheet)
        expect(again.session).toEqual(call.session.value)
        expect(again.prepared.course).toEqual(call.prepared.value.course)
        call.close()
      }),
      { numRuns: 40 },
    )
  })

  it('is told afterwards whole: every cue of the sheet once, given where it was given and else with the reason, whatever was pressed', () => {
    fc.assert(
      fc.property(acts, (list) => {
        const clock = new ManualClock()
        const events: CallEvent[] = []
        const call = useLectern(sheet, clock, { player: null, click: () => undefined }, () => 0, {
          onEvent: (event) => void events.push(event),
        })
        call.key()
        let now = 0
        for (const [after, act, index] of list) {
          clock.advanceTo((now += after))
          call.draw()
          call.obey(KEYS[act]!(index))
        }
        call.close()
        const log = {
          from: startOfMusic(sheet, 'silent'),
          speed: 1,
          bpm: 96,
          events,
        } as unknown as CallLog
        const { cues, happenings, seconds, lowBpm, highBpm } = callReport(log, sheet)
        expect(cues.map(({ key }) => key)).toEqual(
          useLectern(
            sheet,
            new ManualClock(),
            { player: null, click: () => undefined },
            () => 0,
          ).prepared.value.cues.map(({ key }) => key),
        )
        for (const { given, why } of cues) expect(given > 0).toBe(why === null)
        // A cue that was given for a figure of the sheet is counted, each time: only linking
        // figures are none of the sheet’s.
        const written = new Set(cues.map(({ key }) => key))
        const said = events.filter(
          (event) => event.type === 'cue' && written.has(event.key.replace(/~\d+/g, '')),
        ).length
        expect(cues.reduce((sum, { given }) => sum + given, 0)).toBe(said)
        const count = (type: CallEvent['type']): number =>
          events.filter((event) => event.type === type).length
        const told = (kind: string): number => happenings.filter((one) => one.kind === kind).length
        expect([
          told('marked'),
          told('lost'),
          told('held'),
          told('turned'),
          told('taken-back'),
        ]).toEqual([count('mark'), count('lose'), count('hold'), count('turn'), count('take-back')])
        expect(seconds).toBeGreaterThanOrEqual(0)
        expect(lowBpm).toBeLessThanOrEqual(highBpm)
        for (const { at } of happenings) expect(at).toBeLessThanOrEqual(now + 1)
      }),
      { numRuns: 25 },
    )
  })

  it('tells what it cannot do, and changes nothing then', () => {
    const call = lectern()
    call.key()
    call.at(21)
    const before = call.prepared.value.course
    call.obey({ do: 'turn', turn: 'again' })
    expect(call.told.value?.turn).toBe('none')
    expect(call.prepared.value.course).toBe(before)
  })

  it('walks through a part again and again, each time with a count-in', () => {
    const call = lectern()
    call.key()
    call.at(14)
    call.obey({ do: 'loop' })
    const { start, end } = call.loop.value!
    for (let now = 14; now < 80; now += 0.25) call.at(now)
    expect(call.position.value).toBeLessThan(end)
    expect(call.clicks.length).toBeGreaterThan(4)
    const first = call.prepared.value.cues.find(
      ({ slot, purpose }) => slot.start === start && purpose === 'cue',
    )!
    expect(keys(call.shown()).filter((key) => key === first.key).length).toBeGreaterThan(1)
    call.obey({ do: 'loop' })
    expect(call.loop.value).toBeNull()
  })
})
