import type { DataSource, EntityManager } from 'typeorm'

export type Write = <Value>(work: (manager: EntityManager) => Promise<Value>) => Promise<Value>

/**
 * One writer at a time, each in a transaction of its own: overlapping transactions on one SQLite
 * connection fail. A failing write does not stop those behind it.
 */
export class WriterQueue {
  private tail: Promise<unknown> = Promise.resolve()

  constructor(private readonly source: DataSource) {}

  write<Value>(work: (manager: EntityManager) => Promise<Value>): Promise<Value> {
    const turn = this.tail.then(() => this.source.transaction(work))
    this.tail = turn.catch(() => undefined)
    return turn
  }

  async settled(): Promise<void> {
    await this.tail
  }
}
