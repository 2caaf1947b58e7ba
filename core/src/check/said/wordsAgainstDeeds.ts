import { LANGUAGES, wordingsOf } from '../../cue/index.ts'
import { memoised } from '../../document/index.ts'
import { mirroredWords, type CueLanguageId } from '../../figure/index.ts'
import { frameOf, type DancedSlot, type Slot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'
import { saidOfAnother, type AnotherFigureFindings } from './anotherFigure.ts'
import { claimsAnything, claimsOf, isHedged, type Claims } from './claims.ts'
import {
  COMPARISONS,
  type Compare,
  type Danced,
  type Told,
  type WordsAgainstDeedsFindings,
} from './comparisons.ts'
import { deedsDanced } from './deeds.ts'
import { saidInstead } from './saidInstead.ts'

type Found = FindingOf<WordsAgainstDeedsFindings & AnotherFigureFindings>

/**
 * Words that say something else than is danced: another side, turn, hand, number, ending hold or
 * facing. What they do not say plainly is held to nothing, and what one of two dancers does is
 * right.
 */
export function wordsAgainstDeeds(derived: Derived): Found[] {
  const { routine } = derived
  const { slots } = derived.timeline
  // A slot is laid against its words once for each side on which it is danced.
  const [asWritten, mirrored] = [new Set<Slot>(), new Set<Slot>()]
  const frame = frameOf(routine)
  return slots.flatMap((slot, i): readonly Found[] => {
    // Where a foot is not free the sides are told by that.
    if (!slot.danced || slot.troubles.length > 0) return []
    const side = slot.mirrored ? mirrored : asWritten
    if (side.has(slot.slot)) return []
    side.add(slot.slot)
    const texts = claimingTexts(slot, routine.language)
    if (texts.length === 0) return []
    const running = texts.some(({ claims }) => claims.times !== null) ? runningFrom(slots, i) : 1
    const found = laidOnce(slot, { language: routine.language, frame, running }, texts)
    return found.length > 0 ? found : saidOfAnother(derived, slot)
  })
}

type LaidBy = Pick<Context, 'language' | 'frame' | 'running'>
/** A danced slot that is still the same is not laid against its words again. */
function laidOnce(slot: DancedSlot, by: LaidBy, texts: readonly Claiming[]): readonly Found[] {
  const known = laidBefore(slot)
  const key = `${by.language} ${by.frame} ${by.running}`
  const found = known.get(key) ?? laidAgainst(slot, by, texts)
  known.set(key, found)
  return found
}
const laidBefore = memoised((_: DancedSlot): Map<string, readonly Found[]> => new Map())

function laidAgainst(slot: DancedSlot, by: LaidBy, texts: readonly Claiming[]): readonly Found[] {
  const context = { slot, deeds: deedsDanced(slot.danced!), ...by }
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
}

type Context = Omit<Danced, 'claims'>
const laid = (compare: Compare, context: Context, text: string): Told | null =>
  compare({ ...context, claims: claimsOf(text, context.language) }, text)

/** What the words of a slot tell wrongly, each thing once: a turn to a wrong side is one thing. */
function toldOf(
  texts: readonly Claiming[],
  context: Context,
): { readonly text: string; readonly compare: Compare; readonly told: Told }[] {
  const all = texts.flatMap(({ text, claims }) =>
    COMPARISONS.flatMap((compare) => {
      const told = compare({ ...context, claims }, text)
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

/** A text of a slot that claims something. */
interface Claiming {
  readonly text: string
  readonly claims: Claims
}

/**
 * All that may be said or is written of a slot and claims something, for the side on which it is
 * danced. The same figure danced the same way is asked for it wherever it stands.
 */
function claimingTexts(slot: DancedSlot, language: CueLanguageId): readonly Claiming[] {
  const known = claimsKnown(slot.slot)
  const key = `${language} ${slot.mirrored} ${slot.turnedBy}`
  const before = known.get(key)
  if (before && before.danced === slot.danced) return before.texts
  const texts = textsOf(slot, language).flatMap((text): Claiming[] => {
    const claims = claimsOf(text, language)
    // Own words may be the figure's name on its other side without claiming a side.
    return claimsAnything(claims) || slot.slot.wordings ? [{ text, claims }] : []
  })
  known.set(key, { danced: slot.danced, texts })
  return texts
}
const claimsKnown = memoised(
  (_: Slot): Map<string, { danced: DancedSlot['danced']; texts: readonly Claiming[] }> => new Map(),
)

function textsOf(slot: DancedSlot, language: CueLanguageId): readonly string[] {
  const { remark, roleRemarks } = slot.slot
  const written = [remark, ...Object.values(roleRemarks ?? {})].filter(
    (text) => text && !isHedged(text, language),
  )
  return [
    ...new Set([
      ...wordingsOf(slot, LANGUAGES[language]).map(({ text }) => text),
      ...written.map((text) => (slot.mirrored ? mirroredWords(text!, language) : text!)),
    ]),
  ]
}

function runningFrom(slots: readonly DancedSlot[], from: number): number {
  const { figure, danced } = slots[from]!
  let i = from
  let running = 0
  while (slots[i]?.figure === figure && slots[i]!.passId === slots[from]!.passId)
    running += slots[i++]!.danced?.variation.times ?? 1
  return Math.max(running, danced?.variation.times ?? 1)
}
