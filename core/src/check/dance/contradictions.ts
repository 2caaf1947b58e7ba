import { memoised } from '../../document/index.ts'
import type { Planned, Wording } from '../../cue/index.ts'
import { netTurn } from '../../figure/index.ts'
import { setSlotField, type DancedSlot, type Slot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface ContradictionsFindings {
  readonly 'facing.contradiction': {
    readonly text: string
    readonly side: 'left' | 'right'
    readonly sense: 'clockwise' | 'anticlockwise'
  }
  readonly 'facing.said-other-way': {
    readonly figure: string
    readonly text: string
    readonly side: 'left' | 'right'
    readonly turned: 'left' | 'right'
  }
}
type Found = FindingOf<ContradictionsFindings>

/**
 * Words that contradict themselves ("to the right" with anticlockwise), or that say another side
 * than is danced.
 */
export function contradictions({ timeline, plan }: Derived): Found[] {
  const seen = new Set<string>()
  const planned = new Map(plan.planned.map((one) => [one.slot.key, one]))
  return timeline.slots.flatMap((slot) => {
    const key = slot.danced?.variation.reflected ? `${slot.slot.id} reflected` : slot.slot.id
    if (seen.has(key)) return []
    seen.add(key)
    return [...inItself(slot), ...otherSide(slot, planned.get(slot.key) ?? null)]
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

const SAID_TURN =
  /\b(left|right)[- ](?:turn|turns|turning|spin|pivot)\b|\b(?:turn|turns|turning|spin|pivot)\s+(left|right)\b/i

/** The side of the turn that a wording names. */
const turnSaid = memoised(({ text }: Wording): 'left' | 'right' | null => {
  const [, before, after] = SAID_TURN.exec(text) ?? []
  const side = (before ?? after)?.toLowerCase()
  return side === 'left' || side === 'right' ? side : null
})

/** A wording that names a turn to the side to which nobody turns. */
function otherSide(slot: DancedSlot, planned: Planned | null): Found[] {
  if (!slot.danced || !planned?.said) return []
  const { text } = planned.said.wording
  const side = turnSaid(planned.said.wording)
  if (!side) return []
  const turns = [slot.danced.steps.lead, slot.danced.steps.follow].map((steps) =>
    Math.sign(netTurn(steps)),
  )
  const wanted = side === 'left' ? -1 : 1
  if (turns.includes(wanted) || turns.every((turn) => turn === 0)) return []
  const turned = side === 'left' ? ('right' as const) : ('left' as const)
  const params = { figure: slotName(slot), text, side, turned }
  return [
    {
      ...aboutSlot(slot),
      code: 'facing.said-other-way',
      severity: 'mend',
      params,
      repairs: otherWords(slot, planned!, side),
    },
  ]
}

/** Every wording that may be said here, with the sides exchanged. */
function otherWords(slot: DancedSlot, planned: Planned, side: string): Repair[] {
  const exchanged = (text: string): string =>
    text.replace(/\b(left|right)\b/gi, (word) => (word.toLowerCase() === 'left' ? 'right' : 'left'))
  const own = slot.slot.wordings ?? { full: null, short: null, keyWord: null }
  const saysIt = new RegExp(`\\b${side}\\b`, 'i')
  const texts: readonly (readonly [string, string | null])[] = [
    ...planned.slot.wordings.map(({ kind, text }) => [kind, text] as const),
    ...Object.entries(own),
  ]
  const said = Object.fromEntries(
    texts.flatMap(([kind, text]) =>
      text !== null && saysIt.test(text) ? [[kind, exchanged(text)]] : [],
    ),
  )
  const edits = setSlotField(slot.slot, 'wordings', { ...own, ...said })
  return edits
    ? [{ code: 'say-instead', params: { text: exchanged(planned.said!.wording.text) }, edits }]
    : []
}
