import { browserTimers } from '../app/timers.ts'
import { isMoving, type PreparedCall } from '@dellop/core/call'
import { floorFrames } from '@dellop/core/floor'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { HALL_COMMANDS, type HallCommand, type HallProgramme } from '@dellop/wire'
import { onBeforeUnmount, onMounted, watch } from 'vue'
import { api } from '../app/api.ts'
import { words } from '../words/index.ts'
import { useDevices } from './devices.ts'
import { holdLock } from './callLock.ts'
import type { Lectern } from './lectern.ts'
import { setTold } from './setTold.ts'

/** The place is told at least so often, so that a screen that computes its own never drifts. */
const TELL_MS = 1000
/** Over so many seconds the speed of the music is read from its beats. */
const RATE_SECONDS = 1

/** One window feeds the screens: what two dances tell them in turn, nobody can follow. */
const FEEDING = 'dellop-screens'

/**
 * The lectern's link to second screens, for as long as it is there: told only while they are
 * switched on, also where they were let in before this page was opened anew. Where another window
 * feeds them this one waits until that is closed.
 *
 * @returns Switches them on or off.
 */
export function useHallLink(
  lectern: Lectern,
  press: (command: HallCommand) => void,
  say: (text: string) => void,
): (isOn: boolean) => void {
  const devices = useDevices()
  let unlink: (() => void) | null = null
  function link(isOn: boolean): void {
    if (isOn === (unlink !== null)) return
    unlink?.()
    unlink = isOn ? feed() : null
    if (!isOn) devices.screensAreFed = false
  }
  function feed(): () => void {
    const gone = new AbortController()
    let end = (): void => gone.abort()
    void holdLock(FEEDING, { signal: gone.signal }).then((letGo) => {
      if (!letGo) return
      if (gone.signal.aborted) return letGo()
      const endLink = linkToHall(lectern, press, say)
      devices.screensAreFed = true
      end = () => {
        endLink()
        letGo()
      }
    })
    return () => {
      gone.abort()
      end()
    }
  }
  onMounted(() => {
    void api('hall').then(
      ({ address }) => link(address !== null),
      () => undefined,
    )
  })
  onBeforeUnmount(() => link(false))
  return link
}

/** Tells second screens where the call is, and hears what remotes press. The answer ends it. */
function linkToHall(
  lectern: Lectern,
  press: (command: HallCommand) => void,
  say: (text: string) => void,
): () => void {
  let told: PreparedCall | null = null
  let isSending = false
  let isDue = false

  async function tell(): Promise<void> {
    if (isSending) return void (isDue = true)
    isSending = true
    isDue = false
    const prepared = lectern.prepared.value
    try {
      await api('hallNews', {
        body: {
          place: placeOf(lectern),
          ...(told === prepared ? {} : { programme: programmeOf(prepared) }),
        },
      })
      told = prepared
    } catch {
      // Screens wait; the call does not.
    }
    isSending = false
    if (isDue) void tell()
  }

  const stream = new EventSource('/api/hall/commands')
  stream.onmessage = ({ data }: MessageEvent<string>) => {
    const { command } = JSON.parse(data) as { command?: HallCommand }
    if (command && HALL_COMMANDS.includes(command)) press(command)
  }
  let awayMs: number | null = null
  stream.onopen = () => {
    told = null
    void tell()
    if (awayMs !== null)
      say(words.lectern.serverBack(Math.round((browserTimers.steadyMs() - awayMs) / 1000)))
    awayMs = null
  }
  // The browser tries again by itself.
  stream.onerror = () => void (awayMs ??= browserTimers.steadyMs())
  const stopWatching = watch(
    [
      lectern.call,
      lectern.prepared,
      () => lectern.moment.value.speak,
      () => lectern.moment.value.cue,
    ],
    () => void tell(),
  )
  const stopTelling = browserTimers.every(TELL_MS, () => void tell())
  return () => {
    stream.close()
    stopWatching()
    stopTelling()
  }
}

/** Where the music is by this machine's wall clock. */
function placeOf({ call, heardTick, moment }: Lectern) {
  const [now, soon] = [heardTick(0), heardTick(RATE_SECONDS)]
  const { cue, speak } = moment.value
  return {
    state: call.value.state,
    tick: now,
    atMs: Date.now(),
    ticksPerSecond: isMoving(call.value) ? Math.max(0, (soon - now) / RATE_SECONDS) : 0,
    say: speak && cue ? cue.text : '',
  }
}

/** Numbers of all the pictures that a screen is sent. */
const MOST_NUMBERS = 60_000

function programmeOf({ sheet, cues }: PreparedCall): HallProgramme {
  const { timeline, routine, school } = sheet
  return {
    title: routine.title,
    countOf: school.count.group === 'eights' ? 8 : routine.metre.beatsPerBar,
    figures: timeline.slots
      .filter(({ lengthTicks }) => lengthTicks > 0)
      .map(({ start, end, slot, figure }) => ({
        start,
        end,
        text: words.format.slotName(slot.content, figure?.name ?? null),
      })),
    parts: timeline.passes.map(({ start, end, part, ordinal, ordinals }) => ({
      start,
      end,
      text:
        ordinals === 1 ? part.label : `${part.label}, ${words.format.ordinal(ordinal, ordinals)}`,
    })),
    sets: timeline.passes.map(({ start, end }, i) => ({ start, end, text: setTold(sheet, i) })),
    floor: sheet.track && floorFrames(sheet.track, timeline, MOST_NUMBERS),
    cues: cues.map(({ startTick, endTick, text }) => ({
      start: startTick,
      end: Math.max(endTick, startTick + TICKS_PER_BEAT / 4),
      text,
    })),
  }
}
