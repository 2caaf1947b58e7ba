import { z } from 'zod'
import { isRecord, readJson, succeed, validate, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { figureSchema, upgradeFiguresIn } from '../figure/index.ts'
import { routineSchema, upgradeRoutineIn } from '../routine/index.ts'
import { schoolSchema, upgradeSchool } from '../school/index.ts'
import { tuneSchema, upgradeTune } from '../tune/index.ts'

/** Marks of earlier states that a file carries at most. */
export const MOST_MARKS = 500

/**
 * A routine with all it needs to be checked and called elsewhere: its figures, and its tune and
 * school where it has them. `docs/formats/sheet.schema.json` is generated from this.
 */
export const sheetFileSchema = z
  .strictObject({
    format: z.literal('dellop-sheet'),
    version: z.literal(1),
    routine: routineSchema,
    figures: z.array(figureSchema).max(20_000).readonly(),
    tune: tuneSchema.nullable().default(null),
    school: schoolSchema.nullable().default(null),
    /**
     * What the sheet was like, newest first, told by nothing but its marks (SHA-256, shortened): two
     * that grew from one are known by the newest mark they share.
     */
    history: z
      .array(z.string().regex(/^[0-9a-f]{24}$/, 'a mark of 24 letters was expected'))
      .max(MOST_MARKS)
      .readonly()
      .optional(),
  })
  .readonly()
export type SheetFile = z.infer<typeof sheetFileSchema>

/** All that a sheet file holds, each brought up to this form. */
export function upgradeSheetFile(json: unknown): unknown {
  const file = upgradeRoutineIn(upgradeFiguresIn(json))
  if (!isRecord(file)) return file
  return {
    ...file,
    ...('tune' in file ? { tune: upgradeTune(file['tune']) } : {}),
    ...('school' in file ? { school: upgradeSchool(file['school']) } : {}),
  }
}

/**
 * Reads a sheet file, or says at which line or field it stops making sense and what was expected
 * there.
 */
export function readSheetFile(text: string, name = 'The sheet file'): Result<SheetFile> {
  const json = readJson(text, name)
  if (!json.ok) return json
  const format = (json.value as { format?: unknown } | null)?.format
  if (format !== 'dellop-sheet')
    return problem(
      'file.format.sheet',
      { name, format: JSON.stringify(format ?? null) },
      { field: 'format' },
    )
  const version = (json.value as { version?: unknown }).version
  if (typeof version === 'number' && version > 1)
    return problem('file.newer', { name, version }, { field: 'version' })
  const valid = validate(sheetFileSchema, upgradeSheetFile(json.value), name)
  if (!valid.ok) return valid
  const twice = valid.value.figures.find(
    (figure, i, all) => all.findIndex((other) => other.id === figure.id) !== i,
  )
  return twice
    ? problem('file.twice', { name, id: twice.id }, { field: 'figures' })
    : succeed(valid.value)
}

/** Writes a sheet file; reading it back must give the same value. */
export const writeSheetFile = (file: SheetFile): string => `${JSON.stringify(file, null, 2)}\n`
