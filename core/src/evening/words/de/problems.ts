import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** Was an eingelesenen Abenden nicht stimmt. */
export const PROBLEMS: typeof ENGLISH = {
  'evening.calendar': ({ why }) =>
    `Erwartet wurde ein Kalender (iCalendar, RFC 5545); er war nicht zu lesen: ${why}`,
  'evening.no-events': () =>
    'Erwartet wurde ein Kalender mit mindestens einem Termin; er hat keinen.',
  'evening.no-start': ({ title }) => `Beim Termin „${title}“ wurde erwartet, wann er beginnt.`,
}
