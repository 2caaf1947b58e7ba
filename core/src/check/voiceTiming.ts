import { targetLeadBeats, utterancesOf, type Said } from '../cue/index.ts'
import { setWording, type DancedSlot } from '../routine/index.ts'
import { aboutSlot, slotsByKey } from './aboutSlot.ts'
import type { Derived } from './derived.ts'
import type { Finding, Repair } from './finding.ts'

/** A cue that comes so much sooner than the school aims at is late: the floor has half the time it is used to. */
const LATE_SHARE = 0.5
/** A pause in which a cuer gets air. */
const BREATH_SECONDS = 1

/** Cues that are said in time, but late or so early that the floor goes at once; stretches without a breath. */
export const voiceTiming = (derived: Derived): Finding[] => [...misplaced(derived), ...breathless(derived)]

function misplaced(derived: Derived): Finding[] {
  const { plan, timeline, school, clock, voice, hallSeconds } = derived
  const slots = slotsByKey(timeline)
  return utterancesOf(plan).flatMap(({ slot: cue, said }): Finding[] => {
    if (cue.mode !== 'ahead' || cue.purpose !== 'cue') return []
    const slot = slots.get(cue.slotKey)!
    const target = targetLeadBeats(cue.stepTick, clock.heardAt(cue.stepTick), { school, voice, clock, hallSeconds })
    const params = { text: said.wording.text, lead: hundredth(said.leadBeats), target: hundredth(target), most: school.lead.maxBeats }
    if (said.leadBeats > Math.max(school.lead.maxBeats, target)) return [{ ...aboutSlot(slot), code: 'voice.early', severity: 'note', params, repairs: [] }]
    if (said.leadBeats < target * LATE_SHARE) return [{ ...aboutSlot(slot), code: 'voice.late', severity: 'note', params, repairs: shorter(slot, cue.wordings, said) }]
    return []
  })
}

/** Fewer words of its own would let it end sooner. */
function shorter(slot: DancedSlot, wordings: Said['slot']['wordings'], said: Said['said']): Repair[] {
  const less = wordings.filter((one) => !one.joined && !one.owes && one.words < said.wording.words && one.kind !== 'full')[0]
  const edits = less ? setWording(slot.slot, 'full', less.text) : null
  return edits ? [{ code: 'shorter-wording', params: { text: less!.text }, edits }] : []
}

const hundredth = (beats: number): number => Math.round(beats * 100) / 100

/** Stretches of more phrases than the school allows in which the voice never pauses long enough for a breath; each once. */
function breathless({ plan, timeline, phrases, school }: Derived): Finding[] {
  const slots = slotsByKey(timeline)
  const found: Finding[] = []
  let run: Said[] = []
  const close = (): void => {
    const [first] = run
    if (!first) return
    const from = first.slot.stepTick
    const to = run.at(-1)!.slot.stepTick
    const count = phrases.filter(({ start, end }) => start >= from && end <= to).length
    const slot = slots.get(first.slot.slotKey)!
    if (count > school.breathPhrases)
      found.push({
        ...aboutSlot(slot),
        code: 'voice.breath',
        severity: 'note',
        params: { phrases: count, most: school.breathPhrases, seconds: BREATH_SECONDS, words: run.reduce((sum, { said }) => sum + said.wording.words, 0) },
        repairs: [],
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
