import { TICKS_PER_BEAT, type Tick, type TickPosition } from '../time/index.ts'
import { isMoving, LEAST_SPEED, MOST_SPEED, musicAt } from './call.ts'
import { stopAfter, stopBefore, stopsOf } from './moment.ts'
import { musicOfTick } from './prepare.ts'
import { countInTicks } from './session.ts'
import { SessionWork } from './sessionWork.ts'

/** What is played is sent so many seconds ahead, so that it is there in time. */
export const AHEAD_SECONDS = 0.06
/** A stop passed less than this ago is gone back over. */
const GRACE_BEATS = 2

/** The music of a call: begun, stopped, gone to, faster and slower, one part again and again. */
export class MusicSteps extends SessionWork {
  protected start(): void {
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
  protected countInSeconds(): number {
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

  protected clicks(from: number, seconds: number): void {
    const whole = countInTicks(this.prepared)
    for (const word of this.prepared.countIn)
      for (let t = 0; t < word.lengthTicks; t += TICKS_PER_BEAT)
        this.effects.push({
          type: 'click',
          at: from + seconds * (1 + (word.at + t) / whole),
          strong: word.at === -whole,
        })
  }

  protected pause(): void {
    if (!isMoving(this.call)) return
    this.apply({ type: 'pause', at: this.at })
    this.stopSound()
  }

  /** Goes to a tick (null: the very beginning) and keeps running if it ran. */
  protected seek(to: Tick | null): void {
    const moving = isMoving(this.call)
    const music = to === null ? this.session.setup.from : musicOfTick(this.prepared, to)
    const now = this.at + (moving ? AHEAD_SECONDS : 0)
    this.apply({ type: 'seek', at: now, music, ...(to === null ? { fromTop: true } : {}) })
    if (moving) this.play(music, now, this.session.call.speed)
  }

  /** The loop once more, with a count-in at its own tempo. */
  protected again(to: Tick): void {
    this.pause()
    this.seek(to)
    this.start()
  }

  /** Walks through the part that is danced now, again and again, or no longer. */
  protected toggleLoop(): void {
    const { passes } = this.prepared.sheet.timeline
    const at = this.position
    const pass = passes.find(({ start, end }) => at >= start && at < end) ?? passes[0]
    const isOff = this.session.loop !== null || !pass || this.session.setup.isElsewhere
    const span = isOff ? null : { start: pass.start, end: pass.end }
    this.apply({ type: 'loop', at: this.at, span })
  }

  protected back(kind: 'phrases' | 'passes'): void {
    const stops = stopsOf(this.prepared)[kind]
    this.seek(stopBefore(stops, this.position, GRACE_BEATS * TICKS_PER_BEAT))
  }
  protected forth(): void {
    const stop = stopAfter(stopsOf(this.prepared).phrases, this.position)
    if (stop !== null) this.seek(stop)
  }

  protected setSpeed(wanted: number): void {
    const within = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, wanted))
    const speed = Math.round(within * 100) / 100
    if (speed === this.call.speed) return
    const now = this.at + AHEAD_SECONDS
    this.apply({ type: 'speed', at: now, speed })
    if (isMoving(this.call) && this.call.state !== 'counting-in')
      this.play(musicAt(this.call, now), now, speed)
  }

  protected setDelay(seconds: number): void {
    if (seconds !== this.session.setup.delaySeconds)
      this.apply({ type: 'delay', at: this.at, seconds })
  }
}
