import { plannedSeconds, type Planned } from '../../cue/index.ts'
import { setWording, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotsByKey } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface OwnWordsFindings {
  /** Words of the cuer's own that are never said, and what is said in their place. */
  readonly 'voice.own-words': {
    readonly text: string
    readonly instead: string
    /** Seconds, two decimals. */
    readonly needs: number
  }
  /** Words of steps that find no time on their step. */
  readonly 'voice.step': { readonly figure: string; readonly text: string }
}
type Found = FindingOf<OwnWordsFindings>

/**
 * Words that a cuer has written and nobody hears, each once: full words of the cuer's own that fit
 * at none of the times at which they are wanted, and words of steps that the words beside them leave
 * no time.
 */
export const ownWords = (derived: Derived): Found[] => [...neverSaid(derived), ...noStep(derived)]

function neverSaid(derived: Derived): Found[] {
  const slots = slotsByKey(derived.timeline)
  const asked = new Map<string, { readonly slot: DancedSlot; readonly planned: Planned }>()
  const heard = new Set<string>()
  for (const planned of derived.plan.planned) {
    const slot = slots.get(planned.slot.slotKey)!
    const own = ownOf(slot)
    if (own === null || !planned.said || planned.slot.wantedKind !== 'full') continue
    const key = `${slot.slot.id} ${own}`
    if (planned.said.wording.kind === 'full') heard.add(key)
    else if (!asked.has(key)) asked.set(key, { slot, planned })
  }
  return [...asked].flatMap(([key, { slot, planned }]): Found[] => {
    if (heard.has(key) || !planned.said) return []
    const text = ownOf(slot)!
    const instead = planned.said.wording.text
    const shorter = setWording(slot.slot, 'full', instead)
    return [
      {
        ...aboutSlot(slot),
        code: 'voice.own-words',
        severity: 'note',
        params: {
          text,
          instead,
          needs: Math.round(plannedSeconds(derived.voice, text) * 100) / 100,
        },
        repairs: shorter
          ? [{ code: 'shorter-wording', params: { text: instead }, edits: shorter }]
          : [],
      },
    ]
  })
}

/** The full words of the cuer's own; null where the figure's stand. */
const ownOf = ({ slot }: DancedSlot): string | null => slot.wordings?.full ?? null

function noStep({ plan, timeline }: Derived): Found[] {
  const slots = slotsByKey(timeline)
  const dropped = new Map<string, string[]>()
  for (const { slot, said } of plan.extras)
    if (slot.purpose === 'step' && !said) {
      const texts = dropped.get(slot.slotKey) ?? []
      dropped.set(slot.slotKey, [...texts, slot.wordings[0]!.text])
    }
  return [...dropped].map(([key, texts]): Found => {
    const slot = slots.get(key)!
    return {
      ...aboutSlot(slot),
      code: 'voice.step',
      severity: 'note',
      params: { figure: slot.figure?.name ?? '', text: texts.join(', ') },
      repairs: [],
    }
  })
}
