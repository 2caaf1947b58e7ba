import { problem, succeed, type Result } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { travelOfBody, turned, type Facing } from '../../move/index.ts'
import { readDirection } from '../geometry/frames.ts'
import { STEP_KINDS, type Step } from '../model/step.ts'
import { parseTurn, type TurnAmount, type TurnFrom } from './turn.ts'
import { bodyTurn } from '../model/turnAmount.ts'
import {
  DIRECTIONS,
  MANNERS,
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
    for (const one of phrases)
      if (this.take(new RegExp(`${one[0].replace(/ /g, '\\s+')}(?![\\w])`, 'iy'))) return one
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

const FEET: readonly (readonly [string, Step['foot']])[] = [
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
  ['l', 'left'],
  ['r', 'right'],
]
const KINDS = STEP_KINDS.map((kind) => [kind, kind] as const)
const LAYERS = [
  ['arms:', 'arms'],
  ['head:', 'head'],
  ['feet:', 'feet'],
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
    clock.facing = turned(clock.facing, bodyTurn(step.value))
    if (reader.isDone) break
    if (!reader.take(/,/y))
      return refused(
        reader,
        'a comma before the next step, or a way, a weight, a turn or words in quotes',
      )
    if (reader.isDone) return refused(reader, 'one more step after the comma')
  }
  return succeed(steps)
}

const refused = (reader: Reader, expected: string): Result<never> => {
  const word = reader.word()
  const found = word === '' ? 'the line ends' : `“${word}” stands`
  return problem(
    'step-line',
    `At character ${reader.offset + 1} ${found}; ${expected} was expected.`,
    { offset: reader.offset },
  )
}

function readStep(reader: Reader, options: StepLineOptions, clock: Running): Result<Step> {
  const layer = LAYERS.find(([word]) => reader.take(new RegExp(word, 'iy')))?.[1] ?? 'feet'
  const at = readMoment(reader, options, clock)
  if (!at.ok) return at
  const foot = reader.phrase(FEET)?.[1] ?? null
  const kindStart = reader.offset
  const kind = reader.phrase(KINDS)?.[1] ?? null
  if (foot === null && kind === null && layer === 'feet')
    return refused(
      reader,
      'a foot (left, right, both) or what is done without one (hold, clap ...)',
    )
  const found = readWay(reader, foot, standing(clock))
  if (!found.ok) return found
  const real = kind ?? (layer === 'feet' ? 'step' : 'pose')
  if (real === 'step' && foot === null && layer === 'feet')
    return problem(
      'step-line',
      `At character ${kindStart + 1} a step has no foot; left, right or both was expected before it.`,
      { offset: kindStart },
    )
  const weight = reader.phrase(WEIGHT_WORDS)?.[1] ?? (layer === 'feet' ? usualWeight(real) : 'none')
  const turn = readTurn(reader, standing(clock))
  if (!turn.ok) return turn
  const quoted = reader.take(/"((?:[^"\\]|\\.)*)"/y)
  if (!quoted && reader.rest.startsWith('"'))
    return refused(reader, 'words that end with a quotation mark')
  const words = quoted
    ? quoted[1]!.replace(/\\(.)/g, '$1')
    : usualText(foot, real, found.value.text)
  if (words.length > MOST_TEXT)
    return problem(
      'step-line',
      `The words of a step may have ${MOST_TEXT} characters; these have ${words.length}.`,
      { offset: reader.offset },
    )
  return succeed({
    at: at.value,
    layer,
    foot,
    kind: real,
    weight,
    travel: found.value.travel,
    turn: turn.value.eighths,
    ...(turn.value.about ? { about: true as const } : {}),
    text: words,
  })
}

const MOST_TEXT = 60
const MOST_BEATS = 4000

/** One moment by itself, such as `2&`, in ticks. */
export function readMomentText(text: string, options: StepLineOptions = {}): Result<number> {
  const reader = new Reader(text)
  const at = readMoment(reader, options, { ticks: 0, from: undefined, facing: 0 })
  return at.ok && !reader.isDone ? refused(reader, 'nothing after the count') : at
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
  if (!number) return refused(reader, 'a count such as 1, 2& or &1, or S or Q')
  const [, before, beat, after, more] = number
  const place = (syllable: string | undefined): number | undefined =>
    syllable === undefined ? 0 : SYLLABLES[division].find(([name]) => name === syllable)?.[1]
  const [late, early] = [place(after), before === undefined ? TICKS_PER_BEAT : place(before)]
  if (late === undefined || early === undefined)
    return problem(
      'step-line',
      `At character ${start + 1} “${number[0]}” has a syllable that a beat in three does not have; & or a was expected.`,
      { offset: start },
    )
  if (Number(beat) < 1 || Number(beat) > MOST_BEATS)
    return problem(
      'step-line',
      `At character ${start + 1} a count from 1 to ${MOST_BEATS} was expected, not ${beat!}.`,
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
        'step-line',
        `At character ${start + 1} “${aimed[0]}” depends on where the dancer faces, and that is not said; say how the figure is meant to begin, or a way such as forward or side.`,
        { offset: start },
      )
    const target = readDirection(aimed[1]!, from.frame, from)
    if (!target.ok)
      return problem('step-line', `At character ${start + 1}: ${target.problem.message}`, {
        offset: start,
      })
    return strides(
      reader,
      { direction: travelOfBody(from.facing, target.value), strides: 1 },
      aimed[0].trim().replace(/\s+/g, ' '),
    )
  }
  const manner = reader.phrase(MANNERS)
  if (manner) return strides(reader, manner[1], manner[0])
  const direction = reader.phrase(DIRECTIONS)
  if (direction) return strides(reader, { direction: direction[1], strides: 1 }, direction[0])
  const side = reader.phrase([['side', null]])
  if (!side) return succeed({ travel: null, text: '' })
  if (foot !== 'left' && foot !== 'right')
    return refused(
      reader,
      '“side left” or “side right”, as there is no one foot whose side it could be,',
    )
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
    return problem(
      'step-line',
      `At character ${start + 1} “${size[0]}” is no size for this way; a number of strides from 0 to 4 after a direction was expected.`,
      { offset: start },
    )
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
      return problem('step-line', `At character ${start + 1}: ${turn.problem.message}`, {
        offset: start,
      })
    return Math.abs(turn.value.eighths) <= MOST_EIGHTHS
      ? turn
      : problem(
          'step-line',
          `At character ${start + 1} a turn of up to 3 whole turns was expected.`,
          { offset: start },
        )
  }
  const side = reader.phrase([
    ['left', -1],
    ['right', 1],
  ] as const)
  if (!side) return refused(reader, 'left or right after “turn”')
  const amountStart = reader.offset
  const amount = reader.take(/(?:(\d+)\s+)?(\d+)\/(\d+)(?![\w/])|(\d+)(?![\w/])/y)
  if (!amount) return refused(reader, 'an amount of turn such as 1/4, 3/8 or 1')
  const eighths =
    amount[4] === undefined
      ? 8 * Number(amount[1] ?? 0) + (8 * Number(amount[2])) / Number(amount[3])
      : 8 * Number(amount[4])
  const isWhole = Number.isInteger(eighths) && eighths >= 1 && eighths <= MOST_EIGHTHS
  return isWhole
    ? succeed({ eighths: eighths * side[1], about: false })
    : problem(
        'step-line',
        `At character ${amountStart + 1} “${amount[0].trim()}” is no amount of turn; eighths such as 1/8, 1/4, 3/8 up to 3 whole turns were expected.`,
        { offset: amountStart },
      )
}
const MOST_EIGHTHS = 24
