import type { Seconds, Tick } from '../time/index.ts'
import type { CallEvent, TapUnit } from './call.ts'
import type { Prepared } from './sessionEvents.ts'

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

export type BandCommand = Extract<
  SessionCommand,
  { do: 'tap' | 'tap-unit' | 'landmark' | 'nudge' | 'slept' }
>
export type DanceCommand = Extract<
  SessionCommand,
  {
    do: 'lose' | 'ask' | 'answer' | 'carry-on' | 'rejoin' | 'take-back' | 'hold' | 'let-go' | 'turn'
  }
>
