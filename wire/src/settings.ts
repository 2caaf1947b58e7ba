import { voiceSchema } from '@dellop/core/cue'
import { hallSchema } from '@dellop/core/floor'
import { isRecord, upgrader, type DocumentShape, type Unread } from '@dellop/core/document'
import { z } from 'zod'

/** A hall that is danced in again and again. */
const keptHallSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
    name: z.string().min(1).max(80),
    hall: hallSchema,
  })
  .readonly()
export type KeptHall = z.infer<typeof keptHallSchema>

/** What the cuer set once for this machine. */
export const settingsSchema = z.strictObject({
  format: z.literal('dellop-settings'),
  version: z.literal(2),
  /** Seconds the loudspeakers are late; measured by tapping. */
  outputDelaySeconds: z.number().min(-0.5).max(1.5),
  wordsPerMinute: z.number().min(60).max(350),
  /**
   * Whose speed cues are planned for: the usual voice, the cuer's own, or the spoken stand-in's.
   */
  voice: z.enum(['usual', 'mine', 'stand-in']).default('usual'),
  /** The cuer's own voice in each language, where it was measured. */
  ownVoices: z
    .strictObject({ en: voiceSchema.nullable(), de: voiceSchema.nullable() })
    .default({ en: null, de: null }),
  /** Seconds that echo or a noisy room add to every lead. */
  hallSeconds: z.number().min(0).max(2).default(0),
  /** The group that lists and sheets are narrowed to; null for nobody in particular. */
  groupId: z.string().max(64).nullable().default(null),
  /**
   * The school of one evening, which goes before that of the group and of the sheet until it is
   * over.
   */
  tonight: z
    .strictObject({ schoolId: z.string().max(64), untilMs: z.number() })
    .nullable()
    .default(null),
  /** Sheets that are marked as favourites, by id. */
  favourites: z.array(z.string().max(64)).max(1000).readonly().default([]),
  /** Halls, and the one that is danced in now; null for none of them. */
  halls: z.array(keptHallSchema).max(200).readonly().default([]),
  hallId: z.string().max(64).nullable().default(null),
})
export type Settings = z.infer<typeof settingsSchema>

export const DEFAULT_SETTINGS: Settings = {
  format: 'dellop-settings',
  version: 2,
  outputDelaySeconds: 0,
  wordsPerMinute: 175,
  voice: 'usual',
  ownVoices: { en: null, de: null },
  hallSeconds: 0,
  groupId: null,
  tonight: null,
  favourites: [],
  halls: [],
  hallId: null,
}

/** How settings are edited: each by itself, so that two pages may each change another one. */
export const settingsShape: DocumentShape = { lists: { halls: { lists: {} } } }

/** Settings have one row only; edits name it so. */
export const SETTINGS_ID = 'machine'

const SETTING_KEYS: ReadonlySet<string> = new Set(Object.keys(settingsSchema.shape))

/** Who dances is a group. */
const groups = ({ floorId, ...rest }: Unread): Unread => ({ ...rest, groupId: floorId ?? null })
const upgradeNamed = upgrader('dellop-settings', [groups])

/** Brings settings up to this form. In version 1 they did not say what they are. */
export const upgradeSettings = (json: unknown): unknown =>
  withoutUnknown(
    isRecord(json) && !('format' in json)
      ? upgradeNamed({ ...json, format: 'dellop-settings', version: 1 })
      : upgradeNamed(json),
  )

/** What another Dellop sets besides is left out: the rest is still what the cuer has set. */
const withoutUnknown = (json: unknown): unknown =>
  isRecord(json) && Object.keys(json).some((key) => !SETTING_KEYS.has(key))
    ? Object.fromEntries(Object.entries(json).filter(([key]) => SETTING_KEYS.has(key)))
    : json

/** Settings with the revision an edit has to name. */
export const settingsAnswerSchema = z.object({ settings: settingsSchema, revision: z.int() })
