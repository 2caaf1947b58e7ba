import { sameInputs } from '../document/index.ts'
import { mirroredWords, type WordingKind } from '../figure/index.ts'
import type { Calling, DancedPass, DancedSlot, Timeline } from '../routine/index.ts'
import type { CueMode, School } from '../school/index.ts'
import { readCountIn, TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import type { CueSlot, Wording } from './cueSlot.ts'
import { joinNames } from './join.ts'
import { LANGUAGES, wordsOf } from './language.ts'
import { AROUND } from './aroundWords.ts'
import { closingSlots, type ClosingWish } from './closing.ts'
import { repeats } from './figurePrompts.ts'
import { gapSlot } from './gapSlot.ts'
import { rhythmOf } from './rhythm.ts'
import { openingSlots, type OpeningWish } from './opening.ts'
import type { Prompt } from './prompt.ts'
import {
  amountWords,
  LEAST_PARTING_TICKS,
  namesAlone,
  partingTick,
  stepTickOf,
  stepWords,
  wording,
  wordingsOf,
} from './wording.ts'

/**
 * Room to speak before the first step where the music has no introduction: two bars of four, under
 * the count-in.
 */
export const COUNT_IN_ROOM_TICKS = (8 * TICKS_PER_BEAT) as Tick

/** What a timeline's cues depend on beside it. */
export interface CueWishes {
  readonly language: 'en' | 'de'
  readonly school: School
  readonly calling: Calling
  /**
   * Music before the first step; the first cue may start in it, or under the count-in where there
   * is none.
   */
  readonly introductionTicks: Tick
  /** A figure of fewer ticks is so short that the one after it may be named before it begins. */
  readonly shortTicks: number
  /** Ticks of a slow where steps are spoken as slow and quick; null where by their words. */
  readonly slowTicks: number | null
  /** What is said before the first cue and after the last, and of where all stand. */
  readonly around: Omit<OpeningWish & ClosingWish, 'language' | 'school' | 'roomTicks'>
  /** The wording wanted where a slot is not called in full. */
  readonly wanted: ReadonlyMap<string, WordingKind>
  readonly prompts: ReadonlyMap<string, Prompt>
}

/**
 * All that may be said of a timeline, in the order in which it would be said: for each danced slot
 * its name, what is said to one role only, its amount as a second cue, the words of its steps, and
 * what has its place in a gap.
 */
export function cueSlots(timeline: Timeline, wishes: CueWishes): CueSlot[] {
  const room = wishes.introductionTicks > 0 ? wishes.introductionTicks : COUNT_IN_ROOM_TICKS
  const { language, school, calling } = wishes
  const around = { ...wishes.around, language, school, roomTicks: room as Tick }
  const isSilent = calling.mouth === 'counts'
  const found: (readonly CueSlot[])[] = [isSilent ? [] : openingSlots(timeline, around)]
  const bothWays = figuresBothWays(timeline)
  const starts: number[] = [-room]
  let before: DancedSlot | undefined
  for (const pass of timeline.passes) {
    for (const slot of pass.slots) {
      const context = {
        ...contextOf(slot, pass, wishes, bothWays),
        slowTicks: wishes.slowTicks,
        repeats: before?.passId === slot.passId && repeats(slot, before),
        notBeforeTick: earliestStart(starts, slot.start, wishes.shortTicks),
      }
      found.push(slotsOf(slot, context, found.length === 1 ? firstRoom(wishes) : null))
      starts.push(slot.start)
      before = slot
    }
  }
  if (!isSilent) found.push(closingSlots(timeline, around))
  return joinNames(found.flat(), school, LANGUAGES[language])
}

/**
 * A figure is named once the one before it has begun; where that one is short, once the one before
 * that has, or the introduction.
 */
function earliestStart(starts: readonly number[], step: number, shortTicks: number): Tick {
  const last = starts.at(-1)!
  const isShort = starts.length > 1 && step - last < shortTicks
  return (isShort ? starts.at(-2)! : last) as Tick
}

/** Ids of the figures that a dance has as they are written and mirrored too. */
function figuresBothWays({ slots }: Timeline): ReadonlySet<string> {
  const ways = new Map<string, boolean>()
  const both = new Set<string>()
  for (const { figure, danced } of slots) {
    if (!figure || !danced) continue
    const { reflected } = danced.variation
    if ((ways.get(figure.id) ?? reflected) !== reflected) both.add(figure.id)
    ways.set(figure.id, reflected)
  }
  return both
}

/** What a danced slot's cues depend on; where it is the same as before, they are the same too. */
interface Context {
  readonly language: 'en' | 'de'
  readonly mode: CueMode
  readonly mouth: Calling['mouth']
  readonly amounts: School['amounts']
  /** The sheet has the figure both ways round. */
  readonly hasMirror: boolean
  readonly kind: WordingKind
  readonly prompt: Prompt | null
  /** The very same is danced just before it. */
  readonly repeats: boolean
  readonly slowTicks: number | null
  readonly notBeforeTick: Tick
}

function contextOf(
  slot: DancedSlot,
  pass: DancedPass,
  { language, school, calling, wanted, prompts }: CueWishes,
  bothWays: ReadonlySet<string>,
): Omit<Context, 'notBeforeTick' | 'repeats' | 'slowTicks'> {
  const usual = calling.mode ?? school.mode
  const prompt = prompts.get(slot.key)
  // Where a part begins, or something else comes, nobody can know it: it is said ahead.
  const isNews = slot === pass.slots[0] || (prompt?.must ?? null) !== null
  const mode = slot.slot.mode ?? (usual !== 'steps' && isNews ? 'ahead' : usual)
  const kind = wanted.get(slot.key) ?? 'full'
  return {
    language,
    mode,
    mouth: calling.mouth,
    amounts: school.amounts,
    hasMirror: slot.figure !== null && bothWays.has(slot.figure.id),
    kind,
    prompt: prompt && !(prompt.fades && kind !== 'full') ? prompt : null,
  }
}

/** Cue slots already made: a danced slot that an edit left alone keeps its own. */
const made = new WeakMap<
  DancedSlot,
  { readonly context: Context; readonly found: readonly CueSlot[] }
>()

const sameContext = (a: Context, b: Context): boolean =>
  sameInputs(a, b, {
    prompt: (x, y) => x?.text === y?.text && x?.place === y?.place && x?.must === y?.must,
  })

function slotsOf(slot: DancedSlot, context: Context, room: FirstRoom | null): readonly CueSlot[] {
  const before = made.get(slot)
  if (before && !room && sameContext(before.context, context)) return before.found
  const found = makeSlots(slot, context)
  if (room)
    return found.map((one) =>
      one.purpose === 'cue' && one.mode === 'ahead' ? { ...one, ...room } : one,
    )
  made.set(slot, { context, found })
  return found
}

function makeSlots(slot: DancedSlot, context: Context): CueSlot[] {
  if (context.mouth === 'counts')
    return [{ ...nameSlot(slot, context), wordings: [], wantedWords: 0, silence: 'counts-only' }]
  if (context.mode === 'steps' && slot.danced && slot.slot.say === 'cue') {
    const steps = stepSlots(slot, context)
    if (steps.length > 0) return [...aheadOfSteps(slot, context), ...steps, ...gapSlots(slot)]
  }
  const roles = roleSlots(slot, context)
  const amount = roles.length === 0 ? amountSlot(slot, context) : null
  return [
    nameSlot(slot, context, amount !== null),
    ...roles,
    ...(amount ? [amount] : []),
    ...gapSlots(slot),
  ]
}

function nameSlot(
  slot: DancedSlot,
  { language, mode, amounts, hasMirror, kind, prompt, repeats, notBeforeTick }: Context,
  mayOwe = false,
): CueSlot {
  const data = LANGUAGES[language]
  const sided = wordingsOf(slot, data, { amounts, hasMirror })
  // A whole time through that is mirrored says so where it begins; its figures may leave it out.
  const plain =
    slot.mirrored && hasMirror
      ? longestFirst([...sided, ...wordingsOf(slot, data, { amounts })])
      : sided
  const all = mayOwe
    ? longestFirst([...plain, ...namesAlone(slot, data, { amounts, hasMirror })])
    : plain
  const wordings = prompt && plain.length > 0 ? withPrompt(all, prompt, kind) : all
  return {
    key: slot.key,
    slotKey: slot.key,
    purpose: 'cue',
    mode: mode === 'steps' ? 'with-step' : mode,
    stepTick: stepTickOf(slot),
    notBeforeTick,
    wordings,
    wantedWords: wantedWords(sided, prompt, kind),
    ...wantedKindOf(sided, prompt, kind),
    silence:
      slot.slot.say === 'nothing' ? 'on-purpose' : wordings.length === 0 ? 'no-wording' : null,
    ...(repeats ? { repeats: true as const } : {}),
    ...(slot.slot.pin ? { pin: slot.slot.pin } : {}),
  }
}

const longestFirst = (list: readonly Wording[]): Wording[] =>
  [...list]
    .filter((one, i) => list.findIndex(({ text }) => text === one.text) === i)
    .sort((a, b) => b.words - a.words)

/** How many lost words it weighs to leave out what may displace a name's optional words. */
const LACKS_WORDS = 6

/**
 * Every wording with the prompt and without, or with what of it has rank; the prompt alone where
 * the floor knows the part. Longest first.
 */
function withPrompt(plain: readonly Wording[], prompt: Prompt, kind: WordingKind): Wording[] {
  const { must, text: whole } = prompt
  const alone = prompt.isEnough && kind === 'keyWord' ? [wording('keyWord', whole)] : []
  // Who moves on is the subject of the words that say so.
  const stop = prompt.kind === 'partner-change' ? '' : ','
  const beside =
    (text: string) =>
    (one: Wording): Wording => ({
      ...one,
      ...wording(
        one.kind,
        prompt.place === 'after' ? `${one.text}, ${text}` : `${text}${stop} ${one.text}`,
      ),
    })
  const least = must === null || must === whole ? [] : plain.map(beside(must))
  const without = must === null ? plain : plain.map((one) => ({ ...one, lacks: LACKS_WORDS }))
  return [...plain.map(beside(whole)), ...least, ...without, ...alone].sort(
    (a, b) => b.words - a.words,
  )
}

/**
 * Words wanted this time through, the prompt's among them; only the prompt's where it is enough.
 */
function wantedWords(plain: readonly Wording[], prompt: Prompt | null, kind: WordingKind): number {
  const own = wantedOf(plain, kind)?.words ?? 0
  if (!prompt || plain.length === 0) return own
  const words = wordsOf(prompt.text).length
  return prompt.isEnough && kind === 'keyWord' ? words : words + own
}

/** The kind that is wanted; where the heads-up is enough, either will do. */
function wantedKindOf(
  sided: readonly Wording[],
  prompt: Prompt | null,
  kind: WordingKind,
): Pick<CueSlot, 'wantedKind'> {
  const wanted = wantedOf(sided, kind)?.kind
  return wanted === undefined || prompt?.isEnough ? {} : { wantedKind: wanted }
}

/** The wording of a kind; where there is none of it, the next longer one. */
export function wantedOf(wordings: readonly Wording[], kind: WordingKind): Wording | undefined {
  const order: readonly WordingKind[] = ['full', 'short', 'keyWord']
  return (
    wordings.filter((one) => order.indexOf(one.kind) <= order.indexOf(kind)).at(-1) ?? wordings[0]
  )
}

/** The amount as a second cue, ended before the place where the short and the full form part. */
function amountSlot(
  slot: DancedSlot,
  { language, mode, amounts, hasMirror, notBeforeTick }: Context,
): CueSlot | null {
  const { danced } = slot
  if (
    !danced ||
    mode !== 'ahead' ||
    namesAlone(slot, LANGUAGES[language], { amounts, hasMirror }).length === 0
  )
    return null
  const parting = partingTick(danced)
  if (parting < LEAST_PARTING_TICKS) return null
  const one = wording('full', amountWords(danced, LANGUAGES[language], amounts).join(', '))
  return {
    key: `${slot.key}#amount`,
    slotKey: slot.key,
    purpose: 'amount',
    mode: 'ahead',
    stepTick: (slot.start + parting) as Tick,
    notBeforeTick,
    wordings: [one],
    wantedWords: one.words,
    silence: null,
  }
}

/** What is said to one role only, the one that comes first before the other. */
function roleSlots(slot: DancedSlot, { language, mode, notBeforeTick }: Context): CueSlot[] {
  const cues = slot.slot.roleCues
  if (!cues || slot.slot.say === 'nothing') return []
  const other = cues.first === 'lead' ? 'follow' : 'lead'
  return ([cues.first, other] as const).flatMap((role, i): CueSlot[] => {
    const text = slot.mirrored ? mirroredWords(cues[role], language) : cues[role]
    const one = wording('full', text)
    if (one.words === 0) return []
    return [
      {
        key: `${slot.key}#${role}`,
        slotKey: slot.key,
        purpose: i === 0 ? 'first-role' : 'other-role',
        mode: mode === 'steps' ? 'with-step' : mode,
        stepTick: stepTickOf(slot, role),
        notBeforeTick,
        wordings: [one],
        wantedWords: one.words,
        silence: null,
      },
    ]
  })
}

/**
 * The words of every step of the lead, each on its step: for who learns the figure. The first
 * stands for the figure.
 */
function stepSlots(slot: DancedSlot, { language, slowTicks, notBeforeTick }: Context): CueSlot[] {
  const { steps, lengthTicks } = slot.danced!
  const feet = steps.lead.filter((step) => step.layer === 'feet')
  const texts =
    slowTicks === null
      ? feet.map((step) => ({ step, text: stepWords(step) }))
      : rhythmOf(feet, lengthTicks, slowTicks, AROUND[language])
  return texts
    .flatMap(({ step, text }): CueSlot[] => {
      const one = wording('full', text)
      return one.words === 0
        ? []
        : [
            {
              key: `${slot.key}#${step.at}`,
              slotKey: slot.key,
              purpose: 'step',
              mode: 'steps',
              stepTick: (slot.start + step.at) as Tick,
              notBeforeTick,
              wordings: [one],
              wantedWords: one.words,
              silence: null,
            },
          ]
    })
    .map((one, i): CueSlot => (i === 0 ? { ...one, key: slot.key, purpose: 'cue' } : one))
}

/** Before the words of its steps: what has to be known of it ahead, where that is anything. */
function aheadOfSteps(slot: DancedSlot, { prompt, notBeforeTick }: Context): CueSlot[] {
  if (!prompt || prompt.fades) return []
  const one = wording('full', prompt.text)
  const key = `${slot.key}#ahead`
  const gap = gapSlot({
    key,
    slotKey: slot.key,
    wordings: [one],
    from: notBeforeTick,
    to: stepTickOf(slot),
    tells: 'news',
  })
  return [{ ...gap, mode: 'ahead' }]
}

function gapSlots(slot: DancedSlot): CueSlot[] {
  const one = wording('full', slot.slot.announce ?? '')
  return one.words === 0 || slot.end <= slot.start
    ? []
    : [
        gapSlot({
          key: `${slot.key}#announce`,
          slotKey: slot.key,
          wordings: [one],
          from: slot.start,
          to: slot.end,
        }),
      ]
}

type FirstRoom = { readonly mode?: 'on-count'; readonly stepTick?: Tick }

/**
 * With the count-in in the mouth, the first cue comes before it, or takes the place that the
 * count-in leaves for it.
 */
function firstRoom({ school, around }: CueWishes): FirstRoom {
  const read = school.prompts.includes('count-in')
    ? readCountIn(school.countIn, around.barTicks / TICKS_PER_BEAT)
    : null
  if (!read?.ok || read.value.length === 0) return {}
  return read.value.some(({ kind }) => kind === 'cue')
    ? { mode: 'on-count' }
    : { stepTick: read.value[0]!.at }
}
