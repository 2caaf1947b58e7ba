import { LANGUAGES, wordingsOf } from '../../cue/index.ts'
import { memoised } from '../../document/index.ts'
import { mirroredWords, type CueLanguageId } from '../../figure/index.ts'
import { frameOf, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { claimsOf } from './claims.ts'
import {
  COMPARISONS,
  type Compare,
  type Danced,
  type Told,
  type WordsAgainstDeedsFindings,
} from './comparisons.ts'
import { deedsDanced } from './deeds.ts'
import { saidInstead } from './saidInstead.ts'

type Found = FindingOf<WordsAgainstDeedsFindings>

/**
 * Words that say something else than is danced: another side, turn, hand, number, ending hold or
 * facing. What they do not say plainly is held to nothing, and what one of two dancers does is
 * right.
 */
export function wordsAgainstDeeds({ routine, timeline: { slots } }: Derived): Found[] {
  const seen = new Set<string>()
  const frame = frameOf(routine)
  return slots.flatMap((slot, i): Found[] => {
    // Where a foot is not free the sides are told by that.
    if (!slot.danced || slot.troubles.length > 0) return []
    const texts = TEXTS_SAID[routine.language](slot)
    if (texts.length === 0) return []
    const key = `${slot.slot.id} ${slot.mirrored}`
    if (seen.has(key)) return []
    seen.add(key)
    const context = {
      slot,
      deeds: deedsDanced(slot.danced),
      language: routine.language,
      frame,
      running: runningFrom(slots, i),
    }
    return toldOf(texts, context).map(
      ({ text, compare, told: { code, reworded, ...values } }) =>
        ({
          ...aboutSlot(slot),
          code,
          severity: 'mend',
          params: { figure: slotName(slot), text, ...values },
          repairs: saidInstead(
            context,
            text,
            reworded,
            (one) => laid(compare, context, one) !== null,
          ),
        }) as Found,
    )
  })
}

type Context = Omit<Danced, 'claims'>
const laid = (compare: Compare, context: Context, text: string): Told | null =>
  compare({ ...context, claims: claimsOf(text, context.language) }, text)

/** What the words of a slot tell wrongly, each thing once: a turn to a wrong side is one thing. */
function toldOf(
  texts: readonly string[],
  context: Context,
): { readonly text: string; readonly compare: Compare; readonly told: Told }[] {
  const all = texts.flatMap((text) =>
    COMPARISONS.flatMap((compare) => {
      const told = laid(compare, context, text)
      return told ? [{ text, compare, told }] : []
    }),
  )
  const codes = all.map(({ told }) => told.code)
  return all.filter(
    ({ told }, i) =>
      codes.indexOf(told.code) === i &&
      !(told.code === 'said.amount' && codes.includes('facing.said-other-way')),
  )
}

/** All that may be said or is written of a slot, for the side on which it is danced. */
const textsIn = (id: CueLanguageId): ((slot: DancedSlot) => readonly string[]) =>
  memoised((slot: DancedSlot) => {
    const { remark, roleRemarks } = slot.slot
    const written = [remark, ...Object.values(roleRemarks ?? {})].filter((text) => text)
    return [
      ...new Set([
        ...wordingsOf(slot, LANGUAGES[id]).map(({ text }) => text),
        ...written.map((text) => (slot.mirrored ? mirroredWords(text!, id) : text!)),
      ]),
    ]
  })
const TEXTS_SAID = { en: textsIn('en'), de: textsIn('de') }

function runningFrom(slots: readonly DancedSlot[], from: number): number {
  const { figure, danced } = slots[from]!
  let i = from
  let running = 0
  while (slots[i]?.figure === figure && slots[i]!.passId === slots[from]!.passId)
    running += slots[i++]!.danced?.variation.times ?? 1
  return Math.max(running, danced?.variation.times ?? 1)
}
