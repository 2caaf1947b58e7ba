import { isCueing, isMoving } from './call.ts'
import { musicOfTick, type Cue } from './prepare.ts'
import { callAt } from './session.ts'
import type { SessionEffect } from './sessionCommands.ts'
import { MusicSteps } from './sessionMusic.ts'

/** The cues of a call: each woken for once, given, or kept for a key. */
export class CueSteps extends MusicSteps {
  /** At another speed a cue may be gone: then the first with a later step comes next. */
  protected nextCue(): Cue | undefined {
    const { cues } = this.prepared
    const { last } = this.session
    if (!last) return cues[0]
    const at = cues.findIndex(({ key }) => key === last.key)
    if (at >= 0) return cues[at + 1]
    // What was said around the dance leads to the same step as the cue behind it.
    return cues.find(
      ({ stepTick, isAround }) =>
        stepTick > last.stepTick || (last.isAround && stepTick === last.stepTick && !isAround),
    )
  }

  /** Each cue is woken for once as the music runs on. */
  protected nextWake(): SessionEffect {
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

  protected cueIsDue(key: string, due: number): void {
    const cue = this.nextCue()
    if (!cue || cue.key !== key || !isMoving(this.call) || !isCueing(this.call)) return
    if (cue.byHand) this.apply({ type: 'by-hand', at: this.at, key })
    else this.give(cue, due)
  }

  protected give({ key, text, startTick }: Cue, due: number): void {
    this.apply({ type: 'cue', at: this.at, key, text, tick: startTick, due })
    this.effects.push({ type: 'say', text, at: due }, { type: 'show', key })
  }

  /** The beats come back: what waited is said now. Music from elsewhere then is where it lies. */
  protected giveWaiting(): boolean {
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
}
