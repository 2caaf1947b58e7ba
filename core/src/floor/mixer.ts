/**
 * Partners in a ring mixer. Couples stand round a ring numbered in the line of dance; in each pass
 * the leads move on by some places and the follows by some. Only the difference changes who meets
 * whom.
 */
export interface MixerShift {
  readonly lead: number
  readonly follow: number
}

const wrap = (n: number, couples: number): number => ((n % couples) + couples) % couples

/**
 * Whom the lead of couple `lead` (from 0) dances with after these shifts: the number of the follow,
 * from 0. `couples` is 1 or more.
 *
 * @param lead Number of the couple, from 0.
 * @param couples How many there are, 1 or more.
 */
export function partnerAfter(lead: number, shifts: readonly MixerShift[], couples: number): number {
  const apart = shifts.reduce((sum, shift) => sum + shift.lead - shift.follow, 0)
  return wrap(lead + apart, couples)
}

/**
 * After how many passes of the same relative shift the first partner returns: 8 couples by 1 after
 * 8, by 2 after 4, by 3 after 8. Null where nobody moves.
 *
 * @param couples How many there are, 1 or more.
 * @param relativeShift Places by which leads and follows move apart in a pass.
 */
export function passesUntilPartner(couples: number, relativeShift: number): number | null {
  const shift = wrap(relativeShift, couples)
  if (shift === 0) return relativeShift === 0 ? null : 1
  return couples / gcd(couples, shift)
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
