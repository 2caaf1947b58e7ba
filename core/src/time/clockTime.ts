export const DAY_MINUTES = 24 * 60

/** Minutes after midnight of a time such as 19:30. */
export function minutesOfClock(clock: string): number {
  const [hours, minutes] = clock.split(':').map(Number) as [number, number]
  return hours * 60 + minutes
}
/**
 * A time of the day from minutes after midnight; past midnight it begins anew.
 *
 * @param minutes After midnight.
 */
export function clockOfMinutes(minutes: number): string {
  const whole = ((Math.round(minutes) % DAY_MINUTES) + DAY_MINUTES) % DAY_MINUTES
  const two = (n: number): string => String(n).padStart(2, '0')
  return `${two(Math.floor(whole / 60))}:${two(whole % 60)}`
}
