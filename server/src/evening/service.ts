import {
  danceFacts,
  eveningSchema,
  eveningShape,
  upgradeEvening,
  withSameDances,
} from '@dellop/core/evening'
import type { DanceFacts } from '@dellop/core/evening'
import { bookOf, type Figure } from '@dellop/core/figure'
import { figureIdsOf } from '@dellop/core/file'
import { namedOf, type Named, type Routine } from '@dellop/core/routine'
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

/** Facts are worked out once for each state of what they were worked out from. */
const known = new Map<string, { readonly from: readonly unknown[]; readonly facts: DanceFacts }>()
const isSame = (some: readonly unknown[], others: readonly unknown[]): boolean =>
  some.length === others.length && some.every((one, i) => one === others[i])

/** Figures as they are kept that a sheet dances, with what they are made of; undefined is none. */
function dancedIn(routine: Routine, kept: ReadonlyMap<string, Figure>): (Figure | undefined)[] {
  const ids = new Set(figureIdsOf(routine))
  // What is added while a set is gone through is gone through too.
  for (const id of ids) for (const { figureId } of kept.get(id)?.parts ?? []) ids.add(figureId)
  return [...ids].map((id) => kept.get(id))
}

/** So many sheets are worked out before others are answered. */
const AT_ONCE = 8

/** What a programme has to know of each dance. */
export async function allDances({ database }: Services): Promise<DanceFacts[]> {
  const { manager } = database.source
  const sheets = await manager.find(SheetEntity)
  const tunes = new Map(
    readableRecords(TUNE_RECORD, await manager.find(TuneEntity)).map(({ row, document }) => [
      row.id,
      document,
    ]),
  )
  const figures = await allFigures(manager)
  const kept = new Map(figures.map((figure) => [figure.id, figure]))
  const book = bookOf(figures)
  const facts: DanceFacts[] = []
  const shelf: Named[] = []
  let made = 0
  for (const { row, document } of readableRecords(SHEET_RECORD, sheets)) {
    shelf.push(namedOf(document))
    const tune = document.tuneId === null ? null : (tunes.get(document.tuneId) ?? null)
    // A document that has not changed is read as the same value.
    const from = [document, tune, ...dancedIn(document, kept)]
    const before = known.get(row.id)
    if (before && isSame(before.from, from)) {
      facts.push(before.facts)
      continue
    }
    const one = danceFacts(document, book, tune)
    known.set(row.id, { from, facts: one })
    facts.push(one)
    made++
    if (made % AT_ONCE === 0) await new Promise((resolve) => setImmediate(resolve))
  }
  return [...withSameDances(facts, shelf)]
}
