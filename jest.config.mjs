import { fileURLToPath } from 'node:url'

const here = (path) => fileURLToPath(new URL(path, import.meta.url))
const swc = [
  '@swc/jest',
  {
    swcrc: false,
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators: true },
      transform: { legacyDecorator: true, useDefineForClassFields: false },
    },
    module: { type: 'commonjs' },
    // Beside the code, not in it: every suite reads every file again.
    sourceMaps: true,
  },
]
export const node = {
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  transform: { '\\.ts$': swc, 'node_modules/n2words/.*\\.js$': swc },
  // Packages that are modules only are transformed like our own.
  transformIgnorePatterns: ['/node_modules/(?!n2words/)'],
  testMatch: ['<rootDir>/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
}

/** Where tests lie, by the name that Jest shows. */
export const places = {
  core: 'core/src',
  wire: 'wire/src',
  server: 'server/src',
  cli: 'cli/src',
  web: 'web/src',
  docs: 'tools',
  bench: 'bench',
}

export const shared = {
  // Generous: tests share two cores with a compiler and a browser. No test measures time.
  testTimeout: 60_000,
  // One a core: by itself it would leave one of two cores idle.
  maxWorkers: 2,
}

export default {
  ...shared,
  projects: Object.entries(places).map(([displayName, place]) => ({
    displayName,
    rootDir: here(place),
    ...node,
  })),
}
