import type { HallCommand, HallPlace, HallProgramme, HallRight } from '@dellop/wire'
import { onScopeDispose, ref, shallowRef } from 'vue'
import { browserTimers } from '../app/timers.ts'

const STORED = 'dellop-screen'
/** Tries from which the quickest gives the difference of the two clocks. */
const CLOCK_TRIES = 8
const CLOCK_AGAIN_MS = 30_000
const AGAIN_AFTER_MS = 1500

/** Digits may be typed in any groups; what a camera has read is taken as it is. */
const tidy = (code: string): string => (/^[\d\s.-]*$/.test(code) ? code.replace(/\D/g, '') : code)
/** News that seem so much older, or younger, than they can be: one of the clocks was set. */
const CLOCK_SET_MS = 2000

export type HallState = 'out' | 'coming' | 'in' | 'away'

/**
 * What a second screen knows: the programme, and the place it computes for itself from what it was
 * last told.
 */
export function hallSource() {
  const state = ref<HallState>('out')
  const failure = ref('')
  const right = ref<HallRight>('see')
  const programme = shallowRef<HallProgramme | null>(null)
  const place = shallowRef<HallPlace | null>(null)
  let token = sessionStorage.getItem(STORED) ?? ''
  /** Milliseconds that the lectern's machine is ahead of this one. */
  let aheadMs = 0
  let stream: EventSource | null = null
  let callOffAgain = (): void => undefined

  async function ask(path: string, body?: unknown): Promise<Response> {
    return fetch(`/screen/${path}`, {
      method: body === undefined ? 'GET' : 'POST',
      headers: {
        Authorization: `Bearer ${token}`,
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    })
  }

  async function pair(code: string): Promise<void> {
    failure.value = ''
    state.value = 'coming'
    try {
      const answer = await ask('pair', { code: tidy(code) })
      const json = (await answer.json()) as { token?: string; right?: HallRight; detail?: string }
      if (!answer.ok || !json.token) throw new Error(json.detail ?? '')
      token = json.token
      right.value = json.right ?? 'see'
      sessionStorage.setItem(STORED, token)
      sessionStorage.setItem(`${STORED}-right`, right.value)
      listen()
    } catch (error) {
      failure.value = (error as Error).message
      state.value = 'out'
    }
  }

  /** The difference of the clocks: of several tries the one that was quickest there and back. */
  async function measureClock(): Promise<void> {
    let best = Infinity
    for (let n = 0; n < CLOCK_TRIES; n++) {
      const sent = Date.now()
      const answer = await ask('time').catch(() => null)
      if (!answer?.ok) return
      const { nowMs } = (await answer.json()) as { nowMs: number }
      const trip = Date.now() - sent
      if (trip >= best) continue
      best = trip
      aheadMs = nowMs - (sent + trip / 2)
    }
  }

  function listen(): void {
    stream?.close()
    stream = new EventSource(`/screen/stream?token=${encodeURIComponent(token)}`)
    stream.onopen = () => {
      state.value = 'in'
      void measureClock()
    }
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const news = JSON.parse(data) as { programme?: HallProgramme; place?: HallPlace }
      if (news.programme) programme.value = news.programme
      if (!news.place) return
      place.value = news.place
      // A lectern that tells where it is tells it now.
      if (Math.abs(Date.now() + aheadMs - news.place.atMs) > CLOCK_SET_MS) void measureClock()
    }
    // The browser tries again by itself while the address answers; a refusal means that the screen
    // was sent away.
    stream.onerror = () => {
      state.value = 'away'
      if (stream?.readyState === EventSource.CLOSED)
        callOffAgain = browserTimers.after(AGAIN_AFTER_MS, () => void again())
    }
  }

  async function again(): Promise<void> {
    const answer = await ask('time').catch(() => null)
    if (answer?.status === 403) {
      sessionStorage.removeItem(STORED)
      state.value = 'out'
    } else listen()
  }

  if (token !== '') {
    right.value = sessionStorage.getItem(`${STORED}-right`) === 'control' ? 'control' : 'see'
    state.value = 'coming'
    listen()
  }
  const endMeasures = browserTimers.every(
    CLOCK_AGAIN_MS,
    () => void (state.value === 'in' && measureClock()),
  )
  onScopeDispose(() => {
    endMeasures()
    callOffAgain()
    stream?.close()
  })

  return {
    state,
    failure,
    right,
    programme,
    place,
    pair,
    /** The tick of the dance now. */
    tick: (): number => {
      const now = place.value
      return now ? now.tick + ((Date.now() + aheadMs - now.atMs) / 1000) * now.ticksPerSecond : 0
    },
    press: async (command: HallCommand): Promise<boolean> =>
      (await ask('press', { command }).catch(() => null))?.ok ?? false,
  }
}
