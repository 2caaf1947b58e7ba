import { z } from 'zod'
import { readJson, succeed, validate, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { figureSchema, upgradeFigure, upgradeFiguresIn, type Figure } from '../figure/index.ts'

/** Figures on their own, to be checked, or taken from one book to another. */
export const figureFileSchema = z
  .strictObject({
    format: z.literal('dellop-figures'),
    version: z.literal(1),
    figures: z.array(figureSchema).max(20_000).readonly(),
  })
  .readonly()

/**
 * Reads a file of figures, or of one figure, or says at which line or field it stops making sense.
 * What the figures are worth is for `checkBook` to say.
 */
export function readFigureFile(text: string, name = 'The file'): Result<readonly Figure[]> {
  const json = readJson(text, name)
  if (!json.ok) return json
  const format = (json.value as { format?: unknown } | null)?.format
  if (format === 'dellop-figure') {
    const one = validate(figureSchema, upgradeFigure(json.value), name)
    return one.ok ? succeed([one.value]) : one
  }
  if (format !== 'dellop-figures')
    return problem(
      'file.format.figures',
      { name, format: JSON.stringify(format ?? null) },
      { field: 'format' },
    )
  const valid = validate(figureFileSchema, upgradeFiguresIn(json.value), name)
  return valid.ok ? succeed(valid.value.figures) : valid
}

/** Writes figures as a file; reading it back must give the same. */
export const writeFigureFile = (figures: readonly Figure[]): string =>
  `${JSON.stringify({ format: 'dellop-figures', version: 1, figures }, null, 2)}\n`
