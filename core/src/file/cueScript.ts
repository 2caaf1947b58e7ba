import Papa from 'papaparse'
import type { CueLine } from '../sheet/index.ts'

/**
 * The cues of a sheet as timed text and as a table, for other programs. Times are written to the
 * millisecond (LRC: to the hundredth).
 */

const pad = (n: number, digits: number): string => String(n).padStart(digits, '0')
/** Milliseconds from the recording's start; what would be said before it is said at its start. */
const msOf = (seconds: number): number => Math.max(0, Math.round(seconds * 1000))

function clockTime(seconds: number, point: '.' | ','): string {
  const ms = msOf(seconds)
  return `${pad(Math.floor(ms / 3_600_000), 2)}:${pad(Math.floor(ms / 60_000) % 60, 2)}:${pad(Math.floor(ms / 1000) % 60, 2)}${point}${pad(ms % 1000, 3)}`
}
/**
 * What is written: not what is said around the dance before a recording begins, which has no time
 * in it.
 */
const written = (cues: readonly CueLine[]): readonly CueLine[] =>
  cues.filter(({ purpose, startSeconds }) => purpose !== 'gap' || startSeconds >= 0)
const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim()

/**
 * WebVTT: a cue for each utterance, from its start to the end of its words; the figure it is for
 * stands in the identifier.
 */
export const cuesVtt = (title: string, cues: readonly CueLine[]): string =>
  [
    'WEBVTT ' + oneLine(title),
    '',
    ...written(cues).flatMap((cue, i) => [
      `${i + 1} ${oneLine(`${cue.part} ${cue.time}, bar ${cue.bar}`).replaceAll('-->', '->')}`,
      `${clockTime(cue.startSeconds, '.')} --> ${clockTime(cue.endSeconds, '.')}`,
      oneLine(cue.text).replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;'),
      '',
    ]),
  ].join('\n')

/** SubRip: the same, as players of films read it. */
export const cuesSrt = (cues: readonly CueLine[]): string =>
  written(cues)
    .flatMap((cue, i) => [
      String(i + 1),
      `${clockTime(cue.startSeconds, ',')} --> ${clockTime(cue.endSeconds, ',')}`,
      oneLine(cue.text),
      '',
    ])
    .join('\n')

/** LRC: the start of each utterance, to the hundredth of a second. */
export function cuesLrc(title: string, cues: readonly CueLine[]): string {
  const time = (seconds: number): string => {
    const hundredths = Math.round(msOf(seconds) / 10)
    return `${pad(Math.floor(hundredths / 6000), 2)}:${pad(Math.floor(hundredths / 100) % 60, 2)}.${pad(hundredths % 100, 2)}`
  }
  return [
    `[ti:${oneLine(title)}]`,
    ...written(cues).map((cue) => `[${time(cue.startSeconds)}]${oneLine(cue.text)}`),
    '',
  ].join('\n')
}

/** A table with everything: times in seconds, the step, bar and beat, part, figure and lead. */
export const cuesCsv = (cues: readonly CueLine[]): string =>
  Papa.unparse(
    written(cues).map((cue) => ({
      start: cue.startSeconds.toFixed(3),
      end: cue.endSeconds.toFixed(3),
      step: cue.stepSeconds.toFixed(3),
      bar: cue.bar,
      beat: cue.beat,
      part: cue.part,
      time: cue.time,
      figure: cue.figure,
      words: cue.text,
      leadBeats: cue.leadBeats.toFixed(2),
      byHand: cue.byHand ? 'yes' : '',
    })),
    { newline: '\n' },
  ) + '\n'

/**
 * The cue script as a Markdown table for each pass: when, in which bar and on which count its step
 * is, and the words.
 */
export function cuesMarkdown(title: string, cues: readonly CueLine[]): string {
  const cell = (text: string): string => oneLine(text).replaceAll('|', '\\|')
  const lines = [`# ${oneLine(title)}: what is said`, '']
  cues.forEach((cue, i) => {
    const before = cues[i - 1]
    if (before?.part !== cue.part || before.time !== cue.time)
      lines.push(
        ...(i > 0 ? [''] : []),
        `## ${oneLine(cue.part)}, time ${cue.time}`,
        '',
        '| at | bar | count | words |',
        '| --: | --: | --: | --- |',
      )
    lines.push(
      `| ${clockTime(cue.startSeconds, '.').slice(3, -2)} | ${cue.bar} | ${cue.beat} | ${cell(cue.text)}${cue.byHand ? ' (by hand)' : ''} |`,
    )
  })
  return `${lines.join('\n')}\n`
}
