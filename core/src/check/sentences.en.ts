import type { Finding, FindingCode, Params, Repair, RepairCode } from './finding.ts'

/** English words for findings. `message` is one sentence in the cuer's words, `sum` shows why. */
interface Sentence {
  readonly message: (params: Params) => string
  readonly sum: (params: Params) => string
}

const counts = (n: unknown): string => `${n} ${n === 1 ? 'count' : 'counts'}`
const list = (values: unknown, joiner: string): string => (Array.isArray(values) ? values.join(joiner) : String(values))
const FACINGS = ['line of dance', 'diagonal to the wall', 'the wall', 'diagonal to reverse and wall', 'reverse', 'diagonal to reverse and centre', 'the centre', 'diagonal to the centre']
const levelName = (level: unknown): string => (level === 'first' ? 'first evening' : String(level))
const facing = (value: unknown): string => FACINGS[Number(value)] ?? '?'

function turn(eighths: unknown): string {
  const amounts = ['', 'an eighth', 'a quarter', 'three eighths', 'a half']
  const n = Number(eighths)
  return `${amounts[Math.abs(n)]} ${n < 0 ? 'to the left' : 'to the right'}`
}

const SENTENCES: Record<FindingCode, Sentence> = {
  'sums.phrase': {
    message: ({ part, missing }) => `${part} is ${counts(Math.abs(Number(missing)))} ${Number(missing) > 0 ? 'short of' : 'past'} the phrase.`,
    sum: ({ terms, total, wanted }) => `${Array.isArray(terms) && terms.length > 1 ? `${list(terms, ' + ')} = ` : ''}${total}, the phrase has ${wanted}`,
  },
  'sums.music-over': {
    message: ({ difference, part }) => `The dance is ${counts(difference)} longer than the music${part ? `, which stops in ${part}` : ''}.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) => `${dance} danced − ${music} of music = ${difference} too many (${danceSeconds} s in ${musicSeconds} s)`,
  },
  'sums.music-short': {
    message: ({ difference }) => `The music goes on for ${counts(difference)} after the dance ends.`,
    sum: ({ dance, music, difference, danceSeconds, musicSeconds }) => `${music} of music − ${dance} danced = ${difference} left (${danceSeconds} s of ${musicSeconds} s)`,
  },
  'sums.across-phrase': {
    message: ({ figure }) => `${figure} lies over the phrase line.`,
    sum: ({ before, after, total }) => `${before} before the line + ${after} after it = ${total}`,
  },
  'feet.not-free': {
    message: ({ figure, role, foot, beat }) => `${figure} needs the ${role}’s ${foot} foot on count ${beat}, and the weight is on it.`,
    sum: ({ previous, chain, foot }) => (list(chain, '') === '' ? `the start leaves the weight on the ${foot}` : `${previous}: ${list(chain, ', ')}, so the weight is on the ${foot}`),
  },
  'feet.unsure': {
    message: ({ figure, role, foot }) => `${figure} asks for the ${role}’s ${foot} foot while the weight is on both.`,
    sum: ({ previous, chain }) => `${previous ?? 'start'}: ${list(chain, ', ')}`,
  },
  'hold.mismatch': {
    message: ({ figure, hold, wanted }) => `${figure} begins in ${list(wanted, ' or ')}, and they are in ${hold}.`,
    sum: ({ previous, hold }) => `${previous ?? 'the start'} → ${hold}`,
  },
  'facing.mismatch': {
    message: ({ figure, facing: now, wanted }) => `${figure} is meant to begin facing ${facing(wanted)}; here it begins facing ${facing(now)}.`,
    sum: ({ facing: now, wanted, turn: by }) => `${facing(now)} → ${facing(wanted)} is ${turn(by)}`,
  },
  'facing.hold': {
    message: ({ figure, hold }) => `After ${figure} they would not stand as ${hold} asks.`,
    sum: ({ lead, follow }) => `lead facing ${facing(lead)}, follow facing ${facing(follow)}`,
  },
  'voice.no-room': {
    message: ({ figure, text }) => `There is no time to say “${text}” before ${figure || 'its step'}.`,
    sum: ({ needs, room, lead }) => `needs ${needs} s; ${room} s are free once ${lead} s are kept before the step`,
  },
  'voice.crowded': {
    message: ({ figure, text }) => `“${text}” for ${figure || 'this step'} collides with the cues beside it.`,
    sum: ({ needs, room, lead }) => `needs ${needs} s; ${room} s are free after the cue before, once ${lead} s are kept before the step`,
  },
  'missing.figure': {
    message: ({ id }) => `The figure “${id}” is not in the book.`,
    sum: () => 'its length and steps are not known',
  },
  'missing.length': {
    message: ({ text }) => (text ? `How long “${text}” takes is open.` : 'A slot has no length yet.'),
    sum: () => 'everything after it stands at an open place',
  },
  'missing.wording': {
    message: ({ open, beats, figure }) => (open ? `${counts(beats)} open.` : `${figure ?? 'This slot'} has nothing to say.`),
    sum: ({ beats }) => counts(beats),
  },
  'missing.teach': {
    message: ({ figure, floor, beyond }) => `Teach before: ${figure}. ${floor} ${beyond ? 'has not got so far' : 'has not been taught it'}.`,
    sum: ({ times, beats, level, reach }) => `danced ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`} in this sheet, ${counts(beats)} each; its level is ${levelName(level)}, the floor’s ${levelName(reach)}`,
  },
  'figure.cut': {
    message: ({ figure }) => `${figure} cannot be danced as it is written here.`,
    sum: ({ why }) => String(why),
  },
  'figure.order': {
    message: ({ figure, role, count }) => `${figure} has a ${role} step on count ${count} that comes too early or too late.`,
    sum: () => 'steps must rise in time and end within the figure',
  },
}

const REPAIRS: Record<RepairCode, (params: Params) => string> = {
  accept: () => 'It is meant so',
  'own-exit': ({ figure }) => `Let ${figure} end as it usually does`,
  'add-open': ({ beats }) => `Leave ${counts(beats)} open`,
  'add-figure': ({ figure }) => `Add ${figure}`,
  'drop-last': ({ slot }) => `Take out ${slot || 'the last one'}`,
  replace: ({ old, figure }) => `${figure} instead of ${old}`,
  'end-in': ({ figure, hold }) => `End ${figure} in ${hold}`,
  'shorter-wording': ({ text }) => `Say “${text}”`,
  'say-nothing': () => 'Say nothing here',
  'set-length': ({ beats }) => `Make it ${counts(beats)}`,
  'drop-slot': () => 'Take it out',
  'drop-pass': ({ part, time }) => `Leave out ${part}, time ${time}`,
  'repeat-pass': ({ part }) => `Dance ${part} twice`,
  'whole-figure': () => 'Dance the whole figure',
}

/** One sentence that says what is the matter. */
export const findingMessage = (finding: Pick<Finding, 'code' | 'params'>): string => SENTENCES[finding.code].message(finding.params)
/** The sum or chain behind it. */
export const findingSum = (finding: Pick<Finding, 'code' | 'params'>): string => SENTENCES[finding.code].sum(finding.params)
/** What a repair's button says. */
export const repairLabel = (repair: Pick<Repair, 'code' | 'params'>): string => REPAIRS[repair.code](repair.params)
