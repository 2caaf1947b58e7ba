import { DEFAULT_SETTINGS, settingsSchema, type Settings } from '@dellop/wire'
import type { Services } from '../services.ts'
import { SettingEntity } from './settingEntity.ts'

const ID = 'machine'

/**
 * What the cuer set once for this machine. Kept before a setting came: what it is by default is
 * filled in.
 */
export async function readSettings({ database }: Services): Promise<Settings> {
  const row = await database.source.manager.findOneBy(SettingEntity, { id: ID })
  return settingsSchema.parse({
    ...DEFAULT_SETTINGS,
    ...(row ? (JSON.parse(row.value) as object) : {}),
  })
}

export async function keepSettings({ database }: Services, settings: Settings): Promise<void> {
  await database.write((manager) =>
    manager.upsert(SettingEntity, { id: ID, value: JSON.stringify(settings) }, ['id']),
  )
}
