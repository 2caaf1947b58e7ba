import { z } from 'zod'
import type { Reader } from '../reader.ts'

/** Places on, or a part of the whole as numerator and denominator. */
export const partSchema = z.tuple([z.int().min(1).max(64), z.int().min(1).max(8)]).readonly()
export type Part = z.infer<typeof partSchema>
export const placesOn = z.int().min(-16).max(32)
export const SIDES = ['left', 'right'] as const
export type Side = (typeof SIDES)[number]

/** `3`, `1/2`, `1 1/2`, `halfway`, `once`, `twice`: places or a part; null where none is said. */
export function readAmount(reader: Reader): { places: number } | { part: Part } | null {
  const mixed = reader.take(/(\d{1,2}) (\d)\/(\d)/)
  if (mixed) {
    const [whole, top, bottom] = mixed.slice(1).map(Number) as [number, number, number]
    return bottom === 0 ? null : { part: [whole * bottom + top, bottom] }
  }
  const fraction = reader.take(/(\d{1,2})\/(\d)/)
  if (fraction && fraction[2] !== '0') return { part: [Number(fraction[1]), Number(fraction[2])] }
  if (reader.take(/halfway/)) return { part: [1, 2] }
  if (reader.take(/once/)) return { part: [1, 1] }
  if (reader.take(/twice/)) return { part: [2, 1] }
  const places = reader.take(/-?\d{1,2}/)
  return places ? { places: Number(places[0]) } : null
}
/** A part of the whole: a whole number is that many times. */
export function readPart(reader: Reader): Part | null {
  const amount = readAmount(reader)
  if (!amount) return null
  if ('part' in amount) return amount.part
  return amount.places > 0 ? [amount.places, 1] : null
}

/** `1/2`, `1 1/2`, `2`. */
export function partText([top, bottom]: Part): string {
  const [whole, rest] = [Math.floor(top / bottom), top % bottom]
  if (rest === 0 && bottom === 1) return String(whole)
  return whole > 0 && rest > 0 ? `${whole} ${rest}/${bottom}` : `${top}/${bottom}`
}
/** As `partText`, but once and twice where a bare number would be places. */
export const roundsText = (part: Part): string =>
  part[1] === 1 && part[0] === 1
    ? 'once'
    : part[1] === 1 && part[0] === 2
      ? 'twice'
      : part[1] === 1
        ? `${part[0]}/1`
        : partText(part)
export const valueOf = ([top, bottom]: Part): number => top / bottom
/** Half of it, in lowest terms. */
export function halfPart([top, bottom]: Part): Part {
  return top % 2 === 0 ? [top / 2, bottom] : [top, bottom * 2]
}
export const otherSide = <One extends string>(side: One): One =>
  (side === 'left' ? 'right' : side === 'right' ? 'left' : side) as One
