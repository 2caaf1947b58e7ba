import type { Seconds } from '../time/index.ts'

/**
 * A call as a value: `stepCall(call, event) -> call`, each event with its own time on the caller's clock in seconds. There
 * is no clock inside: where the music is follows from the call and a time. Music seconds are those of the recording.
 */
export type Call =
  | { readonly state: 'waiting'; readonly music: Seconds; readonly speed: number }
  | { readonly state: 'counting-in'; readonly music: Seconds; readonly since: number; readonly speed: number }
  | { readonly state: 'running'; readonly music: Seconds; readonly since: number; readonly speed: number }
  | { readonly state: 'paused'; readonly music: Seconds; readonly speed: number }
  | { readonly state: 'ended'; readonly music: Seconds; readonly speed: number }

export type CallEvent =
  /** Begins at the call's place. The music sounds `countInSeconds` later. */
  | { readonly type: 'start'; readonly at: number; readonly countInSeconds: number }
  | { readonly type: 'pause'; readonly at: number }
  /** Goes to another place in the music, running on if it was running. */
  | { readonly type: 'seek'; readonly at: number; readonly music: Seconds }
  | { readonly type: 'speed'; readonly at: number; readonly speed: number }
  | { readonly type: 'end'; readonly at: number }

export const LEAST_SPEED = 0.7
export const MOST_SPEED = 1.2

export const newCall = (music: Seconds, speed = 1): Call => ({ state: 'waiting', music, speed })

/** Where the music is at a time, in seconds of the recording. While counting in it is before the place it will start at. */
export function musicAt(call: Call, at: number): Seconds {
  if (call.state === 'running' || call.state === 'counting-in') return (call.music + (at - call.since) * call.speed) as Seconds
  return call.music
}

/** Whether sound is, or is about to be, coming. */
export const isMoving = (call: Call): call is Extract<Call, { since: number }> => call.state === 'running' || call.state === 'counting-in'

/** The call as it is at a time: counting in becomes running by itself. */
export function settle(call: Call, at: number): Call {
  return call.state === 'counting-in' && at >= call.since ? { ...call, state: 'running' } : call
}

/** One event later. Events that mean nothing in a state leave the call as it is. */
export function stepCall(before: Call, event: CallEvent): Call {
  const call = settle(before, event.at)
  switch (event.type) {
    case 'start':
      if (isMoving(call)) return call
      return { state: event.countInSeconds > 0 ? 'counting-in' : 'running', music: call.music, since: event.at + event.countInSeconds, speed: call.speed }
    case 'pause':
      if (!isMoving(call)) return call
      // Stopped while counting in: nothing has sounded yet, so the place is still the place.
      return { state: 'paused', music: call.state === 'running' ? musicAt(call, event.at) : call.music, speed: call.speed }
    case 'seek':
      if (isMoving(call)) return { state: 'running', music: event.music, since: event.at, speed: call.speed }
      return { state: call.state === 'waiting' ? 'waiting' : 'paused', music: event.music, speed: call.speed }
    case 'speed': {
      const speed = Math.min(MOST_SPEED, Math.max(LEAST_SPEED, event.speed))
      return call.state === 'running' ? { ...call, music: musicAt(call, event.at), since: event.at, speed } : { ...call, speed }
    }
    case 'end':
      return { state: 'ended', music: musicAt(call, event.at), speed: call.speed }
  }
}
