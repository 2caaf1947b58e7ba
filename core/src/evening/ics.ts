import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone.js'
import utc from 'dayjs/plugin/utc.js'
import ICAL from 'ical.js'
import ical from 'ical-generator'
import { idSchema, succeed, validate, type Result } from '../document/index.ts'
import type { DanceFacts } from './facts.ts'
import { problem } from './problem.ts'
import { emptyEvening, eveningSchema, type Evening } from './programme.ts'
import { clockOfMinutes } from '../time/index.ts'
import { timesOf } from './times.ts'

dayjs.extend(utc)
dayjs.extend(timezone)

const DOMAIN = 'evenings.dellop'
/** The same for the same evening, so that a changed one takes the place of what was brought in. */
const uidOf = ({ id }: Evening): string => `${id}@${DOMAIN}`

/**
 * The moment of a time of an evening, in the zone of its hall; past midnight it is the next day.
 *
 * @param minutes After midnight of its day.
 */
export function momentOf({ date, zone }: Pick<Evening, 'date' | 'zone'>, minutes: number): Date {
  const day = dayjs
    .utc(date)
    .add(Math.floor(minutes / (24 * 60)), 'day')
    .format('YYYY-MM-DD')
  return dayjs.tz(`${day} ${clockOfMinutes(minutes)}`, zone).toDate()
}

/** What stands in the description of an event: a line for each item, with its time. */
export function programmeLines(
  evening: Evening,
  facts: ReadonlyMap<string, DanceFacts>,
): readonly string[] {
  return timesOf(evening, facts)
    .items.filter(({ item }) => !item.dropped)
    .map(({ starts, item }) => `${clockOfMinutes(starts)} ${titleOf(item, facts)}`)
}
/** What an item is called: its own title, or that of its dance. */
export const titleOf = (
  { title, sheetId }: Evening['items'][number],
  facts: ReadonlyMap<string, DanceFacts>,
): string => title || facts.get(sheetId ?? '')?.title || ''

/**
 * Evenings as a calendar, one event each (RFC 5545). An evening that changed keeps its UID.
 *
 * @param nowMs When it is written, in milliseconds.
 */
export function eveningsCalendar(
  evenings: readonly Evening[],
  facts: ReadonlyMap<string, DanceFacts>,
  nowMs: number,
): string {
  const calendar = ical({ name: 'Evenings', prodId: '-//Dellop//Evenings//EN' })
  for (const evening of evenings) {
    const { starts, until } = timesOf(evening, facts)
    calendar.createEvent({
      id: uidOf(evening),
      stamp: new Date(nowMs),
      // As moments: every calendar shows them right in its own zone, over changes of summer time.
      start: momentOf(evening, starts),
      end: momentOf(evening, until),
      summary: evening.title,
      ...(evening.hall ? { location: evening.hall } : {}),
      description: programmeLines(evening, facts).join('\n'),
    })
  }
  return calendar.toString()
}

/**
 * Evenings from a calendar: title, day, times and hall; what a description lists is kept as a note.
 * One that Dellop wrote keeps its id.
 *
 * @param zone Where the clock stands, such as Europe/Berlin.
 * @param newId Gives an id to events that Dellop did not write.
 */
export function readCalendar(
  text: string,
  zone: string,
  newId: () => string,
): Result<readonly Evening[]> {
  try {
    const events = new ICAL.Component(ICAL.parse(text) as string).getAllSubcomponents('vevent')
    if (events.length === 0) return problem('evening.no-events')
    const evenings: Evening[] = []
    for (const component of events) {
      const evening = eveningOf(new ICAL.Event(component), zone, newId)
      if (!evening.ok) return evening
      evenings.push(evening.value)
    }
    return succeed(evenings)
  } catch (error) {
    // Times and lengths are read when they are asked for, and refused no earlier.
    return problem('evening.calendar', { why: error instanceof Error ? error.message : '' })
  }
}

function eveningOf(event: ICAL.Event, zone: string, newId: () => string): Result<Evening> {
  if (!event.startDate) return problem('evening.no-start', { title: event.summary ?? '' })
  const start = dayjs(event.startDate.toJSDate()).tz(zone)
  const end = event.endDate ? dayjs(event.endDate.toJSDate()).tz(zone) : start.add(2, 'hour')
  const own = event.uid?.endsWith(`@${DOMAIN}`) ? event.uid.slice(0, -DOMAIN.length - 1) : ''
  const title = (event.summary ?? '').trim().slice(0, 120)
  const note = (event.description ?? '').slice(0, 2000)
  const id = idSchema.safeParse(own).success ? own : newId()
  const evening = {
    ...emptyEvening(id, title || start.format('YYYY-MM-DD'), '', zone),
    date: start.format('YYYY-MM-DD'),
    startsAt: start.format('HH:mm'),
    endsAt: end.format('HH:mm'),
    hall: (event.location ?? '').slice(0, 120),
    ...(note ? { note } : {}),
  }
  return validate(eveningSchema, evening, title || 'The event')
}
