import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { constants } from 'node:zlib'
import Router from '@koa/router'
import Koa from 'koa'
import compress from 'koa-compress'
import { demoRoutes } from './demo/routes.ts'
import { documentRoutes } from './document/routes.ts'
import { callRoutes } from './call/routes.ts'
import { figureRoutes } from './figure/routes.ts'
import { groupRoutes } from './group/routes.ts'
import { hallRoutes } from './hall/routes.ts'
import { schoolRoutes } from './school/routes.ts'
import { requestBoundary } from './http/errors.ts'
import { hostGuard, originGuard, securityHeaders } from './http/guards.ts'
import { serve } from './http/route.ts'
import { scriptOf, webApp } from './http/webApp.ts'
import { mediaRoutes } from './media/routes.ts'
import type { Services } from './services.ts'
import { backupRoutes } from './backup/routes.ts'
import { eveningRoutes } from './evening/routes.ts'
import { seriesRoutes } from './lesson/routes.ts'
import { logbookRoutes } from './logbook/routes.ts'
import { practiceRoutes } from './practice/routes.ts'
import { settingsRoutes } from './settings/routes.ts'
import { sheetRoutes } from './sheet/routes.ts'
import { tuneRoutes } from './tune/routes.ts'

export const VERSION = '0.1.0'

/** All routes, from one subject after the other. */
export function apiRouter(services: Services): Router {
  const router = new Router()
  serve(router, 'health', () => ({ ok: true as const, version: VERSION }))
  serve(router, 'events', ({ ctx }) => services.broadcast.attach(ctx))
  for (const routes of [
    sheetRoutes,
    figureRoutes,
    groupRoutes,
    schoolRoutes,
    tuneRoutes,
    mediaRoutes,
    settingsRoutes,
    callRoutes,
    practiceRoutes,
    backupRoutes,
    eveningRoutes,
    seriesRoutes,
    logbookRoutes,
    hallRoutes,
    documentRoutes,
    demoRoutes,
  ])
    routes(router, services)
  return router
}

/** Answers are squeezed a little: they are made anew each time. What is streamed as news is not. */
const squeezedAnswers = compress({
  filter: (type) => /^(?:application\/(?:\w+\+)?json|text\/(?!event-stream))/.test(type),
  threshold: 1024,
  br: { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } },
  gzip: { level: 5 },
  deflate: false,
})

/** Every answer says where the disk is all but full, so that whoever works is told. */
const tellsOfRoom =
  ({ database }: Services): Koa.Middleware =>
  async (ctx, next) => {
    if (database.isLow()) ctx.set('Dellop-Storage', 'low')
    await next()
  }

/**
 * Every answer says by its script which build of the page lies here: a page of the same build need
 * not go through long lists again that were validated as they were read.
 */
function tellsOfPage(webFolder: string): Koa.Middleware {
  const page = scriptOf(readFileSync(join(webFolder, 'index.html'), 'utf8'))
  return async (ctx, next) => {
    if (page) ctx.set('Dellop-Page', page)
    await next()
  }
}

/** The application; the middleware in the order in which a request meets it. */
export function createApp(services: Services, webFolder: string | null): Koa {
  const app = new Koa()
  const router = apiRouter(services)
  app.use(requestBoundary(services.log, services.nowMs))
  app.use(securityHeaders)
  app.use(hostGuard)
  app.use(originGuard)
  if (webFolder) app.use(webApp(webFolder)).use(tellsOfPage(webFolder))
  app.use(squeezedAnswers)
  app.use(tellsOfRoom(services))
  app.use(router.routes())
  app.use(router.allowedMethods())
  app.silent = true
  return app
}
