import type { DancedPass, Timeline } from '../routine/index.ts'
import type { PromptKind, School } from '../school/index.ts'
import type { CueLanguage } from './language.ts'

/** Something said of a whole pass, with its first figure: that it comes again, for the last time, only once. */
export interface Prompt {
  readonly kind: PromptKind
  readonly text: string
  /** It is enough by itself where the floor knows the part: nothing is other than the time before. */
  readonly isEnough: boolean
}

/**
 * Prompts that follow from the structure of a routine, by the key of the slot they are said with. A school says which
 * kinds it has. A pass has one prompt at most: what is other comes before what is the same.
 */
export function structurePrompts(timeline: Timeline, { prompts }: Pick<School, 'prompts'>, language: CueLanguage): ReadonlyMap<string, Prompt> {
  const found = new Map<string, Prompt>()
  if (prompts.length === 0) return found
  const lastOf = new Map<string, DancedPass>()
  timeline.passes.forEach((pass, i) => {
    const [first] = pass.slots
    const kinds = kindsOf(pass, timeline.passes[i - 1] ?? null, timeline.passes[i + 1] ?? null, lastOf.get(pass.part.id) ?? null, runBefore(timeline.passes, i))
    const kind = kinds.find((one) => prompts.includes(one))
    lastOf.set(pass.part.id, pass)
    if (first && kind) found.set(first.key, { kind, text: kind === 'part-name' ? pass.part.label : language.prompts[kind], isEnough: kind === 'again' || kind === 'last-time' })
  })
  return found
}

/** How many times in a row the part has just been danced in the same way. */
function runBefore(passes: readonly DancedPass[], i: number): number {
  let run = 0
  while (i - run > 0 && isAgain(passes[i - run]!, passes[i - run - 1]!)) run++
  return run
}

const isAgain = (pass: DancedPass, before: DancedPass | null): boolean =>
  before !== null &&
  before.part === pass.part &&
  before.pass.reflected === pass.pass.reflected &&
  (before.pass === pass.pass || (before.pass.changes.length === 0 && pass.pass.changes.length === 0 && before.pass.stretch === null && pass.pass.stretch === null))

/** The kinds that would be right for a pass, the most telling first. */
function kindsOf(pass: DancedPass, before: DancedPass | null, after: DancedPass | null, lastTime: DancedPass | null, run: number): PromptKind[] {
  if (lastTime !== null && lastTime.pass.reflected !== pass.pass.reflected) return ['other-way']
  if (isAgain(pass, before)) return run >= 2 && !(after && isAgain(after, pass)) ? ['last-time', 'again'] : ['again']
  if (pass.pass.kind === 'bridge' && pass.ordinals === 1) return ['only-once', 'part-name']
  // A letter is a mark on paper; a word is a name to be called.
  return pass.part.label.length > 2 && before?.part !== pass.part ? ['part-name'] : []
}
