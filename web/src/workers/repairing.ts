/** A worker that searches repairs; it is ended by whoever began it. */
export const repairWorker = (): Worker =>
  new Worker(new URL('./repair.worker.ts', import.meta.url), { type: 'module' })
