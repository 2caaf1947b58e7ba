import { groupSchema } from '@dellop/core/group'
import { tuneSchema } from '@dellop/core/tune'
import { openApiDocument } from './openapi.ts'
import { PROBLEM_CODES, PROBLEM_STATUS, problemSchema } from './problem.ts'
import { routePath, ROUTES, type Route } from './routes.ts'

const routes: readonly (readonly [string, Route])[] = Object.entries(ROUTES)

describe('the wire', () => {
  it('has each method and path once', () => {
    const all = routes.map(([, route]) => `${route.method} ${route.path}`)
    expect(new Set(all).size).toBe(all.length)
  })

  it('limits the size of everything that may be sent, and sends nothing to what only reads', () => {
    for (const [name, route] of routes) {
      expect([
        name,
        route.method === 'GET' || route.method === 'DELETE'
          ? route.limitBytes === 0 && route.request === null
          : route.limitBytes > 0,
      ]).toEqual([name, true])
    }
  })

  it('fills paths with parameters, escaped', () => {
    expect(routePath(ROUTES.getSheet, { id: 'a/b c' })).toBe('/api/sheets/a%2Fb%20c')
    expect(routePath(ROUTES.listSheets)).toBe('/api/sheets')
  })

  it('gives every problem a status of failure, and refuses codes of no list', () => {
    for (const code of PROBLEM_CODES) expect(PROBLEM_STATUS[code]).toBeGreaterThanOrEqual(400)
    const body = {
      type: 'x',
      title: 'x',
      status: 400,
      code: 'no.such.code',
      detail: '',
      requestId: '1',
    }
    expect(problemSchema.safeParse(body).success).toBe(false)
    expect(problemSchema.safeParse({ ...body, code: 'not-found' }).success).toBe(true)
  })

  it('describes every route as OpenAPI, with its parameters', () => {
    const { paths } = openApiDocument() as {
      paths: Record<
        string,
        Record<string, { operationId: string; parameters?: { name: string }[] }>
      >
    }
    const described = Object.values(paths).flatMap((methods) =>
      Object.values(methods).map((one) => one.operationId),
    )
    expect(described.sort()).toEqual(routes.map(([name]) => name).sort())
    expect(paths['/api/sheets/{id}/edits']!['post']!.parameters).toMatchObject([{ name: 'id' }])
  })

  it('tells what has a name by it, and nothing by a name that is not there', () => {
    const { components, paths } = openApiDocument({ Tune: tuneSchema, Group: groupSchema }) as {
      components: { schemas: Record<string, unknown> }
      paths: unknown
    }
    const told = JSON.stringify([components, paths]).match(/(?<=#\/components\/schemas\/)\w+/g)!
    expect([...new Set(told)].sort()).toEqual(Object.keys(components.schemas).sort())
    expect(Object.keys(components.schemas)).toEqual(
      expect.arrayContaining(['Problem', 'Tune', 'TuneSent', 'Group']),
    )
  })
})
