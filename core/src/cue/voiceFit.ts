import { succeed, type Result } from '../document/index.ts'
import { problem } from './problem.ts'
import { LANGUAGES, spokenText, wordsOf } from './language.ts'
import { byFormula, DEFAULT_VOICES, lengthKey, type Voice } from './voice.ts'

/** A cue as it was read aloud: its words and how long they took, in seconds. */
export interface Reading {
  readonly text: string
  readonly seconds: number
}

/** A voice fitted to readings, with what the fit makes of each of them. */
export interface VoiceFit {
  readonly voice: Voice
  readonly readings: readonly (Reading & {
    readonly predicted: number
    readonly residual: number
  })[]
  /** Root mean square of the residuals in seconds, as the measure of how far to trust it. */
  readonly spreadSeconds: number
  /** The same of the usual voice on these readings, to compare with. */
  readonly usualSpreadSeconds: number
}

/** Fewer readings say more about those words than about the voice. */
export const LEAST_READINGS = 6
/**
 * How strongly the fit is held to the usual voice at this cuer's speed, in readings: enough that a
 * dozen cannot turn it upside down.
 */
const PRIOR_READINGS = 2
const SPEED_RANGE = [60, 350] as const

/**
 * Fits seconds = base + perLetter * letters + perFunctionWord * function words to what was read.
 * First the speed by which all of the usual voice is faster or slower, then ridge regression (Hoerl
 * and Kennard 1970) around the usual voice at that speed. Refused with fewer than six readings, or
 * where one cannot be that text.
 */
export function fitVoice(readings: readonly Reading[], language: 'en' | 'de'): Result<VoiceFit> {
  if (readings.length < LEAST_READINGS)
    return problem('voice.few', { least: LEAST_READINGS, readings: readings.length })
  const usual = DEFAULT_VOICES[language]
  const odd = readings.find(
    ({ text, seconds }) =>
      !(seconds > byFormula(usual, text) / 4 && seconds < byFormula(usual, text) * 4),
  )
  if (odd)
    return problem('voice.odd', {
      text: odd.text,
      seconds: odd.seconds.toFixed(2),
      usual: byFormula(usual, odd.text).toFixed(1),
    })
  const pace =
    readings.reduce((sum, { seconds }) => sum + seconds, 0) /
    readings.reduce((sum, { text }) => sum + byFormula(usual, text), 0)
  const wordsPerMinute = Math.min(
    SPEED_RANGE[1],
    Math.max(SPEED_RANGE[0], usual.wordsPerMinute / pace),
  )
  const prior = [usual.baseSeconds, usual.perLetterSeconds, usual.perFunctionWordSeconds]
  // At 175 words a minute, as the voice keeps its numbers.
  const scale = wordsPerMinute / 175
  const rows = readings.map(({ text, seconds }) => ({
    x: featuresOf(text, language),
    y: seconds * scale,
  }))
  const [base, perLetter, perFunctionWord] = ridge(rows, prior)
  const voice: Voice = {
    ...usual,
    id: `mine-${language}`,
    wordsPerMinute,
    baseSeconds: base!,
    perLetterSeconds: Math.max(0, perLetter!),
    perFunctionWordSeconds: perFunctionWord!,
    measured: true,
  }
  const told = readings.map((one) => ({
    ...one,
    predicted: byFormula(voice, one.text),
    residual: one.seconds - byFormula(voice, one.text),
  }))
  const spreadSeconds = rootMeanSquare(told.map(({ residual }) => residual))
  const usualSpreadSeconds = rootMeanSquare(
    readings.map(({ text, seconds }) => seconds - byFormula(usual, text)),
  )
  return succeed({
    voice: { ...voice, spreadSeconds },
    readings: told,
    spreadSeconds,
    usualSpreadSeconds,
  })
}

const rootMeanSquare = (values: readonly number[]): number =>
  Math.sqrt(values.reduce((sum, value) => sum + value ** 2, 0) / values.length)

function featuresOf(text: string, language: 'en' | 'de'): readonly number[] {
  const words = wordsOf(spokenText(text, language))
  const letters = words.reduce(
    (sum, word) => sum + [...word].filter((letter) => /\p{L}/u.test(letter)).length,
    0,
  )
  return [1, letters, words.filter((word) => LANGUAGES[language].functionWords.has(word)).length]
}

/**
 * Least squares, with the prior as so many readings more: (X'X + kD) b = X'y + kD prior, where D is
 * the mean square of each feature.
 */
function ridge(
  rows: readonly { readonly x: readonly number[]; readonly y: number }[],
  prior: readonly number[],
): number[] {
  const size = prior.length
  const weight = prior.map(
    (_, i) =>
      (PRIOR_READINGS * rows.reduce((sum, { x }) => sum + x[i]! ** 2, 0)) / rows.length || 1,
  )
  const matrix = prior.map((_, i) =>
    prior.map(
      (__, k) => rows.reduce((sum, { x }) => sum + x[i]! * x[k]!, 0) + (i === k ? weight[i]! : 0),
    ),
  )
  const right = prior.map(
    (value, i) => rows.reduce((sum, { x, y }) => sum + x[i]! * y, 0) + weight[i]! * value,
  )
  // Gaussian elimination; the matrix is positive definite, so no row has to be exchanged.
  for (let i = 0; i < size; i++) {
    for (let k = i + 1; k < size; k++) {
      const factor = matrix[k]![i]! / matrix[i]![i]!
      for (let j = i; j < size; j++) matrix[k]![j]! -= factor * matrix[i]![j]!
      right[k]! -= factor * right[i]!
    }
  }
  const solved = new Array<number>(size).fill(0)
  for (let i = size - 1; i >= 0; i--)
    solved[i] =
      (right[i]! -
        solved.reduce((sum, value, k) => sum + (k > i ? matrix[i]![k]! * value : 0), 0)) /
      matrix[i]![i]!
  return solved
}

/**
 * A voice with one wording measured, or forgotten where there are no seconds.
 *
 * @param seconds Spoken seconds at speed 1; null forgets them.
 */
export function withLength(voice: Voice, text: string, seconds: number | null): Voice {
  const { [lengthKey(text)]: _, ...others } = voice.lengths ?? {}
  const lengths = seconds === null ? others : { ...others, [lengthKey(text)]: seconds }
  const { lengths: __, ...bare } = voice
  return Object.keys(lengths).length === 0 ? bare : { ...bare, lengths }
}
