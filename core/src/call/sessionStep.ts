import { TICKS_PER_BEAT, type Seconds, type Tick, type TickPosition } from '../time/index.ts'
import { isMoving } from './call.ts'
import { isReleased } from './course.ts'
import type { PreparedCall } from './prepare.ts'
import type { Session } from './session.ts'
import { BandSteps } from './sessionBand.ts'
import type { SessionCommand, SessionStep } from './sessionCommands.ts'
import type { Prepared } from './sessionEvents.ts'
import { legAt } from './turns.ts'

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

/** What time brings about, and which step a command asks for. */
class Steps extends BandSteps {
  private readonly origin: Prepared = this.now

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

  private theOneKey(): void {
    if (this.takeFirst() || this.giveWaiting()) return
    if (isMoving(this.call)) return this.pause()
    if (this.call.state === 'ended') this.seek(null)
    this.start()
  }

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
    const after = sheet.timeline.lengthTicks + (isElsewhere ? AFTER_BEATS : 1) * TICKS_PER_BEAT
    // What is said after the last step is heard out.
    return Math.max(after, this.prepared.cues.at(-1)?.endTick ?? 0)
  }

  private finish(): void {
    this.apply({ type: 'end', at: this.at })
    this.stopSound()
  }
}

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
