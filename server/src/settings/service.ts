import type { Revised } from '@dellop/core/document'
import {
  DEFAULT_SETTINGS,
  SETTINGS_ID,
  settingsSchema,
  settingsShape,
  upgradeSettings,
  type Settings,
} from '@dellop/wire'
import type { EntityManager } from 'typeorm'
import type { DocumentStore } from '../document/accept.ts'
import { readRecord, type RecordKind } from '../document/record.ts'
import { SettingEntity } from './settingEntity.ts'

export const SETTINGS_RECORD: RecordKind<Settings> = {
  kind: 'settings',
  name: 'The settings',
  schema: settingsSchema,
  upgrade: upgradeSettings,
}

/** How the settings are kept while they are edited. */
export const SETTINGS: DocumentStore<Settings> = {
  kind: 'settings',
  name: 'The settings',
  shape: settingsShape,
  schema: settingsSchema,
  read: readSettings,
  write: async (manager, id, { document, revision }) => {
    await manager.upsert(SettingEntity, { id, value: JSON.stringify(document), revision }, ['id'])
    return document
  },
}

/**
 * What the cuer set once for this machine; the usual where nothing is kept, or it cannot be read.
 */
export async function readSettings(manager: EntityManager): Promise<Revised<Settings>> {
  const row = await manager.findOneBy(SettingEntity, { id: SETTINGS_ID })
  if (!row) return { document: DEFAULT_SETTINGS, revision: 0 }
  const read = readRecord(SETTINGS_RECORD, { id: row.id, document: row.value })
  return { document: read.ok ? read.value : DEFAULT_SETTINGS, revision: row.revision }
}
