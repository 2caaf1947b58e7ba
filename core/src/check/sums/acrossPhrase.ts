import { applyVariation } from '../../figure/index.ts'
import { addSlot, freshSlot, phrasing, wordsContent, type DancedSlot } from '../../routine/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface AcrossPhraseFindings {
  readonly 'sums.across-phrase': {
    readonly figure: string
    readonly before: number
    readonly after: number
    readonly total: number
  }
}
type Found = FindingOf<AcrossPhraseFindings>

/**
 * Figures that lie over a phrase line, in passes that begin on one. In an offset pass the offset
 * itself is the finding.
 */
export function acrossPhrase(derived: Derived): Found[] {
  // Without music or a stated phrase nobody knows where a line is.
  if (!derived.tune && derived.routine.phraseBeats === undefined) return []
  const lines = derived.phrases.map((phrase) => phrase.end)
  let next = 0
  const lies = phrasing(derived.timeline.passes, derived.phrases)
  return derived.timeline.passes.flatMap((pass, i) => {
    if (lies[i]?.offsetBefore !== 0) return []
    return pass.slots.flatMap((slot): Found[] => {
      // Slots and lines both go on.
      while (next < lines.length && lines[next]! <= slot.start) next++
      const line = lines[next]
      if (line === undefined || line >= slot.end || !slot.figure) return []
      const params = {
        figure: slot.figure.name,
        before: beatsOfTicks((line - slot.start) as Tick),
        after: beatsOfTicks((slot.end - line) as Tick),
        total: beatsOfTicks(slot.lengthTicks),
      }
      return [
        {
          code: 'sums.across-phrase',
          severity: 'note',
          subject: slot.slot.id,
          slotKeys: [slot.key],
          at: slot.start,
          params,
          repairs: [
            ...split(derived, slot, line - slot.start),
            ...fromTheLine(derived, slot, line - slot.start),
          ],
        },
      ]
    })
  })
}

/** The figure in two, where a step of everybody's begins on the line: up to it, and from it on. */
function split(
  { routine }: Derived,
  { slot, figure, changed, partId }: DancedSlot,
  ticks: number,
): Repair[] {
  const { content } = slot
  if (
    content.type !== 'figure' ||
    !figure ||
    changed ||
    content.variation.cut !== null ||
    content.variation.times > 1
  )
    return []
  const [before, behind] = (['first', 'from'] as const).map((type) => ({
    ...content,
    variation: { ...content.variation, cut: { type, ticks } },
  }))
  if (
    !applyVariation(figure, before!.variation).ok ||
    !applyVariation(figure, behind!.variation).ok
  )
    return []
  const rest = {
    ...slot,
    id: freshId(routine, slot.id),
    content: behind!,
    wordings: null,
    say: 'nothing' as const,
  }
  return [
    {
      code: 'split',
      params: { figure: figure.name, beats: beatsOfTicks(ticks as Tick) },
      edits: [
        { type: 'set', id: slot.id, field: 'content', from: content, to: before! },
        ...addSlot(partId, rest, slot.id),
      ],
    },
  ]
}

/** The figure begun on the line, with a wait before it. */
function fromTheLine(
  { routine }: Derived,
  { slot, figure, changed, partId }: DancedSlot,
  ticks: number,
): Repair[] {
  const part = routine.parts.find(({ id }) => id === partId)
  const at = part?.slots.findIndex(({ id }) => id === slot.id) ?? -1
  if (changed || !part || at < 0) return []
  const wait = freshSlot(freshId(routine, `${slot.id}-wait`), wordsContent('wait', ticks))
  return [
    {
      code: 'from-the-line',
      params: { figure: figure?.name ?? '', beats: beatsOfTicks(ticks as Tick) },
      edits: addSlot(partId, wait, part.slots[at - 1]?.id ?? null),
    },
  ]
}
