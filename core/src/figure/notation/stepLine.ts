import { succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { travelOfBody, turned, type Facing } from '../../move/index.ts'
import { readDirection } from '../geometry/frames.ts'
import { STEP_KINDS, type Step } from '../model/step.ts'
import { parseTurn, type TurnAmount, type TurnFrom } from './turn.ts'
import { sidedSteps } from '../model/throughTurn.ts'
import { bodyTurn } from '../model/turnAmount.ts'
import {
  DIRECTIONS,
  manners,
  SYLLABLES,
  usualText,
  usualWeight,
  WEIGHT_WORDS,
  type Travel,
} from './stepLineWords.ts'

export interface StepLineOptions {
  /** Parts that a beat is divided into; 4 unless the music has its beats in three. */
  readonly division?: 4 | 3
  /** Ticks of a slow and a quick, where the dance has others than two beats and one. */
  readonly slow?: number
  readonly quick?: number
  /**
   * Where the dancer faces as the line begins, for ways and turns that are told by the room
   * ("toward the wall").
   */
  readonly begun?: TurnFrom
}

/**
 * What goes on from step to step: time, as slows and quicks add up, and where the dancer faces by
 * now.
 */
interface Running {
  ticks: number
  readonly from: TurnFrom | undefined
  facing: Facing
}
const standing = ({ from, facing }: Running): TurnFrom | undefined => from && { ...from, facing }

/**
 * The line, with a place in it: what is read next, and where that stands for the sentence that
 * marks an error.
 */
class Reader {
  readonly #text: string
  #at = 0
  constructor(text: string) {
    this.#text = text
    this.#skip()
  }
  get offset(): number {
    return this.#at
  }
  get isDone(): boolean {
    return this.#at >= this.#text.length
  }
  get rest(): string {
    return this.#text.slice(this.#at)
  }
  /** What the pattern finds right here, taken; null where it finds nothing. Patterns are sticky. */
  take(pattern: RegExp): RegExpExecArray | null {
    pattern.lastIndex = this.#at
    const found = pattern.exec(this.#text)
    if (found) {
      this.#at += found[0].length
      this.#skip()
    }
    return found
  }
  /** The first of some phrases that stands here as whole words. */
  phrase<T>(phrases: Iterable<readonly [string, T]>): readonly [string, T] | null {
    for (const one of phrases) if (this.take(asWholeWords(one[0]))) return one
    return null
  }
  /** The word or sign that stands here, for the sentence. */
  word(): string {
    return /^(\S+?)(?=[\s,]|$)/.exec(this.rest)?.[1] ?? ''
  }
  #skip(): void {
    while (/\s/.test(this.#text[this.#at] ?? '')) this.#at++
  }
}

/** A pattern for each phrase, made once: the whole book is read with a few dozen of them. */
const PHRASES = new Map<string, RegExp>()
function asWholeWords(phrase: string): RegExp {
  const known = PHRASES.get(phrase)
  if (known) return known
  const made = new RegExp(`${phrase.replace(/ /g, '\\s+')}(?![\\w])`, 'iy')
  PHRASES.set(phrase, made)
  return made
}

const FEET: readonly (readonly [string, Step['foot']])[] = [
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
  ['l', 'left'],
  ['r', 'right'],
]
const KINDS = STEP_KINDS.map((kind) => [kind, kind] as const)
const LAYERS = [
  [/arms:/iy, 'arms'],
  [/head:/iy, 'head'],
  [/feet:/iy, 'feet'],
] as const

/**
 * Reads one role's steps from a line such as `1 left forward, 2 right side, 3 left close`
 * (docs/formats/step-line.md). The problem says at which character it stopped and what was expected
 * there.
 */
export function readStepLine(text: string, options: StepLineOptions = {}): Result<Step[]> {
  const reader = new Reader(text)
  const steps: Step[] = []
  const clock: Running = { ticks: 0, from: options.begun, facing: options.begun?.facing ?? 0 }
  while (!reader.isDone) {
    const step = readStep(reader, options, clock)
    if (!step.ok) return step
    steps.push(step.value)
    const [now] = sidedSteps([step.value], clock.facing)
    clock.facing = turned(clock.facing, bodyTurn(now!))
    if (reader.isDone) break
    if (!reader.take(/,/y)) return refused(reader, 'comma')
    if (reader.isDone) return refused(reader, 'one-more')
  }
  return succeed(steps)
}

type Expected = Parameters<typeof problem<'step-line.expected'>>[1]['expected']
const refused = (reader: Reader, expected: Expected): Result<never> =>
  problem(
    'step-line.expected',
    { character: reader.offset + 1, found: reader.word(), expected },
    { offset: reader.offset },
  )

function readStep(reader: Reader, options: StepLineOptions, clock: Running): Result<Step> {
  const layer = LAYERS.find(([pattern]) => reader.take(pattern))?.[1] ?? 'feet'
  const at = readMoment(reader, options, clock)
  if (!at.ok) return at
  const foot = reader.phrase(FEET)?.[1] ?? null
  const kindStart = reader.offset
  const kind = reader.phrase(KINDS)?.[1] ?? null
  if (foot === null && kind === null && layer === 'feet') return refused(reader, 'foot')
  const found = readWay(reader, foot, standing(clock))
  if (!found.ok) return found
  const real = kind ?? (layer === 'feet' ? 'step' : 'pose')
  if (real === 'step' && foot === null && layer === 'feet')
    return problem('step-line.foot', { character: kindStart + 1 }, { offset: kindStart })
  const weight = reader.phrase(WEIGHT_WORDS)?.[1] ?? (layer === 'feet' ? usualWeight(real) : 'none')
  const turn = readTurn(reader, standing(clock))
  if (!turn.ok) return turn
  const quoted = reader.take(/"((?:[^"\\]|\\.)*)"/y)
  if (!quoted && reader.rest.startsWith('"')) return refused(reader, 'quote')
  const words = quoted
    ? quoted[1]!.replace(/\\(.)/g, '$1')
    : usualText(foot, real, found.value.text)
  if (words.length > MOST_TEXT)
    return problem(
      'step-line.words',
      { mostText: MOST_TEXT, wordsCount: words.length },
      { offset: reader.offset },
    )
  return succeed({
    at: at.value,
    layer,
    foot,
    kind: real,
    weight,
    travel: found.value.travel,
    turn: turn.value.through === undefined ? turn.value.eighths : Math.abs(turn.value.eighths),
    ...(turn.value.about ? { about: true as const } : {}),
    ...(turn.value.through === undefined ? {} : { through: turn.value.through }),
    text: words,
  })
}

const MOST_TEXT = 60
const MOST_BEATS = 4000

/** One moment by itself, such as `2&`, in ticks. */
export function readMomentText(text: string, options: StepLineOptions = {}): Result<number> {
  const reader = new Reader(text)
  const at = readMoment(reader, options, { ticks: 0, from: undefined, facing: 0 })
  return at.ok && !reader.isDone ? refused(reader, 'end') : at
}

/** `2`, `2&`, `&1` (before the first beat), `2+5t`, or S and Q one after the other. */
function readMoment(
  reader: Reader,
  { division = 4, slow = 2 * TICKS_PER_BEAT, quick = TICKS_PER_BEAT }: StepLineOptions,
  clock: Running,
): Result<number> {
  const spoken = reader.take(/([SQ])(?![\w])/y)
  if (spoken) {
    const at = clock.ticks
    clock.ticks += spoken[1] === 'S' ? slow : quick
    return succeed(at)
  }
  const start = reader.offset
  const number = reader.take(/([&ea])?(\d{1,4})([&ea])?([+-]\d{1,2}t)?(?![\w])/y)
  if (!number) return refused(reader, 'count')
  const [, before, beat, after, more] = number
  const place = (syllable: string | undefined): number | undefined =>
    syllable === undefined ? 0 : SYLLABLES[division].find(([name]) => name === syllable)?.[1]
  const [late, early] = [place(after), before === undefined ? TICKS_PER_BEAT : place(before)]
  if (late === undefined || early === undefined)
    return problem(
      'step-line.syllable',
      { character: start + 1, number: number[0] },
      { offset: start },
    )
  if (Number(beat) < 1 || Number(beat) > MOST_BEATS)
    return problem(
      'step-line.count',
      { character: start + 1, mostBeats: MOST_BEATS, beat: beat! },
      { offset: start },
    )
  return succeed(
    (Number(beat) - 1) * TICKS_PER_BEAT +
      late +
      (early - TICKS_PER_BEAT) +
      Number.parseInt(more ?? '0', 10),
  )
}

function readWay(
  reader: Reader,
  foot: Step['foot'],
  from: TurnFrom | undefined,
): Result<{ travel: Travel | null; text: string }> {
  const start = reader.offset
  const aimed = reader.take(
    /towards?\s+([^,"]+?)(?=\s*(?:,|"|$|\bx\d|\bturn\b|\b(?:full|part|split|no)\s+weight\b))/iy,
  )
  if (aimed) {
    if (!from)
      return problem(
        'step-line.unfaced',
        { character: start + 1, aimed: aimed[0] },
        { offset: start },
      )
    const target = readDirection(aimed[1]!, from.frame, from)
    if (!target.ok)
      return problem(
        'step-line.way',
        { character: start + 1, why: target.problem },
        {
          offset: start,
        },
      )
    return strides(
      reader,
      { direction: travelOfBody(from.facing, target.value), strides: 1 },
      aimed[0].trim().replace(/\s+/g, ' '),
    )
  }
  const manner = reader.phrase(manners(foot))
  if (manner) return strides(reader, manner[1], manner[0])
  const direction = reader.phrase(DIRECTIONS)
  if (direction) return strides(reader, { direction: direction[1], strides: 1 }, direction[0])
  const side = reader.phrase([['side', null]])
  if (!side) return succeed({ travel: null, text: '' })
  if (foot !== 'left' && foot !== 'right') return refused(reader, 'side')
  return strides(reader, { direction: foot === 'left' ? 6 : 2, strides: 1 }, 'side')
}

function strides(
  reader: Reader,
  travel: Travel | null,
  text: string,
): Result<{ travel: Travel | null; text: string }> {
  const start = reader.offset
  const size = reader.take(/x(\d+(?:\.\d+)?)(?![\w.])/iy)
  if (!size) return succeed({ travel, text })
  if (!travel || Number(size[1]) > 4)
    return problem('step-line.size', { character: start + 1, size: size[0] }, { offset: start })
  return succeed({ travel: { ...travel, strides: Number(size[1]) }, text })
}

/**
 * `turn left 1/4`, `turn right 1 1/2`, or any other wording of a turn after the word; eighths,
 * clockwise positive.
 */
function readTurn(reader: Reader, from: TurnFrom | undefined): Result<TurnAmount> {
  if (!reader.take(/turn(?![\w])/iy)) return succeed({ eighths: 0, about: false })
  const start = reader.offset
  const worded = reader.take(
    /(?=[^,"]*[a-z])(?!(?:left|right)\s+(?:\d+\s+)?\d+(?:\/\d+)?\s*(?:$|[,"]))(?!(?:left|right)\s*(?:$|[,"]))[^,"]+/iy,
  )
  if (worded) {
    const turn = parseTurn(worded[0].trim(), from)
    if (!turn.ok)
      return problem(
        'step-line.turn',
        { character: start + 1, why: turn.problem },
        {
          offset: start,
        },
      )
    return Math.abs(turn.value.eighths) <= MOST_EIGHTHS
      ? turn
      : problem('step-line.turn-most', { character: start + 1 }, { offset: start })
  }
  const side = reader.phrase([
    ['left', -1],
    ['right', 1],
  ] as const)
  if (!side) return refused(reader, 'turn-side')
  const amountStart = reader.offset
  const amount = reader.take(/(?:(\d+)\s+)?(\d+)\/(\d+)(?![\w/])|(\d+)(?![\w/])/y)
  if (!amount) return refused(reader, 'turn-amount')
  const eighths =
    amount[4] === undefined
      ? 8 * Number(amount[1] ?? 0) + (8 * Number(amount[2])) / Number(amount[3])
      : 8 * Number(amount[4])
  const isWhole = Number.isInteger(eighths) && eighths >= 1 && eighths <= MOST_EIGHTHS
  return isWhole
    ? succeed({ eighths: eighths * side[1], about: false })
    : problem(
        'step-line.turn-amount',
        { character: amountStart + 1, amount: amount[0].trim() },
        { offset: amountStart },
      )
}
const MOST_EIGHTHS = 24
