import type { MigrationInterface, QueryRunner } from 'typeorm'

/** What was called, and what happened in it, is kept. */
export class Calls1764000000004 implements MigrationInterface {
  name = 'Calls1764000000004'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "call" ("id" text PRIMARY KEY NOT NULL, "sheetId" text, "title" text NOT NULL, "startedAtMs" integer NOT NULL, "endedAtMs" integer, "document" text NOT NULL)`,
    )
    await runner.query(`CREATE INDEX "call_sheet" ON "call" ("sheetId")`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "call_sheet"`)
    await runner.query(`DROP TABLE "call"`)
  }
}
