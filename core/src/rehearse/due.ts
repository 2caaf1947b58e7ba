import type { Practice } from './practice.ts'

/** Days until something is due again, by its box. */
const BOX_DAYS = [1, 2, 4, 8, 16] as const
const DAY_MS = 24 * 3600_000

/** Something that was practised, and when it is due again. */
export interface Due {
  /** `cue:` and its slot, `passage:` and its key, or `quiz:` and its question. */
  readonly key: string
  readonly sheetId: string
  readonly text: string
  /** From 1: what went wrong last, to 5: what went right five times. */
  readonly box: number
  readonly lastMs: number
  readonly dueMs: number
}

interface Happened {
  readonly key: string
  readonly text: string
  readonly good: boolean
}

/**
 * When what was practised is due again: five boxes, of 1, 2, 4, 8 and 16 days (after Leitner 1972).
 * What goes right moves on a box, once a day at most; what goes wrong goes back to the first.
 */
export function dueList(practice: readonly Practice[]): Due[] {
  const boxes = new Map<string, Due>()
  for (const one of [...practice].sort((a, b) => a.atMs - b.atMs))
    for (const { key, text, good } of happenedIn(one)) {
      const name = `${one.sheetId} ${key}`
      const before = boxes.get(name)
      const isEarly = before !== undefined && good && one.atMs < before.dueMs
      const box = !good
        ? 1
        : isEarly
          ? before.box
          : Math.min(BOX_DAYS.length, (before?.box ?? 0) + 1)
      const dueMs = isEarly ? before.dueMs : one.atMs + BOX_DAYS[box - 1]! * DAY_MS
      boxes.set(name, { key, sheetId: one.sheetId, text, box, lastMs: one.atMs, dueMs })
    }
  return [...boxes.values()].sort((a, b) => a.dueMs - b.dueMs || a.box - b.box)
}

/**
 * What is due by now, the longest due first.
 *
 * @param nowMs Now, in milliseconds.
 */
export const dueBy = (practice: readonly Practice[], nowMs: number): Due[] =>
  dueList(practice).filter(({ dueMs }) => dueMs <= nowMs)

function happenedIn(practice: Practice): readonly Happened[] {
  if (practice.kind === 'quiz')
    return practice.answers.map(({ question, right }) => ({
      key: `quiz:${question}`,
      text: question,
      good: right,
    }))
  if (practice.kind === 'drill')
    return [
      {
        key: `passage:${practice.passage}`,
        text: practice.title,
        good: practice.rounds.length > 0 && practice.rounds.at(-1)!.good,
      },
    ]
  // Of a cue that comes round often, every time counts: one that went wrong makes it wrong.
  const cues = new Map<string, Happened>()
  for (const { slotId, text, verdict } of practice.cues) {
    const good = verdict === 'in-time' || verdict === 'tight'
    const before = cues.get(slotId)
    cues.set(slotId, { key: `cue:${slotId}`, text, good: good && (before?.good ?? true) })
  }
  return [...cues.values()]
}
