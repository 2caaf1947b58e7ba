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
    sourceMaps: 'inline',
  },
]
const node = {
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  transform: { '\\.ts$': swc, 'node_modules/n2words/.*\\.js$': swc },
  // Packages that are modules only are transformed like our own.
  transformIgnorePatterns: ['/node_modules/(?!n2words/)'],
  testMatch: ['<rootDir>/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
}

export default {
  // Generous: tests share two cores with a compiler and a browser. No test measures time.
  testTimeout: 60_000,
  // One a core: by itself it would leave one of two cores idle.
  maxWorkers: 2,
  projects: [
    { displayName: 'core', rootDir: here('core/src'), ...node },
    { displayName: 'wire', rootDir: here('wire/src'), ...node },
    { displayName: 'server', rootDir: here('server/src'), ...node },
    { displayName: 'cli', rootDir: here('cli/src'), ...node },
    { displayName: 'web', rootDir: here('web/src'), ...node },
    { displayName: 'docs', rootDir: here('tools'), ...node },
    { displayName: 'bench', rootDir: here('bench'), ...node },
  ],
}
