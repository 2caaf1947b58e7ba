import {
  freePhrases,
  isMoving,
  musicAt,
  newCall,
  nextFigures,
  settle,
  stepCall,
  type Call,
  type CallEvent,
  type CalledFigure,
  type FreeDance,
  type FreeOffer,
  type FreePhrases,
  type ShownCue,
} from '@dellop/core/call'
import { heardClock, leastLeadSeconds, spokenSeconds, type Voice } from '@dellop/core/cue'
import { searchFigures, type DancedFigure, type CoupleState } from '@dellop/core/figure'
import type { School } from '@dellop/core/school'
import {
  phraseAt,
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  ticksPerBar,
  type BeatMap,
  type Metre,
  type PhraseSpan,
  type Seconds,
  type Tick,
  type TickPosition,
} from '@dellop/core/time'
import { computed, shallowRef, watch } from 'vue'
import { SCHEDULE_AHEAD_SECONDS, type Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'

/** What is called from, and to what music. Ticks count from the first step. */
export interface FreeMusic {
  readonly dance: FreeDance
  readonly metre: Metre
  readonly beatMap: BeatMap
  readonly firstStep: Tick
  readonly phrases: readonly PhraseSpan[]
  readonly school: School
  readonly voice: Voice
  readonly hallSeconds: number
  readonly clock: Clock
  readonly player: Player | null
  readonly onEvent: (event: CallEvent) => void
}

/** A figure that was taken, where it is danced, and when it is said. */
export interface TakenFigure extends CalledFigure {
  readonly danced: DancedFigure
  readonly after: CoupleState
  readonly sayAt: TickPosition
}

const MOST_OFFERS = 6
/** The stand-by takes the next figure so long before it would be too late, in seconds. */
const SURPRISE_SECONDS = 0.6
/** Bars of music before the first step where there is no recording. */
const BARS_BEFORE = 2

/** Calling without a sheet: what may come next from here, taken by a key in time for its cue. */
export function useFree(music: FreeMusic) {
  const { dance, clock, phrases, beatMap, firstStep, voice, player } = music
  const heard = heardClock(beatMap, firstStep, 1)
  const bar = ticksPerBar(music.metre)
  const from = secondsAt(
    beatMap,
    (firstStep - Math.max(firstStep, BARS_BEFORE * bar)) as TickPosition,
  )
  const call = shallowRef<Call>(newCall(player ? (0 as Seconds) : from))
  const position = shallowRef<TickPosition>(
    (tickAt(beatMap, call.value.music) - firstStep) as TickPosition,
  )
  const taken = shallowRef<readonly TakenFigure[]>([])
  const typed = shallowRef('')
  const surprise = shallowRef(false)
  const shown: ShownCue[] = []
  let cancelWake: (() => void) | null = null
  let cancelSurprise: (() => void) | null = null

  const lead = leastLeadSeconds({ school: music.school, hallSeconds: music.hallSeconds })
  /** The last tick at which a figure can be said that begins at another. */
  const lastMoment = (danced: DancedFigure, at: number): TickPosition =>
    heard.tickAtHeard(heard.heardAt(at as Tick) - lead - spokenSeconds(voice, danced.figure.name))
  const sayingMoment = (danced: DancedFigure, at: number): TickPosition => {
    const aim = Math.max(
      lead,
      heard.heardAt(at as Tick) -
        heard.heardAt((at - music.school.lead.targetBeats * TICKS_PER_BEAT) as Tick),
    )
    return heard.tickAtHeard(
      heard.heardAt(at as Tick) - aim - spokenSeconds(voice, danced.figure.name),
    )
  }
  const shortest = dance.figures.reduce<DancedFigure | null>(
    (best, one) => (best === null || one.figure.name.length < best.figure.name.length ? one : best),
    null,
  )

  /**
   * How the floor stands after all that was taken, and where the next figure begins: behind it, or
   * at the next place at which a phrase can still close.
   */
  const place = shallowRef<{
    readonly state: CoupleState
    readonly at: Tick
    readonly leftTicks: number
  } | null>(null)
  function findPlace(): void {
    const last = taken.value.at(-1)
    const state = last?.after ?? dance.start
    const end = last ? last.at + last.lengthTicks : 0
    const isInTime = (at: number): boolean =>
      shortest !== null && position.value <= lastMoment(shortest, at)
    const bars = Array.from(
      { length: 64 },
      (_, i) => (Math.floor(Math.max(0, position.value) / bar) + i) * bar,
    ).filter((at) => at >= end)
    const found = [end, ...bars].find((at) => {
      const phrase = phraseAt(phrases, at as TickPosition)
      return phrase !== null && isInTime(at) && dance.closes(state, phrase.end - at)
    })
    const phrase = found === undefined ? null : phraseAt(phrases, found as TickPosition)
    const next = phrase ? { state, at: found as Tick, leftTicks: phrase.end - found! } : null
    if (
      next?.at !== place.value?.at ||
      next?.state !== place.value?.state ||
      next?.leftTicks !== place.value?.leftTicks
    )
      place.value = next
  }

  const calledFigures = computed(() => taken.value.map(({ danced }) => danced.figure))
  const allOffers = computed((): FreeOffer[] =>
    place.value
      ? nextFigures(dance, place.value.state, place.value.leftTicks, calledFigures.value)
      : [],
  )
  /** The likeliest few, or those that answer what was typed: a name or its initials. */
  const offers = computed((): FreeOffer[] => {
    if (typed.value === '') return allOffers.value.slice(0, MOST_OFFERS)
    const found = searchFigures(
      allOffers.value.map(({ danced }) => danced.figure),
      typed.value,
    )
    return found
      .slice(0, MOST_OFFERS)
      .map((figure) => allOffers.value.find(({ danced }) => danced.figure === figure)!)
  })
  /** Whole ways to the end of this phrase. */
  const ways = computed((): FreePhrases =>
    place.value
      ? freePhrases(dance, place.value.state, place.value.leftTicks, calledFigures.value)
      : { phrases: [], isCut: false },
  )

  function draw(): void {
    const now = clock.now()
    call.value = settle(call.value, now)
    position.value = (tickAt(beatMap, musicAt(call.value, now)) - firstStep) as TickPosition
    findPlace()
    if (!isMoving(call.value)) return
    if (position.value >= phrases.at(-1)!.end) end()
  }

  /**
   * The stand-by takes the next figure by itself, just before it would be too late; it does not
   * wait for a frame.
   */
  function standBy(): void {
    cancelSurprise?.()
    cancelSurprise = null
    const now = call.value
    const [best] = allOffers.value
    if (!surprise.value || !isMoving(now) || !best || !place.value) return
    const latest =
      now.since +
      (secondsAt(beatMap, (lastMoment(best.danced, place.value.at) + firstStep) as TickPosition) -
        now.music) /
        now.speed
    cancelSurprise = clock.wakeAt(Math.max(clock.now(), latest - SURPRISE_SECONDS), () => {
      position.value = (tickAt(beatMap, musicAt(call.value, clock.now())) -
        firstStep) as TickPosition
      take(best)
    })
  }
  watch([surprise, place, call], standBy, { flush: 'sync' })

  /** Takes a figure for the next place, if it can still be said. */
  function take({ danced, after }: FreeOffer): void {
    if (!place.value || position.value > lastMoment(danced, place.value.at)) return
    const { at } = place.value
    taken.value = [
      ...taken.value,
      {
        danced,
        after,
        figureId: danced.figure.id,
        at,
        lengthTicks: danced.lengthTicks as Tick,
        sayAt: sayingMoment(danced, at),
      },
    ]
    typed.value = ''
    findPlace()
    schedule()
  }

  function takeWay(index: number): void {
    const way = ways.value.phrases[index]
    for (const danced of way?.figures ?? []) {
      const offer = allOffers.value.find((one) => one.danced === danced) ?? null
      if (offer) take(offer)
      else return
    }
  }

  /** The last that was taken and is not said yet is put back. */
  function putBack(): void {
    const last = taken.value.at(-1)
    if (!last || position.value >= last.sayAt) return
    taken.value = taken.value.slice(0, -1)
    findPlace()
    schedule()
  }

  /** Wakes at the moment of the next cue, exactly. */
  function schedule(): void {
    cancelWake?.()
    cancelWake = null
    const now = call.value
    if (!isMoving(now)) return
    const next = taken.value[shown.length]
    if (!next) return
    const at = Math.max(
      clock.now(),
      now.since +
        (secondsAt(beatMap, (next.sayAt + firstStep) as TickPosition) - now.music) / now.speed,
    )
    cancelWake = clock.wakeAt(at, () => {
      const text = next.danced.figure.name
      shown.push({ key: `${next.figureId}@${next.at}`, text, plannedAt: at, shownAt: clock.now() })
      dispatch({
        type: 'cue',
        at: clock.now(),
        key: `${next.figureId}@${next.at}`,
        text,
        tick: Math.round(next.sayAt) as Tick,
      })
      draw()
      schedule()
    })
  }

  function dispatch(event: CallEvent): void {
    call.value = stepCall(call.value, event)
    music.onEvent(event)
  }

  function key(): void {
    const now = clock.now() + SCHEDULE_AHEAD_SECONDS
    if (isMoving(call.value)) {
      dispatch({ type: 'pause', at: clock.now() })
      player?.stop()
    } else if (call.value.state !== 'ended') {
      dispatch({ type: 'start', at: now, countInSeconds: 0 })
      player?.play(call.value.music, now, call.value.speed)
    }
    schedule()
    draw()
  }

  function end(): void {
    cancelWake?.()
    cancelSurprise?.()
    if (call.value.state !== 'ended') dispatch({ type: 'end', at: clock.now() })
    player?.stop()
  }

  /** What is danced now, and what was taken to come. */
  const dancing = computed(
    () =>
      taken.value.find(
        ({ at, lengthTicks }) => position.value >= at && position.value < at + lengthTicks,
      ) ?? null,
  )
  const coming = computed(() => taken.value.filter(({ at }) => at > position.value))

  return {
    call,
    position,
    taken,
    typed,
    surprise,
    offers,
    ways,
    place,
    dancing,
    coming,
    shown,
    draw,
    take,
    takeWay,
    putBack,
    key,
    end,
    lastMoment,
    close: end,
  }
}
export type FreeCall = ReturnType<typeof useFree>
