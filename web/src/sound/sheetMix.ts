import { utterancesOf } from '@dellop/core/cue'
import { cueLines, spokenCounts, type Sheet } from '@dellop/core/sheet'
import { secondsAt, TICKS_PER_BEAT, ticksPerBar, type Tick } from '@dellop/core/time'
import { heardClock } from '@dellop/core/cue'
import type { Mix, MixLevels } from './mix.ts'
import type { Said } from './speech.ts'

/** What is wanted of a hearing: which stretch, how fast, what sounds beside the voice. */
export interface HearingWish {
  /** Ticks of the dance, or the whole with its introduction. */
  readonly stretch: { readonly start: Tick; readonly end: Tick } | null
  readonly speed: number
  readonly voice: boolean
  readonly marks: 'none' | 'clicks' | 'count'
  readonly levels: MixLevels
  readonly apart: boolean
}

/** A cue before the music, under the count-in, needs so much before it. */
const BEFORE_SECONDS = 0.3
/** What sounds after the last step of a stretch. */
const AFTER_SECONDS = 0.6

/** All texts that a hearing says: cues, and counts where they are spoken. */
export function textsOf(sheet: Sheet, { voice, marks, speed }: HearingWish): string[] {
  return [
    ...(voice ? cueLines(sheet, speed).map(({ text }) => text) : []),
    ...(marks === 'count' ? countsOf(sheet).map(({ text }) => text) : []),
  ]
}

/** Every wording that the planner weighs, so that all of them can be measured. */
export const weighedTexts = ({ plan }: Sheet): string[] => [
  ...new Set(
    [...plan.planned, ...plan.extras].flatMap(({ slot }) => slot.wordings.map(({ text }) => text)),
  ),
]

/** The counts of a hearing: all that no words cover, whatever the sheet says of the mouth. */
const countsOf = (sheet: Sheet) =>
  spokenCounts({
    ...sheet,
    routine: { ...sheet.routine, calling: { ...sheet.routine.calling, mouth: 'both' } },
  })

/** Lays a sheet out for the ears: its cues as they are planned at that speed, over its music. */
export function hearingMix(
  sheet: Sheet,
  wish: HearingWish,
  music: AudioBuffer | null,
  said: ReadonlyMap<string, Said>,
): Mix {
  const clock = heardClock(sheet.beatMap, sheet.firstStep, wish.speed)
  const cues = wish.voice ? cueLines(sheet, wish.speed) : []
  const counts =
    wish.marks === 'count'
      ? countsOf(sheet).map(({ at, text }) => ({ at: clock.heardAt(at), text }))
      : []
  const spoken = [...cues.map(({ startSeconds, text }) => ({ at: startSeconds, text })), ...counts]
    .flatMap(({ at, text }) => (said.has(text) ? [{ at, said: said.get(text)! }] : []))
    .sort((a, b) => a.at - b.at)
  // Nothing lies before the music unless a cue does.
  const begins = spoken[0] && spoken[0].at < 0 ? spoken[0].at - BEFORE_SECONDS : 0
  const musicEnd = music
    ? music.duration / wish.speed
    : clock.heardAt(sheet.timeline.lengthTicks) + AFTER_SECONDS
  const [from, to] = wish.stretch
    ? stretchSeconds(sheet, wish)
    : [begins, Math.max(musicEnd, lastSound(sheet, wish.speed) + AFTER_SECONDS)]
  return {
    music,
    speed: wish.speed,
    from,
    to,
    spoken,
    clicks: wish.marks === 'clicks' ? clicksOf(sheet, wish.speed) : [],
    levels: wish.levels,
    apart: wish.apart,
  }
}

/** The end of the dance, or of what is said after it. */
const lastSound = (sheet: Sheet, speed: number): number =>
  Math.max(
    heardClock(sheet.beatMap, sheet.firstStep, speed).heardAt(sheet.timeline.lengthTicks),
    ...cueLines(sheet, speed).map(({ endSeconds }) => endSeconds),
  )

/** A stretch sounds from its first cue, which comes before its first step. */
function stretchSeconds(sheet: Sheet, { stretch, speed }: HearingWish): [number, number] {
  const clock = heardClock(sheet.beatMap, sheet.firstStep, speed)
  const keys = new Set(
    sheet.timeline.slots
      .filter(({ start }) => start >= stretch!.start && start < stretch!.end)
      .map(({ key }) => key),
  )
  const own = cueLines(sheet, speed).filter(({ slotKey }) => keys.has(slotKey))
  const begins = Math.min(
    clock.heardAt(stretch!.start),
    ...own.map(({ startSeconds }) => startSeconds),
  )
  return [begins - BEFORE_SECONDS, clock.heardAt(stretch!.end) + AFTER_SECONDS]
}

function clicksOf({ beatMap, firstStep, timeline, routine }: Sheet, speed: number): Mix['clicks'] {
  const bar = ticksPerBar(routine.metre)
  const beats = Math.ceil(timeline.lengthTicks / TICKS_PER_BEAT)
  return Array.from({ length: beats }, (_, i) => ({
    at: secondsAt(beatMap, (i * TICKS_PER_BEAT + firstStep) as Tick) / speed,
    strong: (i * TICKS_PER_BEAT) % bar === 0,
  }))
}

/** What is being said at a heard moment of a hearing, or was last. */
export function saidAt(sheet: Sheet, speed: number, heard: number): string | null {
  if (speed === 1)
    return (
      utterancesOf(sheet.plan).findLast(({ said }) => said.start <= heard)?.said.wording.text ??
      null
    )
  return cueLines(sheet, speed).findLast(({ startSeconds }) => startSeconds <= heard)?.text ?? null
}
