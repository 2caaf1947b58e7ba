import type { PreparedCall } from '../call/index.ts'
import { soundOf, soundsLike } from '../cue/index.ts'
import type { DancedSlot } from '../routine/index.ts'
import { memoised } from '../document/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import { secondsOf } from './expected.ts'
import { drawn, normal } from './random.ts'

/**
 * How dancers of a floor are. All of it is an estimate for practising, and none is claimed as
 * science.
 */
export interface FloorSettings {
  /** Dancers, or couples where they move as one; 1 to 200. */
  readonly dancers: number
  /** Share of the cues that are understood over the music, 0 to 1. */
  readonly hearing: number
  /** Seconds from the end of a cue until somebody moves: the middle, and its spread (log-normal). */
  readonly reactionSeconds: number
  readonly reactionSpread: number
  /** What is left to learn after each time a part was danced: 0.75 forgets three quarters. */
  readonly forgetting: number
  /** Times that the group has danced the whole of it before; 0 or more. */
  readonly before: number
}
export const USUAL_FLOOR: FloorSettings = {
  dancers: 16,
  hearing: 0.95,
  reactionSeconds: 0.28,
  reactionSpread: 0.25,
  forgetting: 0.75,
  before: 0,
}

/** A cue as the floor heard it: which figure it called, and when it ended. */
export interface HeardCue {
  readonly slotKey: string
  /** Heard seconds from the first step. */
  readonly end: number
}

export const DEEDS = ['right', 'early', 'late', 'other', 'standing', 'out'] as const
/** What a dancer does: the right thing, early, late, another figure, nothing, or on the other foot. */
export type Deed = (typeof DEEDS)[number]

/** One figure as the floor danced it. */
export interface FloorSlot {
  readonly slotKey: string
  readonly start: number
  readonly end: number
  /** What each dancer did with it. */
  readonly deeds: readonly Deed[]
  /** When each came in, in seconds; the start for who was right, Infinity for who did not. */
  readonly joined: readonly number[]
  /** Share of the dancers who danced it rightly, by the time they did. */
  readonly right: number
}
export interface FloorRun {
  readonly slots: readonly FloorSlot[]
  /** Share of the whole dance that was danced rightly. */
  readonly right: number
}

export interface FloorWish {
  readonly settings?: FloorSettings
  /** Any whole number: the same gives the same floor. */
  readonly seed: number
  /** Keys of the slots with which all are brought back in, as the cuer's ways back do. */
  readonly anew?: ReadonlySet<string>
}

/** A cue that ends more beats ahead than this sends some off before their time. */
const PATIENT_BEATS = 2
const EARLY_A_BEAT = 0.12
const EARLY_MOST = 0.6
/** Who stands looks to somebody who is right for so many beats, and follows one time in two. */
const LOOKS_BEATS = 2
const FOLLOWS = 0.5
/** Who does not understand may do the figure that sounds like it. */
const TAKES_OTHER = 0.5
/** Seconds of the figure before that one leaves out who goes early: about a beat. */
const HURRY = 0.5
/** Draws are told apart by what they are for. */
const FOR = { hears: 3, reaction: 4, memory: 5, early: 6, other: 7, follows: 8 } as const

/**
 * What a hall would have done, had cues ended at these moments. A pure function: each dancer hears or
 * does not, reacts after a while, remembers more each time through, and does the right thing, goes
 * early, hesitates, does another figure, stands, or follows one who is right. Who is on the other
 * foot stays out until a figure that takes either foot, the start of a phrase with a cue in time, or
 * a way back in.
 */
export function simulateFloor(
  call: PreparedCall,
  heard: readonly HeardCue[],
  { settings = USUAL_FLOOR, seed, anew = new Set() }: FloorWish,
): FloorRun {
  const cues = new Map(heard.map((cue) => [cue.slotKey, cue]))
  const { slots, starts, alike } = factsOf(call)
  const danced = new Map<string, number>()
  const state: Deed[] = Array.from({ length: settings.dancers }, () => 'right' as const)
  const told = slots.map(({ slot, start, end }, index): FloorSlot => {
    const times = danced.get(slot.slot.id) ?? 0
    danced.set(slot.slot.id, times + 1)
    const beat = (end - start) / (slot.lengthTicks / TICKS_PER_BEAT)
    const at: Moment = {
      index,
      start,
      end,
      beat,
      cue: cues.get(slot.key)?.end ?? null,
      known: 1 - settings.forgetting ** (times + settings.before),
      isFirst: index === 0,
      isAnew: anew.has(slot.key),
      isClear: starts.has(slot.start) || takesEitherFoot(slot),
      hasLookAlike: alike.has(slot.slot.id),
    }
    const own = state.map((before, dancer) => deedOf(at, before, dancer, settings, seed))
    const isRightThere = own.some(({ deed }) => deed === 'right' || deed === 'early')
    const all = own.map((one, dancer) => followed(at, one, dancer, isRightThere, seed))
    all.forEach(({ after }, dancer) => (state[dancer] = after))
    const length = Math.max(1e-9, end - start)
    const shares = all.map(({ joins }) => Math.max(0, end - Math.max(start, joins)) / length)
    return {
      slotKey: slot.key,
      start,
      end,
      deeds: all.map(({ deed }) => deed),
      joined: all.map(({ joins }) => joins),
      right: mean(shares),
    }
  })
  const slotsTold = withoutHurry(told)
  const length = slotsTold.reduce((sum, one) => sum + one.end - one.start, 0)
  const right = slotsTold.reduce((sum, one) => sum + one.right * (one.end - one.start), 0)
  return { slots: slotsTold, right: length === 0 ? 1 : right / length }
}

/** Who goes early leaves out the last beat of the figure before. */
function withoutHurry(told: readonly FloorSlot[]): FloorSlot[] {
  return told.map((slot, i) => {
    const next = told[i + 1]
    if (!next) return slot
    const length = slot.end - slot.start
    const lost = next.deeds.filter(
      (deed, dancer) => deed === 'early' && slot.joined[dancer]! < slot.end,
    ).length
    const share = lost / Math.max(1, slot.deeds.length)
    return { ...slot, right: Math.max(0, slot.right - (share * Math.min(HURRY, length)) / length) }
  })
}

/** What does not change from one run of a call to the next. */
const factsOf = memoised((call: PreparedCall) => {
  const { timeline, phrases } = call.sheet
  const slots = timeline.slots.filter(({ lengthTicks }) => lengthTicks > 0)
  return {
    slots: slots.map((slot) => ({
      slot,
      start: secondsOf(call, slot.start),
      end: secondsOf(call, slot.end),
    })),
    starts: new Set(phrases.map(({ start }) => start as number)),
    alike: lookAlikes(slots),
  }
})

interface Moment {
  readonly index: number
  readonly start: number
  readonly end: number
  readonly beat: number
  /** When its cue ended; null where none was said. */
  readonly cue: number | null
  /** Chance to know it without a cue. */
  readonly known: number
  readonly isFirst: boolean
  readonly isAnew: boolean
  /** Somebody on the other foot can come in here. */
  readonly isClear: boolean
  readonly hasLookAlike: boolean
}
interface Done {
  readonly deed: Deed
  /** From when it is right; Infinity where it never is. */
  readonly joins: number
  /** How the dancer stands afterwards. */
  readonly after: Deed
}

function deedOf(
  at: Moment,
  before: Deed,
  dancer: number,
  settings: FloorSettings,
  seed: number,
): Done {
  const chance = (what: number): number => drawn(seed, what, at.index, dancer)
  const reaction = (): number =>
    settings.reactionSeconds *
    Math.exp(settings.reactionSpread * normal(seed, FOR.reaction, at.index, dancer))
  const hears = at.cue !== null && chance(FOR.hears) < settings.hearing
  const remembers = chance(FOR.memory) < at.known
  const ready = hears ? at.cue! + reaction() : Infinity
  const isLost = before !== 'right' && !at.isAnew
  // On the other foot: only a clear beginning, told in time, brings one in.
  if (before === 'out' && !at.isAnew && !(at.isClear && (ready <= at.start || remembers)))
    return { deed: 'out', joins: Infinity, after: 'out' }
  if (
    at.isFirst ||
    (at.isAnew && ready <= at.start) ||
    ready <= at.start ||
    (!isLost && remembers)
  ) {
    const ahead = at.cue === null ? 0 : (at.start - at.cue) / at.beat - PATIENT_BEATS
    const hurries = !remembers && chance(FOR.early) < Math.min(EARLY_MOST, EARLY_A_BEAT * ahead)
    return { deed: hurries ? 'early' : 'right', joins: at.start, after: 'right' }
  }
  if (hears) {
    // Late: stands until the next strong beat, then joins where the free foot allows it.
    const beats = Math.ceil((ready - at.start) / at.beat / 2) * 2
    const joins = at.start + beats * at.beat
    return joins < at.end
      ? { deed: 'late', joins, after: 'right' }
      : { deed: 'standing', joins: Infinity, after: 'standing' }
  }
  if (at.cue !== null && at.hasLookAlike && !isLost && chance(FOR.other) < TAKES_OTHER)
    return { deed: 'other', joins: Infinity, after: 'out' }
  return { deed: 'standing', joins: Infinity, after: 'standing' }
}

/** Who stands, or would come in later, and sees somebody who is right, follows one time in two. */
function followed(at: Moment, own: Done, dancer: number, isRight: boolean, seed: number): Done {
  const joins = at.start + LOOKS_BEATS * at.beat
  const waits = own.deed === 'standing' || (own.deed === 'late' && own.joins > joins)
  const may = waits && isRight && joins < at.end
  return may && drawn(seed, FOR.follows, at.index, dancer) < FOLLOWS
    ? { deed: 'late', joins, after: 'right' }
    : own
}

const takesEitherFoot = ({ figure }: DancedSlot): boolean =>
  figure === null || figure.entry.strictness.feet === 'soft'

/** Slots whose words sound like those of another figure of the dance. */
function lookAlikes(slots: readonly DancedSlot[]): ReadonlySet<string> {
  const named = [...new Map(slots.map((slot) => [slot.slot.id, slot])).values()]
  const sounds = named.map(({ slot, figure }) => ({
    id: slot.id,
    figure: figure?.id ?? slot.id,
    sound: soundOf(figure?.name ?? (slot.content.type === 'words' ? slot.content.text : '')),
  }))
  return new Set(
    sounds
      .filter((one) =>
        sounds.some((other) => other.figure !== one.figure && soundsLike(one.sound, other.sound)),
      )
      .map(({ id }) => id),
  )
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 1 : values.reduce((sum, one) => sum + one, 0) / values.length
