/**
 * The units of the whole core. Musical time is held in ticks, asked about in tick positions, and
 * turned into seconds only by a beat map. The brands keep ticks, beats, seconds and bars from being
 * mixed by accident.
 */

declare const unit: unique symbol
type Unit<Name extends string> = number & { readonly [unit]: Name }

/**
 * A whole number of ticks; 24 ticks are one beat. Negative before the first downbeat (a pick-up).
 */
export type Tick = Unit<'tick'>
/** A real position in ticks, as an answer to a question in seconds. Never stored. */
export type TickPosition = Tick | Unit<'tickPosition'>
/**
 * What dancers count: the crotchet in 3/4 and 4/4, the minim in cut time, the dotted crotchet in a
 * jig.
 */
export type Beats = Unit<'beats'>
/** Seconds of the recording, or of heard time where the name says so. */
export type Seconds = Unit<'seconds'>
/** Whole bars. */
export type Bars = Unit<'bars'>

/** Ticks in one beat: holds halves, thirds, quarters, eighths and twelfths exactly. */
export const TICKS_PER_BEAT = 24

/**
 * A tick from a whole number. Throws on a fraction: a document never holds one.
 *
 * @param value A whole number.
 */
export function tick(value: number): Tick {
  if (!Number.isInteger(value)) throw new RangeError(`a tick is a whole number, not ${value}`)
  return value as Tick
}

/**
 * A position in ticks from any finite number.
 *
 * @param value Any finite number.
 */
export const tickPosition = (value: number): TickPosition => value as TickPosition
/**
 * Seconds from any finite number.
 *
 * @param value Any finite number.
 */
export const seconds = (value: number): Seconds => value as Seconds
/**
 * Beats from any finite number.
 *
 * @param value Any finite number.
 */
export const beats = (value: number): Beats => value as Beats

/** Beats of a tick position. */
export const beatsOfTicks = (ticks: TickPosition): Beats => (ticks / TICKS_PER_BEAT) as Beats

/**
 * Ticks of a number of beats. Throws when the beats do not fall on a tick (a fifth of a beat, say).
 *
 * @param value Beats, in halves, thirds, quarters or eighths.
 */
export function ticksOfBeats(value: number): Tick {
  const exact = value * TICKS_PER_BEAT
  const whole = Math.round(exact)
  if (Math.abs(exact - whole) > 1e-6) throw new RangeError(`${value} beats do not fall on a tick`)
  return whole as Tick
}
