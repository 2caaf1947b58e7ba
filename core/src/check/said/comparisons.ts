import { LANGUAGES } from '../../cue/index.ts'
import {
  directionWords,
  holdBegun,
  holdOf,
  mirroredWords,
  readDirection,
  type CueLanguageId,
  type DirectionFrame,
} from '../../figure/index.ts'
import type { Facing } from '../../move/index.ts'
import type { DancedSlot } from '../../routine/index.ts'
import { rewordedClaim, claimsOf, type Claims, type Side } from './claims.ts'
import { facingsOf, type RoleDeeds } from './deeds.ts'
import { namesOf, wordsIn } from './names.ts'

/** What it finds, with the values of their sentences. */
export interface WordsAgainstDeedsFindings {
  readonly 'facing.said-other-way': {
    readonly figure: string
    readonly text: string
    readonly side: Side
    /** Null where nobody turns. */
    readonly turned: Side | null
  }
  readonly 'said.way': {
    readonly figure: string
    readonly text: string
    readonly said: Side | 'forward' | 'back'
    readonly danced: Side | 'forward' | 'back'
  }
  readonly 'said.amount': {
    readonly figure: string
    readonly text: string
    /** Eighths of a turn. */
    readonly said: number
    readonly danced: number
  }
  readonly 'said.hand': {
    readonly figure: string
    readonly text: string
    readonly said: Side
    readonly danced: Side
  }
  readonly 'said.times': {
    readonly figure: string
    readonly text: string
    readonly said: number
    readonly danced: number
  }
  readonly 'said.exit': {
    readonly figure: string
    readonly text: string
    readonly said: string
    readonly danced: string
  }
  readonly 'said.facing': {
    readonly figure: string
    readonly text: string
    readonly said: Facing
    readonly danced: Facing
    readonly frame: DirectionFrame
  }
}
/** What a comparison tells, with how the words would have to be. */
export type Told = {
  readonly [Code in keyof WordsAgainstDeedsFindings]: Omit<
    WordsAgainstDeedsFindings[Code],
    'figure' | 'text'
  > & { readonly code: Code; readonly reworded: (text: string) => string | null }
}[keyof WordsAgainstDeedsFindings]

/** What a text is laid against. */
export interface Danced {
  readonly slot: DancedSlot
  readonly deeds: readonly RoleDeeds[]
  readonly claims: Claims
  readonly language: CueLanguageId
  readonly frame: DirectionFrame
  /** How often the same is danced from here on without anything between. */
  readonly running: number
}

/** Lays one thing that words may claim against what is danced. */
export type Compare = (danced: Danced, text: string) => Told | null
const other = (side: Side): Side => (side === 'left' ? 'right' : 'left')
const LEAST_STRIDES = 0.5

const turnSide: Compare = ({ claims: { turn }, deeds, language }) => {
  if (!turn || deeds.some(({ turns }) => turns.has(turn))) return null
  const turned = deeds.some(({ turns }) => turns.size > 0) ? other(turn) : null
  return {
    code: 'facing.said-other-way',
    side: turn,
    turned,
    reworded: (text) => (turned ? mirroredWords(text, language) : null),
  }
}

/** Sides are told to the lead, where the two go opposite ways, unless the follow is named. */
const way: Compare = ({ claims: { way: said, along, ofFollow }, deeds, language }) => {
  const of = (ofFollow && deeds[1]) || deeds[0]!
  if (said) {
    const danced = other(said)
    const goes = said === 'left' ? -of.right : of.right
    return goes <= -LEAST_STRIDES && !of.sideways.has(said)
      ? { code: 'said.way', said, danced, reworded: (text) => mirroredWords(text, language) }
      : null
  }
  if (!along || of.along.has(along)) return null
  const danced = along === 'forward' ? 'back' : 'forward'
  const goes = along === 'forward' ? of.forward : -of.forward
  return goes <= -LEAST_STRIDES
    ? { code: 'said.way', said: along, danced, reworded: () => null }
    : null
}

/** Circling left is clockwise as seen from above, in whatever way one faces. */
const round: Compare = ({ claims, deeds: [lead], slot, frame, language }) => {
  const said = claims.round
  if (!said || !lead || (frame !== 'ring' && frame !== 'set')) return null
  const facing = slot.before.lead.facing * (Math.PI / 4)
  // Along the ring, to the right of one who faces the centre; in a set all face in as they circle.
  const along =
    frame === 'ring' ? lead.forward * Math.cos(facing) - lead.right * Math.sin(facing) : lead.right
  const goes = said === 'right' ? along : -along
  return goes <= -1
    ? {
        code: 'said.way',
        said,
        danced: other(said),
        reworded: (text) => mirroredWords(text, language),
      }
    : null
}

/** Words that speak of a part of the turn: “a quarter in each”, “half by the middle”. */
const OF_A_PART =
  /\d|(?<![\p{L}])(?:each|every|first|second|third|last|by|middle|then|on|at|with|per|and|je|jedes|jeder|erst\p{L}*|zweit\p{L}*|dann|auf|bei|mit|und|zur)(?![\p{L}])/iu

const turnAmount: Compare = ({ claims: { eighths }, deeds, slot, language }, text) => {
  if (eighths === null) return null
  const { times: done } = slot.danced!.variation
  const isSo = ({ net, eighths: some }: RoleDeeds): boolean =>
    net === eighths ||
    net === eighths * done ||
    ((net === 0 || OF_A_PART.test(text)) && some.has(eighths))
  if (deeds.some(isSo)) return null
  const all = deeds.map(({ net }) => net).find((net) => net > 0) ?? 0
  // What is danced several times is told as it is danced each time.
  const lead = all % done === 0 ? all / done : all
  const about = [slot.danced!.steps.lead, slot.danced!.steps.follow].flat()
  if (about.some((step) => step.about)) return null
  return {
    code: 'said.amount',
    said: eighths,
    danced: lead,
    reworded: (text) => {
      const told = amountTold(lead, language)
      return told && rewordedClaim(text, language, 'amounts', told)
    },
  }
}

const RIGHT_HANDS: ReadonlySet<string> = new Set([
  'star',
  'right arms',
  'right elbows',
  'handshake',
])
const LEFT_HANDS: ReadonlySet<string> = new Set([
  'left-hand star',
  'left arms',
  'left elbows',
  'left hands',
])

/** A hand that is given to go round it: by the holds of the figure, else by the way round. */
const hand: Compare = ({ claims: { hand: said }, slot: { danced, before }, deeds, language }) => {
  if (!said || !danced) return null
  const holds = [
    holdBegun(before, danced),
    ...danced.holds.map(({ hold }) => hold),
    danced.exitHold,
  ]
  const given = (side: Side): boolean =>
    holds.some((hold) => hold && (side === 'left' ? LEFT_HANDS : RIGHT_HANDS).has(hold))
  if (given(said)) return null
  const turned = deeds[0]!.turns
  // Round a right hand one goes clockwise.
  const isOther = given(other(said)) || (!turned.has(said) && turned.has(other(said)))
  return isOther
    ? {
        code: 'said.hand',
        said,
        danced: other(said),
        reworded: (text) => mirroredWords(text, language),
      }
    : null
}

/** “Twice” is held to the figure only where nothing else than its own words stands beside it. */
const times: Compare = ({ claims: { times: said }, slot, running, language }, text) => {
  const { danced, figure } = slot
  if (!said || !danced || !figure) return null
  const { times: done } = danced.variation
  if (said === done || said === running) return null
  const own = Object.values(figure.wordings).flatMap((one) => Object.values(one ?? {}))
  const names = [figure.name, ...figure.aliases.map(({ name }) => name), ...own]
  if (names.some((name) => claimsOf(name, language).times === said)) return null
  const known = new Set(names.flatMap(wordsIn))
  const rest = wordsIn(rewordedClaim(text, language, 'times', '') ?? text)
  if (rest.some((word) => !known.has(word))) return null
  return {
    code: 'said.times',
    said,
    danced: done,
    reworded: (one) =>
      rewordedClaim(one, language, 'times', done > 1 ? LANGUAGES[language].times(done) : ''),
  }
}

/** An amount of turn as it stands before “turn”; null where it is not said so. */
const amountTold = (eighths: number, language: CueLanguageId): string | null =>
  language === 'en'
    ? ({ 1: 'eighth', 2: 'quarter', 4: 'half', 6: 'three quarter', 8: 'full' }[eighths] ?? null)
    : null

/** Holds that are one to those who stand in them: the same hands, or the same seen in a mirror. */
const isLike = (a: string, b: string): boolean => {
  const [one, two] = [holdOf(a), holdOf(b)]
  return (
    a === b ||
    one?.mirror === b ||
    (one !== null &&
      two !== null &&
      one.hands.length > 1 &&
      one.relation === two.relation &&
      JSON.stringify(one.hands) === JSON.stringify(two.hands))
  )
}

const exit: Compare = ({ claims: { exit: said }, slot, language }) => {
  const { hold } = slot.after
  if (!said || slot.figure?.dancers !== 'couple') return null
  if (said.some((one) => isLike(one, hold))) return null
  return {
    code: 'said.exit',
    said: said[0]!,
    danced: hold,
    reworded: (text) => rewordedClaim(text, language, 'exits', hold),
  }
}

const facing: Compare = ({ claims: { facing: claim }, deeds, slot, language, frame }) => {
  if (!claim) return null
  const read = readDirection(claim.towards, frame)
  if (!read.ok) return null
  const said = read.value
  const faced = deeds.map((one) => facingsOf(slot, one))
  const looked = claim.atEnd && faced.every((all) => all.length > 1)
  const isSo = faced.some((all) => (looked ? all.at(-1) === said : all.includes(said)))
  if (isSo) return null
  const danced = faced[0]!.at(-1)!
  const words = language === 'en' ? directionWords(frame, danced) : null
  return {
    code: 'said.facing',
    said,
    danced,
    frame,
    reworded: (text) => (words ? rewordedClaim(text, language, 'facings', words) : null),
  }
}

const NUMBERS: Readonly<Record<string, number>> = {
  ...{ two: 2, three: 3, four: 4, five: 5, six: 6, eight: 8 },
  ...{ zwei: 2, drei: 3, vier: 4, fünf: 5, sechs: 6, acht: 8 },
}
const isNumber = (word: string): boolean => Object.hasOwn(NUMBERS, word)

/** The figure’s own words with another number: “three left turns” for two. */
const number: Compare = ({ slot, language }, text) => {
  if (!slot.figure || !slot.slot.wordings) return null
  const said = wordsIn(text)
  const own = namesOf(slot.figure, language, slot.danced!.variation.reflected).map(wordsIn)
  if (own.some((words) => words.join(' ') === said.join(' '))) return null
  for (const words of own) {
    const differing = words.flatMap((word, i) => (word === said[i] ? [] : [i]))
    const [at] = differing
    if (words.length !== said.length || differing.length !== 1) continue
    const [is, told] = [words[at!]!, said[at!]!]
    if (!isNumber(is) || !isNumber(told)) continue
    return {
      code: 'said.times',
      said: NUMBERS[told]!,
      danced: NUMBERS[is]!,
      reworded: (one) => one.replace(new RegExp(`(?<!\\p{L})${told}(?!\\p{L})`, 'iu'), is),
    }
  }
  return null
}

/** Words that are the figure’s own on its other side: “reverse turn” for a natural turn. */
const otherSide: Compare = (danced, text) => {
  const { slot, deeds, language } = danced
  if (!slot.figure || !slot.slot.wordings) return null
  if (SIDED.some((compare) => compare(danced, text))) return null
  const { reflected } = slot.danced!.variation
  const { figure } = slot
  const [here, there] = [reflected, !reflected].map((isMirrored) =>
    namesOf(figure, language, isMirrored).map((one) => wordsIn(one).join(' ')),
  )
  const words = wordsIn(text).join(' ')
  if (here!.includes(words) || !there!.includes(words)) return null
  const said = TO_THE_RIGHT.test(text) ? 'right' : 'left'
  const reworded = (one: string): string => mirroredWords(one, language)
  return deeds.some(({ turns }) => turns.size > 0)
    ? { code: 'facing.said-other-way', side: said, turned: other(said), reworded }
    : { code: 'said.way', said, danced: other(said), reworded }
}
const SIDED: readonly Compare[] = [turnSide, way, round, hand]
const TO_THE_RIGHT = /right|natural|rechts|(?<!anti-?|counter-?)clockwise/i

export const COMPARISONS: readonly Compare[] = [
  turnSide,
  way,
  round,
  turnAmount,
  hand,
  times,
  exit,
  facing,
  otherSide,
  number,
]
