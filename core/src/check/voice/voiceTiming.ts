import { targetLeadBeats, utterancesOf, type Said } from '../../cue/index.ts'
import { setSlotField, setWording, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface VoiceTimingFindings {
  readonly 'voice.early': Lead
  readonly 'voice.late': Lead
  readonly 'voice.breath': {
    readonly phrases: number
    readonly most: number
    readonly seconds: number
    readonly words: number
  }
}
/** Beats before the step. */
interface Lead {
  readonly text: string
  readonly lead: number
  readonly target: number
  readonly most: number
}

type Found = FindingOf<VoiceTimingFindings>

/**
 * A cue that comes so much sooner than the school aims at is late: the floor has half the time it
 * is used to.
 */
const LATE_SHARE = 0.5
/** A pause in which a cuer gets air. */
const BREATH_SECONDS = 1

/**
 * Cues that are said in time, but late or so early that the floor goes at once; stretches without a
 * breath.
 */
export const voiceTiming = (derived: Derived): Found[] => [
  ...misplaced(derived),
  ...breathless(derived),
]

function misplaced(derived: Derived): Found[] {
  const { plan, timeline, school, clock, voice, hallSeconds } = derived
  const slots = slotsByKey(timeline)
  return utterancesOf(plan).flatMap(({ slot: cue, said }, i, all): Found[] => {
    if (cue.mode !== 'ahead' || cue.purpose !== 'cue') return []
    const target = targetLeadBeats(cue.stepTick, clock.heardAt(cue.stepTick), {
      school,
      voice,
      clock,
      hallSeconds,
    })
    const isEarly = said.leadBeats > Math.max(school.lead.maxBeats, target)
    if (!isEarly && said.leadBeats >= target * LATE_SHARE) return []
    const slot = slots.get(cue.slotKey)!
    const params = {
      text: said.wording.text,
      lead: hundredth(said.leadBeats),
      target: hundredth(target),
      most: school.lead.maxBeats,
    }
    return [
      {
        ...aboutSlot(slot),
        code: isEarly ? 'voice.early' : 'voice.late',
        severity: 'note',
        params,
        repairs: isEarly ? later(slot, all[i + 1], slots) : shorter(slot, cue.wordings, said),
      },
    ]
  })
}

type Slots = ReadonlyMap<string, DancedSlot>

/**
 * What lets a cue come later: its pin loosened, or the cue after it, which takes its place, said in
 * fewer words or not at all.
 */
function later(slot: DancedSlot, next: Said | undefined, slots: Slots): Repair[] {
  if (slot.slot.pin?.startTicks !== undefined) {
    const edits = setSlotField(slot.slot, 'pin', undefined)
    return edits ? [{ code: 'loosen-pin', params: {}, edits }] : []
  }
  return next?.slot.purpose === 'cue'
    ? [
        ...shorter(slots.get(next.slot.slotKey)!, next.slot.wordings, next.said),
        ...unsaid(next, slots),
      ]
    : []
}

function unsaid({ slot: cue, said }: Said, slots: Slots): Repair[] {
  const edits = setSlotField(slots.get(cue.slotKey)!.slot, 'say', 'nothing')
  return edits ? [{ code: 'leave-unsaid', params: { text: said.wording.text }, edits }] : []
}

/** Fewer words of its own would let it end sooner. */
export function shorter(
  slot: DancedSlot,
  wordings: Said['slot']['wordings'],
  said: Said['said'],
  isRight: (text: string) => boolean = () => true,
): Repair[] {
  const less = wordings.filter(
    (one) =>
      !one.joined &&
      !one.owes &&
      one.words < said.wording.words &&
      one.kind !== 'full' &&
      isRight(one.text),
  )[0]
  const edits = less ? setWording(slot.slot, 'full', less.text) : null
  return edits ? [{ code: 'shorter-wording', params: { text: less!.text }, edits }] : []
}

const hundredth = (beats: number): number => Math.round(beats * 100) / 100

/**
 * Stretches of more phrases than the school allows in which the voice never pauses long enough for
 * a breath; each once.
 */
function breathless({ plan, timeline, phrases, school }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  const found: Found[] = []
  let run: Said[] = []
  /** Of the phrases in order, the first that begins no earlier than the run. */
  let next = 0
  const close = (): void => {
    const [first] = run
    if (!first) return
    const from = first.slot.stepTick
    const to = run.at(-1)!.slot.stepTick
    while (next < phrases.length && phrases[next]!.start < from) next++
    let count = 0
    while (next + count < phrases.length && phrases[next + count]!.end <= to) count++
    if (count > school.breathPhrases)
      found.push({
        ...aboutSlot(slots.get(first.slot.slotKey)!),
        code: 'voice.breath',
        severity: 'note',
        params: {
          phrases: count,
          most: school.breathPhrases,
          seconds: BREATH_SECONDS,
          words: run.reduce((sum, { said }) => sum + said.wording.words, 0),
        },
        repairs: air(run, slots),
      })
  }
  for (const one of utterancesOf(plan)) {
    const last = run.at(-1)
    if (last && one.said.start - (last.said.start + last.said.spokenSeconds) >= BREATH_SECONDS) {
      close()
      run = []
    }
    run.push(one)
  }
  close()
  return found
}

/**
 * Where a breath would be had soonest in the middle of a stretch: one cue in fewer words, or one
 * unsaid.
 */
function air(run: readonly Said[], slots: Slots): Repair[] {
  const middle = (run.length - 1) / 2
  const inside = run
    .map((one, i) => ({ one, i }))
    .filter(({ one, i }) => i > 0 && i < run.length - 1 && one.slot.purpose === 'cue')
  const nearest = inside.sort((a, b) => Math.abs(a.i - middle) - Math.abs(b.i - middle))
  const shortened = nearest.flatMap(({ one, i }) => {
    const free = run[i + 1]!.said.start - (one.said.start + one.said.spokenSeconds)
    const seconds = one.said.spokenSeconds / Math.max(1, one.said.wording.words)
    const least = one.slot.wordings.filter(
      ({ joined, owes, words }) =>
        !joined && !owes && free + (one.said.wording.words - words) * seconds >= BREATH_SECONDS,
    )
    return shorter(slots.get(one.slot.slotKey)!, least, one.said)
  })
  const fewest = nearest.reduce<Said | null>(
    (best, { one }) =>
      best === null || one.said.wording.words < best.said.wording.words ? one : best,
    null,
  )
  return [...shortened.slice(0, 1), ...(fewest ? unsaid(fewest, slots) : [])]
}
