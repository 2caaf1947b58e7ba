import { isRestart, type DancedPass, type Timeline } from '../routine/index.ts'
import type { PromptKind } from '../school/index.ts'
import { AROUND } from './aroundWords.ts'
import type { Keyed, PromptOptions } from './prompt.ts'

/** From so many times on the last of them is called so. */
const LEAST_TIMES = 3

/** A kind with its words, as it would be said of one pass. */
interface Words {
  readonly kind: PromptKind
  readonly text: string
}

/**
 * What is said where a time through begins: that it is the last of all, begun anew after it was
 * broken off, a tag, the ending; else that it comes again, the other way, at another wall, only
 * once, or by its name.
 */
export function* passPrompts(timeline: Timeline, options: PromptOptions): Generator<Keyed> {
  const { school } = options
  const has = ({ kind }: Words): boolean => school.prompts.includes(kind)
  const lastOf = new Map<string, DancedPass>()
  for (const [i, pass] of timeline.passes.entries()) {
    const lastTime = lastOf.get(pass.part.id) ?? null
    const number = lastTime ? 0 : lastOf.size + 1
    lastOf.set(pass.part.id, pass)
    const [first] = pass.slots
    if (!first) continue
    const place: Place = { passes: timeline.passes, i, lastTime, number, options }
    const ranked = rankedOf(place).filter(has)
    const plain = plainOf(place).filter(has)
    const beside = ranked.length > 0 ? plain.filter(({ kind }) => BESIDE.has(kind)) : plain
    const said = [...ranked, ...beside.slice(0, 1)]
    if (said.length === 0) continue
    yield {
      key: first.key,
      prompt: {
        kind: said[0]!.kind,
        text: said.map(({ text }) => text).join(', '),
        must: mustOf(ranked, said),
        place: 'before',
        isEnough: isPlain(pass) && said.every(({ kind }) => ENOUGH.has(kind)),
        fades: false,
      },
    }
  }
}

/** What has rank; where nothing has, the wall, by which lines find where they are. */
function mustOf(ranked: readonly Words[], said: readonly Words[]): string | null {
  const must = ranked.length > 0 ? ranked : said.filter(({ kind }) => kind === 'wall')
  return must.length > 0 ? must.map(({ text }) => text).join(', ') : null
}

/** What is said beside a heads-up of rank, for what is said alone. */
const BESIDE: ReadonlySet<PromptKind> = new Set(['other-way', 'wall'])
const ENOUGH: ReadonlySet<PromptKind> = new Set(['again', 'one-more', 'last-time', 'wall'])

interface Place {
  readonly passes: readonly DancedPass[]
  readonly i: number
  /** This part's time before. */
  readonly lastTime: DancedPass | null
  /** Its number among the parts, where it is danced for the first time; else 0. */
  readonly number: number
  readonly options: PromptOptions
}

const isPlain = ({ pass }: DancedPass): boolean =>
  pass.changes.length === 0 && pass.stretch === null

const isAgain = (pass: DancedPass, before: DancedPass | null): boolean =>
  before !== null &&
  before.part === pass.part &&
  before.pass.reflected === pass.pass.reflected &&
  (before.pass === pass.pass || (isPlain(before) && isPlain(pass)))

/** What may not be left out for a figure's optional words, the most telling first. */
function rankedOf({ passes, i, options: { language } }: Place): Words[] {
  const pass = passes[i]!
  const words = (kind: keyof typeof language.prompts): Words => ({
    kind,
    text: language.prompts[kind],
  })
  if (pass.pass.kind === 'bridge' && i > 0) return [words('tag')]
  if (pass.pass.kind === 'ending' && i > 0) return [words('ending')]
  return [
    ...(isRestart(pass, passes[i - 1] ?? null) ? [words('restart')] : []),
    ...lastTimeOf(passes, i, language),
  ]
}

/**
 * The last of all its times, not of a few in a row: a part of seven has no last at the third. Where
 * the dance goes on with other parts, it says of which part.
 */
function lastTimeOf(
  passes: readonly DancedPass[],
  i: number,
  { id, prompts }: PromptOptions['language'],
): Words[] {
  const pass = passes[i]!
  if (pass.ordinal !== pass.ordinals || pass.ordinals < LEAST_TIMES) return []
  const goesOn = passes.slice(i + 1).some((later) => later.pass.kind === 'pass')
  const text = goesOn ? AROUND[id].lastTimeThrough(pass.part.label) : prompts['last-time']
  return [{ kind: 'last-time', text }]
}

/** What would be right to say of a pass beside that, the most telling first. */
function plainOf(place: Place): Words[] {
  const { passes, i, lastTime, options } = place
  const { prompts } = options.language
  const pass = passes[i]!
  const before = passes[i - 1] ?? null
  const words = (kind: keyof typeof prompts): Words => ({ kind, text: prompts[kind] })
  if (lastTime !== null && lastTime.pass.reflected !== pass.pass.reflected)
    return [words('other-way'), ...wallOf(place)]
  const isLast = pass.ordinal === pass.ordinals && pass.ordinals >= LEAST_TIMES
  if (isAgain(pass, before))
    return [...wallOf(place), ...(isLast ? [words('one-more')] : []), words('again')]
  return [
    ...(isRestart(pass, before) ? [words('begin-again')] : []),
    ...wallOf(place),
    ...whereItTurns(place),
  ]
}

const isTag = ({ pass }: DancedPass): boolean => pass.kind === 'bridge'

/** The wall at which lines begin, where it is another; where a pass is meant to face elsewhere. */
function wallOf({ passes, i, options: { language, formation } }: Place): Words[] {
  const pass = passes[i]!
  // A tag lies between two walls; it has none of its own.
  const before = passes.slice(0, i).findLast((one) => !isTag(one) && one.slots.length > 0)
  if (!before || isTag(pass)) return []
  const facing = pass.slots[0]!.before.lead.facing
  if (formation === 'lines' || formation === 'solo')
    return facing === before.slots[0]!.before.lead.facing
      ? []
      : [{ kind: 'wall', text: AROUND[language.id].wall(facing) }]
  return pass.pass.rotate === undefined || pass.pass.rotate === 0
    ? []
    : [{ kind: 'wall', text: AROUND[language.id].facing(facing, 'hall') }]
}

/** What is said where another part begins than the one before. */
function whereItTurns(place: Place): Words[] {
  const { passes, i, options } = place
  const { prompts } = options.language
  const pass = passes[i]!
  const before = passes[i - 1] ?? null
  if (pass.pass.kind === 'bridge' && pass.ordinals === 1)
    return [{ kind: 'only-once', text: prompts['only-once'] }, ...nameOf(place)]
  const isBack = i > 0 && pass.part === passes[0]!.part && before?.part !== pass.part
  return isBack && isPlain(pass)
    ? [{ kind: 'begin-again', text: prompts['begin-again'] }, ...nameOf(place)]
    : nameOf(place)
}

/** A letter is a mark on paper, a word is a name to be called. */
function nameOf({ passes, i, number, options: { language } }: Place): Words[] {
  const { part } = passes[i]!
  if (part.label.length > 2 && passes[i - 1]?.part !== part)
    return [{ kind: 'part-name', text: part.label }]
  return number > 1 ? [{ kind: 'part-number', text: language.partNumber(number) }] : []
}
