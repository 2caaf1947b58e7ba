// Unit tests of one folder as one suite. Jest reads every module anew for every suite, and most
// suites read the whole core: half of the time of a whole run went into that. Here the files of a
// folder share what they read, each in a describe of its own, with its own hooks. A single file is
// still run by itself with `jest FILE`.
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { root } from './setup.mjs'

/** What says its surroundings, replaces what others read too, or has snapshots beside it. */
const ALONE = /@jest-environment|\bjest\.(mock|resetModules|isolateModules)\b|toMatchSnapshot/

/** What takes a quarter of a minute and more: the other core runs short ones meanwhile. */
const LONG = [
  'core/src/listen/listen.test.ts',
  'cli/src/sound.test.ts',
  'core/src/sheet/setSlips.test.ts',
  'core/src/sheet/repairSearch.test.ts',
  'core/src/sheet/plantedEverywhere.test.ts',
]

/**
 * Writes a suite for every folder of tests, and returns the paths of all suites: those written, and
 * the files that stay by themselves.
 *
 * @param places folders of the project below which tests lie
 * @param folder where the suites are written; what was in it goes
 */
export function gatheredSuites(places, folder) {
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  const suites = new Map()
  const alone = []
  for (const file of places.flatMap(testsBelow)) {
    if (LONG.includes(file) || ALONE.test(readFileSync(join(root, file), 'utf8'))) alone.push(file)
    else suites.set(dirname(file), [...(suites.get(dirname(file)) ?? []), file])
  }
  return [
    ...alone.map((file) => join(root, file)),
    ...[...suites].map(([place, files]) => {
      const path = join(folder, `${place.replaceAll('/', '.')}.test.ts`)
      writeFileSync(path, files.map((file) => describedIn(folder, file)).join(''))
      return path
    }),
  ]
}

function testsBelow(place) {
  return readdirSync(join(root, place), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.test.ts'))
    .map((file) => join(place, file))
    .sort()
}

function describedIn(folder, file) {
  const path = relative(folder, join(root, file))
  return `describe(${JSON.stringify(file)}, () => void require(${JSON.stringify(path)}))\n`
}

/** The longest suites first, or as far as nothing is known those with the most tests' text. */
export default class LongestFirst {
  sort(tests) {
    return tests
      .map((one) => [LONG.some((file) => one.path.endsWith(file)) ? Infinity : weight(one), one])
      .sort(([a], [b]) => b - a)
      .map(([, one]) => one)
  }

  // Jest asks these of every sequencer.
  allFailedTests(tests) {
    return tests
  }
  cacheResults() {}
}

function weight({ path }) {
  const members = readFileSync(path, 'utf8').matchAll(/void require\("(.*)"\)/g)
  const bytes = [...members].map(([, member]) => statSync(join(dirname(path), member)).size)
  return bytes.reduce((sum, size) => sum + size, statSync(path).size)
}
