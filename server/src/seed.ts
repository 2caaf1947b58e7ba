import { readdirSync, readFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { readJson, validate } from '@dellop/core/document'
import { readSheetFile, sheetFileOfText } from '@dellop/core/file'
import { SHIPPED_FIGURES } from '@dellop/core/figure'
import { groupSchema } from '@dellop/core/group'
import { addGroup } from './group/service.ts'
import { orProblem } from './http/problem.ts'
import type { Services } from './services.ts'
import { importSheet, listSheets } from './sheet/service.ts'
import { importScore, listTunes } from './tune/service.ts'

const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(folder)
    .filter((name) => name.endsWith(ending))
    .sort()
    .map((name) => join(folder, name))

/** Fills an empty data folder with the demo, through the importers that everyone uses. */
export async function seedDemo(services: Services, demoFolder: string): Promise<void> {
  if ((await listTunes(services)).length === 0)
    for (const path of filesIn(join(demoFolder, 'tunes'), '.abc'))
      await importScore(services, { kind: 'abc', text: readFileSync(path, 'utf8') })
  if ((await listSheets(services)).length > 0) return
  for (const path of filesIn(join(demoFolder, 'groups'), '.json'))
    await addGroup(
      services,
      orProblem(validate(groupSchema, orProblem(readJson(readFileSync(path, 'utf8'), path)), path)),
    )
  for (const path of filesIn(join(demoFolder, 'sheets'), '.json'))
    await importSheet(services, orProblem(readSheetFile(readFileSync(path, 'utf8'), path)))
  for (const path of filesIn(join(demoFolder, 'sheets'), '.txt')) {
    const id = basename(path, '.txt')
    await importSheet(
      services,
      orProblem(
        sheetFileOfText(readFileSync(path, 'utf8'), { id, title: id, figures: SHIPPED_FIGURES }),
      ),
    )
  }
}
