import { join } from 'node:path'
import { node, places, shared } from './jest.config.mjs'
import { root } from './tools/setup.mjs'
import { gatheredSuites } from './tools/together.mjs'

const folder = join(root, 'reports/suites')

/** All unit tests, the files of a folder as one suite: what `npm test` runs. */
export default {
  ...shared,
  ...node,
  rootDir: root,
  roots: [folder, ...Object.values(places).map((place) => join(root, place))],
  testSequencer: join(root, 'tools/together.mjs'),
  testMatch: gatheredSuites(Object.values(places), folder),
}
