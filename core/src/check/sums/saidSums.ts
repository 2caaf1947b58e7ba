import { setSlotField, wordsContent, type DancedSlot } from '../../routine/index.ts'
import { beatsOfTicks, parseNotation, TICKS_PER_BEAT } from '../../time/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

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
    if ((slot.slot.remark === '' && slot.slot.content.type !== 'words') || seen.has(slot.slot.id))
      return []
    seen.add(slot.slot.id)
    return [...lengthsSaid(derived, slot), ...additionsSaid(slot)]
  })
}

const NUMBERS =
  'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen'.split(
    ' ',
  )
const numberOf = (word: string): number =>
  /^\d/.test(word)
    ? Number(word)
    : word === 'a' || word === 'an'
      ? 1
      : word === 'half a'
        ? 0.5
        : NUMBERS.indexOf(word) + 1
const NUMBER = `\\d+(?:\\.\\d+)?|half a|an?|${NUMBERS.join('|')}`
const LENGTH = new RegExp(
  `(\\w+\\s+)?\\b(${NUMBER})\\s+(counts?|beats?|bars?|measures?|eights?|sixteens?)\\b`,
  'gi',
)
/** Words before a number that make it say where, not how long. */
const NOT_A_LENGTH = /^(after|last|first|next|on|before|within|every|until|from|by|in)$/i
/**
 * A remark speaks of its slot's whole length only where it says nothing else: “hold the dip for two
 * counts” is about a part of it.
 */
const ONLY_A_LENGTH = new RegExp(
  `^(?:(?:it )?(?:takes|lasts|is)\\s+)?(?:(?:and\\s+|,\\s*|\\+\\s*)?(?:${NUMBER})\\s+(?:counts?|beats?|bars?|measures?|eights?|sixteens?)\\s*)+(?:in all|altogether)?[.!]?$`,
  'i',
)
/** A row of counts: numbers or slow and quick, nothing else. */
const COUNT_LINE = /^(?:[SQ&a\d][\s,]*){3,}$/

/** What is written of a slot in words, its remark where it counts; most have none. */
const textsOf = ({ slot: { content, remark } }: DancedSlot, withRemark = true): string[] =>
  [content.type === 'words' ? content.text : '', withRemark ? remark : ''].filter(
    (text) => text !== '',
  )

/**
 * What a text says of its own length in beats, with the words that say it; null where it says
 * nothing of it.
 */
function lengthSaid(
  text: string,
  beatsPerBar: number,
): { readonly beats: number; readonly words: string } | null {
  const units: Readonly<Record<string, number>> = {
    count: 1,
    beat: 1,
    bar: beatsPerBar,
    measure: beatsPerBar,
    eight: 8,
    sixteen: 16,
  }
  const found = [...text.matchAll(LENGTH)].filter(
    ([, before]) => !NOT_A_LENGTH.test((before ?? '').trim()),
  )
  if (found.length === 0) return null
  const beats = found.reduce(
    (sum, [, , number, unit]) =>
      sum + numberOf(number!.toLowerCase()) * units[unit!.toLowerCase().replace(/s$/, '')]!,
    0,
  )
  return { beats, words: found.map(([, , number, unit]) => `${number} ${unit}`).join(' and ') }
}

function lengthsSaid({ routine }: Derived, slot: DancedSlot): Found[] {
  if (slot.open) return []
  const texts = textsOf(slot, ONLY_A_LENGTH.test(slot.slot.remark.trim()))
  const takes = beatsOfTicks(slot.lengthTicks)
  return texts.flatMap((text): Found[] => {
    const said = countLine(text, slot) ?? lengthSaid(text, routine.metre.beatsPerBar)
    if (!said || Math.abs(said.beats - takes) < 1e-9) return []
    return [
      {
        ...aboutSlot(slot),
        code: 'sums.said',
        severity: 'mend',
        params: { figure: slotName(slot), words: said.words, said: said.beats, takes },
        repairs: asSaid(slot, said.beats),
      },
    ]
  })
}

function countLine(
  text: string,
  slot: DancedSlot,
): { readonly beats: number; readonly words: string } | null {
  if (slot.slot.content.type !== 'words' || !COUNT_LINE.test(text.trim())) return null
  const read = parseNotation(text.trim().replaceAll(',', ' '))
  return read.ok ? { beats: beatsOfTicks(read.value.lengthTicks), words: text.trim() } : null
}

function asSaid(slot: DancedSlot, beats: number): Repair[] {
  const { content } = slot.slot
  const edits =
    content.type === 'words'
      ? setSlotField(
          slot.slot,
          'content',
          wordsContent(content.text, Math.round(beats * TICKS_PER_BEAT)),
        )
      : null
  return edits ? [{ code: 'set-length', params: { beats }, edits }] : []
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
