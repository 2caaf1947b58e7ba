import { pickupTicks, wordingsIn, type DancedFigure, type WordingKind } from '../figure/index.ts'
import type { DancedSlot } from '../routine/index.ts'
import { TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import { LANGUAGES, wordsOf, type CueLanguage } from './language.ts'
import type { Prompt } from './prompts.ts'

/** One way to say a slot. */
export interface Wording {
  readonly kind: WordingKind
  readonly text: string
  readonly words: number
}

/** What the planner knows of a slot: its step, since when it may be cued, and what could be said. */
export interface CueSlot {
  readonly key: string
  /** The earliest event of any role, pick-up included. */
  readonly stepTick: Tick
  /** Where the figure before begins; a cue does not start earlier. */
  readonly notBeforeTick: Tick
  /** Longest first. Empty when the slot has nothing to say. */
  readonly wordings: readonly Wording[]
  /** Words of the wording that is wanted this time through, against which lost words and needless ones are counted. */
  readonly wantedWords: number
  /** Why there is nothing to say, where there is not. */
  readonly silence: 'on-purpose' | 'no-wording' | null
}

/** Room to speak before the first step where the music has no introduction: two bars of four, under the count-in. */
export const COUNT_IN_ROOM_TICKS = (8 * TICKS_PER_BEAT) as Tick

/**
 * Cue slots of a timeline. `introductionTicks` is the music before the first step; the first cue may start in it, or
 * under the count-in where there is none.
 */
export function cueSlots(slots: readonly DancedSlot[], language: 'en' | 'de', introductionTicks: Tick, { wanted = NO_WISHES, prompts = NO_PROMPTS }: CueWishes = {}): CueSlot[] {
  const room = introductionTicks > 0 ? introductionTicks : COUNT_IN_ROOM_TICKS
  return slots.map((slot, i) => {
    const notBeforeTick = i === 0 ? (-room as Tick) : slots[i - 1]!.start
    const before = made.get(slot)
    const kind = wanted.get(slot.key) ?? 'full'
    const prompt = prompts.get(slot.key) ?? null
    if (before?.language === language && before.kind === kind && before.prompt === (prompt?.text ?? null) && before.cue.notBeforeTick === notBeforeTick) return before.cue
    const cue = cueSlot(slot, language, notBeforeTick, kind, prompt)
    made.set(slot, { language, kind, prompt: prompt?.text ?? null, cue })
    return cue
  })
}

/** Cue slots already made: a danced slot that an edit left alone keeps its own. */
const made = new WeakMap<DancedSlot, { readonly language: 'en' | 'de'; readonly kind: WordingKind; readonly prompt: string | null; readonly cue: CueSlot }>()
const NO_WISHES: ReadonlyMap<string, WordingKind> = new Map()
const NO_PROMPTS: ReadonlyMap<string, Prompt> = new Map()

/** What the structure of a routine asks of its cues, by the key of the slot. */
export interface CueWishes {
  /** The wording wanted where a slot is not called in full. */
  readonly wanted?: ReadonlyMap<string, WordingKind>
  readonly prompts?: ReadonlyMap<string, Prompt>
}

function cueSlot(slot: DancedSlot, language: 'en' | 'de', notBeforeTick: Tick, kind: WordingKind, prompt: Prompt | null): CueSlot {
  const plain = wordingsOf(slot, LANGUAGES[language])
  const wordings = prompt && plain.length > 0 ? withPrompt(plain, prompt, kind) : plain
  return {
    key: slot.key,
    stepTick: stepOf(slot),
    notBeforeTick,
    wordings,
    wantedWords: wantedWords(plain, prompt, kind),
    silence: slot.slot.say === 'nothing' ? 'on-purpose' : wordings.length === 0 ? 'no-wording' : null,
  }
}

/** Every wording with the prompt before it and without; the prompt alone where the floor knows the part. Longest first. */
function withPrompt(plain: readonly Wording[], prompt: Prompt, kind: WordingKind): Wording[] {
  const alone = prompt.isEnough && kind === 'prompt' ? [wording('prompt', prompt.text)] : []
  return [...plain.map((one) => wording(one.kind, `${prompt.text}, ${one.text}`)), ...plain, ...alone].sort((a, b) => b.words - a.words)
}

/** Words wanted this time through, the prompt's among them; only the prompt's where it is enough. */
function wantedWords(plain: readonly Wording[], prompt: Prompt | null, kind: WordingKind): number {
  const own = wantedOf(plain, kind)?.words ?? 0
  if (!prompt || plain.length === 0) return own
  const words = wordsOf(prompt.text).length
  return prompt.isEnough && kind === 'prompt' ? words : words + own
}

/** The wording of a kind; where there is none of it, the next longer one. */
function wantedOf(wordings: readonly Wording[], kind: WordingKind): Wording | undefined {
  const order: readonly WordingKind[] = ['full', 'short', 'prompt']
  return wordings.filter((one) => order.indexOf(one.kind) <= order.indexOf(kind)).at(-1) ?? wordings[0]
}

/** The tick of a slot's earliest step, pick-up included. */
function stepOf(slot: DancedSlot): Tick {
  if (!slot.danced) return slot.start
  const pickup = pickupTicks(slot.danced.steps)
  if (pickup > 0) return (slot.start - pickup) as Tick
  const first = Math.min(
    ...Object.values(slot.danced.steps)
      .flat()
      .map((step) => step.at),
  )
  return Number.isFinite(first) ? ((slot.start + first) as Tick) : slot.start
}

/** What may be said of a slot, longest first, each with the words for how much and to where. */
export function wordingsOf({ slot, figure, danced }: Pick<DancedSlot, 'slot' | 'figure' | 'danced'>, language: CueLanguage): Wording[] {
  if (slot.say === 'nothing') return []
  const own = slot.wordings
  const book = figure ? wordingsIn(figure, language.id) : undefined
  if (slot.content.type === 'words') {
    const text = own?.full ?? slot.content.text
    return wordsOf(text).length === 0 ? [] : [wording('full', text)]
  }
  const amount = danced ? amountWords(danced, language) : ''
  const texts: Record<WordingKind, string | undefined> = {
    full: own?.full ?? withAmount(book?.full, amount),
    short: own?.short ?? withAmount(book?.short, amount),
    prompt: own?.prompt ?? withAmount(book?.prompt, amount),
  }
  const written = (['full', 'short', 'prompt'] as const).flatMap((kind) => (texts[kind] ? [wording(kind, texts[kind])] : []))
  return written.filter((one, i) => written.findIndex((other) => other.text === one.text) === i)
}

const wording = (kind: WordingKind, text: string): Wording => ({ kind, text, words: wordsOf(text).length })
const withAmount = (text: string | undefined, amount: string): string | undefined => (text === undefined ? undefined : text + amount)

/** ", halfway", ", twice", ", a quarter", ", to butterfly" or another ending by its name: amounts and exits are part of the cue and never left out of it. */
function amountWords({ variation }: DancedFigure, language: CueLanguage): string {
  const { cut, turn, times, ending, exitHold, options = [] } = variation
  const words = [
    cut?.type === 'half' ? language.half : null,
    turn === undefined ? null : language.turn(turn),
    times > 1 ? language.times(times) : null,
    ...options,
    ending ?? null,
    exitHold && ending === undefined ? language.toHold(exitHold) : null,
  ]
  return words
    .filter((word) => word !== null)
    .map((word) => `, ${word}`)
    .join('')
}
