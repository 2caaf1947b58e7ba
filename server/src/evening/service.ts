import {
  danceFacts,
  eveningSchema,
  eveningShape,
  upgradeEvening,
  withSameDances,
} from '@dellop/core/evening'
import type { DanceFacts } from '@dellop/core/evening'
import { bookOf } from '@dellop/core/figure'

import { namedOf, type Named } from '@dellop/core/routine'
import { keptKind } from '../document/kept.ts'
import { allFigures } from '../figure/service.ts'
import { readableRecords } from '../document/record.ts'
import type { Services } from '../services.ts'
import { SHEET_RECORD } from '../sheet/record.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { TuneEntity } from '../tune/tuneEntity.ts'
import { TUNE_RECORD } from '../tune/service.ts'
import { EveningEntity } from './eveningEntity.ts'

export const EVENINGS = keptKind(
  EveningEntity,
  { kind: 'evening', name: 'The evening', schema: eveningSchema, upgrade: upgradeEvening },
  eveningShape,
  ({ date, title }) => `${date} ${title}`,
)

/** Facts are worked out once for each state of a sheet and its tune. */
const known = new Map<string, { readonly of: string; readonly facts: DanceFacts }>()
/** So many sheets are worked out before others are answered. */
const AT_ONCE = 8

/** What a programme has to know of each dance. */
export async function allDances({ database }: Services): Promise<DanceFacts[]> {
  const { manager } = database.source
  const sheets = await manager.find(SheetEntity)
  const tunes = new Map(
    readableRecords(TUNE_RECORD, await manager.find(TuneEntity)).map(({ row, document }) => [
      row.id,
      { tune: document, text: row.document },
    ]),
  )
  const figures = await allFigures(manager)
  const figuresState = JSON.stringify(figures.map(({ id }) => id)).length
  const book = bookOf(figures)
  const facts: DanceFacts[] = []
  const shelf: Named[] = []
  let made = 0
  for (const { row, document } of readableRecords(SHEET_RECORD, sheets)) {
    shelf.push(namedOf(document))
    const tune = document.tuneId === null ? undefined : tunes.get(document.tuneId)
    const of = `${row.revision} ${figuresState} ${tune?.text.length ?? 0}`
    const before = known.get(row.id)
    if (before?.of === of) {
      facts.push(before.facts)
      continue
    }
    const one = danceFacts(document, book, tune?.tune ?? null)
    known.set(row.id, { of, facts: one })
    facts.push(one)
    made++
    if (made % AT_ONCE === 0) await new Promise((resolve) => setImmediate(resolve))
  }
  return [...withSameDances(facts, shelf)]
}
