import { clockOfMinutes } from '@dellop/core/time'
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { readJson, succeed, validate, type Result } from '@dellop/core/document'
import {
  danceFacts,
  emptyEvening,
  eveningSchema,
  itemTitle,
  timesOf,
  warningsOf,
  warningTold,
  withSameDances,
  type DanceFacts,
  type Evening,
} from '@dellop/core/evening'
import { readHall, type Hall } from '@dellop/core/floor'
import { groupSchema, knownFigures, type Group } from '@dellop/core/group'
import { entrySchema, type LogEntry } from '@dellop/core/logbook'
import { namedOf, type Named } from '@dellop/core/routine'
import { z } from 'zod'
import { readArguments, type Arguments } from './arguments.ts'
import { callersPath, readText } from './files.ts'
import { spokenLanguage } from './language.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { problem } from './problem.ts'
import { sheetInput } from './sheetInput.ts'

const OPTIONS = ['sheets', 'group', 'log', 'hall']

/**
 * `dellop evening FILE [--sheets FOLDER] [--group FILE] [--log FILE] [--hall HALL]`: when each thing of a programme
 * begins and ends, and what is worth a look. Sheets are looked for by their file names.
 */
export function evening(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, OPTIONS), (args) =>
    outcomeOf(given(args), ({ programme, facts, group, before, hall }) => {
      const { items, ends, until, left } = timesOf(programme, facts)
      const known = group && knownFigures(group)
      const taught = group && new Set(group.taught.map(({ id }) => id))
      const warnings = warningsOf(programme, {
        facts,
        before,
        hall,
        level: group?.level ?? null,
        knows: known && taught ? (id) => taught.has(id) : null,
      })
      return {
        exit: 0,
        json: {
          title: programme.title,
          date: programme.date,
          ends: clockOfMinutes(ends),
          until: clockOfMinutes(until),
          leftMinutes: Math.round(left * 10) / 10,
          items: items.map(({ item, starts, ends: over, minutes, made }) => ({
            id: item.id,
            kind: item.kind,
            title: itemTitle(item, facts),
            starts: clockOfMinutes(starts),
            ends: clockOfMinutes(over),
            minutes: Math.round(minutes * 100) / 100,
            ...made,
          })),
          warnings: warnings.map((one) => ({
            ...one,
            message: warningTold(one, spokenLanguage()),
          })),
        },
      }
    }),
  )
}

interface Given {
  readonly programme: Evening
  readonly facts: ReadonlyMap<string, DanceFacts>
  readonly group: Group | null
  readonly before: readonly LogEntry[]
  readonly hall: Hall | null
}
function given(args: Arguments): Result<Given> {
  if (args.words.length !== 1) return problem('evening.file')
  const programme = programmeOf(args.words[0]!)
  if (!programme.ok) return programme
  const folder = args.options.get('sheets')
  const facts = folder === undefined ? succeed(new Map()) : factsIn(folder)
  if (!facts.ok) return facts
  const group = fileOf(args.options.get('group'), groupSchema, 'The group')
  if (!group.ok) return group
  const log = fileOf(args.options.get('log'), z.array(entrySchema), 'The logbook')
  if (!log.ok) return log
  const drawn = args.options.get('hall')
  const hall = drawn === undefined ? succeed(null) : readHall(drawn)
  if (!hall.ok) return hall
  const before = [...(log.value ?? [])].sort((a, b) => b.atMs - a.atMs)
  return succeed({
    programme: programme.value,
    facts: facts.value,
    group: group.value,
    before,
    hall: hall.value,
  })
}

/** A programme as the application takes it along, or the least of one: what is left out is usual. */
function programmeOf(path: string): Result<Evening> {
  const text = readText(path)
  if (!text.ok) return text
  const json = readJson(text.value, `"${path}"`)
  if (!json.ok) return json
  const partial = z
    .looseObject({ items: z.array(z.looseObject({})).optional() })
    .safeParse(json.value)
  if (!partial.success) return problem('evening.none', { path })
  const { items = [], ...rest } = partial.data
  const today = new Date().toISOString().slice(0, 10)
  const whole = {
    ...emptyEvening('evening', 'Evening', today, 'UTC'),
    ...rest,
    items: items.map((item, i) => ({ id: `item-${i + 1}`, kind: 'dance', title: '', ...item })),
  }
  return validate(eveningSchema, whole, `"${path}"`)
}

function factsIn(folder: string): Result<ReadonlyMap<string, DanceFacts>> {
  let names: string[]
  try {
    names = readdirSync(callersPath(folder)).filter((name) => /\.(txt|json)$/.test(name))
  } catch {
    return problem('file.missing', { path: folder })
  }
  const facts: DanceFacts[] = []
  const shelf: Named[] = []
  for (const name of names) {
    const options = new Map<string, string>()
    const input = sheetInput({
      words: [join(folder, name)],
      options,
      flags: new Set(),
      lists: new Map(),
    })
    if (!input.ok) return input
    const { routine, book, tune } = input.value
    const id = name.endsWith('.txt') ? name.replace(/\.txt$/, '') : routine.id
    facts.push({ ...danceFacts(routine, book, tune), sheetId: id })
    shelf.push({ ...namedOf(routine), id })
  }
  return succeed(new Map(withSameDances(facts, shelf).map((one) => [one.sheetId, one])))
}

function fileOf<Value>(
  path: string | undefined,
  schema: z.ZodType<Value>,
  what: string,
): Result<Value | null> {
  if (path === undefined) return succeed(null)
  const text = readText(path)
  if (!text.ok) return text
  const json = readJson(text.value, `"${path}"`)
  return json.ok ? validate(schema, json.value, `${what} in "${path}"`) : json
}
