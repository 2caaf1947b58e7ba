import * as callRoom from '@dellop/core/call'
import * as cueRoom from '@dellop/core/cue'
import * as documentRoom from '@dellop/core/document'
import * as eveningRoom from '@dellop/core/evening'
import * as figureRoom from '@dellop/core/figure'
import * as fileRoom from '@dellop/core/file'
import * as floorRoom from '@dellop/core/floor'
import * as groupRoom from '@dellop/core/group'
import * as lessonRoom from '@dellop/core/lesson'
import * as listenRoom from '@dellop/core/listen'
import * as logbookRoom from '@dellop/core/logbook'
import * as moveRoom from '@dellop/core/move'
import * as rehearseRoom from '@dellop/core/rehearse'
import * as routineRoom from '@dellop/core/routine'
import * as schoolRoom from '@dellop/core/school'
import * as timeRoom from '@dellop/core/time'
import * as tuneRoom from '@dellop/core/tune'
import { callLogSchema } from '@dellop/core/call'
import { sheetFileSchema } from '@dellop/core/file'
import { figureSchema } from '@dellop/core/figure'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import * as wire from '@dellop/wire'
import { z } from 'zod'

const schema = (title: string, of: z.ZodType): string =>
  `${JSON.stringify({ title, ...z.toJSONSchema(of, { io: 'input', unrepresentable: 'any' }) }, null, 2)}\n`

/** Everything that rooms and the wire call a schema, by its name: `tuneSchema` is a Tune. */
const NAMED: Readonly<Record<string, z.ZodType>> = Object.fromEntries(
  [
    callRoom,
    cueRoom,
    documentRoom,
    eveningRoom,
    figureRoom,
    fileRoom,
    floorRoom,
    groupRoom,
    lessonRoom,
    listenRoom,
    logbookRoom,
    moveRoom,
    rehearseRoom,
    routineRoom,
    schoolRoom,
    timeRoom,
    tuneRoom,
    wire,
  ].flatMap((room) =>
    Object.entries(room as Readonly<Record<string, unknown>>)
      .sort()
      .flatMap(([name, one]) =>
        name.endsWith('Schema') && one instanceof z.ZodType
          ? [[`${name[0]!.toUpperCase()}${name.slice(1, -'Schema'.length)}`, one] as const]
          : [],
      ),
  ),
)

/** Every generated file under docs/, by its path there. */
export function generatedDocs(): Record<string, string> {
  return {
    'api.json': `${JSON.stringify(wire.openApiDocument(NAMED), null, 2)}\n`,
    'formats/sheet.schema.json': schema('Dellop sheet file', sheetFileSchema),
    'formats/figure.schema.json': schema('Dellop figure', figureSchema),
    'formats/tune.schema.json': schema('Dellop tune', tuneSchema),
    'formats/call.schema.json': schema('Dellop call', callLogSchema),
    'formats/school.schema.json': schema('Dellop school', schoolSchema),
  }
}
