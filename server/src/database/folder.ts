import { accessSync, chmodSync, constants, existsSync, mkdirSync, statSync } from 'node:fs'
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { StartProblem } from './startProblem.ts'

/** Makes the data folder where there is none; refuses a file in its place, and one that is read only. */
export function takeFolder(dataFolder: string): void {
  if (existsSync(dataFolder) && !statSync(dataFolder).isDirectory())
    throw new StartProblem(
      `${dataFolder} is a file; a folder for Dellop's data was expected. Nothing was changed.`,
    )
  try {
    mkdirSync(dataFolder, { recursive: true, mode: 0o700 })
    accessSync(dataFolder, constants.R_OK | constants.W_OK | constants.X_OK)
  } catch {
    throw new StartProblem(
      `Nothing can be written in ${dataFolder}: a folder was expected that this user may write in. Nothing was changed.`,
    )
  }
  closeOff(dataFolder)
}

/** A folder of an older Dellop could be read by others. */
function closeOff(dataFolder: string): void {
  try {
    chmodSync(dataFolder, 0o700)
    for (const name of readdirSync(dataFolder))
      if (name.startsWith('dellop.')) chmodSync(join(dataFolder, name), 0o600)
  } catch {
    // Some file systems have no such rights.
  }
}
