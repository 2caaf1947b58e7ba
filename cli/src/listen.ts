import { succeed, type Result } from '@dellop/core/result'
import { problem } from './problem.ts'
import { listen as hear } from '@dellop/core/listen'
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
    outcomeOf(hear(read, range.value ? { range: range.value } : {}), (heard): Outcome => ({
      exit: 0,
      json: heard,
    })),
  )
}

function rangeOption({ options }: Arguments): Result<[number, number] | null> {
  const text = options.get('range')
  if (text === undefined) return succeed(null)
  const [low, high] = (/^(\d{2,3})-(\d{2,3})$/.exec(text) ?? []).slice(1).map(Number)
  return low !== undefined && high !== undefined && low < high
    ? succeed([low, high])
    : problem('usage.range', { text })
}
