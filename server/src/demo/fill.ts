import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { readJson, validate } from '@dellop/core/document'
import { readAbc, readSheetFile, sheetFileOfText } from '@dellop/core/file'
import { SHIPPED_FIGURES } from '@dellop/core/figure'
import { groupSchema } from '@dellop/core/group'
import { addGroup, allGroups } from '../group/service.ts'
import { orProblem } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { importSheet } from '../sheet/service.ts'
import { listSheets } from '../sheet/shelf.ts'
import { readHere } from '../tune/musicReader.ts'
import { importScore, listTunes } from '../tune/service.ts'
import { bringSeason, seasonPath } from './season.ts'

/** One thing of the demo: brought in unless it is here. */
type Step = () => Promise<void>

/** Told after each thing that is in, with how many there are. */
export type TellFilled = (done: number, of: number) => void

/**
 * Fills an empty data folder with the demo, through the importers that everyone uses. A folder that
 * has sheets or tunes of its own is left alone; a filling that broke off is gone on with.
 */
export async function fillDemo(
  services: Services,
  tell: TellFilled = () => undefined,
): Promise<void> {
  if (!(await mayFill(services))) return
  const begun = join(services.dataFolder, BEGUN)
  writeFileSync(begun, '', { mode: 0o600 })
  const steps = stepsOf(services)
  for (const [i, step] of steps.entries()) {
    await step()
    tell(i + 1, steps.length)
  }
  rmSync(begun)
}

/** Stands in the data folder for as long as the demo is not all in it. */
const BEGUN = 'demo-begun'

/** Whether a filling of the demo broke off. */
export const isBegun = ({ dataFolder }: Services): boolean => existsSync(join(dataFolder, BEGUN))

/** Whether nothing was written here yet, or a filling of the demo broke off. */
export const mayFill = async (services: Services): Promise<boolean> =>
  isBegun(services) ||
  ((await listTunes(services)).length === 0 && (await listSheets(services)).length === 0)

const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(folder)
    .filter((name) => name.endsWith(ending))
    .sort()
    .map((name) => join(folder, name))

function stepsOf(given: Services): Step[] {
  // The demo's own music need not be read apart, with a limit.
  const services = { ...given, readMusic: readHere }
  const files = (folder: string, ending: string): string[] =>
    filesIn(join(services.demoFolder, folder), ending)
  return [
    ...files('tunes', '.abc').map((path) => () => bringTune(services, path)),
    ...files('groups', '.json').map((path) => () => bringGroup(services, path)),
    ...[...files('sheets', '.json'), ...files('sheets', '.txt')].map(
      (path) => () => bringSheet(services, path),
    ),
    ...(existsSync(seasonPath(services)) ? [() => bringSeason(services)] : []),
  ]
}

async function bringTune(services: Services, path: string): Promise<void> {
  const text = readFileSync(path, 'utf8')
  const { title } = orProblem(readAbc(text))
  if ((await listTunes(services)).some((tune) => tune.title === title)) return
  await importScore(services, { kind: 'abc', text })
}

async function bringGroup(services: Services, path: string): Promise<void> {
  const json = orProblem(readJson(readFileSync(path, 'utf8'), path))
  const group = orProblem(validate(groupSchema, json, path))
  const here = await allGroups(services.database.source.manager)
  if (!here.some(({ id }) => id === group.id)) await addGroup(services, group)
}

async function bringSheet(services: Services, path: string): Promise<void> {
  const text = readFileSync(path, 'utf8')
  const id = basename(path, '.txt')
  const file = orProblem(
    path.endsWith('.txt')
      ? sheetFileOfText(text, { id, title: id, figures: SHIPPED_FIGURES })
      : readSheetFile(text, path),
  )
  const here = await listSheets(services)
  if (!here.some((sheet) => sheet.id === file.routine.id)) await importSheet(services, file)
}
