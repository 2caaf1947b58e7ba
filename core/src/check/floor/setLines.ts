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
  readonly dancer: string
  /** The other line that concerns the same dancer; empty where there is none. */
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
    found.push(...tracked.danced.troubles.map((trouble) => ofTrouble(slot, tracked, trouble)))
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

function ofTrouble(slot: DancedSlot, { before, lines }: TrackedSlot, trouble: LineTrouble): Found {
  const { code, dancer, other } = trouble
  const line = deedText(lines[trouble.line]!)
  const place = aboutSlot(slot)
  const figure = slotName(slot)
  if (code === 'set.told-twice' || code === 'set.hand-taken' || code === 'set.facing-away') {
    const id = before.dancers[dancer!]!.id
    return {
      ...place,
      subject: `${place.subject} ${id}`,
      code,
      severity: SEVERITY[code],
      params: {
        figure,
        line,
        dancer: id,
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
