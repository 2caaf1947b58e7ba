import { z } from 'zod'
import { PROBLEM_STATUS, problemSchema } from './problem.ts'
import { ROUTES, type Route } from './routes.ts'

/** A JSON Schema, or anything in one. */
type Json = Readonly<Record<string, unknown>>
const IOS = ['output', 'input'] as const
type Io = (typeof IOS)[number]

function schemaOf(schema: z.ZodType, io: Io): Json {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' })
  return rest
}

/** Schemas that have a name, each once; what is sent under another where it may leave out more. */
class Named {
  readonly schemas: Record<string, Json> = {}
  readonly #names = new Map<string, string>()

  constructor(schemas: Readonly<Record<string, z.ZodType>>) {
    for (const [name, schema] of Object.entries(schemas))
      for (const io of IOS) {
        const json = schemaOf(schema, io)
        const text = JSON.stringify(json)
        // A word or a number is told where it stands.
        if (json['type'] !== 'object' && !('anyOf' in json) && !('oneOf' in json)) continue
        if (this.#names.has(text)) continue
        const free = name in this.schemas ? `${name}Sent` : name
        this.#names.set(text, free)
        this.schemas[free] = json
      }
    for (const [name, json] of Object.entries(this.schemas))
      this.schemas[name] = this.#within(json) as Json
  }
  /** The same with what has a name told by it, at any depth. */
  told(node: unknown): unknown {
    const name =
      typeof node === 'object' && node !== null && !Array.isArray(node)
        ? this.#names.get(JSON.stringify(node))
        : undefined
    return name === undefined ? this.#within(node) : { $ref: `#/components/schemas/${name}` }
  }
  /** Those that are told of by name, also by one another. */
  usedIn(node: unknown): Record<string, Json> {
    const used = new Set<string>()
    const visit = (text: string): void => {
      for (const [, name = ''] of text.matchAll(/"#\/components\/schemas\/(\w+)"/g)) {
        if (used.has(name)) continue
        used.add(name)
        visit(JSON.stringify(this.schemas[name]))
      }
    }
    visit(JSON.stringify(node))
    return Object.fromEntries(Object.entries(this.schemas).filter(([name]) => used.has(name)))
  }
  #within(node: unknown): unknown {
    if (Array.isArray(node)) return node.map((one) => this.told(one))
    if (typeof node !== 'object' || node === null) return node
    return Object.fromEntries(Object.entries(node).map(([key, one]) => [key, this.told(one)]))
  }
}

function operation(name: string, route: Route, named: Named): object {
  const json = (schema: z.ZodType, io: Io) => ({
    'application/json': { schema: named.told(schemaOf(schema, io)) },
  })
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

/**
 * The API as OpenAPI 3.1, generated from the same Zod that checks it.
 *
 * @param schemas What has a name of its own in it, by that name.
 */
export function openApiDocument(schemas: Readonly<Record<string, z.ZodType>> = {}): object {
  const named = new Named({ Problem: problemSchema, ...schemas })
  const paths: Record<string, Record<string, object>> = {}
  for (const [name, route] of Object.entries(ROUTES)) {
    const path = route.path.replace(/:(\w+)/g, '{$1}')
    paths[path] = { ...paths[path], [route.method.toLowerCase()]: operation(name, route, named) }
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
    components: { schemas: named.usedIn(paths) },
  }
}
