import { browserTimers } from '../app/timers.ts'
import {
  isMoving,
  replay,
  stepCall,
  type Call,
  type CallEvent,
  type CallLog,
} from '@dellop/core/call'
import { api, ApiProblem } from '../app/api.ts'
import { dropKeptCall, keptCalls, putKeptCall, type KeptCall } from '../app/keptCalls.ts'
import { randomId } from '../app/randomId.ts'

/** Calls that were cut off longer ago are over: nobody stands on that floor any more. */
const STILL_GOING_MS = 3 * 3600_000
const BEAT_MS = 1000

/** What of a log is known when it begins. */
export type LogHead = Omit<
  CallLog,
  'format' | 'version' | 'id' | 'startedAtMs' | 'endedAtMs' | 'clockZeroMs' | 'events'
>

/** Keeps the log of one call: in the browser at every event, at the server when it is over. */
export interface CallKeeper {
  readonly note: (event: CallEvent) => void
  /** Ends it, and sends it when it can be sent. */
  readonly finish: () => Promise<void>
  readonly id: () => string | null
  readonly close: () => void
}

/** A call that was cut off in the middle, with its events moved to this page's clock. */
export interface CutOff {
  readonly log: CallLog
  readonly call: Call
  readonly shift: number
}

/** Held by the page that calls a sheet, for as long as it does. */
const lockOf = (sheetId: string | null): string => `dellop-call-${sheetId ?? 'free'}`
/** Whether a page of this browser has the call of a sheet under way. */
const isElsewhere = async (sheetId: string | null): Promise<boolean> =>
  ((await navigator.locks.query()).held ?? []).some(({ name }) => name === lockOf(sheetId))

const zeroMs = (now: () => number): number => Date.now() - now() * 1000

/**
 * The call of a sheet that was cut off in this browser: closed page, crash, empty battery. What
 * this machine played has stopped with it, so it stands where it stopped; what a band played has
 * gone on.
 */
export async function cutOffCall(sheetId: string, now: () => number): Promise<CutOff | null> {
  const kept = (await keptCalls()).filter(
    ({ log }) => log.endedAtMs === null && log.sheetId === sheetId,
  )
  const last = [...kept].sort((a, b) => b.log.startedAtMs - a.log.startedAtMs)[0]
  // Another page has not been cut off: it is calling now.
  if (!last || (await isElsewhere(sheetId))) return null
  if (Date.now() - (last.log.clockZeroMs + last.beatAt * 1000) > STILL_GOING_MS) return null
  const was = replay(last.log)
  if (was.state === 'ended' || was.state === 'waiting') return null
  const stopped =
    last.log.music === 'elsewhere'
      ? was
      : stepCall(was, {
          type: 'pause',
          at: Math.max(last.beatAt, isMoving(was) ? was.since : last.beatAt),
        })
  const shift = (last.log.clockZeroMs - zeroMs(now)) / 1000
  return {
    log: last.log,
    call: isMoving(stopped) ? { ...stopped, since: stopped.since + shift } : stopped,
    shift,
  }
}

/** Keeps a call's log from its first event on, or goes on with one that was cut off. */
export function keepCall(
  head: LogHead,
  now: () => number,
  cutOff: CutOff | null = null,
): CallKeeper {
  let log: CallLog | null = cutOff?.log ?? null
  const shift = cutOff?.shift ?? 0
  let writing: Promise<unknown> = Promise.resolve()
  let unlock: (() => void) | null = null
  if (cutOff) lock()
  if (cutOff && !isMoving(cutOff.call)) note({ type: 'pause', at: now() })

  function lock(): void {
    void navigator.locks.request(lockOf(head.sheetId), { ifAvailable: true }, (held) =>
      held ? new Promise<void>((resolve) => (unlock = resolve)) : undefined,
    )
  }

  function write(): Promise<unknown> {
    const record: KeptCall | null = log && { log, beatAt: now() - shift }
    if (record) writing = writing.then(() => putKeptCall(record)).catch(() => undefined)
    return writing
  }

  function note(event: CallEvent): void {
    if (!log) {
      if (event.type !== 'start' && event.type !== 'heard') return
      lock()
      log = {
        ...head,
        format: 'dellop-call',
        version: 2,
        id: randomId(),
        startedAtMs: Date.now(),
        endedAtMs: null,
        clockZeroMs: zeroMs(now),
        events: [],
      }
    }
    log = { ...log, events: [...log.events, { ...event, at: event.at - shift }] }
    if (event.type === 'end') void finish()
    else void write()
  }

  const stopBeat = browserTimers.every(BEAT_MS, () => {
    if (log && log.endedAtMs === null) void write()
  })

  async function finish(): Promise<void> {
    if (!log || log.endedAtMs !== null) return
    log = { ...log, endedAtMs: Date.now() }
    await write()
    await sendCalls()
  }

  return {
    note,
    finish,
    id: () => log?.id ?? null,
    close: () => {
      stopBeat()
      unlock?.()
    },
  }
}

let sending: Promise<void> | null = null
/**
 * Sends every call that is over and that the server does not have yet. What has arrived is let go
 * here; sent twice, it is kept once.
 */
export function sendCalls(): Promise<void> {
  sending ??= sendAll().finally(() => (sending = null))
  return sending
}

async function sendAll(): Promise<void> {
  for (const { log, beatAt } of await keptCalls()) {
    const isOver =
      log.endedAtMs !== null || Date.now() - (log.clockZeroMs + beatAt * 1000) > STILL_GOING_MS
    // A call that was cut off stays here to be gone on with, but the server has what there is of it.
    const isCutOff = !isOver && !(await isElsewhere(log.sheetId)) && !sentSoFar.has(stateOf(log))
    if (!isOver && !isCutOff) continue
    try {
      await api('putCall', {
        params: { id: log.id },
        body: { call: { ...log, endedAtMs: log.endedAtMs ?? log.clockZeroMs + beatAt * 1000 } },
      })
      if (isOver) await dropKeptCall(log.id)
      else sentSoFar.add(stateOf(log))
    } catch (error) {
      if (error instanceof ApiProblem && error.offline) return
      console.error(error)
    }
  }
}

/** Calls that were cut off, as far as the server has them. */
const sentSoFar = new Set<string>()
const stateOf = ({ id, events }: CallLog): string => `${id} ${events.length}`

/** A call that is still only here. */
export const keptCall = async (id: string): Promise<CallLog | null> =>
  (await keptCalls()).find(({ log }) => log.id === id)?.log ?? null

const AGAIN_MS = 20_000
/** Looks now and then, and when the network is back, whether something is to be sent. */
export function watchCalls(): void {
  const send = (): void => void sendCalls()
  window.addEventListener('online', send)
  browserTimers.every(AGAIN_MS, send)
  send()
}
