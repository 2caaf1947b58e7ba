import 'reflect-metadata'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { DataSource } from 'typeorm'
import { CallEntity } from '../call/callEntity.ts'
import { EveningEntity } from '../evening/eveningEntity.ts'
import { FigureEntity, FigureVersionEntity } from '../figure/figureEntity.ts'
import { GroupEntity } from '../group/groupEntity.ts'
import { SchoolEntity } from '../school/schoolEntity.ts'
import { MediaEntity } from '../media/mediaEntity.ts'
import { SeriesEntity } from '../lesson/seriesEntity.ts'
import { EntryEntity } from '../logbook/entryEntity.ts'
import { PracticeEntity } from '../practice/practiceEntity.ts'
import { SettingEntity } from '../settings/settingEntity.ts'
import { DocumentBatchEntity } from '../document/batchEntity.ts'
import { SheetEntity } from '../sheet/sheetEntity.ts'
import { TuneEntity } from '../tune/tuneEntity.ts'
import { AnsweredEntity, WriterMarkEntity } from './answeredEntity.ts'
import { LibsqlDriver } from './libsqlDriver.ts'
import { FirstTables1764000000001 } from './migrations/001-first-tables.ts'
import { FigureVersions1764000000002 } from './migrations/002-figure-versions.ts'
import { OwnSchools1764000000003 } from './migrations/003-own-schools.ts'
import { Calls1764000000004 } from './migrations/004-calls.ts'
import { EditedDocuments1764000000005 } from './migrations/005-edited-documents.ts'
import { Practice1764000000006 } from './migrations/006-practice.ts'
import { Evenings1764000000007 } from './migrations/007-evenings.ts'

export const ENTITIES = [
  SheetEntity,
  DocumentBatchEntity,
  AnsweredEntity,
  WriterMarkEntity,
  FigureEntity,
  FigureVersionEntity,
  GroupEntity,
  SchoolEntity,
  TuneEntity,
  MediaEntity,
  SettingEntity,
  CallEntity,
  PracticeEntity,
  EveningEntity,
  SeriesEntity,
  EntryEntity,
]
export const MIGRATIONS = [
  FirstTables1764000000001,
  FigureVersions1764000000002,
  OwnSchools1764000000003,
  Calls1764000000004,
  EditedDocuments1764000000005,
  Practice1764000000006,
  Evenings1764000000007,
]

export const databasePath = (dataFolder: string): string => join(dataFolder, 'dellop.sqlite')

/** The database of a data folder, not yet opened. */
export function databaseSource(dataFolder: string): DataSource {
  mkdirSync(dataFolder, { recursive: true })
  return new DataSource({
    type: 'better-sqlite3',
    driver: LibsqlDriver,
    database: databasePath(dataFolder),
    enableWAL: true,
    entities: ENTITIES,
    migrations: MIGRATIONS,
    migrationsRun: false,
    synchronize: false,
  })
}
