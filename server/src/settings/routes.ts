import type Router from '@koa/router'
import { DEFAULT_SETTINGS, settingsSchema, type Settings } from '@dellop/wire'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { SettingEntity } from './settingEntity.ts'

const ID = 'machine'

async function readSettings({ database }: Services): Promise<Settings> {
  const row = await database.source.manager.findOneBy(SettingEntity, { id: ID })
  return settingsSchema.parse({ ...DEFAULT_SETTINGS, ...(row ? (JSON.parse(row.value) as object) : {}) })
}

export function settingsRoutes(router: Router, services: Services): void {
  serve(router, 'getSettings', () => readSettings(services))
  serve(router, 'putSettings', async ({ body }) => {
    await services.database.write((manager) => manager.upsert(SettingEntity, { id: ID, value: JSON.stringify(body) }, ['id']))
    return body
  })
}
