import type { CallEvent, SessionEffect } from '@dellop/core/call'
import type { Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'

/** What the effects of a call are done by. */
export interface CallHands {
  readonly clock: Clock
  readonly player: Player | null
  readonly onEvent: (event: CallEvent) => void
  /** The moment of a cue has come. */
  readonly due: (key: string, at: number) => void
  readonly click?: (at: number, strong: boolean) => void
  /** Says a cue at a moment, where a stand-in is to. */
  readonly say?: ((text: string, at: number) => void) | undefined
}

/** Does what a call asks for outside: sound, the log, and one waking of the clock at a time. */
export function callEffects({ clock, player, onEvent, due, click, say }: CallHands) {
  let cancelWake = (): void => undefined

  function run(effect: SessionEffect): void {
    switch (effect.type) {
      case 'wake':
        cancelWake()
        cancelWake = clock.wakeAt(effect.at, () => due(effect.key, effect.at))
        return
      case 'sleep':
        return cancelWake()
      case 'play':
        return player?.play(effect.music, effect.when, effect.rate)
      case 'stop':
        return player?.stop()
      case 'click':
        return click?.(effect.at, effect.strong)
      case 'say':
        return say?.(effect.text, effect.at)
      case 'log':
        return onEvent(effect.event)
      // What was shown stands in the session.
      case 'show':
    }
  }
  return { run, sleep: () => cancelWake() }
}
