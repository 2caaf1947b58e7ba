import type Router from '@koa/router'
import { createReadStream, createWriteStream, existsSync, readdirSync, statSync } from 'node:fs'
import { mkdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { packBackup } from './pack.ts'
import { stageRestore } from './restore.ts'

export function backupRoutes(router: Router, services: Services): void {
  const { dataFolder, newId, nowMs } = services
  serve(router, 'listBackups', () => ({ backups: copiesIn(dataFolder) }))
  serve(router, 'getBackup', async ({ ctx }) => {
    const path = await packBackup(services)
    const day = new Date(nowMs()).toISOString().slice(0, 10)
    ctx.attachment(`dellop-${day}.zip`)
    ctx.type = 'application/zip'
    ctx.length = statSync(path).size
    const body = createReadStream(path)
    body.once('close', () => void rm(path, { force: true }))
    ctx.body = body
  })
  serve(router, 'restoreBackup', async ({ ctx }) => {
    if (!ctx.is('application/octet-stream'))
      throw new HttpProblem('input.type', 'A backup is sent as application/octet-stream.')
    const folder = join(dataFolder, 'tmp')
    await mkdir(folder, { recursive: true })
    const path = join(folder, `${newId()}.zip`)
    try {
      await pipeline(ctx.req, createWriteStream(path))
      return await stageRestore(dataFolder, path)
    } finally {
      await rm(path, { force: true })
    }
  })
}

/** The copies of the database that are kept by themselves, the newest first. */
function copiesIn(dataFolder: string): { name: string; bytes: number; atMs: number }[] {
  const folder = join(dataFolder, 'backups')
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .filter((name) => name.endsWith('.sqlite'))
    .map((name) => {
      const { size, mtimeMs } = statSync(join(folder, name))
      return { name, bytes: size, atMs: Math.round(mtimeMs) }
    })
    .sort((a, b) => b.atMs - a.atMs)
}
