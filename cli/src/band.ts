import { writeFileSync } from 'node:fs'
import { playScore, trueBeats, wavBytes } from '@dellop/core/band'
import { readAbc } from '@dellop/core/file'
import { readArguments } from './arguments.ts'
import { callersPath, readText } from './files.ts'
import { outcomeOf, type Outcome } from './outcome.ts'

/** `dellop band TUNE.abc -o OUT.wav`: also writes OUT.json with the true beats. */
export function band(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, ['o']), (args) => {
    const out = args.options.get('o')
    if (args.words.length !== 1 || !out?.endsWith('.wav'))
      return {
        exit: 2,
        sentence: 'A tune and a place for its sound were expected: dellop band TUNE.abc -o OUT.wav',
      }
    return outcomeOf(readText(args.words[0]!), (text) =>
      outcomeOf(readAbc(text), (score): Outcome => {
        const performance = playScore(score)
        const beats = trueBeats(score, performance)
        const path = callersPath(out)
        const beatsPath = path.replace(/\.wav$/, '.json')
        try {
          writeFileSync(path, wavBytes(performance.samples, performance.sampleRate))
          writeFileSync(beatsPath, `${JSON.stringify(beats)}\n`)
        } catch {
          return { exit: 2, sentence: `"${out}" cannot be written: is there such a folder?` }
        }
        return {
          exit: 0,
          json: {
            wav: path,
            beats: beatsPath,
            seconds: performance.durationSeconds,
            bpm: score.bpm,
            bars: beats.downbeats.length,
          },
        }
      }),
    )
  })
}
