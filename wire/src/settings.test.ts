import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { DEFAULT_SETTINGS, settingsSchema, upgradeSettings } from './settings.ts'

const kept = (): unknown =>
  JSON.parse(
    readFileSync(join(__dirname, '../../core/src/testing/fixtures/settings-1.json'), 'utf8'),
  )

describe('settings of an older Dellop', () => {
  it('are read in today’s form, with the group that was called a floor', () => {
    const settings = settingsSchema.parse(upgradeSettings(kept()))
    expect(settings).toMatchObject({ version: 2, groupId: 'wednesdays', wordsPerMinute: 160 })
  })

  it('that are of today stay as they are', () =>
    expect(upgradeSettings(DEFAULT_SETTINGS)).toBe(DEFAULT_SETTINGS))
})
