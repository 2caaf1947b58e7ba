import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Sheets with their batches, figures, tunes, media and settings. */
export class FirstTables1764000000001 implements MigrationInterface {
  name = 'FirstTables1764000000001'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "sheet" ("id" text PRIMARY KEY NOT NULL, "title" text NOT NULL, "document" text NOT NULL, "revision" integer NOT NULL, "createdAtMs" integer NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `CREATE TABLE "sheet_batch" ("sheetId" text NOT NULL, "revision" integer NOT NULL, "clientId" text NOT NULL, "batchId" text NOT NULL, "edits" text NOT NULL, "conflicts" text NOT NULL, "atMs" integer NOT NULL, PRIMARY KEY ("sheetId", "revision"))`,
    )
    await runner.query(
      `CREATE UNIQUE INDEX "sheet_batch_once" ON "sheet_batch" ("sheetId", "clientId", "batchId")`,
    )
    await runner.query(
      `CREATE TABLE "figure" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `CREATE TABLE "tune" ("id" text PRIMARY KEY NOT NULL, "title" text NOT NULL, "document" text NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `CREATE TABLE "media" ("hash" text PRIMARY KEY NOT NULL, "extension" text NOT NULL, "type" text NOT NULL, "bytes" integer NOT NULL, "createdAtMs" integer NOT NULL)`,
    )
    await runner.query(
      `CREATE TABLE "setting" ("id" text PRIMARY KEY NOT NULL, "value" text NOT NULL)`,
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "sheet_batch_once"`)
    for (const table of ['setting', 'media', 'tune', 'figure', 'sheet_batch', 'sheet'])
      await runner.query(`DROP TABLE "${table}"`)
  }
}
