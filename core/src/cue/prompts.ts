import { netTurn } from '../figure/index.ts'
import { type Facing } from '../move/index.ts'
import type { DancedPass, DancedSlot, Formation, Timeline } from '../routine/index.ts'
import type { PromptKind, School } from '../school/index.ts'
import type { CueLanguage } from './language.ts'

/**
 * Something said with a figure that follows from the structure: that it comes again, for the last
 * time, on the other foot.
 */
export interface Prompt {
  readonly kind: PromptKind
  readonly text: string
  /** Before the figure's name or behind it. */
  readonly place: 'before' | 'after'
  /**
   * It is enough by itself where the floor knows the part: nothing is other than the time before.
   */
  readonly isEnough: boolean
  /** A reminder for who is learning: said only while the figure is called in full. */
  readonly fades: boolean
}

export interface PromptOptions {
  readonly school: Pick<School, 'prompts'>
  readonly language: CueLanguage
  readonly formation?: Formation | undefined
}

/**
 * Prompts that follow from the structure of a routine, by the key of the slot they are said with. A
 * school says which kinds it has. A slot has one prompt at most: what is said of a whole pass comes
 * before what is said of one figure, and what is other before what is the same.
 */
export function structurePrompts(
  timeline: Timeline,
  options: PromptOptions,
): ReadonlyMap<string, Prompt> {
  const { prompts } = options.school
  const found = new Map<string, Prompt>()
  if (prompts.length === 0) return found
  for (const one of [...passPrompts(timeline, options), ...slotPrompts(timeline, options)]) {
    if (prompts.includes(one.prompt.kind) && !found.has(one.key)) found.set(one.key, one.prompt)
  }
  return found
}

type Keyed = { readonly key: string; readonly prompt: Prompt }

function* passPrompts({ passes }: Timeline, { school, language }: PromptOptions): Generator<Keyed> {
  const lastOf = new Map<string, DancedPass>()
  for (const [i, pass] of passes.entries()) {
    const [first] = pass.slots
    const kinds = kindsOf(passes, i, lastOf.get(pass.part.id) ?? null)
    const number = lastOf.has(pass.part.id) ? 0 : lastOf.size + 1
    lastOf.set(pass.part.id, pass)
    const kind = kinds.find(
      (one) => school.prompts.includes(one) && (one !== 'part-number' || number > 1),
    )
    if (first && kind)
      yield {
        key: first.key,
        prompt: {
          kind,
          text: passText(kind, pass, number, language),
          place: 'before',
          isEnough: ENOUGH.has(kind),
          fades: false,
        },
      }
  }
}

const ENOUGH: ReadonlySet<PromptKind> = new Set(['again', 'one-more', 'last-time'])

function passText(
  kind: PromptKind,
  { part }: DancedPass,
  number: number,
  language: CueLanguage,
): string {
  if (kind === 'part-name') return part.label
  if (kind === 'part-number') return language.partNumber(number)
  return language.prompts[kind as keyof CueLanguage['prompts']]
}

const isAgain = (pass: DancedPass, before: DancedPass | null): boolean =>
  before !== null &&
  before.part === pass.part &&
  before.pass.reflected === pass.pass.reflected &&
  (before.pass === pass.pass ||
    (before.pass.changes.length === 0 &&
      pass.pass.changes.length === 0 &&
      before.pass.stretch === null &&
      pass.pass.stretch === null))

/** The kinds that would be right for a pass, the most telling first. */
function kindsOf(
  passes: readonly DancedPass[],
  i: number,
  lastTime: DancedPass | null,
): PromptKind[] {
  const pass = passes[i]!
  const before = passes[i - 1] ?? null
  if (lastTime !== null && lastTime.pass.reflected !== pass.pass.reflected) return ['other-way']
  // The last of all its times, not of a few in a row: a part of seven has no last at the third.
  const isLast = pass.ordinal === pass.ordinals && pass.ordinals >= LEAST_TIMES
  if (isAgain(pass, before)) return isLast ? ['last-time', 'one-more', 'again'] : ['again']
  // Broken off and begun anew: a restart.
  if (before?.part === pass.part && before.pass.stretch !== null && pass.pass.stretch === null)
    return ['begin-again', ...(isLast ? (['last-time'] as const) : [])]
  if (isLast && pass.pass.stretch === null && pass.pass.changes.length === 0)
    return ['last-time', ...whereItTurns(passes, i)]
  return whereItTurns(passes, i)
}

/** From so many times on the last of them is called so. */
const LEAST_TIMES = 3

/** What is said where another part begins than the one before. */
function whereItTurns(passes: readonly DancedPass[], i: number): PromptKind[] {
  const pass = passes[i]!
  const before = passes[i - 1] ?? null
  if (pass.pass.kind === 'bridge' && pass.ordinals === 1) return ['only-once', 'part-name']
  if (
    i > 0 &&
    pass.part === passes[0]!.part &&
    before?.part !== pass.part &&
    pass.pass.stretch === null &&
    pass.pass.changes.length === 0
  )
    return ['begin-again', ...named(pass, before)]
  return named(pass, before)
}

/** A letter is a mark on paper, a word is a name to be called. */
const named = ({ part }: DancedPass, before: DancedPass | null): PromptKind[] =>
  part.label.length > 2 && before?.part !== part ? ['part-name'] : ['part-number']

/** How many figures back a look-alike is still in everybody's feet. */
const NEAR = 6

function* slotPrompts(
  { passes }: Timeline,
  { language, formation }: PromptOptions,
): Generator<Keyed> {
  const halved = new Map<string, boolean>()
  for (const pass of passes) {
    for (const [i, slot] of pass.slots.entries()) {
      const kind = slotKind(slot, pass.slots.slice(Math.max(0, i - NEAR), i), halved)
      if (slot.figure && slot.danced)
        halved.set(slot.figure.id, slot.danced.variation.cut?.type === 'half')
      if (kind === 'facing')
        yield {
          key: slot.key,
          prompt: {
            kind,
            text: language.toFace(
              facingAfter(slot),
              formation === 'lines' || formation === 'solo' ? 'clock' : 'hall',
            ),
            place: 'after',
            isEnough: false,
            fades: true,
          },
        }
      else if (kind)
        yield {
          key: slot.key,
          prompt: {
            kind,
            text: language.prompts[kind],
            place: kind === 'all-the-way' || kind === 'guard' ? 'after' : 'before',
            isEnough: false,
            fades: true,
          },
        }
    }
  }
}

type SlotKind = 'all-the-way' | 'same-other-side' | 'other-foot' | 'guard' | 'facing'

function slotKind(
  slot: DancedSlot,
  before: readonly DancedSlot[],
  halved: ReadonlyMap<string, boolean>,
): SlotKind | null {
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
  return isErrorProne(turnOf(slot)) ? 'facing' : null
}

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
