import { memoised } from '../document/index.ts'
import type { School } from './school.ts'

/**
 * The school with its bars counted from another count; the same where none is said.
 *
 * @param from Count of the bar on which figures begin, 1 to 4.
 */
export const countedFrom = (school: School, from: number | undefined): School =>
  from === undefined || from === school.count.countFrom ? school : shifted(school)(from)

/** One school is shifted once, so that what is kept for it stays. */
const shifted = memoised((school: School) => {
  const known = new Map<number, School>()
  return (countFrom: number): School => {
    const before = known.get(countFrom)
    const now = before ?? { ...school, count: { ...school.count, countFrom } }
    known.set(countFrom, now)
    return now
  }
})
