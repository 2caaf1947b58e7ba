import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { listen as hear, readBeatNet, type BeatNet } from '@dellop/core/listen'
import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'
import { readArguments, type Arguments } from './arguments.ts'
import { readSound } from './decode.ts'
import { outcomeOf, type Outcome } from './outcome.ts'

/** `dellop listen FILE [--range LOW-HIGH]` */
export async function listen(line: readonly string[]): Promise<Outcome> {
  const args = readArguments(line, ['range'])
  if (!args.ok) return outcomeOf(args, () => ({ exit: 0, json: null }))
  if (args.value.words.length !== 1)
    return {
      exit: 2,
      sentence: 'One sound file was expected: dellop listen FILE [--range LOW-HIGH]',
    }
  const range = rangeOption(args.value)
  if (!range.ok) return { exit: 2, sentence: range.problem.message }
  const sound = await readSound(args.value.words[0]!)
  return outcomeOf(sound, (read) =>
    outcomeOf(beatNet(), (net) =>
      outcomeOf(hear(read, net, { range: range.value }), (heard): Outcome => ({
        exit: 0,
        json: heard,
      })),
    ),
  )
}

/** What is listened with: it ships with the core. */
function beatNet(): Result<BeatNet> {
  const path = createRequire(import.meta.url).resolve('@dellop/core/beats.net')
  return readBeatNet(new Uint8Array(readFileSync(path)))
}

function rangeOption({ options }: Arguments): Result<[number, number] | null> {
  const text = options.get('range')
  if (text === undefined) return succeed(null)
  const [low, high] = (/^(\d{2,3})-(\d{2,3})$/.exec(text) ?? []).slice(1).map(Number)
  return low !== undefined && high !== undefined && low < high
    ? succeed([low, high])
    : problem('usage.range', { text })
}
