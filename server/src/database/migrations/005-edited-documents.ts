import { upgradeCallLog } from '@dellop/core/call'
import { isRecord } from '@dellop/core/document'
import { upgradeFigure } from '@dellop/core/figure'
import { upgradeGroup } from '@dellop/core/group'
import { upgradeRoutine, upgradeRoutineEdits } from '@dellop/core/routine'
import { upgradeSettings } from '@dellop/wire'
import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Every kind of document is changed by batches of edits, each a revision; requests are answered
 * once; the writer marks what it has written. Floors are groups, and the shortest words are key
 * words. Going down again, documents stay in their new form.
 */
export class EditedDocuments1764000000005 implements MigrationInterface {
  name = 'EditedDocuments1764000000005'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "document_batch" ("kind" text NOT NULL, "documentId" text NOT NULL, "revision" integer NOT NULL, "clientId" text NOT NULL, "batchId" text NOT NULL, "digest" text NOT NULL, "edits" text NOT NULL, "conflicts" text NOT NULL, "atMs" integer NOT NULL, PRIMARY KEY ("kind", "documentId", "revision"))`,
    )
    await runner.query(
      `CREATE UNIQUE INDEX "document_batch_once" ON "document_batch" ("kind", "documentId", "clientId", "batchId")`,
    )
    await runner.query(
      `INSERT INTO "document_batch" ("kind", "documentId", "revision", "clientId", "batchId", "digest", "edits", "conflicts", "atMs") SELECT 'sheet', "sheetId", "revision", "clientId", "batchId", '', "edits", "conflicts", "atMs" FROM "sheet_batch"`,
    )
    await runner.query(`DROP INDEX "sheet_batch_once"`)
    await runner.query(`DROP TABLE "sheet_batch"`)
    await runner.query(
      `CREATE TABLE "answered" ("key" text PRIMARY KEY NOT NULL, "digest" text NOT NULL, "answer" text NOT NULL, "atMs" integer NOT NULL)`,
    )
    await runner.query(
      `CREATE TABLE "writer_mark" ("id" integer PRIMARY KEY NOT NULL, "mark" integer NOT NULL)`,
    )
    await runner.query(`INSERT INTO "writer_mark" ("id", "mark") VALUES (1, 0)`)
    await runner.query(
      `CREATE TABLE "people_group" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "revision" integer NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `INSERT INTO "people_group" ("id", "name", "document", "revision", "updatedAtMs") SELECT "id", "name", "document", 0, "updatedAtMs" FROM "floor"`,
    )
    await runner.query(`DROP TABLE "floor"`)
    for (const table of ['tune', 'school', 'setting'])
      await runner.query(
        `ALTER TABLE "${table}" ADD COLUMN "revision" integer NOT NULL DEFAULT (0)`,
      )
    await upgradeColumn(runner, 'sheet', 'document', upgradeRoutine)
    await upgradeColumn(runner, 'document_batch', 'edits', upgradeRoutineEdits)
    await upgradeColumn(runner, 'figure', 'document', upgradeFigure)
    await upgradeColumn(runner, 'figure_version', 'document', upgradeFigure)
    await upgradeColumn(runner, 'people_group', 'document', upgradeGroup)
    await upgradeColumn(runner, 'call', 'document', upgradeCallLog)
    await upgradeColumn(runner, 'setting', 'value', upgradeSettings)
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['tune', 'school', 'setting'])
      await runner.query(`ALTER TABLE "${table}" DROP COLUMN "revision"`)
    await runner.query(
      `CREATE TABLE "floor" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `INSERT INTO "floor" ("id", "name", "document", "updatedAtMs") SELECT "id", "name", "document", "updatedAtMs" FROM "people_group"`,
    )
    for (const table of ['people_group', 'writer_mark', 'answered'])
      await runner.query(`DROP TABLE "${table}"`)
    await runner.query(
      `CREATE TABLE "sheet_batch" ("sheetId" text NOT NULL, "revision" integer NOT NULL, "clientId" text NOT NULL, "batchId" text NOT NULL, "edits" text NOT NULL, "conflicts" text NOT NULL, "atMs" integer NOT NULL, PRIMARY KEY ("sheetId", "revision"))`,
    )
    await runner.query(
      `CREATE UNIQUE INDEX "sheet_batch_once" ON "sheet_batch" ("sheetId", "clientId", "batchId")`,
    )
    await runner.query(
      `INSERT INTO "sheet_batch" ("sheetId", "revision", "clientId", "batchId", "edits", "conflicts", "atMs") SELECT "documentId", "revision", "clientId", "batchId", "edits", "conflicts", "atMs" FROM "document_batch" WHERE "kind" = 'sheet'`,
    )
    await runner.query(`DROP INDEX "document_batch_once"`)
    await runner.query(`DROP TABLE "document_batch"`)
  }
}

/** Brings the JSON of a column up to today's form. What cannot be read stays for people to look at. */
async function upgradeColumn(
  runner: QueryRunner,
  table: string,
  column: string,
  upgrade: (json: unknown) => unknown,
): Promise<void> {
  const rows = (await runner.query(
    `SELECT rowid AS "row", "${column}" AS "text" FROM "${table}"`,
  )) as {
    row: number
    text: string
  }[]
  for (const { row, text } of rows) {
    const json = parsed(text)
    if (!isRecord(json) && !Array.isArray(json)) continue
    const upgraded = JSON.stringify(upgrade(json))
    if (upgraded !== text)
      await runner.query(`UPDATE "${table}" SET "${column}" = ? WHERE rowid = ?`, [upgraded, row])
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
