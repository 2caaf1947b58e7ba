import { CHECKS, withRepair, type Derived, type Finding } from '../check/index.ts'
import {
  heardClock,
  knownBy,
  planRoutine,
  type Known,
  type Plan,
  type PlanCache,
  type PlanInput,
  type Voice,
} from '../cue/index.ts'
import { track } from '../floor/index.ts'
import type { FigureBook } from '../figure/index.ts'
import type { Group } from '../group/index.ts'
import {
  NO_MUSIC,
  rolesOf,
  slowOf,
  unfold,
  usualPhraseTicks,
  type Choices,
  type Routine,
  type Timeline,
  type UnfoldCache,
} from '../routine/index.ts'
import { countedFrom, type School } from '../school/index.ts'
import {
  layPhrases,
  steadyBeatMap,
  ticksPerBar,
  type BeatMap,
  type PhraseSpan,
  type Tick,
} from '../time/index.ts'
import type { Recording, Tune } from '../tune/index.ts'
import { musicOn } from './musicOn.ts'

/** All a sheet depends on. */
export interface SheetInput {
  readonly routine: Routine
  readonly book: FigureBook
  readonly school: School
  readonly voice: Voice
  readonly tune: Tune | null
  /** The group that will dance it; nobody in particular where left out. */
  readonly group?: Group | null
  /** What settles open lengths and fills; nothing where left out. */
  readonly choices?: Choices
  /** How often the group has danced it before, for schools whose words fade; 0 where left out. */
  readonly known?: Known
  /** Seconds that echo or a noisy floor add to every lead; 0 where left out. */
  readonly hallSeconds?: number
}

/**
 * What was derived before, so that an edit derives only what it touches. Keep one for each sheet.
 */
export interface SheetCache {
  readonly passes: UnfoldCache
  readonly plan: PlanCache
}
/** A cache for the stages of one sheet. */
export const sheetCache = (): SheetCache => ({ passes: new Map(), plan: { last: null } })

/** A sheet with everything that follows from it. */
export interface Sheet extends Derived {
  /** The recording the sheet is timed on; null where only a tempo is given. */
  readonly recording: Recording | null
  /** The recording's tick of the first danced step. */
  readonly firstStep: Tick
  readonly findings: readonly ListedFinding[]
  /** How often the group has danced it before. */
  readonly known: Known
}

/** A finding with the cuer's reason where it is overruled. */
export type ListedFinding = Finding & { readonly overruled: string | null }

/**
 * Joins the stages: unfold, plan, check. Pure; pass the same cache again and only what an edit
 * touched is unfolded anew.
 */
export function deriveSheet(input: SheetInput, cache?: SheetCache): Sheet {
  const { routine, book, voice } = input
  const school = countedFrom(input.school, routine.countFrom)
  const on = input.tune && musicOn(input.tune, routine.recordingId)
  const tune = on?.tune ?? null
  const recording = tune?.recordings[0] ?? null
  const beatMap = recording?.beatMap ?? evenBeatMap(routine.bpm)
  const firstStep = (tune?.danceStart ?? 0) as Tick
  const music = on?.music ?? NO_MUSIC
  const timeline = unfold(routine, book, {
    music,
    ...(cache ? { cache: cache.passes } : {}),
    ...(input.choices ? { choices: input.choices } : {}),
  })
  const known = input.known ?? 0
  const hallSeconds = input.hallSeconds ?? 0
  const plan = planRoutine(
    planInput({
      routine,
      timeline,
      school,
      voice,
      beatMap,
      firstStep,
      known,
      hallSeconds,
      tune,
      group: input.group ?? null,
      musicEnd: music.end,
    }),
    1,
    cache?.plan,
  )
  const derived: Derived = {
    routine,
    book,
    school,
    voice,
    tune,
    group: input.group ?? null,
    beatMap,
    timeline,
    track: routine.places ? track(timeline, routine.places) : null,
    plan,
    hallSeconds,
    clock: heardClock(beatMap, firstStep, 1),
    music,
    phrases: music.phrases.length > 0 ? music.phrases : usualPhrases(routine, timeline),
    musicEnd: music.end,
  }
  const findings = once(CHECKS.flatMap((check) => check(derived))).map((finding) => ({
    ...withRepair(derived, finding),
    overruled: reasonFor(routine, finding),
  }))
  return { ...derived, recording, firstStep, known, findings: findings.sort((a, b) => a.at - b.at) }
}

/**
 * The sheet's cues at a speed of 0.5 to 1.5: the wordings it has, at the moments of that speed.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export const planAt = (sheet: Sheet, speed: number): Plan =>
  speed === 1 ? sheet.plan : planRoutine(planInput(sheet), speed)

/**
 * The sheet's cues planned again at a speed, where something that it was planned on has changed
 * since.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export const planAnew = (sheet: Sheet, speed = 1): Plan => planRoutine(planInput(sheet), speed)

type Planning = Pick<
  Sheet,
  | 'routine'
  | 'timeline'
  | 'school'
  | 'voice'
  | 'beatMap'
  | 'firstStep'
  | 'known'
  | 'hallSeconds'
  | 'tune'
  | 'group'
  | 'musicEnd'
>

function planInput({
  routine,
  timeline,
  school,
  voice,
  beatMap,
  firstStep,
  known,
  hallSeconds,
  tune,
  group,
  musicEnd,
}: Planning): PlanInput {
  const bars = firstStep / ticksPerBar(routine.metre)
  const landmark =
    tune?.landmarks.find(({ kind, at }) => kind === 'start' && at === firstStep)?.text ?? null
  const { calling, formation } = routine
  return {
    timeline,
    school,
    voice,
    beatMap,
    firstStep,
    known: knownBy(group, known),
    phraseTicks: usualPhraseTicks(routine),
    calling,
    formation,
    hallSeconds,
    ...(tune ? { introduction: { bars, landmark } } : {}),
    barTicks: ticksPerBar(routine.metre),
    musicEnd,
    slowTicks: routine.unit === 'slow-quick' ? slowOf(routine).slow : null,
    roles: rolesOf(routine, school),
  }
}

let even: { readonly bpm: number; readonly map: BeatMap } | null = null
/**
 * The beats of an even tempo; the same as last time for the same tempo, so that what was planned on
 * them is known again.
 */
function evenBeatMap(bpm: number): BeatMap {
  if (even?.bpm !== bpm) even = { bpm, map: steadyBeatMap(bpm) }
  return even.map
}

/**
 * Without a tune a pass is held to usual phrases, as many as come nearest, while a bridge, a fill,
 * an entrance or an ending is a phrase of its own.
 */
function usualPhrases(routine: Routine, timeline: Timeline): PhraseSpan[] {
  const bar = ticksPerBar(routine.metre)
  const usual = usualPhraseTicks(routine)
  const lengths = timeline.passes.flatMap((pass) => {
    const length = pass.end - pass.start
    return pass.pass.kind === 'pass'
      ? Array<number>(Math.max(1, Math.round(length / usual))).fill(usual / bar)
      : [length / bar]
  })
  return layPhrases(routine.metre, lengths, 0 as Tick)
}

/**
 * What is so every time a part is danced is one finding, where it comes first, with all the places
 * it concerns.
 */
function once(findings: readonly Finding[]): Finding[] {
  const found = new Map<string, Finding>()
  for (const finding of findings) {
    const key = `${finding.code} ${finding.subject}`
    const before = found.get(key)
    if (!before) found.set(key, finding)
    else if (before.slotKeys[0] !== finding.slotKeys[0])
      found.set(key, { ...before, slotKeys: [...before.slotKeys, ...finding.slotKeys] })
  }
  return [...found.values()]
}

function reasonFor(routine: Routine, finding: Finding): string | null {
  return (
    routine.overrules.find((one) => one.code === finding.code && one.subject === finding.subject)
      ?.reason ?? null
  )
}
