import { fileURLToPath } from 'node:url'
import { tryFile } from './fuzz.ts'
import { importers } from './importers.ts'

const demo = fileURLToPath(new URL('../../demo', import.meta.url))
/** A few of each kind; many more by `npm run faults`. */
const FILES = 60

describe.each(importers(demo).map((one) => [one.name, one] as const))(
  'of the kind %s',
  (_, kind) => {
    it('whole files are let in', async () => {
      for (const sample of kind.samples) expect(await kind.bring(sample)).toBe(true)
    })
    it('files with something wrong are refused, or let in so that they can be read back', async () => {
      const tried = await Promise.all(
        Array.from({ length: FILES }, (_, seed) => tryFile(kind, seed)),
      )
      expect(tried.flatMap(({ what }, seed) => (what === null ? [] : [{ seed, what }]))).toEqual([])
      expect(tried.filter(({ letIn }) => !letIn).length).toBeGreaterThan(0)
    })
  },
)
