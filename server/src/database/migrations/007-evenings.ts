import type { MigrationInterface, QueryRunner } from 'typeorm'

const TABLES = ['evening', 'series', 'log_entry'] as const

/** Programmes, lessons and the logbook are kept. */
export class Evenings1764000000007 implements MigrationInterface {
  name = 'Evenings1764000000007'

  async up(runner: QueryRunner): Promise<void> {
    for (const table of TABLES)
      await runner.query(
        `CREATE TABLE "${table}" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "revision" integer NOT NULL, "updatedAtMs" integer NOT NULL)`,
      )
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`DROP TABLE "${table}"`)
  }
}
