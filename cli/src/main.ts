import { band } from './band.ts'
import { check } from './check.ts'
import { count } from './count.ts'
import type { Outcome } from './outcome.ts'
import { plan } from './plan.ts'

const COMMANDS: Readonly<Record<string, (line: readonly string[]) => Outcome>> = { count, check, plan, band }
const USAGE = `dellop ${Object.keys(COMMANDS).join(' | ')}: see docs/command.md`

const [name = '', ...line] = process.argv.slice(2)
const outcome: Outcome = COMMANDS[name]?.(line) ?? { exit: 2, sentence: name === '' ? `A command was expected: ${USAGE}` : `There is no command "${name}": ${USAGE}` }
if (outcome.exit === 2) process.stderr.write(`${outcome.sentence}\n`)
else process.stdout.write(`${JSON.stringify(outcome.json, null, 2)}\n`)
process.exitCode = outcome.exit
