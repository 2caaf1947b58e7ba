import { freeFoot, type CoupleState } from '../figure/index.ts'
import type { Formation, Timeline } from '../routine/index.ts'
import type { School } from '../school/index.ts'
import { type Tick } from '../time/index.ts'
import { AROUND } from './aroundWords.ts'
import type { CueSlot, Wording } from './cueSlot.ts'
import { gapSlot } from './gapSlot.ts'
import { LANGUAGES } from './language.ts'
import { stepTickOf, wording } from './wording.ts'

/** Music before the first step, as far as it is known. */
export interface Introduction {
  readonly bars: number
  /** The landmark on which the dance begins, where there is one. */
  readonly landmark: string | null
}

export interface OpeningWish {
  readonly language: 'en' | 'de'
  readonly school: Pick<School, 'prompts'>
  readonly formation: Formation | undefined
  readonly roles: Readonly<Record<'lead' | 'follow', string>>
  readonly introduction: Introduction | null
  /** Ticks before the first step in which may be spoken, above 0. */
  readonly roomTicks: Tick
  readonly barTicks: Tick
}

/** From so many bars of introduction on there is something to wait for. */
const LEAST_BARS = 2
/** Bars in which it has to be said how many there are. */
const WAIT_BARS = 1.5
/** Bars before the first step at which "ready" is said, where the introduction has twice as many. */
const READY_BARS = 2

/**
 * What is said before the first cue, in this order and as much of it as fits: how long to wait,
 * while the bars are still whole; hold, facing and free foot; what to listen for; and, where no
 * count-in is spoken, that it begins.
 */
export function openingSlots({ slots: [first] }: Timeline, wish: OpeningWish): CueSlot[] {
  if (!first) return []
  const { school, introduction, language, roomTicks, barTicks } = wish
  const data = LANGUAGES[language]
  const has = (kind: School['prompts'][number]): boolean => school.prompts.includes(kind)
  const step = stepTickOf(first)
  const start = -roomTicks as Tick
  const said: { readonly wordings: readonly Wording[]; readonly from: Tick; to?: Tick }[] = []
  const bars = Math.floor(introduction?.bars ?? 0)
  if (has('wait') && bars >= LEAST_BARS)
    said.push({
      wordings: [wording('full', data.wait(bars))],
      from: start,
      // Later it would be less than that.
      to: (start + WAIT_BARS * barTicks) as Tick,
    })
  if (has('position')) said.push({ wordings: positionWordings(first.before, wish), from: start })
  if (has('listen') && introduction?.landmark != null)
    said.push({ wordings: [wording('full', data.listen(introduction.landmark))], from: start })
  if (has('ready') && !has('count-in') && bars >= 2 * READY_BARS)
    said.push({
      wordings: [wording('full', AROUND[language].ready)],
      from: (-READY_BARS * barTicks) as Tick,
    })
  return said
    .filter(({ wordings }) => wordings.length > 0)
    .map(({ wordings, from, to = step }, i) =>
      gapSlot({ key: `opening#${i}`, slotKey: first.key, wordings, from, to, tells: 'around' }),
    )
}

/** Where everybody stands, the longest wording first. */
function positionWordings(start: CoupleState, wish: OpeningWish): Wording[] {
  const hold = holdWords(start, wish)
  const facing = facingWords(start, wish)
  const foot = footWords(start, wish)
  const texts = [[hold, facing, foot], [hold, facing], [hold || facing || foot]].map((parts) =>
    parts.filter((part) => part !== '').join(', '),
  )
  return texts
    .filter((text, i) => text !== '' && texts.indexOf(text) === i)
    .map((text, i) => wording((['full', 'short', 'keyWord'] as const)[i]!, text))
}

const holdWords = ({ hold }: CoupleState, { language }: OpeningWish): string =>
  hold === 'none' ? '' : AROUND[language].hold(hold)

/** The front goes without saying in lines, and so does the centre in a ring and in a set. */
function facingWords(start: CoupleState, { formation, language }: OpeningWish): string {
  const { facing } = start.lead
  if (formation === 'set' || formation === 'ring') return ''
  const isLine = formation === 'lines' || formation === 'solo'
  if (isLine && facing === 0) return ''
  return AROUND[language].facing(facing, isLine ? 'clock' : 'hall')
}

/** Of both where they have the same foot free; else the lead's, for the follow has the other. */
function footWords({ lead, follow }: CoupleState, { language, roles }: OpeningWish): string {
  const foot = freeFoot(lead.weight)
  if (foot === null) return ''
  return AROUND[language].free(foot, lead.weight === follow.weight ? null : roles.lead)
}
