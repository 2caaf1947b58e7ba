import { upgradeFigure } from '@dellop/core/figure'
import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Figures keep every version they had, and are brought to form 2; floors are there. Going down
 * again, figures stay in form 2.
 */
export class FigureVersions1764000000002 implements MigrationInterface {
  name = 'FigureVersions1764000000002'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "figure_version" ("figureId" text NOT NULL, "version" integer NOT NULL, "document" text NOT NULL, "how" text NOT NULL, "atMs" integer NOT NULL, PRIMARY KEY ("figureId", "version"))`,
    )
    await runner.query(
      `CREATE TABLE "floor" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
    const rows = (await runner.query(`SELECT "id", "document", "updatedAtMs" FROM "figure"`)) as {
      id: string
      document: string
      updatedAtMs: number
    }[]
    for (const { id, document, updatedAtMs } of rows) {
      const upgraded = JSON.stringify(upgradeFigure(JSON.parse(document)))
      await runner.query(`UPDATE "figure" SET "document" = ? WHERE "id" = ?`, [upgraded, id])
      await runner.query(
        `INSERT INTO "figure_version" ("figureId", "version", "document", "how", "atMs") VALUES (?, 1, ?, 'written', ?)`,
        [id, upgraded, updatedAtMs],
      )
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "floor"`)
    await runner.query(`DROP TABLE "figure_version"`)
  }
}
