import { TICKS_PER_BEAT, type Seconds, type Tick } from '../time/index.ts'
import { musicAt } from './call.ts'
import { musicOfTick } from './prepare.ts'
import type { BandCommand } from './sessionCommands.ts'
import { DanceSteps } from './sessionDance.ts'
import { hearTapAt, musicOfTuneTick } from './sessionEvents.ts'

/** A band that is followed by ear: taps, landmarks, nudges, time that was slept through. */
export class BandSteps extends DanceSteps {
  protected followBand(command: BandCommand): void {
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

  protected tap(): void {
    const { state } = this.call
    if (state === 'waiting' || state === 'ended') return this.startBandAt(0 as Tick, 'tap')
    const heard = hearTapAt(this.now, this.at)
    if (heard.taken === 'yes') this.hear('tap', heard.music, heard.speed, heard.errorBeats)
    else this.apply({ type: 'tap', at: this.at, error: heard.errorBeats, taken: heard.taken })
  }

  protected startBandAt(tick: Tick, by: 'tap' | 'landmark'): void {
    const off = (this.position - tick) / TICKS_PER_BEAT
    const error = this.call.state === 'running' ? off : 0
    this.hear(by, musicOfTick(this.prepared, tick), this.call.speed, error)
  }

  protected hear(
    by: 'tap' | 'landmark' | 'nudge',
    music: Seconds,
    speed: number,
    error: number,
  ): void {
    this.apply({ type: 'heard', at: this.at, by, music, speed, error })
  }
}
