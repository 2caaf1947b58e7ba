import { beatsOfTicks, parseNotation } from '@dellop/core/time'
import { numberOption, readArguments } from './arguments.ts'
import { outcomeOf, type Outcome } from './outcome.ts'

/** `dellop count NOTATION [--count-from N] [--division 3]` */
export function count(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, ['count-from', 'division']), (args) =>
    outcomeOf(numberOption(args, 'count-from', 1, 12), (countFrom) =>
      outcomeOf(numberOption(args, 'division', 3, 4), (division) => {
        if (args.words.length === 0)
          return {
            exit: 2,
            sentence:
              'A line of counts such as "1 & 2 3" or "S Q Q" was expected: dellop count NOTATION',
          }
        if (division !== null && division !== 3 && division !== 4)
          return { exit: 2, sentence: '--division takes 3 or 4.' }
        const options = {
          ...(countFrom === null ? {} : { countFrom }),
          ...(division === null ? {} : { division: division as 3 | 4 }),
        }
        return outcomeOf(parseNotation(args.words.join(' '), options), (read) => ({
          exit: 0,
          json: {
            beats: beatsOfTicks(read.lengthTicks),
            events: read.events.map(({ token, at }) => ({ token, beat: beatsOfTicks(at) })),
          },
        }))
      }),
    ),
  )
}
