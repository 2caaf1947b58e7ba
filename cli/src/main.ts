import { LANGUAGE_CHOICES, takeLanguage } from './language.ts'
import type { Outcome } from './outcome.ts'

type Command = (line: readonly string[]) => Outcome | Promise<Outcome>

/** Each command is read only when it is asked for: counting needs no decoder. */
const COMMANDS: Readonly<Record<string, () => Promise<Command>>> = {
  count: async () => (await import('./count.ts')).count,
  check: async () => (await import('./check.ts')).check,
  plan: async () => (await import('./plan.ts')).plan,
  band: async () => (await import('./band.ts')).band,
  floor: async () => (await import('./floor.ts')).floor,
  figures: async () => (await import('./figures.ts')).figures,
  rehearse: async () => (await import('./rehearse.ts')).rehearse,
  evening: async () => (await import('./evening.ts')).evening,
  log: async () => (await import('./log.ts')).log,
  backup: async () => (await import('./backup.ts')).backup,
  restore: async () => (await import('./backup.ts')).restore,
  listen: async () => (await import('./listen.ts')).listen,
}
const USAGE = `dellop ${Object.keys(COMMANDS).join(' | ')}: see docs/command.md`

const given = takeLanguage(process.argv.slice(2))
const [name = '', ...line] = given ?? []
const command = given && Object.hasOwn(COMMANDS, name) ? await COMMANDS[name]!() : null
const outcome: Outcome = command
  ? await command(line)
  : {
      exit: 2,
      sentence: !given
        ? `After --language, ${LANGUAGE_CHOICES} was expected.`
        : name === ''
          ? `A command was expected: ${USAGE}`
          : `There is no command "${name}": ${USAGE}`,
    }
if (outcome.exit === 2) process.stderr.write(`${outcome.sentence}\n`)
else
  process.stdout.write(
    'text' in outcome ? outcome.text : `${JSON.stringify(outcome.json, null, 2)}\n`,
  )
process.exitCode = outcome.exit
