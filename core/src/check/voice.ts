import { plannedSeconds, type Plan } from '../cue/index.ts'
import { wordingsIn } from '../figure/index.ts'
import { setSlotField, setWording, type DancedSlot } from '../routine/index.ts'
import type { Derived } from './derived.ts'
import type { Finding, Repair } from './finding.ts'

/** Cues that cannot be said in time, alone or beside their neighbours. */
export function voice(derived: Derived): Finding[] {
  const slots = new Map(derived.timeline.slots.map((slot) => [slot.key, slot]))
  return derived.plan.planned.flatMap((planned, i): Finding[] => {
    if (planned.said || (planned.reason !== 'no-room' && planned.reason !== 'crowded')) return []
    const slot = slots.get(planned.slot.key)!
    const shortest = planned.slot.wordings.at(-1)!
    const room = roomFor(derived, derived.plan, i)
    return [
      {
        code: planned.reason === 'no-room' ? 'voice.no-room' : 'voice.crowded',
        severity: 'mend',
        subject: slot.slot.id,
        slotKeys: [slot.key],
        at: slot.start,
        params: { figure: slot.figure?.name ?? '', text: shortest.text, needs: round(plannedSeconds(derived.voice, shortest.text)), lead: derived.school.lead.minSeconds, room: round(room) },
        repairs: repairs(derived, slot, room),
      },
    ]
  })
}

const round = (seconds: number): number => Math.round(seconds * 100) / 100

/** Seconds in which this slot could be spoken: from the figure before or the cue before, to its step less the least lead. */
function roomFor({ clock, school }: Derived, plan: Plan, i: number): number {
  const { slot } = plan.planned[i]!
  const before = plan.planned
    .slice(0, i)
    .reverse()
    .find((one) => one.said)?.said
  const from = Math.max(clock.heardAt(slot.notBeforeTick), before ? before.end + school.breathSeconds : -Infinity)
  return Math.max(0, clock.heardAt(slot.stepTick) - school.lead.minSeconds - from)
}

function repairs({ voice: speaker }: Derived, slot: DancedSlot, room: number): Repair[] {
  const words = (slot.slot.wordings?.prompt ?? (slot.figure && wordingsIn(slot.figure, speaker.language).prompt) ?? slot.figure?.name ?? '').split(/\s+/)
  const shorter = words
    .map((_, n) =>
      words
        .slice(0, words.length - n)
        .join(' ')
        .replace(/[,;]$/, ''),
    )
    .find((text) => text !== '' && plannedSeconds(speaker, text) <= room)
  const shorten = shorter ? setWording(slot.slot, 'prompt', shorter) : null
  const silent = setSlotField(slot.slot, 'say', 'nothing')
  return [...(shorten ? [{ code: 'shorter-wording', params: { text: shorter! }, edits: shorten } as const] : []), ...(silent ? [{ code: 'say-nothing', params: {}, edits: silent } as const] : [])]
}
