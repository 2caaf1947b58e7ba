import type { EntityManager } from 'typeorm'
import { refusal } from '../http/problem.ts'
import { AnsweredEntity } from './answeredEntity.ts'

/**
 * Names one request of one page, so that it is done once however often it is sent because nobody
 * heard the answer. `digest` is of what was asked, so that a name is not used for two things.
 */
export interface Once {
  readonly key: string
  readonly digest: string
}

/** A page that still sends again after so long is not there. */
const KEPT_MS = 14 * 24 * 3600_000

/** The first answer of a request that was done before; null where it comes for the first time. */
export async function answeredBefore(
  manager: EntityManager,
  { key, digest }: Once,
): Promise<{ readonly answer: unknown } | null> {
  const row = await manager.findOneBy(AnsweredEntity, { key })
  if (!row) return null
  if (row.digest !== digest) throw refusal('edit.refused', 'once.other', {})
  return { answer: JSON.parse(row.answer) as unknown }
}

/** Keeps the answer in the transaction that it is the answer of. */
export async function keepAnswer(
  manager: EntityManager,
  { key, digest }: Once,
  answer: unknown,
  atMs: number,
): Promise<void> {
  await manager.insert(AnsweredEntity, {
    key,
    digest,
    answer: JSON.stringify(answer ?? null),
    atMs,
  })
}

/** Lets go of answers that nobody will ask for again. */
export async function forgetAnswers(manager: EntityManager, nowMs: number): Promise<void> {
  await manager
    .createQueryBuilder()
    .delete()
    .from(AnsweredEntity)
    .where('"atMs" < :before', { before: nowMs - KEPT_MS })
    .execute()
}
