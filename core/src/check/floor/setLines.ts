import { deedText, type LineTrouble } from '../../move/index.ts'
import type { TrackedSlot } from '../../floor/index.ts'
import type { DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Severity } from '../finding.ts'

interface OfLine {
  readonly figure: string
  /** The line, as it is written. */
  readonly line: string
}
interface OfDancer extends OfLine {
  /** All of whom it is so. */
  readonly dancers: readonly string[]
  /** The other line that concerns the same dancers; empty where there is none. */
  readonly otherLine: string
}
/** What it finds, with the values of their sentences. */
export interface SetLinesFindings {
  readonly 'set.nobody': OfLine
  readonly 'set.number': OfLine & { readonly count: number }
  readonly 'set.pairs': OfLine & { readonly count: number }
  readonly 'set.amount': OfLine
  readonly 'set.facing': OfLine
  readonly 'set.no-place': OfLine
  readonly 'set.told-twice': OfDancer
  readonly 'set.hand-taken': OfDancer
  readonly 'set.facing-away': OfDancer
  readonly 'missing.move': { readonly figure: string }
}
type Found = FindingOf<SetLinesFindings>

const SEVERITY: Readonly<Record<LineTrouble['code'], Severity>> = {
  'set.nobody': 'stop',
  'set.number': 'stop',
  'set.pairs': 'stop',
  'set.amount': 'stop',
  'set.facing': 'stop',
  'set.no-place': 'stop',
  'set.told-twice': 'stop',
  'set.hand-taken': 'mend',
  'set.facing-away': 'mend',
}

/** Lines that cannot be danced as all stand, and where nothing says who moves. */
export function setLines({ timeline, track }: Derived): Found[] {
  if (!track) return []
  const found: Found[] = []
  let isOpen = false
  for (const slot of timeline.slots) {
    const tracked = track.slots.get(slot.key)!
    if (tracked.isOpen && !isOpen)
      found.push({
        ...aboutSlot(slot),
        code: 'missing.move',
        severity: 'note',
        params: { figure: slotName(slot) },
        repairs: [],
      })
    isOpen = tracked.after.isOpen
    for (const troubles of onceALine(tracked.danced.troubles))
      found.push(ofTrouble(slot, tracked, troubles))
    for (const place of tracked.unknownPlaces)
      found.push({
        ...aboutSlot(slot),
        code: 'set.no-place',
        severity: 'stop',
        params: { figure: slotName(slot), line: place },
        repairs: [],
      })
  }
  return found
}

/** What is so of several dancers of a line is told once. */
function onceALine(troubles: readonly LineTrouble[]): LineTrouble[][] {
  const groups = new Map<string, LineTrouble[]>()
  troubles.forEach((trouble, i) => {
    const { code, dancer, line, other } = trouble
    const key = dancer === null ? String(i) : `${code} ${line} ${other}`
    groups.set(key, [...(groups.get(key) ?? []), trouble])
  })
  return [...groups.values()]
}

function ofTrouble(
  slot: DancedSlot,
  { before, lines }: TrackedSlot,
  troubles: readonly LineTrouble[],
): Found {
  const trouble = troubles[0]!
  const { code, other } = trouble
  const line = deedText(lines[trouble.line]!)
  const place = aboutSlot(slot)
  const figure = slotName(slot)
  if (code === 'set.told-twice' || code === 'set.hand-taken' || code === 'set.facing-away') {
    const dancers = troubles.map(({ dancer }) => before.dancers[dancer!]!.id)
    return {
      ...place,
      subject: `${place.subject} ${dancers[0]}`,
      code,
      severity: SEVERITY[code],
      params: {
        figure,
        line,
        dancers,
        otherLine: other === null ? '' : deedText(lines[other]!),
      },
      repairs: [],
    }
  }
  const common = {
    ...place,
    subject: `${place.subject} ${trouble.line}`,
    severity: SEVERITY[code],
    repairs: [],
  }
  if (code === 'set.number' || code === 'set.pairs')
    return {
      ...common,
      code,
      params: { figure, line, count: Number(trouble.params['count'] ?? 0) },
    }
  return { ...common, code, params: { figure, line } }
}
