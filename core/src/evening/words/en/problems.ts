/** What is wrong with what is brought in as evenings. */
export const PROBLEMS = {
  'evening.calendar': ({ why }: { why: string }) =>
    `A calendar (iCalendar, RFC 5545) was expected; it could not be read: ${why}`,
  'evening.no-events': () => 'A calendar with at least one event was expected; there is none.',
  'evening.no-start': ({ title }: { title: string }) =>
    `The event “${title}” was expected to say when it begins.`,
}
