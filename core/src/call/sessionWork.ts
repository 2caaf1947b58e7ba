import { isMoving, type Call, type CallEvent } from './call.ts'
import { tickOfMusic, type PreparedCall } from './prepare.ts'
import type { Seconds, Tick, TickPosition } from '../time/index.ts'
import { callAt, positionAt, type Session } from './session.ts'
import type { SessionEffect } from './sessionCommands.ts'
import { evolve, hereAt, type Prepared } from './sessionEvents.ts'

/**
 * A session while one command is carried out at a moment of the clock: each step is an event, and
 * what follows from it outside. What can be done is said layer by layer: the music, the cues, the
 * dance, the band; each knows those before it.
 */
export class SessionWork {
  protected readonly effects: SessionEffect[] = []

  constructor(
    protected now: Prepared,
    protected readonly at: number,
  ) {}

  protected get session(): Session {
    return this.now.session
  }
  protected get prepared(): PreparedCall {
    return this.now.prepared
  }
  protected get call(): Call {
    return callAt(this.session, this.at)
  }
  protected get position(): TickPosition {
    return positionAt(this.session, this.prepared, this.at)
  }
  protected get here(): Tick {
    return hereAt(this.now, this.at)
  }
  protected get canDance(): boolean {
    return isMoving(this.call) && this.call.state !== 'counting-in'
  }

  protected apply(event: CallEvent): void {
    this.now = evolve(this.now, event)
    this.effects.push({ type: 'log', event })
  }
  protected stopSound(): void {
    this.effects.push({ type: 'stop' })
  }
  protected play(music: Seconds, when: number, rate: number): void {
    this.effects.push({ type: 'play', music, when, rate })
  }

  protected tickOf(music: Seconds): number {
    return tickOfMusic(this.prepared, music)
  }
}
