import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readJson, validate } from '@dellop/core/document'
import { eveningSchema, momentOf } from '@dellop/core/evening'
import { seriesSchema } from '@dellop/core/lesson'
import { entrySchema } from '@dellop/core/logbook'
import { z } from 'zod'
import { addKept, type KeptKind } from '../document/kept.ts'
import { EVENINGS } from '../evening/service.ts'
import { HttpProblem, orProblem } from '../http/problem.ts'
import { SERIES } from '../lesson/service.ts'
import { ENTRIES } from '../logbook/service.ts'
import type { Services } from '../services.ts'

/** A season by days from today: its last evening is tonight. */
export const seasonPath = ({ demoFolder }: Services): string => join(demoFolder, 'season.json')

const dated = z.looseObject({ day: z.int() })
const seasonSchema = z.strictObject({
  evenings: z.array(dated),
  entries: z.array(dated.extend({ minute: z.int() })),
  series: z.array(z.looseObject({ lessons: z.array(dated), requests: z.array(dated) })),
})
const DAY_MS = 24 * 3600_000

/** Brings in evenings, lessons and the logbook of the demo, as everybody's are. */
export async function bringSeason(services: Services): Promise<void> {
  const path = seasonPath(services)
  const json = orProblem(readJson(readFileSync(path, 'utf8'), path))
  const { evenings, entries, series } = orProblem(validate(seasonSchema, json, path))
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const dateOf = (day: number): string =>
    new Date(services.nowMs() + day * DAY_MS).toLocaleDateString('sv', { timeZone: zone })
  for (const { day, ...rest } of evenings)
    await add(services, EVENINGS, eveningSchema, {
      ...rest,
      format: 'dellop-evening',
      version: 1,
      date: dateOf(day),
      zone,
    })
  for (const { day, minute, ...rest } of entries) {
    const atMs = momentOf({ date: dateOf(day), zone }, minute).getTime()
    await add(services, ENTRIES, entrySchema, { ...rest, atMs })
  }
  const onDays = (list: readonly z.infer<typeof dated>[]): object[] =>
    list.map(({ day, ...rest }) => ({ ...rest, date: dateOf(day) }))
  for (const { lessons, requests, ...rest } of series)
    await add(services, SERIES, seriesSchema, {
      ...rest,
      format: 'dellop-series',
      version: 1,
      lessons: onDays(lessons),
      requests: onDays(requests),
    })
}

/** One of them, unless it is here already. */
async function add<Document extends { readonly id: string }>(
  services: Services,
  kind: KeptKind<Document>,
  schema: z.ZodType<Document>,
  json: object,
): Promise<void> {
  const document = orProblem(validate(schema, json, kind.record.name))
  await addKept(services, kind, document).catch((error: unknown) => {
    if (!(error instanceof HttpProblem) || error.code !== 'exists') throw error
  })
}
