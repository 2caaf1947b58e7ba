import { holdName } from '../../model/hold.ts'
import { beatsOfTicks, type Tick } from '../../../time/index.ts'
import type { FINDINGS as ENGLISH } from '../en/findings.ts'
import { HOLD_NAMES } from './names.ts'

const number = (n: number): string => String(n).replace('.', ',')
/** `Schlag 2,5`: where in the figure a tick is, as a dancer counts. */
const count = (at: number): string =>
  `Schlag ${number(Number((beatsOfTicks(at as Tick) + 1).toFixed(2)))}`
const hold = (id: string): string => HOLD_NAMES[id] ?? holdName(id)
const turnText = (eighths: number): string =>
  eighths === 0 ? 'gar nicht' : `${Math.abs(eighths)}/8 nach ${eighths < 0 ? 'links' : 'rechts'}`
/** How two stand, by the eighths of a turn between their facings. */
const standing = (relation: number): string =>
  relation === 0 ? 'nebeneinander' : relation === 4 ? 'einander gegenüber' : 'schräg zueinander'
const HANDS: Readonly<Record<string, string>> = { left: 'linke', right: 'rechte' }
const hand = (side: string): string => HANDS[side] ?? side

/** German sentences for what is wrong, or doubtful, with a figure by itself. */
export const FINDINGS: typeof ENGLISH = {
  'figure.same-id': ({ name, other }) =>
    `„${name}“ hat dieselbe Kennung wie „${other}“; jede Figur braucht ihre eigene.`,
  'figure.same-name': ({ name, family }) =>
    `In ${family} heißen zwei Figuren „${name}“; sagen Sie, was sie unterscheidet.`,
  'figure.parts': ({ why }) => why.message,
  'figure.step-outside': ({ role, text, at, counts }) =>
    `„${text}“ (${role}) ist auf ${count(at)}, aber die Figur hat ${number(counts)} Schläge.`,
  'figure.step-order': ({ role, at, text, before, beforeAt }) =>
    `${role} hat ${at === beforeAt ? `auf ${count(at)} zweierlei: „${before}“ und „${text}“` : `„${text}“ auf ${count(at)} nach „${before}“ auf ${count(beforeAt)}`}; erwartet wurde eins nach dem anderen.`,
  'figure.foot-taken': ({ at, role, text, carries }) =>
    `Auf ${count(at)} tut „${text}“ (${role}) ${carries ? 'der Fuß, der das Gewicht trägt; erwartet wurde der andere, oder vorher ein Gewichtswechsel.' : 'der freie Fuß; erwartet wurde der, der das Gewicht trägt.'}`,
  'figure.foot-unsure': ({ at, role, text }) =>
    `Auf ${count(at)} kann das Gewicht vor „${text}“ (${role}) auf jedem der Füße sein.`,
  'figure.foot-words': ({ at, role, text, foot }) =>
    `Auf ${count(at)} heißt es „${text}“ (${role}), aber es bewegt sich der ${foot === 'left' ? 'linke' : foot === 'right' ? 'rechte' : foot} Fuß.`,
  'figure.turn-words': ({ at, role, text, turn }) =>
    `Auf ${count(at)} heißt es „${text}“ (${role}), aber die Drehung ist: ${turnText(turn)}.`,
  'figure.pickup': ({ counts }) =>
    `Sie beginnt ${number(counts)} Schläge vor ihrem ersten; höchstens 2 wurden erwartet: Lassen Sie sie auf Schlag 1 beginnen und länger sein.`,
  'figure.set-couple': ({ beyond, most }) =>
    `Sie sagt, was Paar ${beyond} tut, ist aber für ${most} Paare.`,
  'figure.set-twice': ({ twice }) =>
    `Sie sagt zweimal, was ${twice} tut; jeder kann nur eines tun.`,
  'figure.half': ({ why }) => `Ihre eigene Hälfte geht nicht: ${why.message}`,
  'figure.choice-twice': ({ name }) =>
    `„${name}“ steht zweimal unter ihren Enden und Möglichkeiten; sagen Sie, was sie unterscheidet.`,
  'figure.choice-outside': ({ name, from }) =>
    `Das Ende „${name}“ beginnt auf ${count(from)}, nach dem Ende der Figur.`,
  'figure.choice': ({ why }) => why.message,
  'figure.choice-foot': ({ name }) =>
    `Mit „${name}“ braucht ein Schritt einen Fuß, der das Gewicht trägt, oder er fällt aus der Figur.`,
  'figure.turn-name': ({ said, net }) =>
    `Ihr Name sagt ${said}, aber führend ist die Drehung: ${turnText(net)}.`,
  'figure.caution-spin': ({ spinningBeats }) =>
    `Eine ganze Drehung in höchstens ${number(spinningBeats)} Schlägen: Erwartet wurde eine Warnung vor dem Drehen.`,
  'figure.caution-dip': () => 'Es wird geneigt: Erwartet wurde eine Warnung davor.',
  'figure.wording-length': ({ full, short, keyWord }) =>
    `Die vollen Worte sollten die längsten sein und das Stichwort das kürzeste: „${full}“, „${short}“, „${keyWord}“.`,
  'figure.hold-mixed': ({ holds }) =>
    `Sie kann beginnen in ${holds}: einander gegenüber und nebeneinander. Folgend können die Schritte nicht in beiden das Gegenteil sein.`,
  'figure.hold-facing': ({ exit, wanted, ends }) =>
    `Sie endet in: ${hold(exit)}, ${standing(wanted)}; aber die Drehungen lassen die beiden ${standing(ends)}.`,
  'figure.hold-alone': ({ partnered }) =>
    `Sie wird allein getanzt, verlangt aber die Haltung „${hold(partnered)}“, zu der es zwei braucht.`,
  'figure.hold-outside': ({ hold: id, at }) =>
    `Die Hände wechseln auf ${count(at)} zu „${hold(id)}“, nach ihrem Ende; das sagt die Haltung, in der sie endet.`,
  'figure.hold-order': ({ hold: id, at }) =>
    `Die Hände wechseln auf ${count(at)} zu „${hold(id)}“, nicht nach dem Wechsel davor.`,
  'figure.hand-missing': ({ at, role, hand: side, arch, begun }) =>
    `Auf ${count(at)} ${arch ? 'macht' : 'löst sich'} die ${hand(side)} Hand (${role})${arch ? ' einen Bogen' : ''}, aber begonnen in „${hold(begun)}“ hält sie niemand.`,
  'figure.hand-dropped': ({ kept, role, dropped }) =>
    `Sie endet in „${hold(kept)}“ mit der ${hand(dropped)}n Hand (${role}), aber diese Hand ist gelöst.`,
  'figure.parted': ({ at, strides, hold: id }) =>
    `Auf ${count(at)} sind die beiden ${number(strides)} Schrittlängen auseinander: zu weit für „${hold(id)}“. Ist eine Seite aus Versehen gespiegelt, berichtigen Sie sie; sonst offene Gegenüberstellung oder beide Hände, oder kleine Schritte.`,
}
