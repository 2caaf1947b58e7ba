import {
  TICKS_PER_BEAT,
  ticksPerBar,
  type Seconds,
  type Tick,
  type TickPosition,
} from '../time/index.ts'
import {
  isCueing,
  isMoving,
  LEAST_SPEED,
  MOST_SPEED,
  musicAt,
  type Call,
  type CallEvent,
  type TapUnit,
  type Turn,
} from './call.ts'
import type { DancedSlot } from '../routine/index.ts'
import { reentries, type Reentry } from './reentry.ts'
import { isReleased } from './course.ts'
import { stopAfter, stopBefore, stopsOf } from './moment.ts'
import { musicOfTick, tickOfMusic, type Cue, type PreparedCall } from './prepare.ts'
import {
  askedOf,
  callAt,
  coupleBefore,
  countInTicks,
  positionAt,
  standbyAt,
  standbyPlace,
  waysBackAt,
  type Session,
} from './session.ts'
import { evolve, hearTapAt, hereAt, musicOfTuneTick, type Prepared } from './sessionEvents.ts'
import { endSoon, legAt, oneMore, release, skipNext, startOver, type CourseTurn } from './turns.ts'

/** What a key, a pedal, a finger, the clock or the band says to the lectern. */
export type SessionCommand =
  /** Time goes on: a frame is drawn. */
  | { readonly do: 'tick' }
  /** The moment of a cue has come, that was woken for. */
  | { readonly do: 'due'; readonly key: string; readonly due: number }
  /** The one key: starts, pauses, goes on; takes the first way back in, lets go what waits. */
  | { readonly do: 'key' }
  | { readonly do: 'pause' }
  /** Null: the very beginning, the dance as it is written. */
  | { readonly do: 'seek'; readonly to: Tick | null }
  | { readonly do: 'back'; readonly kind: 'phrases' | 'passes' }
  | { readonly do: 'forth' }
  | { readonly do: 'speed'; readonly speed: number }
  | { readonly do: 'lose' }
  | { readonly do: 'ask'; readonly what: 'floor' | 'cuer' | 'go-on' }
  /** Past the last offer: nobody knows. */
  | { readonly do: 'answer'; readonly index: number }
  | { readonly do: 'carry-on' }
  | { readonly do: 'rejoin'; readonly index: number }
  | { readonly do: 'take-back' }
  | { readonly do: 'hold' }
  | { readonly do: 'let-go' }
  | { readonly do: 'turn'; readonly turn: 'again' | 'restart' | 'skip' | 'end-soon' }
  | { readonly do: 'mark' }
  | { readonly do: 'loop' }
  | { readonly do: 'tap' }
  | { readonly do: 'tap-unit'; readonly unit: TapUnit }
  /** The landmark that is expected was heard now. Ticks count from the first step. */
  | { readonly do: 'landmark'; readonly tick: Tick }
  | { readonly do: 'nudge'; readonly beats: number }
  /** The machine slept while the band played on. */
  | { readonly do: 'slept'; readonly seconds: number }
  | { readonly do: 'delay'; readonly seconds: number }

export type SessionEffect =
  /** Lets `due` come at a moment of the clock, in place of what was woken for before. */
  | { readonly type: 'wake'; readonly at: number; readonly key: string }
  | { readonly type: 'sleep' }
  | { readonly type: 'play'; readonly music: Seconds; readonly when: number; readonly rate: number }
  | { readonly type: 'stop' }
  | { readonly type: 'click'; readonly at: number; readonly strong: boolean }
  | { readonly type: 'say'; readonly text: string; readonly at: number }
  | { readonly type: 'log'; readonly event: CallEvent }
  | { readonly type: 'show'; readonly key: string }

export interface SessionStep extends Prepared {
  readonly effects: readonly SessionEffect[]
}

/** What is played is sent so many seconds ahead, so that it is there in time. */
export const AHEAD_SECONDS = 0.06
/** A stop passed less than this ago is gone back over. */
const GRACE_BEATS = 2
/** Music from elsewhere may go on so long after the dance. */
const AFTER_BEATS = 64

/**
 * One command later.
 *
 * @param session The call and all that the lectern keeps beside it.
 * @param prepared The sheet, prepared for the session's speed and course.
 * @param command What is wanted; what means nothing now changes nothing.
 * @param at The moment on the clock, in seconds.
 * @returns The session after it, the sheet prepared for that, and what is to be done outside: sound,
 *   the log, and the next moment to wake at.
 */
export function sessionStep(
  session: Session,
  prepared: PreparedCall,
  command: SessionCommand,
  at: number,
): SessionStep {
  const steps = new Steps({ session, prepared }, at)
  // What is done is done where the music is now, not where it was drawn last.
  steps.lookRound()
  steps.obey(command)
  return steps.result()
}

/** The steps of one command: each is an event, and what follows from it outside. */
class Steps {
  private readonly effects: SessionEffect[] = []
  private readonly origin: Prepared

  constructor(
    private now: Prepared,
    private readonly at: number,
  ) {
    this.origin = now
  }

  result(): SessionStep {
    const isSame = this.now.session === this.origin.session && this.effects.length === 0
    return { ...this.now, effects: isSame ? [] : [...this.effects, this.nextWake()] }
  }

  obey(command: SessionCommand): void {
    switch (command.do) {
      case 'tick':
        return
      case 'due':
        return this.cueIsDue(command.key, command.due)
      case 'key':
        return this.theOneKey()
      case 'pause':
        return this.pause()
      case 'seek':
        return this.seek(command.to)
      case 'back':
        return this.back(command.kind)
      case 'forth':
        return this.forth()
      case 'speed':
        return this.setSpeed(command.speed)
      case 'mark':
        return this.apply({ type: 'mark', at: this.at, tick: Math.round(this.position) as Tick })
      case 'loop':
        return this.toggleLoop()
      case 'delay':
        return this.setDelay(command.seconds)
      case 'tap':
      case 'tap-unit':
      case 'landmark':
      case 'nudge':
      case 'slept':
        return this.followBand(command)
      default:
        return this.turnDance(command)
    }
  }

  private get session(): Session {
    return this.now.session
  }
  private get prepared(): PreparedCall {
    return this.now.prepared
  }
  private get call(): Call {
    return callAt(this.session, this.at)
  }
  private get position(): TickPosition {
    return positionAt(this.session, this.prepared, this.at)
  }
  private get here(): Tick {
    return hereAt(this.now, this.at)
  }
  private get canDance(): boolean {
    return isMoving(this.call) && this.call.state !== 'counting-in'
  }

  private apply(event: CallEvent): void {
    this.now = evolve(this.now, event)
    this.effects.push({ type: 'log', event })
  }
  private stopSound(): void {
    this.effects.push({ type: 'stop' })
  }
  private play(music: Seconds, when: number, rate: number): void {
    this.effects.push({ type: 'play', music, when, rate })
  }

  // ---- What time brings about ------------------------------------------------------------------

  /** Looks whether the dance has come to a place at which something changes by itself. */
  lookRound(): void {
    if (!isMoving(this.call)) return
    this.lookAtDance()
    this.letWaitingGo()
    const { loop } = this.session
    if (loop && this.position >= loop.end) return this.again(loop.start)
    if (this.position >= this.endTick()) this.finish()
  }

  private lookAtDance(): void {
    if (!this.canDance) return
    if (this.call.state === 'running' && waitsAt(this.prepared, this.position))
      this.apply({ type: 'free', at: this.at, from: this.here })
    // As often as a fill may be danced: then it goes on by itself.
    if (this.call.state === 'free-time' && mustGoOn(this.prepared, this.position)) this.letGo()
    if (this.call.state === 'running' && isEnding(this.prepared, this.position))
      this.apply({ type: 'ending', at: this.at })
  }

  /** The step of what waited has gone by without it, with the music that is played here. */
  private letWaitingGo(): void {
    const { waitingCue, setup } = this.session
    const cue = this.prepared.cues.find(({ key }) => key === waitingCue)
    if (!cue || setup.isElsewhere || this.position < cue.stepTick + TICKS_PER_BEAT) return
    this.apply({ type: 'unsaid', at: this.at, key: cue.key })
  }

  private endTick(): number {
    const { sheet, course } = this.prepared
    const { isElsewhere } = this.session.setup
    const recording = isElsewhere ? null : sheet.recording
    if (recording) return this.tickOf(recording.durationSeconds as Seconds)
    // Who is lost, held or waiting is not done, however long it takes.
    const { state } = this.call
    if (state === 'lost' || state === 'holding' || course.waiting.length > 0) return Infinity
    return sheet.timeline.lengthTicks + (isElsewhere ? AFTER_BEATS : 1) * TICKS_PER_BEAT
  }

  private tickOf(music: Seconds): number {
    return tickOfMusic(this.prepared, music)
  }

  private finish(): void {
    this.apply({ type: 'end', at: this.at })
    this.stopSound()
  }

  // ---- The music -------------------------------------------------------------------------------

  private theOneKey(): void {
    if (this.takeFirst() || this.giveWaiting()) return
    if (isMoving(this.call)) return this.pause()
    if (this.call.state === 'ended') this.seek(null)
    this.start()
  }

  private start(): void {
    const now = this.at + AHEAD_SECONDS
    const { music, speed } = this.call
    const lead = this.session.setup.isElsewhere ? 0 : this.countInSeconds()
    this.apply({ type: 'start', at: now, countInSeconds: lead })
    if (lead > 0) this.clicks(now, lead)
    this.play(music, now + lead, speed)
  }

  /**
   * Heard seconds of count-in before the place of the music: at the start of a phrase or of the
   * loop, or where one has gone to; never in the middle of the music.
   */
  private countInSeconds(): number {
    const { loop, countIn, call } = this.session
    const at = this.position
    const stops = [
      ...stopsOf(this.prepared).phrases,
      ...(loop ? [loop.start] : []),
      ...(countIn.wentTo === null ? [] : [countIn.wentTo]),
    ]
    const beginsAtOnce = this.prepared.written.firstStep === 0
    const isStop = stops.some((stop) => Math.abs(stop - at) < 0.5) || (at <= 0 && beginsAtOnce)
    if (!isStop) return 0
    const next = musicOfTick(this.prepared, (at + TICKS_PER_BEAT) as TickPosition)
    const beat = next - musicOfTick(this.prepared, at)
    return ((countInTicks(this.prepared) / TICKS_PER_BEAT) * beat) / call.speed
  }

  private clicks(from: number, seconds: number): void {
    const whole = countInTicks(this.prepared)
    for (const word of this.prepared.countIn)
      for (let t = 0; t < word.lengthTicks; t += TICKS_PER_BEAT)
        this.effects.push({
          type: 'click',
          at: from + seconds * (1 + (word.at + t) / whole),
          strong: word.at === -whole,
        })
  }

  private pause(): void {
    if (!isMoving(this.call)) return
    this.apply({ type: 'pause', at: this.at })
    this.stopSound()
  }

  /** Goes to a tick (null: the very beginning) and keeps running if it ran. */
  private seek(to: Tick | null): void {
    const moving = isMoving(this.call)
    const music = to === null ? this.session.setup.from : musicOfTick(this.prepared, to)
    const now = this.at + (moving ? AHEAD_SECONDS : 0)
    this.apply({ type: 'seek', at: now, music, ...(to === null ? { fromTop: true } : {}) })
    if (moving) this.play(music, now, this.session.call.speed)
  }

  /** The loop once more, with a count-in at its own tempo. */
  private again(to: Tick): void {
    this.pause()
    this.seek(to)
    this.start()
  }

  /** Walks through the part that is danced now, again and again, or no longer. */
  private toggleLoop(): void {
    const { passes } = this.prepared.sheet.timeline
    const at = this.position
    const pass = passes.find(({ start, end }) => at >= start && at < end) ?? passes[0]
    const isOff = this.session.loop !== null || !pass || this.session.setup.isElsewhere
    const span = isOff ? null : { start: pass.start, end: pass.end }
    this.apply({ type: 'loop', at: this.at, span })
  }

  private back(kind: 'phrases' | 'passes'): void {
    const stops = stopsOf(this.prepared)[kind]
    this.seek(stopBefore(stops, this.position, GRACE_BEATS * TICKS_PER_BEAT))
  }
  private forth(): void {
    const stop = stopAfter(stopsOf(this.prepared).phrases, this.position)
    if (stop !== null) this.seek(stop)
  }

  private setSpeed(wanted: number): void {
    const within = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, wanted))
    const speed = Math.round(within * 100) / 100
    if (speed === this.call.speed) return
    const now = this.at + AHEAD_SECONDS
    this.apply({ type: 'speed', at: now, speed })
    if (isMoving(this.call) && this.call.state !== 'counting-in')
      this.play(musicAt(this.call, now), now, speed)
  }

  private setDelay(seconds: number): void {
    if (seconds !== this.session.setup.delaySeconds)
      this.apply({ type: 'delay', at: this.at, seconds })
  }

  // ---- The cues --------------------------------------------------------------------------------

  /** At another speed a cue may be gone: then the first with a later step comes next. */
  private nextCue(): Cue | undefined {
    const { cues } = this.prepared
    const { last } = this.session
    if (!last) return cues[0]
    const at = cues.findIndex(({ key }) => key === last.key)
    return at >= 0 ? cues[at + 1] : cues.find(({ stepTick }) => stepTick > last.stepTick)
  }

  /** Each cue is woken for once as the music runs on. */
  private nextWake(): SessionEffect {
    const { call, setup, waitingCue } = this.session
    const now = callAt(this.session, this.at)
    const cue = isMoving(now) && isCueing(now) ? this.nextCue() : undefined
    if (!cue || !isMoving(call) || cue.key === waitingCue) return { type: 'sleep' }
    const music = musicOfTick(this.prepared, cue.startTick)
    const delay = setup.isElsewhere ? 0 : setup.delaySeconds
    return {
      type: 'wake',
      at: call.since + (music - call.music) / call.speed + delay,
      key: cue.key,
    }
  }

  private cueIsDue(key: string, due: number): void {
    const cue = this.nextCue()
    if (!cue || cue.key !== key || !isMoving(this.call) || !isCueing(this.call)) return
    if (cue.byHand) this.apply({ type: 'by-hand', at: this.at, key })
    else this.give(cue, due)
  }

  private give({ key, text, startTick }: Cue, due: number): void {
    this.apply({ type: 'cue', at: this.at, key, text, tick: startTick, due })
    this.effects.push({ type: 'say', text, at: due }, { type: 'show', key })
  }

  /** The beats come back: what waited is said now. Music from elsewhere then is where it lies. */
  private giveWaiting(): boolean {
    const { waitingCue, setup, call } = this.session
    const cue = this.prepared.cues.find(({ key }) => key === waitingCue)
    if (!cue) return false
    const music = musicOfTick(this.prepared, cue.startTick)
    const { speed } = call
    if (setup.isElsewhere)
      this.apply({ type: 'heard', at: this.at, by: 'landmark', music, speed, error: 0 })
    this.give(cue, this.at)
    return true
  }

  // ---- The dance -------------------------------------------------------------------------------

  private turnDance(command: DanceCommand): void {
    switch (command.do) {
      case 'lose':
        return this.lose()
      case 'ask':
        if (this.canDance) this.apply({ type: 'asked', at: this.at, what: command.what })
        return
      case 'answer':
        return this.answer(command.index)
      case 'carry-on':
        return this.carryOn()
      case 'rejoin':
        return this.rejoin(command.index)
      case 'take-back':
        if (this.call.before) this.apply({ type: 'take-back', at: this.at })
        return
      case 'hold':
        return this.hold()
      case 'let-go':
        return this.letGo()
      case 'turn':
        if (this.canDance)
          this.take(command.turn, TURNS[command.turn](this.prepared, this.position))
    }
  }

  private lose(): void {
    if (!this.canDance || this.call.state === 'lost') return
    this.loseAs(coupleBefore(this.prepared, this.position), this.here)
  }

  private loseAs(couple: ReturnType<typeof coupleBefore>, until: Tick, neutral = false): void {
    const { at, here } = this
    const lost = { type: 'lose' as const, at, from: here, couple, until }
    this.apply(neutral ? { ...lost, neutral } : lost)
  }

  /** Takes what was asked by its number; past the last: hold until all may come in. */
  private answer(index: number): void {
    const question = askedOf(this.session, this.prepared)
    if (question?.what === 'other') {
      const other = question.offers[index]
      if (other) this.loseAs(other.couple, other.until)
      else if (index === question.offers.length)
        this.loseAs(this.prepared.written.routine.start, this.here, true)
    } else if (question) {
      const turn = question.offers[index]
      if (turn) this.take('go-on', turn)
    }
  }

  /** As if nothing had been: the dance goes on where the music is. */
  private carryOn(): void {
    const { state } = this.call
    if (state === 'lost' || state === 'holding') this.apply({ type: 'carry-on', at: this.at })
    else if (this.session.asked) this.apply({ type: 'unasked', at: this.at })
  }

  /** Takes a way back in; one of those that stand by, where nothing was said to be lost. */
  private rejoin(index: number): void {
    const wanted = (this.waysBack() ?? this.standby())[index]
    if (!wanted) return
    this.lose()
    // A line that has come too near since is waited for once more.
    const ways = this.waysBack() ?? []
    const way =
      ways.find(({ at, slot }) => at === wanted.at && slot === wanted.slot) ??
      ways.find(({ slot }) => slot === wanted.slot) ??
      this.wayWith(wanted.slot)
    if (way) this.turnTo('rejoin', way.course, way.at)
  }
  /** What stood by a moment ago is kept to, also where something else would be nearer by now. */
  private wayWith(wanted: DancedSlot): Reentry | undefined {
    const { call } = this
    if (call.state !== 'lost') return undefined
    const [way] = reentries(this.prepared, call.couple, this.position, {
      lostFrom: call.from,
      isWanted: ({ slot }) => slot === wanted,
    })
    return way
  }
  private waysBack() {
    return waysBackAt(this.session, this.prepared, this.position)
  }
  private standby() {
    const place = standbyPlace(this.call, this.prepared, this.position)
    return place === null ? [] : standbyAt(this.prepared, place)
  }

  private take(turn: Turn, to: CourseTurn | null): void {
    if (to) this.turnTo(turn, to.course, to.at)
    else this.apply({ type: 'not-possible', at: this.at, turn })
  }

  private turnTo(turn: Turn, course: CourseTurn['course'], tick: Tick): void {
    this.apply({ type: 'turn', at: this.at, turn, course, tick })
  }

  /** Cues wait, the music goes on; pressed again they go on with the next phrase. */
  private hold(): void {
    if (this.call.state === 'holding') return this.letGo()
    if (!this.canDance || this.call.state === 'lost') return
    this.apply({ type: 'hold', at: this.at, from: this.here })
  }

  /** What waits for a key goes on. */
  private letGo(): void {
    const { call, prepared } = this
    const held = call.state === 'holding' ? call.from : null
    const to = release(prepared, this.position, held)
    if (!to && held !== null) return this.carryOn()
    if (to && to.course === prepared.course) return this.carryOn()
    this.take('release', to)
  }

  /** The one key where the dance waits for one; false where it does not. */
  private takeFirst(): boolean {
    if (this.session.asked) this.answer(0)
    else if (this.call.state === 'lost') {
      if ((this.waysBack() ?? []).length > 0) this.rejoin(0)
      else this.carryOn()
    } else if (this.call.state === 'holding' || this.call.state === 'free-time') this.letGo()
    else return false
    return true
  }

  // ---- The band --------------------------------------------------------------------------------

  private followBand(command: BandCommand): void {
    switch (command.do) {
      case 'tap':
        return this.tap()
      case 'tap-unit':
        return this.apply({ type: 'tap-unit', at: this.at, unit: command.unit })
      case 'landmark':
        return this.startBandAt(command.tick, 'landmark')
      case 'nudge': {
        const now = this.position + this.prepared.sheet.firstStep
        const music = musicOfTuneTick(this.now, now - command.beats * TICKS_PER_BEAT)
        return this.hear('nudge', music, this.call.speed, -command.beats)
      }
      case 'slept': {
        const before = this.position
        const slept = command.seconds * this.call.speed
        const music = (musicAt(this.call, this.at) + slept) as Seconds
        const error = (this.tickOf(music) - before) / TICKS_PER_BEAT
        return this.hear('nudge', music, this.call.speed, error)
      }
    }
  }

  private tap(): void {
    const { state } = this.call
    if (state === 'waiting' || state === 'ended') return this.startBandAt(0 as Tick, 'tap')
    const heard = hearTapAt(this.now, this.at)
    if (heard.taken === 'yes') this.hear('tap', heard.music, heard.speed, heard.errorBeats)
    else this.apply({ type: 'tap', at: this.at, error: heard.errorBeats, taken: heard.taken })
  }

  private startBandAt(tick: Tick, by: 'tap' | 'landmark'): void {
    const off = (this.position - tick) / TICKS_PER_BEAT
    const error = this.call.state === 'running' ? off : 0
    this.hear(by, musicOfTick(this.prepared, tick), this.call.speed, error)
  }

  private hear(
    by: 'tap' | 'landmark' | 'nudge',
    music: Seconds,
    speed: number,
    error: number,
  ): void {
    this.apply({ type: 'heard', at: this.at, by, music, speed, error })
  }
}

type BandCommand = Extract<
  SessionCommand,
  { do: 'tap' | 'tap-unit' | 'landmark' | 'nudge' | 'slept' }
>
type DanceCommand = Extract<
  SessionCommand,
  {
    do: 'lose' | 'ask' | 'answer' | 'carry-on' | 'rejoin' | 'take-back' | 'hold' | 'let-go' | 'turn'
  }
>

const TURNS = { again: oneMore, restart: startOver, skip: skipNext, 'end-soon': endSoon } as const

/**
 * Whether what is danced goes on until a key is pressed: a unit of a fill that is released by hand,
 * or open counts.
 */
function waitsAt({ course, written, sheet }: PreparedCall, at: TickPosition): boolean {
  if (course.waiting.length === 0) return false
  const leg = legAt({ course }, at)
  const isFill = leg !== null && at >= 0 && isReleased(written, leg.pass)
  return isFill || at >= sheet.timeline.lengthTicks
}

function mustGoOn({ course, written, sheet }: PreparedCall, at: TickPosition): boolean {
  const leg = course.legs.at(-1)
  return (
    leg !== undefined &&
    isReleased(written, leg.pass) &&
    at >= leg.at &&
    at < sheet.timeline.lengthTicks
  )
}

/** Whether the last time through has begun. */
const isEnding = ({ sheet: { timeline }, course }: PreparedCall, at: TickPosition): boolean =>
  course.waiting.length === 0 && timeline.passes.length > 1 && at >= timeline.passes.at(-1)!.start

/** Landmarks of the tune that can be heard, by their place in the dance. */
export function landmarksOf({ written }: PreparedCall) {
  return (written.tune?.landmarks ?? []).map((one) => ({
    ...one,
    tick: (one.at - written.firstStep) as Tick,
  }))
}

/** The landmark that is expected next, from two bars back on. */
export function nextLandmark(prepared: PreparedCall, position: TickPosition) {
  const from = position - 2 * ticksPerBar(prepared.written.routine.metre)
  return landmarksOf(prepared).find(({ tick }) => tick >= from) ?? null
}

/** Where a landmark that is heard now puts the music: the start of the tune, while nothing plays. */
export function landmarkTick(prepared: PreparedCall, call: Call, position: TickPosition): Tick {
  const heard =
    call.state === 'waiting'
      ? landmarksOf(prepared).find(({ kind }) => kind === 'start')
      : nextLandmark(prepared, position)
  return heard?.tick ?? (0 as Tick)
}
