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

  it('that say more than is known here lose that, and nothing else', () =>
    expect(upgradeSettings({ ...DEFAULT_SETTINGS, hallSeconds: 1, later: true })).toEqual({
      ...DEFAULT_SETTINGS,
      hallSeconds: 1,
    }))

  it('that are of today stay as they are', () =>
    expect(upgradeSettings(DEFAULT_SETTINGS)).toBe(DEFAULT_SETTINGS))
})
