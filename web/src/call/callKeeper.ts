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
import { isHeld } from './callLock.ts'

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
  /** Another window goes on with it: it is written as it stands, and left. */
  readonly letGo: () => Promise<void>
  readonly id: () => string | null
  readonly close: () => void
}

/** A call that was cut off in the middle, with its events moved to this page's clock. */
export interface CutOff {
  readonly log: CallLog
  readonly call: Call
  readonly shift: number
}

/** The last moment of a call, written as its page closes: the browser does no more than this then. */
const LAST_BEAT = 'dellop-last-beat'
function keepLastBeat(id: string, beatAt: number): void {
  localStorage.setItem(LAST_BEAT, JSON.stringify({ id, beatAt }))
}
function lastBeatOf({ log, beatAt }: KeptCall): number {
  try {
    const last = JSON.parse(localStorage.getItem(LAST_BEAT) ?? '{}') as Record<string, unknown>
    const at = last['id'] === log.id ? Number(last['beatAt']) : NaN
    return at > beatAt ? at : beatAt
  } catch {
    return beatAt
  }
}

const zeroMs = (now: () => number): number => Date.now() - now() * 1000

/**
 * The call of a sheet that was cut off in this browser: closed page, crash, empty battery, another
 * window. What this machine played has stopped with it, so it stands where it stopped; what a band
 * played has gone on. Asked by the page that holds the call.
 */
export async function cutOffCall(sheetId: string, now: () => number): Promise<CutOff | null> {
  const kept = (await keptCalls()).filter(
    ({ log }) => log.endedAtMs === null && log.sheetId === sheetId,
  )
  const last = [...kept].sort((a, b) => b.log.startedAtMs - a.log.startedAtMs)[0]
  if (!last) return null
  const beatAt = lastBeatOf(last)
  if (Date.now() - (last.log.clockZeroMs + beatAt * 1000) > STILL_GOING_MS) return null
  const was = replay(last.log)
  if (was.state === 'ended' || was.state === 'waiting') return null
  const stopped =
    last.log.music === 'elsewhere'
      ? was
      : stepCall(was, {
          type: 'pause',
          at: Math.max(beatAt, isMoving(was) ? was.since : beatAt),
        })
  // The time of day may have been set back meanwhile: a log goes on, and never back.
  const shift = Math.min((last.log.clockZeroMs - zeroMs(now)) / 1000, now() - beatAt)
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
  let early: readonly CallEvent[] = []
  if (cutOff && !isMoving(cutOff.call)) note({ type: 'pause', at: now() })

  function write(): Promise<unknown> {
    const record: KeptCall | null = log && { log, beatAt: now() - shift }
    if (record) writing = writing.then(() => putKeptCall(record)).catch(() => undefined)
    return writing
  }

  function note(event: CallEvent): void {
    if (!log) {
      if (event.type !== 'start' && event.type !== 'heard')
        return void (early = [...early.filter(({ type }) => type !== event.type), event])
      const speed = early.find((one) => one.type === 'speed')?.speed ?? head.speed
      log = {
        ...head,
        speed,
        format: 'dellop-call',
        version: 2,
        id: randomId(),
        startedAtMs: Date.now(),
        endedAtMs: null,
        clockZeroMs: zeroMs(now),
        // Where it was to begin, and on what stretch, was set before the music began.
        events: early.filter(isSetting).map((one) => ({ ...one, at: event.at })),
      }
    }
    log = { ...log, events: [...log.events, { ...event, at: event.at - shift }] }
    if (event.type === 'end') void finish()
    else void write()
  }

  const closing = (): void => {
    if (log && log.endedAtMs === null) keepLastBeat(log.id, now() - shift)
  }
  window.addEventListener('pagehide', closing)
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
    letGo: async () => {
      stopBeat()
      closing()
      if (log && log.endedAtMs === null) await write()
    },
    id: () => log?.id ?? null,
    close: () => {
      stopBeat()
      window.removeEventListener('pagehide', closing)
    },
  }
}

/** What is set before the music begins and holds from then on. */
const isSetting = ({ type }: CallEvent): boolean =>
  type === 'seek' || type === 'loop' || type === 'tap-unit'

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
    const isCutOff = !isOver && !(await isHeld(log.sheetId)) && !sentSoFar.has(stateOf(log))
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
