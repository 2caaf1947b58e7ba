import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Takes, drills and quizzes are kept. */
export class Practice1764000000006 implements MigrationInterface {
  name = 'Practice1764000000006'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "practice" ("id" text PRIMARY KEY NOT NULL, "sheetId" text NOT NULL, "atMs" integer NOT NULL, "document" text NOT NULL)`,
    )
    await runner.query(`CREATE INDEX "practice_sheet" ON "practice" ("sheetId")`)
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "practice_sheet"`)
    await runner.query(`DROP TABLE "practice"`)
  }
}
