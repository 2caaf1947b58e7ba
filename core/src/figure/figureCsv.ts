import { beatsOfTicks, type Tick } from '../time/index.ts'
import { endHold, startFoot } from './browse.ts'
import type { Figure } from './figure.ts'
import { stepLineText } from './stepLineText.ts'

const COLUMNS = ['id', 'name', 'aliases', 'family', 'level', 'beats', 'lead', 'follow', 'starts', 'holds', 'ends', 'full', 'short', 'prompt', 'remarks'] as const

/** A spreadsheet would run what begins like a formula; an apostrophe before it keeps it a text. */
const cell = (value: string): string => {
  const safe = /^[=+\-@\t\r]/.test(value) ? `'${value}` : value
  return /[",\n\r]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe
}

/** Figures as comma-separated values, one a row, steps as typed lines. */
export function figureCsv(figures: readonly Figure[]): string {
  const row = (figure: Figure): string[] => [
    figure.id,
    figure.name,
    figure.aliases.join('; '),
    figure.family,
    figure.level,
    String(beatsOfTicks(figure.lengthTicks as Tick)),
    stepLineText(figure.lead),
    typeof figure.follow === 'string' ? figure.follow : stepLineText(figure.follow),
    startFoot(figure) ?? 'either',
    figure.entry.holds.join('; '),
    endHold(figure) ?? '',
    figure.wordings.full,
    figure.wordings.short,
    figure.wordings.prompt,
    figure.remarks,
  ]
  return [COLUMNS, ...figures.map(row)].map((cells) => cells.map(cell).join(',')).join('\r\n') + '\r\n'
}
