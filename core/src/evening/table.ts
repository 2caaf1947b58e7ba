import Papa from 'papaparse'
import type { DanceFacts } from './facts.ts'
import { titleOf } from './ics.ts'
import type { Evening } from './programme.ts'
import { clockOfMinutes } from '../time/index.ts'
import { timesOf } from './times.ts'

interface Row {
  readonly starts: string
  readonly minutes: string
  readonly kind: string
  readonly title: string
  readonly caller: string
  readonly note: string
}
const rowsOf = (evening: Evening, facts: ReadonlyMap<string, DanceFacts>): readonly Row[] =>
  timesOf(evening, facts)
    .items.filter(({ item }) => !item.dropped)
    .map(({ item, starts, minutes }) => ({
      starts: clockOfMinutes(starts),
      minutes: String(Math.round(minutes * 10) / 10),
      kind: item.kind,
      title: titleOf(item, facts),
      caller: item.caller ?? '',
      note: item.note ?? '',
    }))

/** A programme as a table that any spreadsheet opens. */
export const eveningCsv = (evening: Evening, facts: ReadonlyMap<string, DanceFacts>): string =>
  Papa.unparse([...rowsOf(evening, facts)], { escapeFormulae: true, newline: '\r\n' })

/** A programme to paste into a letter. */
export function eveningMarkdown(evening: Evening, facts: ReadonlyMap<string, DanceFacts>): string {
  const cell = (text: string): string =>
    text.replace(/[|\n\\]/g, (one) => (one === '\n' ? ' ' : `\\${one}`))
  const lines = rowsOf(evening, facts).map(
    ({ starts, minutes, title, caller, note }) =>
      `| ${starts} | ${cell(title)} | ${minutes} | ${cell(caller)} | ${cell(note)} |`,
  )
  return [
    `# ${evening.title}`,
    '',
    [evening.date, `${evening.startsAt} to ${evening.endsAt}`, evening.hall]
      .filter(Boolean)
      .join(', '),
    '',
    '| | | min | | |',
    '| --- | --- | ---: | --- | --- |',
    ...lines,
    '',
  ].join('\n')
}
