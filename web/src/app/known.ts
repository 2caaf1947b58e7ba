import { logbookOf, weeksUntilDue } from '@dellop/core/logbook'
import { api } from './api.ts'
import { dancedFrom } from './danced.ts'

/**
 * How often the group has danced a sheet before: as the cuer has set it on this machine, or else as
 * the logbook has it. Page and lectern go by the same, also without the server.
 */
const keyOf = (sheetId: string): string => `dellop-known-${sheetId}`
const loggedKeyOf = (sheetId: string): string => `dellop-logged-${sheetId}`

function keptAs(key: string): number | null {
  const text = localStorage.getItem(key)
  const value = Number(text)
  return text !== null && Number.isInteger(value) && value >= 0 ? value : null
}

/** What was set by hand; null where that is left to the logbook. */
export const knownByHand = (sheetId: string): number | null => keptAs(keyOf(sheetId))
export const knownByLogbook = (sheetId: string): number => keptAs(loggedKeyOf(sheetId)) ?? 0
export const knownOf = (sheetId: string): number => knownByHand(sheetId) ?? knownByLogbook(sheetId)

/** @param known Null leaves it to the logbook. */
export const keepKnown = (sheetId: string, known: number | null): void =>
  known === null
    ? localStorage.removeItem(keyOf(sheetId))
    : localStorage.setItem(keyOf(sheetId), String(known))

/**
 * Asks the logbook on how many evenings the group has danced it lately, and keeps that for when the
 * server is away; what was kept before, where it is. Where nobody in particular dances it is new.
 */
export async function askKnown(sheetId: string, groupId: string | null): Promise<number> {
  if (groupId === null) {
    localStorage.removeItem(loggedKeyOf(sheetId))
    return knownOf(sheetId)
  }
  const [entries, lessons] = await Promise.all([
    dancedFrom(sheetId),
    api('listSeries').catch(() => null),
  ])
  if (entries) {
    const weeks = weeksUntilDue(lessons?.series ?? [], groupId) ?? undefined
    const times = logbookOf(entries).known(sheetId, groupId, Date.now(), weeks)
    localStorage.setItem(loggedKeyOf(sheetId), String(times))
  }
  return knownOf(sheetId)
}
