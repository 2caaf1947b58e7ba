import { setSlotField, slowOf, wordsContent, type DancedSlot } from '../../routine/index.ts'
import { beatsOfTicks, TICKS_PER_BEAT } from '../../time/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import {
  countLine,
  lengthAtEnd,
  lengthSaid,
  saysOnlyALength,
  type LengthSaid,
} from './lengthSaid.ts'

/** What it finds, with the values of their sentences. */
export interface SaidSumsFindings {
  readonly 'sums.said': {
    readonly figure: string
    readonly words: string
    readonly said: number
    readonly takes: number
  }
  readonly 'sums.addition': {
    readonly words: string
    readonly sum: number
    readonly total: number
  }
}
type Found = FindingOf<SaidSumsFindings>

/**
 * Sums that are said in words and do not hold: "four eights" for four counts, "6 + 6 + 2 = 16", or
 * a count line of another length than its slot.
 */
export function saidSums(derived: Derived): Found[] {
  const seen = new Set<string>()
  return derived.timeline.slots.flatMap((slot) => {
    // Most slots say nothing in words of their own.
    const { remark, content, wordings, id } = slot.slot
    const isSilent = remark === '' && content.type !== 'words' && !wordings
    if (isSilent || seen.has(id)) return []
    seen.add(id)
    return [...lengthsSaid(derived, slot), ...additionsSaid(slot)]
  })
}

/** What is written of a slot in words, its remark where it counts; most have none. */
const textsOf = ({ slot: { content, remark } }: DancedSlot, withRemark = true): string[] =>
  [content.type === 'words' ? content.text : '', withRemark ? remark : ''].filter(
    (text) => text !== '',
  )

function lengthsSaid({ routine }: Derived, slot: DancedSlot): Found[] {
  if (slot.open) return []
  const { remark, wordings } = slot.slot
  const { beatsPerBar } = routine.metre
  const read = (text: string): LengthSaid | null =>
    countLine(text, slowOf(routine)) ?? lengthSaid(text, routine.language, beatsPerBar)
  const said = [
    ...textsOf(slot, saysOnlyALength(remark, routine.language)).map(read),
    ...Object.values(wordings ?? {}).map((text) =>
      text ? lengthAtEnd(text, routine.language, beatsPerBar) : null,
    ),
  ].filter((one) => one !== null)
  const takes = beatsOfTicks(slot.lengthTicks)
  const wrong = said.find(({ beats }) => Math.abs(beats - takes) >= 1e-9)
  return wrong
    ? [
        {
          ...aboutSlot(slot),
          code: 'sums.said',
          severity: 'mend',
          params: { figure: slotName(slot), words: wrong.words, said: wrong.beats, takes },
          repairs: asSaid(slot, wrong),
        },
      ]
    : []
}

/** Another length for words; a figure’s is its own, so that what says otherwise goes. */
function asSaid(slot: DancedSlot, { beats, words: length }: LengthSaid): Repair[] {
  const { content } = slot.slot
  const edits =
    content.type === 'words'
      ? setSlotField(
          slot.slot,
          'content',
          wordsContent(content.text, Math.round(beats * TICKS_PER_BEAT)),
        )
      : null
  const isIn = (text: string | null): boolean => text?.includes(length) ?? false
  const remark = isIn(slot.slot.remark) ? setSlotField(slot.slot, 'remark', '') : null
  const ownWords = Object.values(slot.slot.wordings ?? {}).some(isIn)
  const words = slot.figure && ownWords ? setSlotField(slot.slot, 'wordings', null) : null
  return [
    ...(edits ? [{ code: 'set-length' as const, params: { beats }, edits }] : []),
    ...(remark ? [{ code: 'no-remark' as const, params: {}, edits: remark }] : []),
    ...(words ? [{ code: 'book-words' as const, params: {}, edits: words }] : []),
  ]
}

const ADDITION = /(\d+(?:\s*\+\s*\d+)+)\s*=\s*(\d+)/g

function additionsSaid(slot: DancedSlot): Found[] {
  return textsOf(slot)
    .flatMap((text) => [...text.matchAll(ADDITION)])
    .flatMap(([words, terms, total]): Found[] => {
      const sum = terms!.split('+').reduce((all, term) => all + Number(term), 0)
      return sum === Number(total)
        ? []
        : [
            {
              ...aboutSlot(slot),
              code: 'sums.addition',
              severity: 'mend',
              params: { words, sum, total: Number(total) },
              repairs: corrected(slot, words, `${terms} = ${sum}`),
            },
          ]
    })
}

function corrected(slot: DancedSlot, wrong: string, right: string): Repair[] {
  const { content, remark } = slot.slot
  const edits = remark.includes(wrong)
    ? setSlotField(slot.slot, 'remark', remark.replace(wrong, right))
    : content.type === 'words'
      ? setSlotField(slot.slot, 'content', { ...content, text: content.text.replace(wrong, right) })
      : null
  return edits ? [{ code: 'say-instead', params: { text: right }, edits }] : []
}
