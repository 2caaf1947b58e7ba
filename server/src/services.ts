import type { NewId } from '@dellop/core/document'
import type { Database } from './database/open.ts'
import type { Log } from './http/log.ts'
import type { MusicReader } from './tune/musicReader.ts'
import type { Hall } from './hall/hall.ts'
import type { Broadcast } from './http/events.ts'

/** What every service works with. Clock and ids come from outside, so that tests can set them. */
export interface Services {
  readonly dataFolder: string
  /** Where the demo lies, as files. */
  readonly demoFolder: string
  readonly database: Database
  readonly nowMs: () => number
  readonly newId: NewId
  readonly log: Log
  readonly broadcast: Broadcast
  /** Second screens on this network; off until the cuer switches them on. */
  readonly hall: Hall
  /** Reads and plays written music, away from the thread that answers. */
  readonly readMusic: MusicReader
}
