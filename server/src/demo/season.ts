import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readJson, validate } from '@dellop/core/document'
import { momentOf } from '@dellop/core/evening'
import { z } from 'zod'
import { addMissing, type KeptKind } from '../document/kept.ts'
import { EVENINGS } from '../evening/service.ts'
import { orProblem } from '../http/problem.ts'
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
  const onDays = (list: readonly z.infer<typeof dated>[]): object[] =>
    list.map(({ day, ...rest }) => ({ ...rest, date: dateOf(day) }))
  await bring(
    services,
    EVENINGS,
    onDays(evenings).map((rest) => ({ ...rest, format: 'dellop-evening', version: 1, zone })),
  )
  await bring(
    services,
    ENTRIES,
    entries.map(({ day, minute, ...rest }) => ({
      ...rest,
      atMs: momentOf({ date: dateOf(day), zone }, minute).getTime(),
    })),
  )
  await bring(
    services,
    SERIES,
    series.map(({ lessons, requests, ...rest }) => ({
      ...rest,
      format: 'dellop-series',
      version: 1,
      lessons: onDays(lessons),
      requests: onDays(requests),
    })),
  )
}

/** Those that are not here already; refused whole where one is none. */
const bring = <Document extends { readonly id: string }>(
  services: Services,
  kind: KeptKind<Document>,
  list: readonly object[],
): Promise<void> =>
  addMissing(
    services,
    kind,
    list.map((json) => orProblem(validate(kind.record.schema, json, kind.record.name))),
  )
