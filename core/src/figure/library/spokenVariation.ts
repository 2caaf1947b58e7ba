import { heldAs, HOLD_WORDS } from '../model/hold.ts'
import { AS_WRITTEN, variationSchema, type Variation } from '../model/variation.ts'
import { readVariation } from '../notation/variationText.ts'

type Change = (found: RegExpExecArray, before: Variation) => Variation | null

const TIMES: Readonly<Record<string, number>> = { twice: 2, two: 2, three: 3, four: 4 }
const PARTS: Readonly<Record<string, number>> = {
  quarter: 2,
  half: 4,
  'three quarter': 6,
  'three quarters': 6,
  full: 8,
  whole: 8,
}
const SIDE = '(?: turn)?(?: to the)? (left|right)'
const sideOf = (side: string): 1 | -1 => (side === 'left' ? -1 : 1)

/** How dancers say it, each at the start of what is left. */
const WAYS: readonly (readonly [RegExp, Change])[] = [
  [
    new RegExp(`^(?:turning )?(\\d)/(\\d)${SIDE}\\b`),
    ([, over, under, side], before) => {
      const eighths = (8 * Number(over)) / Number(under)
      return Number.isInteger(eighths) ? { ...before, turn: eighths * sideOf(side!) } : null
    },
  ],
  [
    new RegExp(`^(?:a )?(${Object.keys(PARTS).reverse().join('|')})${SIDE}\\b`),
    ([, part, side], before) => ({ ...before, turn: PARTS[part!]! * sideOf(side!) }),
  ],
  [/^(?:half|1\/2)\b/, (_, before) => ({ ...before, cut: { type: 'half' } })],
  [/^(twice|(?:two|three|four) times)\b/, ([, n], before) => times(before, n!.split(' ')[0]!)],
  [/^(?:x ?)?(\d)(?: ?x| times)?$/, ([, n], before) => ({ ...before, times: Number(n) })],
  [/^(?:left (?:and|&) right|l (?:and|&) r\b|both ways)/, (_, before) => times(before, 'twice')],
  [/^(?:mirrored|other way)\b/, (_, before) => ({ ...before, reflected: true })],
  [
    new RegExp(`^to (${HOLD_WORDS.join('|')})\\b(?!-| \\[)`),
    ([, hold], before) => ({ ...before, exitHold: heldAs(hold!) }),
  ],
]
const times = (before: Variation, word: string): Variation => ({ ...before, times: TIMES[word]! })

/**
 * How a figure is to be danced, as dancers say it behind its name (`1/4 right`, `half turn left`,
 * `half`, `twice`, `other way`, `to butterfly`) or as it is typed in a sheet; null where the words
 * say something else.
 */
export function readSpokenVariation(text: string): Variation | null {
  const read = spoken(text)
  return read && variationSchema.safeParse(read).success ? read : null
}

function spoken(text: string): Variation | null {
  const typed = readVariation(text)
  if (typed.ok && text.trim() !== '') return typed.value
  let [rest, variation] = [text.trim().toLowerCase(), AS_WRITTEN]
  while (rest !== '') {
    const before = rest
    for (const [pattern, change] of WAYS) {
      const found = pattern.exec(rest)
      const changed = found && change(found, variation)
      if (!changed) continue
      variation = changed
      rest = rest.slice(found[0].length).replace(/^[\s,]+/, '')
      break
    }
    if (rest === before) return null
  }
  return variation === AS_WRITTEN ? null : variation
}
