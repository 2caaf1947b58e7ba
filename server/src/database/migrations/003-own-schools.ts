import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Schools that cuers have copied and changed are kept. */
export class OwnSchools1764000000003 implements MigrationInterface {
  name = 'OwnSchools1764000000003'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE "school" ("id" text PRIMARY KEY NOT NULL, "name" text NOT NULL, "document" text NOT NULL, "updatedAtMs" integer NOT NULL)`,
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "school"`)
  }
}
