import type { DirectionFrame } from '../figure/index.ts'
import type { Facing } from '../move/index.ts'
import { counts } from './counts.en.ts'
import { facingTold } from './facing.en.ts'
import type { FindingWords } from './finding.ts'
import type { FindingCode, FindingParams } from './findingParams.ts'

/** English words for a finding. `message` is one sentence in the cuer's words, `sum` shows why. */
interface Sentence<Params> {
  readonly message: (params: Params) => string
  readonly sum: (params: Params) => string
}
/** What a language has to say: every finding. */
export type FindingCatalogue = {
  readonly [Code in FindingCode]: Sentence<FindingParams[Code]>
}

const levelName = (level: string): string => (level === 'first' ? 'first evening' : level)
const facing = (value: number, frame: DirectionFrame): string => facingTold(value as Facing, frame)
/** Nobody’s in particular, where all do the same. */
const whose = (role: string | null): string => (role ? `${role}’s ` : '')

function turn(eighths: number): string {
  if (eighths === 0) return 'no turn'
  const amounts = ['', 'an eighth', 'a quarter', 'three eighths', 'a half']
  return `${amounts[Math.abs(eighths)] ?? `${Math.abs(eighths)} eighths`} ${eighths < 0 ? 'to the left' : 'to the right'}`
}

const SENTENCES: FindingCatalogue = {
  'sums.phrase': {
    message: ({ part, missing }) =>
      `${part} is ${counts(Math.abs(missing))} ${missing > 0 ? 'short of' : 'past'} the phrase.`,
    sum: ({ terms, total, wanted }) =>
      `${terms.length > 1 ? `${terms.join(' + ')} = ` : ''}${total}, the phrase has ${wanted}`,
  },
  'sums.music-over': {
    message: ({ difference, part }) =>
      `The dance is ${counts(difference)} longer than the music${part ? `, which stops in ${part}` : ''}.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${dance} danced − ${music} of music = ${difference} too many (${danceSeconds} s in ${musicSeconds} s)`,
  },
  'sums.music-short': {
    message: ({ difference }) =>
      `The music goes on for ${counts(difference)} after the dance ends.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) =>
      `${music} of music − ${dance} danced = ${difference} left (${danceSeconds} s of ${musicSeconds} s)`,
  },
  'sums.across-phrase': {
    message: ({ figure }) => `${figure} lies over the phrase line.`,
    sum: ({ before, after, total }) => `${before} before the line + ${after} after it = ${total}`,
  },
  'sums.tie': {
    message: ({ part, label, difference, early }) =>
      `${part} begins ${counts(difference)} ${early ? 'before' : 'after'} “${label}”, where it belongs.`,
    sum: ({ label, wanted, begins, difference, early }) =>
      `“${label}” is at count ${wanted}; ${early ? `${wanted} − ${begins}` : `${begins} − ${wanted}`} = ${difference}`,
  },
  'sums.fill': {
    message: ({ part, left, gap }) =>
      left > 0
        ? `${counts(left)} are left over after ${part} has filled what it can.`
        : `${part} takes ${counts(-left)} more than the ${gap} there are to fill.`,
    sum: ({ gap, unit, times, left }) =>
      `${gap} by ${unit}: ${times} × ${unit} = ${times * unit}, ${left > 0 ? `${left} left over` : `${-left} too many`}`,
  },
  'sums.said': {
    message: ({ figure, words, takes }) =>
      `${figure ? `“${figure}” says` : 'It says'} “${words}”, and it takes ${counts(takes)}.`,
    sum: ({ words, said, takes }) => `${words} = ${said}, not ${takes}`,
  },
  'sums.addition': {
    message: ({ words }) => `“${words}” does not add up.`,
    sum: ({ words, sum }) => `${words.split('=')[0]!.trim()} = ${sum}`,
  },
  'sums.versions': {
    message: ({ part, other, difference }) =>
      part === other
        ? `Two parts are called ${part}, and one is ${counts(difference)} longer.`
        : `${other} tells ${part} otherwise: ${counts(difference)} apart.`,
    sum: ({ part, total, told, other }) =>
      `${part} ${total}, ${part === other ? 'the other' : other} ${told}`,
  },
  'sums.metre': {
    message: ({ tune, music, sheet }) =>
      `${tune} has ${music} beats in a bar, and the sheet counts ${sheet}.`,
    sum: ({ music, sheet }) => `${music} ≠ ${sheet}`,
  },
  'feet.not-free': {
    message: ({ figure, role, foot, beat, again }) =>
      `${again ? `${again} cannot be danced again from where it ends: ` : ''}${figure} needs the ${whose(role)}${foot} foot on count ${beat}, and the weight is on it.`,
    sum: ({ previous, chain, foot }) =>
      chain.length === 0
        ? `the start leaves the weight on the ${foot}`
        : `${previous ?? 'the start'}: ${chain.join(', ')}, so the weight is on the ${foot}`,
  },
  'feet.unsure': {
    message: ({ figure, role, foot }) =>
      `${figure} asks for the ${whose(role)}${foot} foot while the weight is on both.`,
    sum: ({ previous, chain }) => `${previous ?? 'start'}: ${chain.join(', ')}`,
  },
  'hold.mismatch': {
    message: ({ figure, hold, wanted }) =>
      `${figure} begins in ${wanted.join(' or ')}, and they are in ${hold}.`,
    sum: ({ previous, hold }) => `${previous ?? 'the start'} → ${hold}`,
  },
  'facing.mismatch': {
    message: ({ figure, facing: now, wanted, frame }) =>
      `${figure} is meant to begin facing ${facing(wanted, frame)}; here it begins facing ${facing(now, frame)}.`,
    sum: ({ facing: now, wanted, turn: by, frame }) =>
      `${facing(now, frame)} → ${facing(wanted, frame)} is ${turn(by)}`,
  },
  'facing.hold': {
    message: ({ figure, hold }) => `After ${figure} they would not stand as ${hold} asks.`,
    sum: ({ lead, follow, frame }) =>
      `lead facing ${facing(lead, frame)}, follow facing ${facing(follow, frame)}`,
  },
  'facing.rotated': {
    message: ({ part, facing: now, wanted, frame }) =>
      `${part} is to begin facing ${facing(wanted, frame)} here, and they face ${facing(now, frame)}.`,
    sum: ({ first, rotate, wanted, frame }) =>
      `${facing(first, frame)} and ${turn(rotate)} is ${facing(wanted, frame)}`,
  },
  'facing.contradiction': {
    message: ({ text, side, sense }) => `“${text}” says ${side} and ${sense}.`,
    sum: () => 'a turn to the right is clockwise, to the left anticlockwise',
  },
  'facing.said-other-way': {
    message: ({ figure, text, side, turned }) =>
      `The words for ${figure} say ${side} (“${text}”), and it turns to the ${turned} here.`,
    sum: ({ side, turned }) => `said: ${side}; danced: ${turned}`,
  },
  'set.partner': {
    message: ({ lead, follow, partner, couples }) =>
      `At the end the first ${lead} dances with ${follow} ${partner} of ${couples}, not with the own.`,
    sum: ({ passes, relative, couples, apart, every }) =>
      `${passes} times through move them ${relative} places apart: ${apart} of ${couples}${every === null ? '' : `; the first partner comes again after every ${every}`}`,
  },
  'body.turns': {
    message: ({ role, turns, side }) =>
      `${role ? `The ${role} turns` : 'Everyone turns'} ${turns} times to the ${side} without a rest.`,
    sum: ({ chain, turns }) =>
      `${chain.join(' + ')} = ${turns} turns; let anyone dizzy walk it, as a qualified teacher shows`,
  },
  'body.pace': {
    message: ({ figure, rate }) => `${figure} asks for ${rate} steps a second.`,
    sum: ({ beats, bpm }) =>
      `in ${counts(beats)} at ${bpm} a minute; walk it slowly first, and leave steps out where the hall’s floor or anyone’s joints ask for it`,
  },
  'body.arms': {
    message: ({ figure }) => `${figure} moves the arms on top of half beats of the feet.`,
    sum: () => 'feet first, arms when the feet are sure',
  },
  'body.caution': {
    message: ({ figure, group }) => `${figure} is new to ${group} and has a caution.`,
    sum: ({ text }) => text,
  },
  'voice.sound-alike': {
    message: ({ first, second }) =>
      `“${second}” comes soon after “${first}”, and they sound alike.`,
    sum: ({ differ, sounds }) => `${differ} of ${sounds} sounds differ`,
  },
  'voice.over-called': {
    message: ({ words, seconds }) =>
      `${words} words in ${seconds} seconds: more than a floor takes in.`,
    sum: ({ words, most }) => `${words} said, ${most} are enough`,
  },
  'voice.pin': {
    message: ({ text, beats, wording }) =>
      beats === null
        ? `The ${wording} wording that you pinned does not fit; “${text}” is said.`
        : `“${text}” cannot be said where you pinned it.`,
    sum: ({ beats, wording }) =>
      beats === null
        ? `no moment keeps the rules with the ${wording} wording`
        : `pinned ${beats} beats before its step`,
  },
  'voice.role': {
    message: ({ text, figure }) =>
      `There is no time to say “${text}” to one role before ${figure || 'the step'}.`,
    sum: () => 'what is said to both comes first',
  },
  'voice.no-gap': {
    message: ({ text, figure }) =>
      `There is no gap for “${text}”${figure ? ` while ${figure} is danced` : ''}.`,
    sum: () => 'the cues beside it take all of it',
  },
  'voice.early': {
    message: ({ text }) => `“${text}” comes so early that the floor may go at once.`,
    sum: ({ lead, most }) => `${lead} beats before its step, ${most} at most`,
  },
  'voice.late': {
    message: ({ text }) => `“${text}” comes late.`,
    sum: ({ lead, target }) => `${lead} beats before its step, ${target} are aimed at`,
  },
  'voice.breath': {
    message: ({ phrases }) => `No breath for ${phrases} phrases from here.`,
    sum: ({ words, seconds, most }) =>
      `${words} words without a pause of ${seconds} s; after ${most} phrases a cuer needs one`,
  },
  'voice.hard': {
    message: ({ words }) => `“${words}” is hard to say fast.`,
    sum: ({ text, seconds }) => `“${text}” in ${seconds} s`,
  },
  'voice.numbers': {
    message: ({ number, text }) => `“${number}” in “${text}” is heard as a count.`,
    sum: () => 'counts are spoken right beside it',
  },
  'voice.no-room': {
    message: ({ figure, text }) =>
      `There is no time to say “${text}” before ${figure || 'its step'}.`,
    sum: ({ needs, room, lead }) =>
      `needs ${needs} s; ${room} s are free once ${lead} s are kept before the step`,
  },
  'voice.crowded': {
    message: ({ figure, text }) =>
      `“${text}” for ${figure || 'this step'} collides with the cues beside it.`,
    sum: ({ needs, room, lead }) =>
      `needs ${needs} s; ${room} s are free after the cue before, once ${lead} s are kept before the step`,
  },
  'missing.figure': {
    message: ({ id }) => `The figure “${id}” is not in the book.`,
    sum: () => 'its length and steps are not known',
  },
  'missing.unknown': {
    message: ({ text }) => `“${text}” is no figure of the book: its steps are not known.`,
    sum: () => 'feet, facing and hold are taken to stay as they are',
  },
  'missing.length': {
    message: ({ text }) =>
      text ? `How long “${text}” takes is open.` : 'A slot has no length yet.',
    sum: () => 'everything after it stands at an open place',
  },
  'missing.wording': {
    message: ({ open, beats, figure }) =>
      open ? `${counts(beats)} open.` : `${figure ?? 'This slot'} has nothing to say.`,
    sum: ({ beats }) => counts(beats),
  },
  'missing.teach': {
    message: ({ figure, group, beyond }) =>
      `Teach before: ${figure}. ${group} ${beyond ? 'has not got so far' : 'has not been taught it'}.`,
    sum: ({ times, beats, level, reach }) =>
      `danced ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`} in this sheet, ${counts(beats)} each; its level is ${levelName(level)}, the group’s ${levelName(reach)}`,
  },
  'missing.part': {
    message: ({ part }) => `${part} is danced, and there is nothing in it.`,
    sum: () => '0 counts',
  },
  'missing.pass': {
    message: ({ part }) => `${part} is written and never danced.`,
    sum: () => 'no pass in the order takes it',
  },
  'missing.section': {
    message: ({ part, to, label }) =>
      `${part} belongs at “${label}”, and the music has no ${to} of that name.`,
    sum: ({ known, to }) =>
      known.length > 0 ? `it has ${known.join(', ')}` : `no ${to} is marked`,
  },
  'figure.cut': {
    message: ({ figure }) => `${figure} cannot be danced as it is written here.`,
    sum: ({ why }) => why,
  },
  'figure.order': {
    message: ({ figure, role, count }) =>
      `${figure} has a ${role} step on count ${count} that comes too early or too late.`,
    sum: () => 'steps must rise in time and end within the figure',
  },
}

const sentenceOf = <Code extends FindingCode>(code: Code): Sentence<FindingParams[Code]> =>
  SENTENCES[code]

/** One sentence that says what is the matter. */
export const findingMessage = ({ code, params }: FindingWords): string =>
  sentenceOf(code).message(params as never)
/** The sum or chain behind it. */
export const findingSum = ({ code, params }: FindingWords): string =>
  sentenceOf(code).sum(params as never)
