import { fitToMusic, unfold, type Routine } from '../routine/index.ts'
import type { FigureBook } from '../figure/index.ts'
import { beatsOfTicks, type Seconds } from '../time/index.ts'
import { tuneBpm, type Tune } from '../tune/index.ts'
import { musicOn } from './musicOn.ts'

/** How one tune of the shelf would carry a sheet. */
export interface TuneFit {
  readonly tune: Tune
  readonly sameMetre: boolean
  /** Beats of music for it, beats danced, and how many the dance is longer. */
  readonly musicBeats: number
  readonly danceBeats: number
  readonly overBeats: number
  /** Passes that begin on a phrase of the music, of all. */
  readonly onPhrase: number
  readonly passes: number
  /** Passes that begin a section whose label another part has begun. */
  readonly unlike: number
  readonly bpm: number
  /** How much quicker it is than the sheet was written for, in a hundred; negative for slower. */
  readonly quicker: number
  /** What speaks against it, added up; 0 for a tune that carries it as it stands. */
  readonly cost: number
}

/**
 * A count too many or too few costs as much as one hundredth of tempo; another metre as much as a
 * whole dance.
 */
const COST = { metre: 10_000, beat: 1, offPhrase: 8, unlike: 6, tempo: 1 } as const

/**
 * The tunes that would carry a sheet, best first, each with the sum of what would be other. Tunes
 * without phrases are left out.
 */
export function tunesFor(routine: Routine, book: FigureBook, tunes: readonly Tune[]): TuneFit[] {
  return tunes
    .flatMap((tune) => fitOf(routine, book, tune) ?? [])
    .sort((a, b) => a.cost - b.cost || a.tune.title.localeCompare(b.tune.title))
}

function fitOf(routine: Routine, book: FigureBook, tune: Tune): TuneFit | null {
  const { tune: on, music } = musicOn(tune, tune.recordings[0]?.id ?? null)
  if (music.end === null) return null
  const timeline = unfold(routine, book, { music })
  const bpm = tuneBpm(on)
  const musicBeats = beatsOfTicks(music.end)
  const { overBeats, danceBeats } = fitToMusic(timeline, bpm, ((musicBeats * 60) / bpm) as Seconds)
  const lines = new Set([
    0,
    ...music.phrases.map(({ start }) => start as number),
    ...music.phrases.map(({ end }) => end as number),
  ])
  const onPhrase = timeline.passes.filter(({ start }) => lines.has(start)).length
  const sameMetre = tune.metre.beatsPerBar === routine.metre.beatsPerBar
  const quicker = Math.round((bpm / routine.bpm - 1) * 100)
  const partAt = new Map<string, string>()
  const unlike = timeline.passes.filter(({ start, part }) => {
    const label = music.sections.find((section) => section.start === start)?.label
    if (label === undefined) return false
    const before = partAt.get(label)
    if (before === undefined) partAt.set(label, part.id)
    return before !== undefined && before !== part.id
  }).length
  const over = Math.round(overBeats * 100) / 100
  const cost =
    (sameMetre ? 0 : COST.metre) +
    Math.abs(over) * COST.beat +
    (timeline.passes.length - onPhrase) * COST.offPhrase +
    unlike * COST.unlike +
    Math.abs(quicker) * COST.tempo
  return {
    tune,
    sameMetre,
    musicBeats,
    danceBeats,
    overBeats: over,
    onPhrase,
    passes: timeline.passes.length,
    unlike,
    bpm: Math.round(bpm * 10) / 10,
    quicker,
    cost,
  }
}
