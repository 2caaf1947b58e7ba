import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** Was an einem eingelesenen Logbuch nicht stimmt. */
export const PROBLEMS: typeof ENGLISH = {
  'logbook.row': ({ row, problem }) => `Zeile ${row}: ${problem.message}`,
  'logbook.list': ({ name }) =>
    `${name} hat keine Liste von Einträgen: Erwartet war ein Logbuch als JSON.`,
}
