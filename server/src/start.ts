import { randomBytes } from 'node:crypto'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createApp } from './app.ts'
import { lockFolder, type FolderLock } from './database/lock.ts'
import { takeRestored } from './backup/restore.ts'
import { takeFolder } from './database/folder.ts'
import { openDatabase } from './database/open.ts'
import { shipFigures } from './figure/service.ts'
import { readHere, readInWorker } from './tune/musicReader.ts'
import { sweepMedia } from './media/sweep.ts'
import { openHall } from './hall/hall.ts'
import { hallFile } from './hall/keptHall.ts'
import { broadcaster } from './http/events.ts'
import { fileLog } from './http/log.ts'
import type { Services } from './services.ts'

export interface StartOptions {
  readonly dataFolder: string
  readonly webFolder: string | null
  readonly demoFolder: string
  /** 0 takes any free port. */
  readonly port: number
  /** Of the worker that reads written music; it is read in this thread where left out. */
  readonly musicScript?: URL
}

export interface Running {
  readonly services: Services
  readonly address: string
  readonly stop: () => Promise<void>
}

/**
 * Opens the data folder and listens on 127.0.0.1. Rejects with the system's error when the port is
 * taken.
 */
export async function start(options: StartOptions): Promise<Running> {
  const nowMs = (): number => Date.now()
  const { dataFolder } = options
  // What stands in it is the cuer's alone.
  process.umask(0o077)
  takeFolder(dataFolder)
  const lock = lockFolder(dataFolder, nowMs())
  try {
    return await startLocked(options, nowMs, lock)
  } catch (error) {
    lock.release()
    throw error
  }
}

async function startLocked(
  { dataFolder, webFolder, demoFolder, port, musicScript }: StartOptions,
  nowMs: () => number,
  lock: FolderLock,
): Promise<Running> {
  takeRestored(dataFolder, nowMs())
  const database = await openDatabase(dataFolder, nowMs)
  const broadcast = broadcaster()
  const log = fileLog(dataFolder, nowMs)
  const hall = openHall({ webFolder, nowMs, log, file: hallFile(dataFolder) })
  const newId = (): string => randomBytes(8).toString('hex')
  const services: Services = {
    dataFolder,
    demoFolder,
    database,
    nowMs,
    broadcast,
    hall,
    newId,
    log,
    readMusic: musicScript ? readInWorker(musicScript) : readHere,
  }
  await shipFigures(services)
  await sweepMedia(services)
  const server = createServer(createApp(services, webFolder).callback())
  try {
    await listen(server, port)
  } catch (error) {
    broadcast.close()
    await database.close()
    throw error
  }
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  lock.at(address)
  await hall.comeBack()
  return {
    services,
    address,
    stop: async () => {
      broadcast.close()
      await hall.close()
      server.closeAllConnections()
      await new Promise((resolve) => server.close(resolve))
      await database.close()
      await log.close()
      lock.release()
    },
  }
}

function listen(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '127.0.0.1', () => {
      server.off('error', reject)
      resolve()
    })
  })
}
