import type { WordingKind } from '../figure/index.ts'
import type { School } from '../school/index.ts'
import type { CueSlot, JoinedName, Wording } from './cueSlot.ts'
import { wordsOf, type CueLanguage } from './language.ts'

/**
 * Gives every name the utterances that join it with those after it: "side close, twice", "vine
 * three and wrap". Only names of one pass that are said ahead are joined, without pins and without
 * anything that one role is told between them.
 */
export function joinNames(
  slots: readonly CueSlot[],
  { join }: School,
  language: CueLanguage,
): CueSlot[] {
  if (join.most < 2) return [...slots]
  return slots.map((slot, i) => {
    const after = followers(slots, i, join.most - 1)
    return after.length === 0 ? slot : joinedWith(slot, after, language)
  })
}

/**
 * Names that may be joined to this one, in order; amounts as second cues stand between them and are
 * said with the name.
 */
function followers(slots: readonly CueSlot[], i: number, most: number): CueSlot[] {
  const head = slots[i]!
  if (!isJoinable(head)) return []
  const found: CueSlot[] = []
  for (let k = i + 1; k < slots.length && found.length < most; k++) {
    const next = slots[k]!
    if (next.purpose === 'amount') continue
    if (!isJoinable(next) || passOf(next) !== passOf(head)) break
    found.push(next)
  }
  return found
}

const isJoinable = (slot: CueSlot): boolean =>
  slot.purpose === 'cue' && slot.mode === 'ahead' && slot.silence === null && !slot.pin
/** Keys of danced slots are the pass's, a stroke, and the slot's. */
const passOf = ({ slotKey }: CueSlot): string => slotKey.slice(0, slotKey.lastIndexOf('/'))

/**
 * Joined slots already made: where neither a name nor those after it have changed, it is the same.
 */
const made = new WeakMap<
  CueSlot,
  { readonly after: readonly CueSlot[]; readonly language: CueLanguage; readonly joined: CueSlot }
>()

function joinedWith(head: CueSlot, after: readonly CueSlot[], language: CueLanguage): CueSlot {
  const before = made.get(head)
  if (
    before &&
    before.language === language &&
    before.after.length === after.length &&
    before.after.every((one, k) => one === after[k])
  )
    return before.joined
  const wordings = [...head.wordings]
  for (let n = 1; n <= after.length; n++) {
    for (const kind of KINDS) {
      const one = joinKind(head, after.slice(0, n), kind, language)
      if (one && !wordings.some(({ text }) => text === one.text)) wordings.push(one)
    }
  }
  const joined = { ...head, wordings }
  made.set(head, { after, language, joined })
  return joined
}

const KINDS: readonly WordingKind[] = ['full', 'short', 'keyWord']

function joinKind(
  head: CueSlot,
  after: readonly CueSlot[],
  kind: WordingKind,
  language: CueLanguage,
): Wording | null {
  const names = [head, ...after].map((slot) => wholeOf(slot, kind))
  if (names.some((one) => one === undefined)) return null
  const [own, ...later] = names as Wording[]
  // "Again" behind the name is what "twice" says.
  const isSame = later.every(({ text }, i) => text === own!.text || after[i]!.repeats === true)
  // Twice what is danced twice already would be heard as four times.
  if (isSame && own!.hasAmount) return null
  const text = isSame
    ? `${own!.text}, ${language.times(names.length)}`
    : language.join((names as Wording[]).map((one) => one.text))
  const joined = after.map((slot, i): JoinedName => ({
    key: slot.key,
    stepTick: slot.stepTick,
    wantedWords: slot.wantedWords,
    words: later[i]!.words,
  }))
  return { kind, text, words: wordsOf(text).length, joined, own: own!.words }
}

/** The longest wording of a kind that owes nothing. */
const wholeOf = ({ wordings }: CueSlot, kind: WordingKind): Wording | undefined =>
  wordings.find((one) => one.kind === kind && !one.owes && !one.joined)
