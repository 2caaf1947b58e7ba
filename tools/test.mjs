// npm test: readies the machine, then types, lint, unit and browser tests. Every stage runs even
// when one fails; the sums come from the runners' own reports, and a report that is missing or
// counts nothing is a failure.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { isAbsolute, join } from 'node:path'
import { seededData } from './seeded.mjs'
import { compiler, install, root, tool } from './setup.mjs'

// The browser comes from Debian while the packages come from the registry; it is waited for when it
// is needed.
const browserStarted = spawn(process.execPath, ['tools/browser.mjs'], {
  cwd: root,
  stdio: 'inherit',
})
const browserReady = new Promise((resolve) =>
  browserStarted.on('close', (status) => resolve(status === 0)),
)
install()
const building = new Promise((resolve) =>
  spawn(process.execPath, ['tools/build.mjs'], { cwd: root, stdio: 'inherit' }).on(
    'close',
    (status) => (status === 0 ? resolve() : process.exit(1)),
  ),
)
const reports = join(root, 'reports')
rmSync(reports, { recursive: true, force: true })
mkdirSync(reports)

const sums = { passed: 0, failed: 0 }
function count(name, passed, failed, startMs) {
  sums.passed += passed
  sums.failed += failed
  console.log(
    `-- ${name}: ${passed} passed, ${failed} failed (${((Date.now() - startMs) / 1000).toFixed(0)} s)`,
  )
}

/**
 * Runs one command to its end; what it said is shown then, so that two at once do not talk across
 * each other.
 */
function finished([command, ...args]) {
  return new Promise((resolve) => {
    const said = []
    const child = spawn(isAbsolute(command) ? command : tool(command), args, { cwd: root })
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => said.push(chunk))
    child.on('error', (error) => said.push(Buffer.from(`${error.message}\n`)))
    child.on('close', (status) => {
      process.stdout.write(Buffer.concat(said))
      resolve(status === 0)
    })
  })
}

/** Runs commands one after the other, whose exit codes are the whole verdict. */
async function verdict(name, commands) {
  const startMs = Date.now()
  let ok = true
  for (const command of commands) ok = (await finished(command)) && ok
  count(name, ok ? 1 : 0, ok ? 0 : 1, startMs)
}

/**
 * Runs a test runner to its end and reads its JSON report: `read` gives passed and failed of it.
 */
async function runner(name, [command, ...args], report, read) {
  const startMs = Date.now()
  const child = spawn(tool(command), args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, CI: process.env.CI ?? '1' },
  })
  const status = await new Promise((resolve) =>
    child.on('close', resolve).on('error', () => resolve(1)),
  )
  const path = join(reports, report)
  const [passed, failed] = existsSync(path) ? read(JSON.parse(readFileSync(path, 'utf8'))) : [0, 1]
  const hidden = (status !== 0 && failed === 0) || passed + failed === 0 ? 1 : 0
  count(name, passed, failed + hidden, startMs)
}

// One core lints while the other builds and then checks types; who is done first begins with the
// unit tests. What is built stands as declarations for the types of the tests.
const linted = verdict('lint', [
  ['eslint', '.', '--max-warnings', '0'],
  [
    'depcruise',
    '--config',
    '.dependency-cruiser.mjs',
    'core/src',
    'wire/src',
    'server/src',
    'web/src',
  ],
])
const checked = building.then(() =>
  verdict('types', [
    [compiler, '-p', 'tsconfig.test.json'],
    ['vue-tsc', '-p', 'web/tsconfig.json', '--noEmit'],
  ]),
)
await Promise.all([linted, building])
const unit = runner(
  'unit',
  [
    'jest',
    ...['--config', 'jest.together.config.mjs', '--json', '--outputFile', 'reports/unit.json'],
    ...['--silent', '--reporters', 'default'],
  ],
  'unit.json',
  (report) => [
    report.numPassedTests,
    report.numFailedTests + report.numRuntimeErrorTestSuites + report.numTodoTests,
  ],
)
// The demo for the browser tests is filled meanwhile.
const seeding = seededData().catch((error) => {
  console.error(error.message)
  return null
})
const [seeded] = await Promise.all([seeding, checked, unit])
if (!seeded || !(await browserReady)) {
  console.log(`${sums.passed} passed, ${sums.failed + 1} failed`)
  process.exit(1)
}
process.env.DELLOP_SEEDED = seeded
const played = ({ stats }) => [stats.expected, stats.unexpected + stats.flaky]
await runner(
  'browser, views',
  ['playwright', 'test', '--project', 'views', '--workers', '2'],
  'e2e.json',
  played,
)
rmSync(join(reports, 'e2e.json'), { force: true })
// What plays and what hears mostly waits; more than two side by side miss their time on a slow day.
await runner(
  'browser, sound',
  ['playwright', 'test', '--project', 'sound', '--workers', '2'],
  'e2e.json',
  played,
)
rmSync(process.env.DELLOP_SEEDED, { recursive: true, force: true })

console.log(`${sums.passed} passed, ${sums.failed} failed`)
process.exitCode = sums.failed === 0 && sums.passed > 0 ? 0 : 1
