import { danceFloor, type DanceFloor } from './crowding.ts'
import { ROLES, stepsPerSecond, type FigureBook } from '../figure/index.ts'
import { sameDances, unfold, NO_MUSIC, type Named, type Routine } from '../routine/index.ts'
import { musicOn } from '../sheet/index.ts'
import { keptDanceName, type Tune } from '../tune/index.ts'
import { secondsAt, steadyBeatMap, TICKS_PER_BEAT, type Tick } from '../time/index.ts'

/** A dance on one recording: whether it is heard, how fast, and how long from end to end. */
export interface MusicFacts {
  readonly hasSound: boolean
  readonly bpm: number
  /** From the first to the last sound, at tempo: the recording, or what is danced. */
  readonly seconds: number
}
export interface RecordingFacts extends MusicFacts {
  readonly id: string
  readonly name: string
}

/** What a programme has to know of a dance. Its music is what the sheet is timed on. */
export interface DanceFacts extends MusicFacts {
  readonly sheetId: string
  readonly title: string
  readonly by: string
  /** The kind of dance, such as waltz. */
  readonly dance: string
  readonly formation: string
  readonly level: string | null
  readonly tuneId: string | null
  /** What it can be danced to, where its tune has more than one recording; else none. */
  readonly recordings: readonly RecordingFacts[]
  readonly archived: boolean
  /** Steps a second of the busier role, and full turns a minute. */
  readonly stepsASecond: number
  readonly turnsAMinute: number
  /** Dancers that it asks for at least. */
  readonly dancers: number
  /** How it takes a floor; null where that is nowhere said. */
  readonly floor: DanceFloor | null
  /** Other sheets of the same dance: under another name, a version of it, or for one role. */
  readonly sameAs: readonly string[]
  readonly figures: readonly {
    readonly id: string
    readonly name: string
    readonly times: number
  }[]
}

/** So many steps a second, or turns a minute, and a dance is hard work. */
const QUICK_PER_SECOND = 2
const TURNING_PER_MINUTE = 10

/** Fast, turning, or both: what bodies want rest after. */
export const isHardWork = ({ stepsASecond, turnsAMinute }: DanceFacts): boolean =>
  stepsASecond >= QUICK_PER_SECOND || turnsAMinute >= TURNING_PER_MINUTE

/** From 0 for standing to 1 for a quick polka: how much a dance asks of the body. */
export const effortOf = ({ stepsASecond, turnsAMinute }: DanceFacts): number =>
  Math.min(1, (0.75 * stepsASecond) / 2.6 + (0.25 * turnsAMinute) / 16)

/** The music that an item of a programme is danced to: its own recording, or the sheet's. */
export const musicFor = (
  one: DanceFacts,
  { recordingId }: { readonly recordingId?: string | undefined },
): MusicFacts => one.recordings.find(({ id }) => id === recordingId) ?? one

/** Beats a minute that an item of a programme is danced at, whole. */
export const tempoFor = (
  one: DanceFacts,
  item: { readonly recordingId?: string | undefined; readonly speed?: number | undefined },
): number => Math.round(musicFor(one, item).bpm * (item.speed ?? 1))

function onRecording(
  routine: Routine,
  book: FigureBook,
  tune: Tune | null,
  recordingId: string | null,
) {
  const on = tune && musicOn(tune, recordingId)
  const recording = on?.tune.recordings[0] ?? null
  const beatMap = recording?.beatMap ?? steadyBeatMap(routine.bpm)
  const { slots, lengthTicks } = unfold(routine, book, { music: on?.music ?? NO_MUSIC })
  const first = (on?.tune.danceStart ?? 0) as Tick
  const danced = secondsAt(beatMap, (first + lengthTicks) as Tick) - secondsAt(beatMap, first)
  const beats = lengthTicks / TICKS_PER_BEAT
  const facts: MusicFacts = {
    hasSound: recording?.media != null,
    bpm: Math.round(danced > 0 ? (60 * beats) / danced : routine.bpm),
    seconds: recording?.durationSeconds ?? danced,
  }
  return { slots, danced, facts }
}

/** The dance on each recording of its tune, where there is a choice. */
function recordingsOf(routine: Routine, book: FigureBook, tune: Tune | null): RecordingFacts[] {
  if (!tune || tune.recordings.length < 2) return []
  return tune.recordings.map(({ id, name }) => ({
    id,
    name,
    ...onRecording(routine, book, tune, id).facts,
  }))
}

/** The facts of a sheet, without planning a word of it. */
export function danceFacts(routine: Routine, book: FigureBook, tune: Tune | null): DanceFacts {
  const { slots, danced, facts } = onRecording(routine, book, tune, routine.recordingId)
  const steps = Math.max(
    ...ROLES.map((role) =>
      slots.reduce((sum, { danced: one, lengthTicks: length }) => {
        if (!one || length === 0) return sum
        const own = stepsPerSecond(one.steps[role], length, 60)
        return sum + Math.round((own * length) / TICKS_PER_BEAT)
      }, 0),
    ),
    0,
  )
  const turned = slots.reduce(
    (sum, { danced: one }) =>
      sum + (one?.steps.follow.reduce((own, { turn }) => own + Math.abs(turn), 0) ?? 0),
    0,
  )
  const times = new Map<string, { name: string; times: number }>()
  for (const { figure } of slots) {
    if (!figure) continue
    const before = times.get(figure.id)
    times.set(figure.id, { name: figure.name, times: (before?.times ?? 0) + 1 })
  }
  return {
    sheetId: routine.id,
    title: routine.title,
    by: routine.by ?? '',
    dance: keptDanceName(routine.dance),
    formation: routine.formation ?? 'couple',
    level: routine.level ?? null,
    tuneId: routine.tuneId,
    ...facts,
    recordings: recordingsOf(routine, book, tune),
    archived: routine.archived === true,
    stepsASecond: danced > 0 ? steps / danced : 0,
    turnsAMinute: danced > 0 ? (turned / 8 / danced) * 60 : 0,
    dancers: dancersOf(routine),
    floor: danceFloor(routine),
    sameAs: [],
    figures: [...times].map(([id, one]) => ({ id, ...one })),
  }
}

/** The same facts, each with the other sheets of its dance. */
export function withSameDances(
  dances: readonly DanceFacts[],
  shelf: readonly Named[],
): readonly DanceFacts[] {
  const same = sameDances(shelf)
  return dances.map((one) => {
    const sameAs = same.get(one.sheetId)
    return sameAs ? { ...one, sameAs } : one
  })
}

/** Who has to be there for it: a set, a ring of so many, a couple, one. */
function dancersOf({ formation, couples }: Routine): number {
  if (formation === 'set' || formation === 'ring') return 2 * (couples ?? 4)
  return formation === 'lines' || formation === 'solo' ? 1 : 2
}
