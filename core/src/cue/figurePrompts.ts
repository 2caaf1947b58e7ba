import { sameValue } from '../document/index.ts'
import { netTurn } from '../figure/index.ts'
import type { Facing } from '../move/index.ts'
import { isRestart, type DancedPass, type DancedSlot, type Timeline } from '../routine/index.ts'
import type { PromptKind } from '../school/index.ts'
import { AROUND } from './aroundWords.ts'
import type { Keyed, Prompt, PromptOptions } from './prompt.ts'

/** How many figures back a look-alike is still in everybody's feet. */
const NEAR = 6

/**
 * What is said of single figures: that it is another one this time, the ending a new one, that
 * partners change after it or the part is broken off; that the same comes again, to the other side,
 * with the other foot, all the way; not to turn it; where to face.
 */
export function* figurePrompts(timeline: Timeline, options: PromptOptions): Generator<Keyed> {
  const has = (kind: PromptKind): boolean => options.school.prompts.includes(kind)
  const halved = new Map<string, boolean>()
  const { passes } = timeline
  for (const [p, pass] of passes.entries()) {
    for (const [i, slot] of pass.slots.entries()) {
      const before = pass.slots.slice(Math.max(0, i - NEAR), i)
      const found = [
        changedPrompt(pass, i, options),
        lastOfPass(passes, p, i, options),
        plainPrompt(slot, before, halved, options),
      ].find((one) => one !== null && has(one.kind))
      if (slot.figure && slot.danced)
        halved.set(slot.figure.id, slot.danced.variation.cut?.type === 'half')
      if (found) yield { key: slot.key, prompt: found }
    }
  }
}

const reminder = (kind: PromptKind, text: string, place: Prompt['place']): Prompt => ({
  kind,
  text,
  must: null,
  place,
  isEnough: false,
  fades: true,
})
const ranked = (kind: PromptKind, text: string, place: Prompt['place']): Prompt => ({
  kind,
  text,
  must: text,
  place,
  isEnough: false,
  fades: false,
})

/** Another figure than the times before: this once, or from here to the end of the part. */
function changedPrompt(
  { slots, ordinal }: DancedPass,
  i: number,
  { language: { prompts } }: PromptOptions,
): Prompt | null {
  if (ordinal === 1 || !slots[i]!.changed || slots[i - 1]?.changed) return null
  return i > 0 && slots.slice(i).every(({ changed }) => changed)
    ? ranked('new-ending', prompts['new-ending'], 'before')
    : ranked('this-time', prompts['this-time'], 'before')
}

/** With the last figure of a pass: that the part is then begun anew, or who moves on. */
function lastOfPass(
  passes: readonly DancedPass[],
  p: number,
  i: number,
  options: PromptOptions,
): Prompt | null {
  const pass = passes[p]!
  if (i !== pass.slots.length - 1) return null
  const { language } = options
  const next = passes[p + 1]
  if (next && isRestart(next, pass))
    return ranked('restart', AROUND[language.id].thenRestart, 'after')
  return partnerChange(pass, pass.slots[i]!, options)
}

const NEXT: Readonly<Record<'en' | 'de', RegExp>> = {
  en: /\bnext\b|\bnew partner\b/i,
  de: /\bnächst|\bneue[rn]? partner\b/i,
}

/** Who moves on to whom at the end of this pass, where not all move alike. */
function partnerChange(
  { pass: { shift } }: DancedPass,
  { figure, slot }: DancedSlot,
  { language, roles = { lead: 'lead', follow: 'follow' } }: PromptOptions,
): Prompt | null {
  if (!shift || shift.lead === shift.follow) return null
  const around = AROUND[language.id]
  const own = slot.wordings?.full ?? figure?.wordings[language.id]?.full ?? ''
  const moves = (['lead', 'follow'] as const).filter((role) => shift[role] !== 0)
  // Where the figure's own words say that they go on, only who does is missing.
  if (NEXT[language.id].test(own) && moves.length === 1)
    return ranked('partner-change', around.roles(roles[moves[0]!]), 'before')
  const text = moves.map((role) => around.onToNext(roles[role], shift[role])).join(', ')
  return ranked('partner-change', text, 'after')
}

function plainPrompt(
  slot: DancedSlot,
  before: readonly DancedSlot[],
  halved: ReadonlyMap<string, boolean>,
  { language, formation }: PromptOptions,
): Prompt | null {
  const kind = plainKind(slot, before, halved)
  if (kind === null) return null
  if (kind === 'facing') {
    const frame = formation === 'lines' || formation === 'solo' ? 'clock' : 'hall'
    return reminder(kind, language.toFace(facingAfter(slot), frame), 'after')
  }
  return reminder(kind, language.prompts[kind], BEHIND.has(kind) ? 'after' : 'before')
}
const BEHIND: ReadonlySet<PromptKind> = new Set(['all-the-way', 'guard', 'figure-again'])

type PlainKind =
  'all-the-way' | 'same-other-side' | 'other-foot' | 'guard' | 'facing' | 'figure-again'

function plainKind(
  slot: DancedSlot,
  before: readonly DancedSlot[],
  halved: ReadonlyMap<string, boolean>,
): PlainKind | null {
  const { danced, figure } = slot
  if (!danced || !figure) return null
  const last = before.at(-1)
  if (
    last?.figure?.id === figure.id &&
    last.danced &&
    last.danced.variation.reflected !== danced.variation.reflected
  )
    return goesSideways(slot) ? 'same-other-side' : 'other-foot'
  if (halved.get(figure.id) === true && danced.variation.cut === null) return 'all-the-way'
  if (turnOf(slot) === 0 && before.some((one) => isLookAlike(one, slot) && turnOf(one) !== 0))
    return 'guard'
  if (repeats(slot, last)) return 'figure-again'
  return isErrorProne(turnOf(slot)) ? 'facing' : null
}

/** Whether the very same is danced as just before. */
export const repeats = (slot: DancedSlot, before: DancedSlot | undefined): boolean =>
  before !== undefined &&
  slot.danced !== null &&
  before.danced !== null &&
  slot.figure === before.figure &&
  sameValue(slot.danced.variation, before.danced.variation)

const turnOf = ({ danced }: DancedSlot): number => (danced ? netTurn(danced.steps.lead) : 0)
const goesSideways = ({ danced }: DancedSlot): boolean =>
  danced!.steps.lead.some(
    ({ travel, turn }) => turn !== 0 || travel?.direction === 2 || travel?.direction === 6,
  )
const facingAfter = ({ after }: DancedSlot): Facing => after.lead.facing

/** The same figure, or one whose name begins with the same word. */
function isLookAlike(a: DancedSlot, b: DancedSlot): boolean {
  if (!a.figure || !b.figure) return false
  const word = (name: string): string => name.toLowerCase().split(/[\s,]/)[0]!
  return a.figure.id === b.figure.id || word(a.figure.name) === word(b.figure.name)
}

/**
 * Three quarters and more that do not come round, and odd eighths: where people end up facing
 * another way.
 */
function isErrorProne(eighths: number): boolean {
  const size = Math.abs(eighths)
  return size % 8 !== 0 && (size >= 6 || size % 2 === 1)
}
