import { memoised } from '../../document/index.ts'
import { setSlotField, type DancedSlot, type Slot } from '../../routine/index.ts'
import { aboutSlot } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface ContradictionsFindings {
  readonly 'facing.contradiction': {
    readonly text: string
    readonly side: 'left' | 'right'
    readonly sense: 'clockwise' | 'anticlockwise'
  }
}
type Found = FindingOf<ContradictionsFindings>

/** Words that contradict themselves: “to the right” with anticlockwise. */
export function contradictions({ timeline }: Derived): Found[] {
  const seen = new Set<string>()
  return timeline.slots.flatMap((slot) => {
    if (seen.has(slot.slot.id)) return []
    seen.add(slot.slot.id)
    return inItself(slot)
  })
}

const TURNING =
  /\b(turn|turns|turning|spin|spins|pivot|pivots|rotate|quarters?|half|halves|whole turn|full turn)\b/i
/** Clockwise is to the left where one goes round a ring: there both words can be right together. */
const GOING_ROUND = /\b(circle|ring|star|travel|travelling|round the (?:ring|hall|room))\b/i
const RIGHT =
  /\b(?:to (?:the|your) )?right\b(?!\s+(?:foot|hand|arm|shoulder|elbow|heel|toe|knee|side|hip))/i
const LEFT =
  /\b(?:to (?:the|your) )?left\b(?!\s+(?:foot|hand|arm|shoulder|elbow|heel|toe|knee|side|hip))/i
const ANTICLOCKWISE = /\b(?:anti-?|counter-?)clockwise\b/i
const CLOCKWISE = /(?<!anti-?|counter-?)\bclockwise\b/i

/** The two words of a text that cannot both hold, or null. */
function contradictionIn(
  text: string,
): { readonly side: 'left' | 'right'; readonly sense: 'clockwise' | 'anticlockwise' } | null {
  if (!TURNING.test(text) || GOING_ROUND.test(text)) return null
  if (RIGHT.test(text) && !LEFT.test(text) && ANTICLOCKWISE.test(text))
    return { side: 'right', sense: 'anticlockwise' }
  if (LEFT.test(text) && !RIGHT.test(text) && CLOCKWISE.test(text))
    return { side: 'left', sense: 'clockwise' }
  return null
}

/** What is written of a slot in words; most have none. */
const textsOf = memoised(({ content, remark, wordings, roleRemarks }: Slot): readonly string[] =>
  [
    content.type === 'words' ? content.text : '',
    remark,
    ...Object.values(wordings ?? {}),
    ...Object.values(roleRemarks ?? {}),
  ].filter((text): text is string => Boolean(text)),
)

function inItself(slot: DancedSlot): Found[] {
  return textsOf(slot.slot).flatMap((text): Found[] => {
    const found = contradictionIn(text)
    if (!found) return []
    const right = text
      .replace(ANTICLOCKWISE, 'CLOCK')
      .replace(CLOCKWISE, 'anticlockwise')
      .replace('CLOCK', 'clockwise')
    return [
      {
        ...aboutSlot(slot),
        code: 'facing.contradiction',
        severity: 'mend',
        params: { text, ...found },
        repairs: reworded(slot, text, right),
      },
    ]
  })
}

/** The text said the other way round, wherever it stands in the slot. */
function reworded(slot: DancedSlot, from: string, to: string): Repair[] {
  const { content, remark } = slot.slot
  const edits =
    content.type === 'words' && content.text === from
      ? setSlotField(slot.slot, 'content', { ...content, text: to })
      : remark === from
        ? setSlotField(slot.slot, 'remark', to)
        : null
  return edits ? [{ code: 'say-instead', params: { text: to }, edits }] : []
}
