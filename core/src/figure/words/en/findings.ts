import { holdName } from '../../model/hold.ts'
import type { Problem } from '../../../document/index.ts'
import { beatsOfTicks, type Tick } from '../../../time/index.ts'

/** `count 2.5`: where in the figure a tick is, as a dancer counts. */
const count = (at: number): string => `count ${Number((beatsOfTicks(at as Tick) + 1).toFixed(2))}`
const turnText = (eighths: number): string =>
  eighths === 0 ? 'not at all' : `${Math.abs(eighths)}/8 to the ${eighths < 0 ? 'left' : 'right'}`
/** How two stand, by the eighths of a turn between their facings. */
const standing = (relation: number): string =>
  ['side by side', 'at an angle', 'at an angle', 'at an angle', 'face to face'][relation] ??
  'at an angle'

/** English sentences for what is wrong, or doubtful, with a figure by itself. */
export const FINDINGS = {
  'figure.same-id': ({ name, other }: { name: string; other: string }) =>
    `“${name}” has the id of “${other}”; every figure needs its own.`,
  'figure.same-name': ({ name, family }: { name: string; family: string }) =>
    `There are two figures named “${name}” in ${family}; say what tells them apart.`,
  'figure.parts': ({ why }: { why: Problem }) => why.message,
  'figure.step-outside': ({
    role,
    text,
    at,
    counts,
  }: {
    role: string
    text: string
    at: number
    counts: number
  }) => `The ${role}’s “${text}” is on ${count(at)}, but the figure has ${counts} counts.`,
  'figure.step-order': ({
    role,
    at,
    text,
    before,
    beforeAt,
  }: {
    role: string
    at: number
    text: string
    before: string
    beforeAt: number
  }) =>
    `The ${role} has ${at === beforeAt ? `two things on ${count(at)}: “${before}” and “${text}”` : `“${text}” on ${count(at)} after “${before}” on ${count(beforeAt)}`}; one after the other was expected.`,
  'figure.foot-taken': ({
    at,
    role,
    text,
    carries,
  }: {
    at: number
    role: string
    text: string
    carries: boolean
  }) =>
    `On ${count(at)} the ${role}’s “${text}” is done ${carries ? 'by the foot that carries the weight; the other foot, or a change of weight before it, was expected.' : 'on the foot that is free; the foot that carries the weight was expected.'}`,
  'figure.foot-unsure': ({ at, role, text }: { at: number; role: string; text: string }) =>
    `On ${count(at)} the ${role}’s weight may be on either foot before “${text}”.`,
  'figure.foot-words': ({
    at,
    role,
    text,
    foot,
  }: {
    at: number
    role: string
    text: string
    foot: string
  }) => `On ${count(at)} the ${role} is told “${text}”, but the ${foot} foot moves.`,
  'figure.turn-words': ({
    at,
    role,
    text,
    turn,
  }: {
    at: number
    role: string
    text: string
    turn: number
  }) => `On ${count(at)} the ${role} is told “${text}”, but turns ${turnText(turn)}.`,
  'figure.pickup': ({ counts }: { counts: number }) =>
    `It begins ${counts} counts before its first; at most 2 were expected: let it begin on count 1 and be longer.`,
  'figure.set-couple': ({ beyond, most }: { beyond: number; most: number }) =>
    `It says what couple ${beyond} does, but is for ${most} couples.`,
  'figure.set-twice': ({ twice }: { twice: string }) =>
    `It says twice what ${twice} does; each dancer can do one thing.`,
  'figure.half': ({ why }: { why: Problem }) => `Its own half does not go: ${why.message}`,
  'figure.choice-twice': ({ name }: { name: string }) =>
    `“${name}” is there twice among its endings and options; say what tells them apart.`,
  'figure.choice-outside': ({ name, from }: { name: string; from: number }) =>
    `The ending “${name}” begins on ${count(from)}, after the figure’s end.`,
  'figure.choice': ({ why }: { why: Problem }) => why.message,
  'figure.choice-foot': ({ name }: { name: string }) =>
    `With “${name}” a step needs a foot that carries the weight, or falls outside the figure.`,
  'figure.turn-name': ({ said, net }: { said: string; net: number }) =>
    `Its name says ${said}, but the lead turns ${turnText(net)}.`,
  'figure.caution-spin': ({ spinningBeats }: { spinningBeats: number }) =>
    `A whole turn in ${spinningBeats} counts or fewer: a caution about turning was expected.`,
  'figure.caution-dip': () => 'It has a dip: a caution about dips was expected.',
  'figure.wording-length': ({
    full,
    short,
    keyWord,
  }: {
    full: string
    short: string
    keyWord: string
  }) =>
    `The full words were expected to be the longest and the key word the shortest: “${full}”, “${short}”, “${keyWord}”.`,
  'figure.hold-mixed': ({ holds }: { holds: string }) =>
    `It may begin in ${holds}: face to face and side by side. The follow’s steps cannot be the opposite in both.`,
  'figure.hold-facing': ({ exit, wanted, ends }: { exit: string; wanted: number; ends: number }) =>
    `It ends in ${holdName(exit)}, ${standing(wanted)}, but the turns leave the two ${standing(ends)}.`,
  'figure.hold-alone': ({ partnered }: { partnered: string }) =>
    `It is danced alone, but asks for the hold ${holdName(partnered)}, which takes a partner.`,
  'figure.hold-outside': ({ hold, at }: { hold: string; at: number }) =>
    `Hands change to ${holdName(hold)} on ${count(at)}, after its end; the hold it ends in says that.`,
  'figure.hold-order': ({ hold, at }: { hold: string; at: number }) =>
    `Hands change to ${holdName(hold)} on ${count(at)}, not after the change before it.`,
  'figure.hand-missing': ({
    at,
    role,
    hand,
    arch,
    begun,
  }: {
    at: number
    role: string
    hand: string
    arch: boolean
    begun: string
  }) =>
    `On ${count(at)} the ${role}’s ${hand} hand ${arch ? 'makes an arch' : 'lets go'}, but begun in ${holdName(begun)} nobody holds it.`,
  'figure.hand-dropped': ({
    kept,
    role,
    dropped,
  }: {
    kept: string
    role: string
    dropped: string
  }) => `It ends in ${kept}, which joins the ${role}’s ${dropped} hand, but that hand has let go.`,
  'figure.parted': ({ at, strides, hold }: { at: number; strides: number; hold: string }) =>
    `On ${count(at)} the two are ${strides} strides apart: too far for ${holdName(hold)}. If one side is mirrored by mistake, put it right; else say open facing or two hands, or make the steps small.`,
}
