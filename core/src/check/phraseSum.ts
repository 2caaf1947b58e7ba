import { beatsOfTicks, type Tick } from '../time/index.ts'
import { addSlot, figureContent, freshSlot, removeSlot, wordsContent, type DancedPass } from '../routine/index.ts'
import { figuresBetween } from './alternatives.ts'
import type { Derived } from './derived.ts'
import type { Finding, Repair } from './finding.ts'
import { freshId } from './freshId.ts'

/**
 * Parts against the phrase. An offset is found where it arises, once for each part, and not again where it is merely
 * carried on.
 */
export function phraseSums(derived: Derived): Finding[] {
  const found = new Map<string, Finding>()
  let carried = 0
  const { passes } = derived.timeline
  passes.forEach((pass, i) => {
    const offset = offsetAt(derived, pass.end)
    if (offset === null || pass.slots.some((slot) => slot.open)) return
    const changed = offset !== carried
    carried = offset
    if (!changed || offset === 0) return
    const subject = pass.pass.changes.length > 0 ? pass.pass.id : pass.part.id
    if (!found.has(subject)) found.set(subject, finding(derived, pass, passes[i + 1] ?? null, subject))
  })
  return [...found.values()]
}

/** How far a tick lies past (positive) or short of (negative) the nearest phrase line; null outside the phrases. */
export function offsetAt({ phrases }: Derived, at: Tick): number | null {
  const first = phrases[0]
  const last = phrases.at(-1)
  if (!first || !last || at < first.start || at > last.end) return null
  const lines = [first.start, ...phrases.map((phrase) => phrase.end)]
  return lines.map((line) => at - line).sort((a, b) => Math.abs(a) - Math.abs(b))[0]!
}

function finding(derived: Derived, pass: DancedPass, next: DancedPass | null, subject: string): Finding {
  const ends = derived.phrases.map((phrase) => phrase.end as number)
  const length = pass.end - pass.start
  const wanted = ends.map((end) => end - pass.start).filter((room) => room > 0).sort((a, b) => Math.abs(a - length) - Math.abs(b - length))[0]!
  const terms = pass.slots.map((slot) => beatsOfTicks(slot.lengthTicks))
  const missing = wanted - length
  return {
    code: 'sums.phrase',
    severity: 'mend',
    subject,
    slotKeys: [pass.slots.at(-1)?.key ?? ''].filter((key) => key !== ''),
    at: pass.start,
    params: { part: pass.part.label, terms, total: beatsOfTicks(length as Tick), wanted: beatsOfTicks(wanted as Tick), missing: beatsOfTicks(missing as Tick) },
    repairs: missing > 0 ? padding(derived, pass, next, missing) : trimming(derived, pass, -missing),
  }
}

/** Figures that fill the hole and lead into what follows, and plain open counts. */
function padding(derived: Derived, pass: DancedPass, next: DancedPass | null, missing: number): Repair[] {
  const { routine, book } = derived
  const last = pass.slots.at(-1)
  const before = last?.after ?? routine.start
  const id = freshId(routine, `${pass.part.id}-fill`)
  const after = pass.part.slots.at(-1)?.id ?? null
  const figures = figuresBetween(book, before, missing, next?.slots[0] ?? null).slice(0, 2)
  return [
    ...figures.map((figure): Repair => ({ code: 'add-figure', params: { figure: figure.name }, edits: addSlot(pass.part.id, freshSlot(id, figureContent(figure.id)), after) })),
    { code: 'add-open', params: { beats: beatsOfTicks(missing as Tick) }, edits: addSlot(pass.part.id, freshSlot(id, wordsContent('', missing)), after) },
  ]
}

/** Dropping the last slot, when that is just what sticks out. */
function trimming({ routine }: Derived, pass: DancedPass, over: number): Repair[] {
  const last = pass.slots.at(-1)
  const edits = last && last.lengthTicks === over && !last.changed ? removeSlot(routine, last.slot.id) : null
  return edits ? [{ code: 'drop-last', params: { slot: last!.figure?.name ?? '', beats: beatsOfTicks(over as Tick) }, edits }] : []
}
