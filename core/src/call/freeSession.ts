import {
  heardClock,
  leastLeadSeconds,
  spokenSeconds,
  type HeardClock,
  type Voice,
} from '../cue/index.ts'
import { searchFigures, type CoupleState, type DancedFigure } from '../figure/index.ts'
import type { School } from '../school/index.ts'
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
} from '../time/index.ts'
import { isMoving, musicAt, newCall, settle, stepCall, type Call, type CallEvent } from './call.ts'
import {
  calledAs,
  calledId,
  freePhrases,
  nextFigures,
  type FreeDance,
  type FreeOffer,
  type FreePhrases,
} from './freeFigures.ts'
import type { CalledFigure } from './freeSheet.ts'
import type { ShownCue } from './session.ts'
import type { SessionEffect } from './sessionCommands.ts'
import { AHEAD_SECONDS } from './sessionMusic.ts'

/** What is called from, and to what music. Ticks count from the first step. */
export interface FreeMusic {
  readonly dance: FreeDance
  readonly metre: Metre
  readonly beatMap: BeatMap
  readonly firstStep: Tick
  readonly phrases: readonly PhraseSpan[]
  readonly school: School
  readonly voice: Voice
  /** Seconds that echo or a noisy room add to every lead. */
  readonly hallSeconds: number
}

/** A figure that was taken, where it is danced, and when it is said. */
export interface TakenFigure extends CalledFigure {
  readonly danced: DancedFigure
  readonly after: CoupleState
  readonly sayAt: TickPosition
}

/** A call without a sheet, as a value: what is offered next follows from it and a time. */
export interface FreeSession {
  readonly call: Call
  readonly taken: readonly TakenFigure[]
  /** What was typed to find a figure: a name or its initials. */
  readonly typed: string
  /** The stand-by takes the next figure by itself, just before it would be too late. */
  readonly surprise: boolean
  /** The place that the stand-by waits for; null where it waits for none. */
  readonly standsBy: FreePlace | null
  /** Cues that were given, of those that were taken the first so many. */
  readonly shown: readonly ShownCue[]
}

export type FreeCommand =
  | { readonly do: 'tick' }
  /** A moment has come that was woken for: a cue's, or the stand-by's. */
  | { readonly do: 'due'; readonly key: string; readonly due: number }
  | { readonly do: 'key' }
  | { readonly do: 'take'; readonly id: string }
  | { readonly do: 'take-way'; readonly index: number }
  | { readonly do: 'put-back' }
  | { readonly do: 'type'; readonly text: string }
  | { readonly do: 'surprise'; readonly isOn: boolean }
  | { readonly do: 'end' }

export interface FreeStep {
  readonly session: FreeSession
  readonly effects: readonly SessionEffect[]
}

const MOST_OFFERS = 6
/** The stand-by takes the next figure so long before it would be too late, in seconds. */
const SURPRISE_SECONDS = 0.6
/** Bars of music before the first step where there is no recording. */
const BARS_BEFORE = 2
/** Bars that are looked ahead for a place at which a phrase can still close. */
const MOST_BARS = 64
const SURPRISE = 'surprise'

/** @param hasRecording Whether there is one, which begins at its own beginning. */
export function newFreeSession(music: FreeMusic, hasRecording: boolean): FreeSession {
  const { beatMap, firstStep, metre } = music
  const before = Math.max(firstStep, BARS_BEFORE * ticksPerBar(metre))
  const from = hasRecording
    ? (0 as Seconds)
    : secondsAt(beatMap, (firstStep - before) as TickPosition)
  return { call: newCall(from), taken: [], typed: '', surprise: false, standsBy: null, shown: [] }
}

/**
 * The tick of the dance that is heard at a time of the clock.
 *
 * @param at Moment of the clock, in seconds.
 */
export const freePositionAt = (
  { call }: FreeSession,
  { beatMap, firstStep }: FreeMusic,
  at: number,
): TickPosition => (tickAt(beatMap, musicAt(settle(call, at), at)) - firstStep) as TickPosition

const clocks = new WeakMap<BeatMap, Map<Tick, HeardClock>>()
function heardOf({ beatMap, firstStep }: FreeMusic): HeardClock {
  const known = clocks.get(beatMap) ?? new Map<Tick, HeardClock>()
  clocks.set(beatMap, known)
  const clock = known.get(firstStep) ?? heardClock(beatMap, firstStep, 1)
  known.set(firstStep, clock)
  return clock
}

/**
 * The last tick at which a figure can be said that begins at another.
 *
 * @param at Tick at which the figure begins.
 */
export function lastMoment(music: FreeMusic, danced: DancedFigure, at: number): TickPosition {
  const heard = heardOf(music)
  const lead = leastLeadSeconds(music)
  const said = spokenSeconds(music.voice, calledAs(danced))
  return heard.tickAtHeard(heard.heardAt(at as Tick) - lead - said)
}

/** The tick at which it had best be said: with the lead that the school aims at. */
function sayingMoment(music: FreeMusic, danced: DancedFigure, at: Tick): TickPosition {
  const heard = heardOf(music)
  const target = music.school.lead.targetBeats * TICKS_PER_BEAT
  const aim = heard.heardAt(at) - heard.heardAt((at - target) as Tick)
  const lead = Math.max(leastLeadSeconds(music), aim)
  return heard.tickAtHeard(heard.heardAt(at) - lead - spokenSeconds(music.voice, calledAs(danced)))
}

/** Where the next figure begins, how the couples then stand, and what is left of the phrase. */
export interface FreePlace {
  readonly state: CoupleState
  readonly at: Tick
  readonly leftTicks: number
}

/**
 * The place of the next figure: behind all that was taken, or at the next bar at which a phrase can
 * still close; null where there is none any more.
 */
export function freePlaceAt(
  { taken }: FreeSession,
  music: FreeMusic,
  position: TickPosition,
): FreePlace | null {
  const { dance, phrases } = music
  const last = taken.at(-1)
  const state = last?.after ?? dance.start
  const end = last ? last.at + last.lengthTicks : 0
  const bar = ticksPerBar(music.metre)
  const shortest = shortestName(dance)
  const here = Math.floor(Math.max(0, position) / bar)
  const bars = Array.from({ length: MOST_BARS }, (_, i) => (here + i) * bar)
  for (const at of [end, ...bars.filter((one) => one >= end)]) {
    const phrase = phraseAt(phrases, at as TickPosition)
    const isInTime = shortest !== null && position <= lastMoment(music, shortest, at)
    if (phrase && isInTime && dance.closes(state, phrase.end - at))
      return { state, at: at as Tick, leftTicks: phrase.end - at }
  }
  return null
}

/** Whether two places are one. */
export const isSamePlace = (a: FreePlace | null, b: FreePlace | null): boolean =>
  a?.at === b?.at && a?.state === b?.state && a?.leftTicks === b?.leftTicks

const shortestName = ({ figures }: FreeDance): DancedFigure | null =>
  figures.reduce<DancedFigure | null>(
    (best, one) => (best === null || calledAs(one).length < calledAs(best).length ? one : best),
    null,
  )

const calledFigures = ({ taken }: FreeSession) => taken.map(({ danced }) => danced.figure)

/** All that may come next at a place, the likeliest first. */
export const allOffers = (
  session: FreeSession,
  { dance }: FreeMusic,
  place: FreePlace | null,
): FreeOffer[] =>
  place ? nextFigures(dance, place.state, place.leftTicks, calledFigures(session)) : []

/** The likeliest few of them, or those that answer what was typed. */
export function offersOf({ typed }: FreeSession, all: readonly FreeOffer[]): FreeOffer[] {
  if (typed === '') return all.slice(0, MOST_OFFERS)
  const figures = [...new Set(all.map(({ danced }) => danced.figure))]
  const found = searchFigures(figures, typed)
  const byName = found.flatMap((figure) => all.filter(({ danced }) => danced.figure === figure))
  const parts = typed.toLowerCase().split(/\s+/)
  const byWords = all.filter(({ danced }) => parts.every((one) => calledAs(danced).includes(one)))
  return [...new Set([...byName, ...byWords])].slice(0, MOST_OFFERS)
}

/** Whole ways to the end of the phrase. */
export const waysOf = (
  session: FreeSession,
  { dance }: FreeMusic,
  place: FreePlace | null,
): FreePhrases =>
  place
    ? freePhrases(dance, place.state, place.leftTicks, calledFigures(session))
    : { phrases: [], isCut: false }

/**
 * One command later; what means nothing now changes nothing.
 *
 * @param at The moment on the clock, in seconds.
 */
export function freeStep(
  session: FreeSession,
  music: FreeMusic,
  command: FreeCommand,
  at: number,
): FreeStep {
  const steps = new FreeSteps(session, music, at)
  steps.obey(command)
  return steps.result(session)
}

class FreeSteps {
  private readonly effects: SessionEffect[] = []

  constructor(
    private session: FreeSession,
    private readonly music: FreeMusic,
    private readonly at: number,
  ) {}

  result(before: FreeSession): FreeStep {
    const isSame = this.session === before && this.effects.length === 0
    return { session: this.session, effects: isSame ? [] : [...this.effects, this.nextWake()] }
  }

  obey(command: FreeCommand): void {
    this.endWithMusic()
    this.carryOut(command)
    this.waitAnew()
  }

  private carryOut(command: FreeCommand): void {
    switch (command.do) {
      case 'tick':
        return
      case 'due':
        return command.key === SURPRISE ? this.standBy() : this.give(command.due)
      case 'key':
        return this.theOneKey()
      case 'take':
        return this.take(command.id)
      case 'take-way':
        return this.takeWay(command.index)
      case 'put-back':
        return this.putBack()
      case 'type':
        return this.change({ typed: command.text })
      case 'surprise':
        return this.change({ surprise: command.isOn })
      case 'end':
        return this.end()
    }
  }

  private get position(): TickPosition {
    return freePositionAt(this.session, this.music, this.at)
  }
  private get place(): FreePlace | null {
    return freePlaceAt(this.session, this.music, this.position)
  }

  private change(change: Partial<FreeSession>): void {
    this.session = { ...this.session, ...change }
  }
  private apply(event: CallEvent): void {
    this.change({ call: stepCall(this.session.call, event) })
    this.effects.push({ type: 'log', event })
  }

  private endWithMusic(): void {
    const last = this.music.phrases.at(-1)
    if (isMoving(this.session.call) && last && this.position >= last.end) this.end()
  }
  private end(): void {
    if (this.session.call.state !== 'ended') this.apply({ type: 'end', at: this.at })
    this.effects.push({ type: 'stop' })
  }

  private theOneKey(): void {
    const { call } = this.session
    if (isMoving(call)) {
      this.apply({ type: 'pause', at: this.at })
      this.effects.push({ type: 'stop' })
    } else if (call.state !== 'ended') {
      const when = this.at + AHEAD_SECONDS
      this.apply({ type: 'start', at: when, countInSeconds: 0 })
      this.effects.push({ type: 'play', music: call.music, when, rate: call.speed })
    }
  }

  /** Takes a figure for the next place, if it can still be said. */
  private take(id: string): void {
    const offer = allOffers(this.session, this.music, this.place).find(
      ({ danced }) => calledId(danced) === id,
    )
    if (offer) this.takeOffer(offer)
  }

  private takeOffer({ danced, after }: FreeOffer): void {
    const { place, music } = this
    if (!place || this.position > lastMoment(music, danced, place.at)) return
    const { at } = place
    const lengthTicks = danced.lengthTicks as Tick
    const sayAt = sayingMoment(music, danced, at)
    const { figure, variation } = danced
    const one = { danced, after, figureId: figure.id, variation, at, lengthTicks, sayAt }
    this.change({ taken: [...this.session.taken, one], typed: '' })
  }

  private takeWay(index: number): void {
    const way = waysOf(this.session, this.music, this.place).phrases[index]
    for (const danced of way?.figures ?? []) {
      const all = allOffers(this.session, this.music, this.place)
      const offer = all.find((one) => one.danced === danced)
      if (!offer) return
      this.takeOffer(offer)
    }
  }

  /** The last that was taken and is not said yet is put back. */
  private putBack(): void {
    const last = this.session.taken.at(-1)
    if (last && this.position < last.sayAt) this.change({ taken: this.session.taken.slice(0, -1) })
  }

  /** As the music goes on the next place moves on: the stand-by waits for that one then. */
  private waitAnew(): void {
    const place = this.session.surprise ? this.place : null
    if (!isSamePlace(place, this.session.standsBy)) this.change({ standsBy: place })
  }

  private standBy(): void {
    const best = this.bestInTime()
    if (this.session.surprise && best) this.takeOffer(best)
  }
  /** The likeliest that can still be said. */
  private bestInTime(): FreeOffer | undefined {
    const { place, position, music } = this
    return allOffers(this.session, music, place).find(
      ({ danced }) => position <= lastMoment(music, danced, place!.at),
    )
  }

  private give(due: number): void {
    const next = this.session.taken[this.session.shown.length]
    if (!next || !isMoving(this.session.call)) return
    const key = `${next.figureId}@${next.at}`
    const text = calledAs(next.danced)
    const tick = Math.round(next.sayAt) as Tick
    this.apply({ type: 'cue', at: this.at, key, text, tick, due })
    const shown = { key, text, plannedAt: due, shownAt: this.at }
    this.change({ shown: [...this.session.shown, shown] })
    this.effects.push({ type: 'say', text, at: due }, { type: 'show', key })
  }

  /** The nearer of the next cue's moment and the stand-by's. */
  private nextWake(): SessionEffect {
    const wakes = [this.cueWake(), this.standByWake()].filter((one) => one !== null)
    const [next] = wakes.sort((a, b) => a.at - b.at)
    return next ? { type: 'wake', ...next } : { type: 'sleep' }
  }
  private cueWake(): Wake | null {
    const next = this.session.taken[this.session.shown.length]
    return next ? this.wakeFor(next.sayAt, 'cue') : null
  }
  private standByWake(): Wake | null {
    const { place } = this
    const best = this.session.surprise ? this.bestInTime() : undefined
    if (!best || !place) return null
    return this.wakeFor(lastMoment(this.music, best.danced, place.at), SURPRISE, SURPRISE_SECONDS)
  }
  private wakeFor(tick: TickPosition, key: string, before = 0): Wake | null {
    const { call } = this.session
    if (!isMoving(call)) return null
    const { beatMap, firstStep } = this.music
    const music = secondsAt(beatMap, (tick + firstStep) as TickPosition)
    return { at: Math.max(this.at, call.since + (music - call.music) / call.speed - before), key }
  }
}

interface Wake {
  readonly at: number
  readonly key: string
}
