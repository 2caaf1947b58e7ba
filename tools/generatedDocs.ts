import { callLogSchema } from '@dellop/core/call'
import { sheetFileSchema } from '@dellop/core/file'
import { figureSchema } from '@dellop/core/figure'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import { openApiDocument } from '@dellop/wire'
import { z } from 'zod'

const schema = (title: string, of: z.ZodType): string =>
  `${JSON.stringify({ title, ...z.toJSONSchema(of, { io: 'input', unrepresentable: 'any' }) }, null, 2)}\n`

/** Every generated file under docs/, by its path there. */
export function generatedDocs(): Record<string, string> {
  return {
    'api.json': `${JSON.stringify(openApiDocument(), null, 2)}\n`,
    'formats/sheet.schema.json': schema('Dellop sheet file', sheetFileSchema),
    'formats/figure.schema.json': schema('Dellop figure', figureSchema),
    'formats/tune.schema.json': schema('Dellop tune', tuneSchema),
    'formats/call.schema.json': schema('Dellop call', callLogSchema),
    'formats/school.schema.json': schema('Dellop school', schoolSchema),
  }
}
