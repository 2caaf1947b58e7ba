import Libsql from 'libsql'

/**
 * libsql as TypeORM's better-sqlite3 driver. Its own wrapper takes a lone Buffer, boolean or null
 * for named parameters (and aborts the process), returns blobs as ArrayBuffer and adds a
 * `_metadata` to rows. Here parameters always travel as one array and rows come back as
 * better-sqlite3 gives them.
 */
interface Statement {
  run(...parameters: unknown[]): unknown
  get(...parameters: unknown[]): unknown
  all(...parameters: unknown[]): unknown
}

type DriverConstructor = new (path: string, options?: object) => { prepare(sql: string): Statement }

const bound = (parameters: readonly unknown[]): unknown[] =>
  parameters.map((value) =>
    typeof value === 'boolean' ? Number(value) : value === undefined ? null : value,
  )

function plainRow(row: unknown): unknown {
  if (row === null || typeof row !== 'object') return row
  const plain = row as Record<string, unknown>
  delete plain['_metadata']
  for (const key of Object.keys(plain))
    if (plain[key] instanceof ArrayBuffer) plain[key] = Buffer.from(plain[key])
  return plain
}

export class LibsqlDriver extends (Libsql as unknown as DriverConstructor) {
  override prepare(sql: string): Statement {
    const statement = super.prepare(sql)
    const inner = Object.getPrototypeOf(statement) as Statement
    statement.run = (...parameters) => inner.run.call(statement, bound(parameters))
    statement.get = (...parameters) => plainRow(inner.get.call(statement, bound(parameters)))
    statement.all = (...parameters) =>
      (inner.all.call(statement, bound(parameters)) as unknown[]).map(plainRow)
    return statement
  }
}
