import { closeCalls, leftPassings, paceOf, stridesOf } from '../../floor/index.ts'
import { deedText } from '../../move/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface SetWaysFindings {
  readonly 'set.path': {
    readonly figure: string
    readonly dancer: string
    readonly otherDancer: string
    readonly beat: number
    readonly centimetres: number
  }
  readonly 'set.side': {
    readonly figure: string
    readonly dancer: string
    readonly otherDancer: string
    readonly centimetres: number
  }
  readonly 'set.pace': {
    readonly figure: string
    readonly dancer: string
    readonly line: string
    readonly strides: number
    readonly needed: number
  }
}
type Found = FindingOf<SetWaysFindings>

/** A count has time for a step of this many strides; more is a hurry. */
const BRISK = 1.2
const HURRIED = 1.5

/** Dancers who come too near each other on their ways, and ways too long for their counts. */
export function setWays({ timeline, track }: Derived): Found[] {
  if (!track) return []
  return timeline.slots.flatMap((slot): Found[] => {
    const { danced, before, lines } = track.slots.get(slot.key)!
    if (danced.spans.length === 0) return []
    const id = (index: number): string => before.dancers[index]!.id
    const calls = closeCalls(danced).map(({ dancers: [a, b], beat, nearest }): Found => {
      const params = {
        figure: slotName(slot),
        dancer: id(a),
        otherDancer: id(b),
        beat,
        centimetres: nearest,
      }
      const subject = `${slot.slot.id} ${id(a)} ${id(b)}`
      return {
        ...aboutSlot(slot),
        subject,
        code: 'set.path',
        severity: 'mend',
        params,
        repairs: [],
      }
    })
    const sides = leftPassings(danced).map(({ dancers: [a, b], nearest }): Found => ({
      ...aboutSlot(slot),
      subject: `${slot.slot.id} ${id(a)} ${id(b)}`,
      code: 'set.side',
      severity: 'note',
      params: {
        figure: slotName(slot),
        dancer: id(a),
        otherDancer: id(b),
        centimetres: nearest,
      },
      repairs: [],
    }))
    const fastest = paceOf(danced)
    if (!fastest || stridesOf(fastest) <= BRISK) return [...calls, ...sides]
    const strides = Math.round(stridesOf(fastest) * 10) / 10
    return [
      ...calls,
      ...sides,
      {
        ...aboutSlot(slot),
        code: 'set.pace',
        severity: stridesOf(fastest) > HURRIED ? 'mend' : 'note',
        params: {
          figure: slotName(slot),
          dancer: id(fastest.dancer),
          line: deedText(lines[fastest.line]!),
          strides,
          needed: fastest.counts,
        },
        repairs: [],
      },
    ]
  })
}
