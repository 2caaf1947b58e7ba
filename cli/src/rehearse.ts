import { readFileSync } from 'node:fs'
import { prepareCall } from '@dellop/core/call'
import { succeed, type Result } from '@dellop/core/document'
import { groupSchema, type Group } from '@dellop/core/group'
import {
  scoreTake,
  simulateFloor,
  USUAL_FLOOR,
  utterancesOf,
  type FloorRun,
  type SpokenSpan,
  type Utterance,
} from '@dellop/core/rehearse'
import { deriveSheet } from '@dellop/core/sheet'
import { z } from 'zod'
import { numberOption, readArguments, type Arguments } from './arguments.ts'
import { callersPath } from './files.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { problem } from './problem.ts'
import { sheetInput } from './sheetInput.ts'

const spansSchema = z.array(z.strictObject({ start: z.number(), end: z.number() })).max(20_000)
const OPTIONS = ['figures', 'spans', 'seed', 'group', 'dancers']

/**
 * `dellop rehearse SHEET --plan | --spans FILE [--seed N] [--dancers N] [--group FILE]`: how what was
 * said stands beside the plan, and what a floor would have done with it. Spans are seconds from the
 * first step.
 */
export function rehearse(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, OPTIONS, ['plan']), (args) =>
    outcomeOf(wishOf(args), ({ spans, group, seed, dancers }) => {
      const options = new Map([...args.options].filter(([name]) => !OWN.has(name)))
      return outcomeOf(sheetInput({ ...args, options }), (input) => {
        const call = prepareCall(deriveSheet({ ...input, group }), 1)
        const utterances = utterancesOf(call)
        const score = scoreTake(utterances, spans ?? utterances)
        const heard = score.cues.flatMap(({ utterance, said }) =>
          said ? [{ slotKey: utterance.slotKey, end: said.end }] : [],
        )
        const floor = simulateFloor(call, heard, { settings: { ...USUAL_FLOOR, dancers }, seed })
        return { exit: 0, json: { score: scoreTold(score), floor: floorTold(floor, utterances) } }
      })
    }),
  )
}
const OWN = new Set(['spans', 'seed', 'group', 'dancers'])

interface Wish {
  /** Null where all is said as it is planned. */
  readonly spans: readonly SpokenSpan[] | null
  readonly group: Group | null
  readonly seed: number
  readonly dancers: number
}
function wishOf(args: Arguments): Result<Wish> {
  const spans = spansOption(args)
  if (!spans.ok) return spans
  const group = groupOption(args)
  if (!group.ok) return group
  const seed = numberOption(args, 'seed', 0, 2 ** 31)
  if (!seed.ok) return seed
  const dancers = numberOption(args, 'dancers', 1, 200)
  if (!dancers.ok) return dancers
  return succeed({
    spans: spans.value,
    group: group.value,
    seed: Math.round(seed.value ?? 1),
    dancers: Math.round(dancers.value ?? USUAL_FLOOR.dancers),
  })
}

/** The spans of a file; null where the plan itself is said. */
function spansOption({ options, flags }: Arguments): Result<readonly SpokenSpan[] | null> {
  const path = options.get('spans')
  if ((path === undefined) === !flags.has('plan')) return problem('rehearse.what')
  if (path === undefined) return succeed(null)
  const read = jsonOf(path, spansSchema)
  return read ? succeed(read) : problem('rehearse.spans', { path })
}
function groupOption({ options }: Arguments): Result<Group | null> {
  const path = options.get('group')
  if (path === undefined) return succeed(null)
  const read = jsonOf(path, groupSchema)
  return read ? succeed(read) : problem('rehearse.group', { path })
}
function jsonOf<Value>(path: string, schema: z.ZodType<Value>): Value | null {
  try {
    const read = schema.safeParse(JSON.parse(readFileSync(callersPath(path), 'utf8')))
    return read.success ? read.data : null
  } catch {
    return null
  }
}
const scoreTold = (score: ReturnType<typeof scoreTake>): object => ({
  inTime: score.inTime,
  medianLeadBeats: score.medianLeadBeats,
  spreadBeats: score.spreadBeats,
  extra: score.extra,
  cues: score.cues.map(({ utterance, verdict, said, leadSeconds, leadBeats }) => ({
    text: utterance.text,
    step: utterance.step,
    verdict,
    said,
    leadSeconds,
    leadBeats,
  })),
})
const floorTold = ({ right, slots }: FloorRun, utterances: readonly Utterance[]): object => ({
  right,
  slots: slots.map(({ slotKey, start, end, deeds, right: share }) => ({
    cue: utterances.find((one) => one.slotKey === slotKey)?.text ?? null,
    start,
    end,
    right: share,
    deeds,
  })),
})
