import type { Problem } from '../../../document/index.ts'

/** What is wrong with what is brought in as a logbook. */
export const PROBLEMS = {
  'logbook.row': ({ row, problem }: { row: number; problem: Problem }) =>
    `Row ${row}: ${problem.message}`,
  'logbook.list': ({ name }: { name: string }) =>
    `${name} has no list of entries: a logbook saved as JSON was expected.`,
}
