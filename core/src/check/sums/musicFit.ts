import type { Edit } from '../../document/index.ts'
import {
  addPass,
  fitToMusic,
  freshSlot,
  removePass,
  wordsContent,
  type DancedPass,
  type Part,
  type Routine,
} from '../../routine/index.ts'
import { beatsOfTicks, bpmAt, type Seconds, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { passSums } from './passSums.ts'

/** What it finds, with the values of their sentences. */
export interface MusicFitFindings {
  readonly 'sums.music-over': MusicFit
  readonly 'sums.music-short': MusicFit
}
interface MusicFit {
  readonly dance: number
  readonly music: number
  readonly difference: number
  readonly bpm: number
  readonly danceSeconds: number
  readonly musicSeconds: number
  /** The part in which the music stops. */
  readonly part: string | null
}

type Found = FindingOf<MusicFitFindings>

/** Parts against the music: too long, and where the music stops; or music left over. */
export function musicFit(derived: Derived): Found[] {
  const { timeline, musicEnd, clock, beatMap, routine } = derived
  if (musicEnd === null || timeline.openFrom !== null || timeline.lengthTicks === musicEnd)
    return []
  // A sheet with nothing on it is not short: it is not begun.
  if (timeline.slots.length === 0) return []
  if (isToldOfParts(derived)) return []
  const musicSeconds = (clock.heardAt(musicEnd) - clock.heardAt(0 as Tick)) as Seconds
  const bpm = (beatsOfTicks(musicEnd) * 60) / musicSeconds
  const fit = fitToMusic(timeline, bpm, musicSeconds)
  const over = timeline.lengthTicks - musicEnd
  const params = {
    dance: beatsOfTicks(timeline.lengthTicks),
    music: beatsOfTicks(musicEnd),
    difference: Math.abs(beatsOfTicks(over as Tick)),
    bpm: Math.round(bpmAt(beatMap, 0 as Tick) * 10) / 10,
    danceSeconds: Math.round(fit.danceSeconds * 10) / 10,
    musicSeconds: Math.round(musicSeconds * 10) / 10,
    part: fit.stopsIn?.part.label ?? null,
  }
  const last = timeline.slots.at(-1)
  const stop = fit.stopsIn?.slots.find((slot) => slot.end > musicEnd)
  const place = (over > 0 ? stop : last)?.key
  return [
    {
      code: over > 0 ? 'sums.music-over' : 'sums.music-short',
      severity: 'mend',
      subject: routine.id,
      slotKeys: place ? [place] : [],
      at: Math.min(timeline.lengthTicks, musicEnd) as Tick,
      params,
      repairs: wholePasses(derived, over),
    },
  ]
}

/** The dance would end with the music if its parts were as long as they must be. */
function isToldOfParts(derived: Derived): boolean {
  const last = passSums(derived).at(-1)
  const isOff = passSums(derived).some(({ deviation }) => deviation !== 0)
  return isOff && last !== undefined && last.from + last.wantedTicks === derived.musicEnd
}

/**
 * Dropping or repeating one whole pass, where that makes it come out; for music left over also open
 * counts at the end.
 */
function wholePasses({ timeline, routine }: Derived, over: number): Repair[] {
  const single = timeline.passes.filter(
    (pass) => pass.pass.times === 1 && pass.pass.kind === 'pass',
  )
  const repairOf = (pass: DancedPass): Repair =>
    over > 0
      ? {
          code: 'drop-pass',
          params: { part: pass.part.label, time: pass.ordinal },
          edits: removePass(routine, pass.pass.id) ?? [],
        }
      : {
          code: 'repeat-pass',
          params: { part: pass.part.label },
          edits: [{ type: 'set', id: pass.pass.id, field: 'times', from: 1, to: 2 }],
        }
  const fitting = single
    .filter((pass) => pass.end - pass.start === Math.abs(over))
    .slice(-2)
    .map(repairOf)
  return over < 0 ? [...fitting, openEnd(routine, -over)] : fitting
}

/** The time that is left, as an ending of open counts. */
function openEnd(routine: Routine, ticks: number): Repair {
  const id = freshId(routine, 'open-end')
  const part: Part = { id, label: 'End', slots: [freshSlot(`${id}-slot`, wordsContent('', ticks))] }
  const edits: Edit[] = [
    {
      type: 'insert',
      into: { owner: '', list: 'parts' },
      item: part,
      after: routine.parts.at(-1)?.id ?? null,
    },
    ...addPass(`${id}-pass`, id, routine.passes.at(-1)?.id ?? null, 'ending'),
  ]
  return { code: 'add-open', params: { beats: beatsOfTicks(ticks as Tick) }, edits }
}
