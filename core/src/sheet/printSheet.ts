import { wordingsOf, LANGUAGES } from '../cue/index.ts'
import { handChanges, performers, type Role, type Step } from '../figure/index.ts'
import {
  totalOf,
  type DancedPass,
  type DancedSlot,
  type Part,
  type Total,
} from '../routine/index.ts'
import { countLabel, ticksPerBar, TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import type { Sheet } from './derive.ts'

/**
 * A part as it stands on paper: once, as it is first danced, with what each figure is and who does
 * what on which count.
 */
export interface PrintedPart {
  readonly part: Part
  /** The pass it is shown as; null for a part that is never danced. */
  readonly pass: DancedPass | null
  readonly total: Total
  readonly slots: readonly PrintedSlot[]
}

export interface PrintedSlot {
  readonly danced: DancedSlot
  /** Bar of the part it begins in, from 1, and the beat within it, from 0. */
  readonly bar: number
  readonly beat: number
  /** What is said, the longest wording; empty where nothing is. */
  readonly said: string
  readonly rows: readonly PrintedBeat[]
}

/** Who does what on one moment: roles beside each other, as the beat chart has them. */
export interface PrintedBeat {
  readonly count: string
  /** Bar of the part that begins here; null within a bar. */
  readonly bar: number | null
  readonly cells: Readonly<Record<string, string>>
}

/** Whom a sheet is printed for: both, side by side, or one role alone. */
export type PrintedFor = 'both' | Role

/** All parts for paper, told versions left out. Pick-ups stand before the first count. */
export function printedParts(sheet: Sheet, who: PrintedFor = 'both'): PrintedPart[] {
  const { routine, timeline } = sheet
  return routine.parts
    .filter(({ versionOf }) => versionOf === undefined)
    .map((part) => {
      const passes = timeline.passes.filter((pass) => pass.part === part)
      const pass =
        passes.find(
          (one) =>
            one.pass.changes.length === 0 && one.pass.stretch === null && !one.pass.reflected,
        ) ??
        passes[0] ??
        null
      const own = pass ? pass.slots : []
      return {
        part,
        pass,
        total: totalOf(own),
        slots: own.map((danced) => printedSlot(sheet, danced, pass!.start, who)),
      }
    })
}

function printedSlot(
  { routine }: Sheet,
  danced: DancedSlot,
  partStart: number,
  who: PrintedFor,
): PrintedSlot {
  const bar = ticksPerBar(routine.metre)
  const from = danced.start - partStart
  const [longest] = wordingsOf(danced, LANGUAGES[routine.language])
  return {
    danced,
    bar: Math.floor(from / bar) + 1,
    beat: (from % bar) / TICKS_PER_BEAT,
    said: longest?.text ?? '',
    rows: beatRows(danced, from, routine.metre, who),
  }
}

function beatRows(
  { danced, before }: DancedSlot,
  from: number,
  metre: Sheet['routine']['metre'],
  who: PrintedFor,
): PrintedBeat[] {
  if (!danced) return []
  const bar = ticksPerBar(metre)
  const style = {
    beatsPerGroup: metre.beatsPerBar,
    ones: 'plain',
    countFrom: 1,
    division: metre.division,
  } as const
  const all = performers(danced).filter(
    ({ role }) => who === 'both' || role === who || role === 'everyone',
  )
  const hands = handChanges(danced, before.hold)
  const steps = all.flatMap((one) => one.steps.map(({ at }) => at))
  const last = Math.max(...steps)
  const handsAt = (at: number): string =>
    [
      hands.find((change) => change.at === at)?.to,
      at === last && hands.find((change) => change.at === 'end')?.to,
    ]
      .filter(Boolean)
      .join(', ')
  const moments = new Set([...steps, ...hands.flatMap(({ at }) => (at === 'end' ? [] : [at]))])
  return [...moments]
    .sort((a, b) => a - b)
    .map((at) => ({
      count: countLabel(style, (from + at) as Tick)?.text ?? '&',
      bar: (from + at) % bar === 0 ? (from + at) / bar + 1 : null,
      cells: Object.fromEntries([
        ...all.map((one) => [nameOf(one), said(one.steps, at)]),
        ...(hands.length > 0 ? [['hands', handsAt(at)]] : []),
      ]),
    }))
}

const nameOf = ({ role, couples }: ReturnType<typeof performers>[number]): string =>
  [role, ...(couples ?? [])].join(' ')
const said = (steps: readonly Step[], at: number): string =>
  steps
    .filter((step) => step.at === at)
    .map(({ text }) => text)
    .join(', ')
