import { z } from 'zod'
import { PROBLEM_STATUS, problemSchema } from './problem.ts'
import { ROUTES, type Route } from './routes.ts'

const json = (schema: z.ZodType, io: 'input' | 'output') => ({
  'application/json': { schema: z.toJSONSchema(schema, { io, unrepresentable: 'any' }) },
})

function operation(name: string, route: Route): object {
  const parameters = [...route.path.matchAll(/:(\w+)/g)].map((match) => ({
    name: match[1],
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }))
  return {
    operationId: name,
    summary: route.summary,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(route.request
      ? { requestBody: { required: true, content: json(route.request, 'input') } }
      : {}),
    responses: {
      '200': {
        description: 'Done.',
        ...(route.answer ? { content: json(route.answer, 'output') } : {}),
      },
      default: {
        description: 'A problem, in one sentence.',
        content: {
          'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
        },
      },
    },
    'x-limit-bytes': route.limitBytes,
  }
}

/** The API as OpenAPI 3.1, generated from the same Zod that checks it. */
export function openApiDocument(): object {
  const paths: Record<string, Record<string, object>> = {}
  for (const [name, route] of Object.entries(ROUTES)) {
    const path = route.path.replace(/:(\w+)/g, '{$1}')
    paths[path] = { ...paths[path], [route.method.toLowerCase()]: operation(name, route) }
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Dellop',
      version: '1',
      description: `Problem codes and their statuses: ${Object.entries(PROBLEM_STATUS)
        .map(([code, status]) => `${code} ${status}`)
        .join(', ')}.`,
    },
    paths,
    components: { schemas: { Problem: z.toJSONSchema(problemSchema) } },
  }
}
