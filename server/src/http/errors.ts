import { randomUUID } from 'node:crypto'
import type { ProblemBody } from '@dellop/wire'
import type { Context, Middleware } from 'koa'
import { isStorageFault, storageProblem } from '../database/storageFault.ts'
import type { Log } from './log.ts'
import { HttpProblem, refusal } from './problem.ts'

/** Gives each request an id, turns whatever is thrown into one problem, and logs both. */
export function requestBoundary(log: Log, nowMs: () => number): Middleware {
  return async (ctx, next) => {
    const requestId = randomUUID()
    const startMs = nowMs()
    ctx.state['requestId'] = requestId
    ctx.set('X-Request-Id', requestId)
    try {
      await next()
      if (ctx.status === 404 && ctx.body == null) throw notFound(ctx)
      if (ctx.status === 405 || ctx.status === 501)
        throw new HttpProblem('method.refused', `${ctx.path} does not take ${ctx.method}.`)
    } catch (thrown) {
      const problem = problemOf(thrown)
      if (problem.code === 'server.failed')
        log.write({
          level: 'error',
          requestId,
          error: thrown instanceof Error ? thrown.stack : String(thrown),
        })
      answer(ctx, problem, requestId)
    }
    log.write({
      level: 'info',
      requestId,
      method: ctx.method,
      path: ctx.path,
      status: ctx.status,
      ms: Math.round(nowMs() - startMs),
    })
  }
}

const notFound = (ctx: Context): HttpProblem =>
  new HttpProblem('not-found', `There is nothing at ${ctx.path}.`)

function problemOf(thrown: unknown): HttpProblem {
  if (thrown instanceof HttpProblem) return thrown
  const status = (thrown as { status?: unknown }).status
  if (status === 413) return refusal('input.too-large', 'body.large', {})
  if (status === 415) return refusal('input.type', 'body.encoding', {})
  if (status === 400) return refusal('input.not-json', 'body.json', {})
  if (isStorageFault(thrown)) return storageProblem(thrown)
  return refusal('server.failed', 'failed', {})
}

function answer(ctx: Context, problem: HttpProblem, requestId: string): void {
  const body: ProblemBody = {
    type: `dellop:${problem.code}`,
    title: problem.code,
    status: problem.status,
    code: problem.code,
    detail: problem.message,
    ...(problem.field === undefined ? {} : { field: problem.field }),
    ...(problem.said === undefined ? {} : { said: problem.said }),
    requestId,
  }
  ctx.status = problem.status
  // A request refused before its body was read must not leave the rest of it in the pipe.
  if (ctx.req.readableEnded === false && ctx.method !== 'GET') ctx.set('Connection', 'close')
  ctx.type = 'application/problem+json'
  ctx.body = JSON.stringify(body)
}
