import {
  isAroundTheDance,
  isNews,
  keptSeconds,
  plannedSeconds,
  type Plan,
  type Planned,
  type SilenceReason,
} from '../../cue/index.ts'
import { memoised } from '../../document/index.ts'
import { wordingsIn } from '../../figure/index.ts'
import { setSlotField, setWording, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, placedOpenly, slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface VoiceFindings {
  readonly 'voice.no-room': Room
  readonly 'voice.crowded': Room
  readonly 'voice.pin': {
    readonly figure: string
    readonly text: string
    readonly beats: number | null
    readonly wording: 'full' | 'short' | 'keyWord' | null
  }
  readonly 'voice.role': Beside
  readonly 'voice.no-gap': Beside
}
/** Seconds. */
interface Room {
  readonly figure: string
  readonly text: string
  readonly needs: number
  readonly lead: number
  readonly room: number
}

interface Beside {
  readonly figure: string
  readonly text: string
}

type Found = FindingOf<VoiceFindings>

/**
 * Cues that cannot be said in time, alone or beside their neighbours; pins that cannot be kept;
 * what one role or the hall was to be told and there is no gap for.
 */
export function voice(derived: Derived): Found[] {
  const slots = slotsByKey(derived.timeline)
  const names = derived.plan.planned.flatMap((planned, i): Found[] => {
    const slot = slots.get(planned.slot.slotKey)!
    if (planned.said)
      return planned.why.pinBroken ? [pinBroken(slot, planned.said.wording.text)] : []
    const code = placedOpenly(derived.timeline).has(slot.key) ? undefined : UNSAID[planned.reason]
    return code ? [unsaid(derived, slot, planned, code, roomFor(derived, derived.plan, i))] : []
  })
  const beside = derived.plan.extras.flatMap((planned): Found[] => {
    // Around the dance, and ahead of steps, as much is said as fits.
    const isAsked = !isAroundTheDance(planned.slot) && !isNews(planned.slot)
    const code = planned.said || !isAsked ? undefined : BESIDE[planned.slot.purpose]
    const slot = slots.get(planned.slot.slotKey)!
    return code
      ? [
          {
            code,
            severity: 'note',
            ...aboutSlot(slot),
            params: { figure: slot.figure?.name ?? '', text: planned.slot.wordings[0]!.text },
            repairs: [],
          },
        ]
      : []
  })
  return [...names, ...beside]
}

const UNSAID: Partial<Record<SilenceReason, 'voice.no-room' | 'voice.crowded'>> = {
  'no-room': 'voice.no-room',
  crowded: 'voice.crowded',
}
const BESIDE: Partial<Record<Planned['slot']['purpose'], 'voice.role' | 'voice.no-gap'>> = {
  'first-role': 'voice.role',
  'other-role': 'voice.role',
  gap: 'voice.no-gap',
}

function unsaid(
  derived: Derived,
  slot: DancedSlot,
  { slot: cue }: Planned,
  code: 'voice.no-room' | 'voice.crowded',
  room: number,
): Found {
  const shortest = cue.wordings.filter((one) => !one.joined).at(-1)!
  return {
    code,
    ...aboutSlot(slot),
    // What goes on as before needs no word of its own.
    severity: goesOn(derived, slot) ? 'note' : 'mend',
    params: {
      figure: slot.figure?.name ?? '',
      text: shortest.text,
      needs: round(plannedSeconds(derived.voice, shortest.text)),
      lead: round(keptSeconds(cue.mode, derived)),
      room: round(room),
    },
    repairs: repairs(derived, slot, room),
  }
}

/** Whether the same figure is danced just before, in the same pass. */
function goesOn({ timeline }: Derived, slot: DancedSlot): boolean {
  const before = timeline.slots[placesOf(timeline.slots).get(slot.key)! - 1]
  return slot.figure !== null && before?.figure === slot.figure && before.passId === slot.passId
}
/** Where each slot stands on its timeline. */
const placesOf = memoised(
  (slots: readonly DancedSlot[]): ReadonlyMap<string, number> =>
    new Map(slots.map(({ key }, i) => [key, i])),
)

const round = (seconds: number): number => Math.round(seconds * 100) / 100

function pinBroken(slot: DancedSlot, text: string): Found {
  const loosen = setSlotField(slot.slot, 'pin', undefined)
  const beats =
    slot.slot.pin?.startTicks === undefined
      ? null
      : Math.round((-slot.slot.pin.startTicks / 24) * 100) / 100
  return {
    code: 'voice.pin',
    ...aboutSlot(slot),
    severity: 'mend',
    params: {
      figure: slot.figure?.name ?? '',
      text,
      beats,
      wording: slot.slot.pin?.wording ?? null,
    },
    repairs: loosen ? [{ code: 'loosen-pin', params: {}, edits: loosen }] : [],
  }
}

/**
 * Seconds in which this slot could be spoken: from the figure before or the cue before, to its step
 * less the least lead.
 */
function roomFor(derived: Derived, plan: Plan, i: number): number {
  const { clock, school } = derived
  const { slot } = plan.planned[i]!
  const before = plan.planned
    .slice(0, i)
    .reverse()
    .find((one) => one.said)?.said
  const from = Math.max(
    clock.heardAt(slot.notBeforeTick),
    before ? before.end + school.breathSeconds : -Infinity,
  )
  return Math.max(0, clock.heardAt(slot.stepTick) - keptSeconds(slot.mode, derived) - from)
}

function repairs({ voice: speaker }: Derived, slot: DancedSlot, room: number): Repair[] {
  const words = (
    slot.slot.wordings?.keyWord ??
    (slot.figure && wordingsIn(slot.figure, speaker.language).keyWord) ??
    slot.figure?.name ??
    ''
  ).split(/\s+/)
  const shorter = words
    .map((_, n) =>
      words
        .slice(0, words.length - n)
        .join(' ')
        .replace(/[,;]$/, ''),
    )
    .find((text) => text !== '' && plannedSeconds(speaker, text) <= room)
  const shorten = shorter ? setWording(slot.slot, 'keyWord', shorter) : null
  const silent = setSlotField(slot.slot, 'say', 'nothing')
  return [
    ...(shorten
      ? [{ code: 'shorter-wording', params: { text: shorter! }, edits: shorten } as const]
      : []),
    ...(silent ? [{ code: 'say-nothing', params: {}, edits: silent } as const] : []),
  ]
}
