import type { Metre } from '@dellop/core/time'
import {
  anchored,
  counted,
  doubled,
  freed,
  halved,
  nudged,
  offBeat,
  relaid,
  thisIsOne,
  unanchored,
  withBeats,
  type Layout,
  type Tune,
} from '@dellop/core/tune'
import { ref, type Ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import type { TuneDocument } from './tuneDocument.ts'

const say = words.tunes.done

/** What of an open tune its mending needs. */
export type MendedTune = Pick<TuneDocument, 'tune' | 'shown' | 'changeBeats'>

/**
 * What is done to beats by hand on the recording that is looked at. Each is one step to undo;
 * `told` says why one was refused.
 */
export function useMendBeats(
  document_: MendedTune,
  chosenBeat: Ref<number | null>,
  told: Ref<string>,
) {
  /** Where free time begins, while its end is being chosen. */
  const freeFrom = ref<number | null>(null)
  const shown = (): Tune => document_.shown.value!

  const newBpm = (factor: number): number =>
    Math.round(Math.min(400, Math.max(20, shown().bpm * factor)) * 10) / 10
  /** With one recording the phrases go with the beats; another recording is mended to fit them. */
  const layoutWith = (barFactor: number, beatFactor: number): Partial<Layout> =>
    document_.tune.value!.recordings.length > 1
      ? {}
      : relaid(shown(), barFactor, beatFactor, randomId)
  const asMany = (make: typeof doubled, factor: number, label: string): boolean =>
    document_.changeBeats(make, label, () => ({
      ...layoutWith(factor, factor),
      bpm: newBpm(factor),
    }))

  const half = (): boolean => asMany(halved, 0.5, say.half)
  const double = (): boolean => asMany(doubled, 2, say.double)
  const off = (): boolean => document_.changeBeats(offBeat, say.off)
  const nudge = (seconds: number): boolean =>
    document_.changeBeats((map) => nudged(map, seconds), say.nudge)

  function one(beat: number | null): void {
    if (
      beat !== null &&
      document_.changeBeats((map) => thisIsOne(map, shown().metre, beat), say.one)
    )
      chosenBeat.value = null
  }

  function metre(beatsPerBar: number, shift = 0): void {
    const { metre: old } = shown()
    const next: Metre = { ...old, beatsPerBar }
    document_.changeBeats(
      (map) => thisIsOne(map, next, shift),
      say.metre,
      () => ({ metre: next, ...layoutWith(old.beatsPerBar / beatsPerBar, 1) }),
    )
  }

  function moveBeat(beat: number, seconds: number): void {
    if (!document_.changeBeats((map) => anchored(map, beat, seconds), say.anchor))
      told.value = words.tunes.anchorRefused
  }
  const letGo = (beat: number): boolean =>
    document_.changeBeats((map) => unanchored(map, beat), say.anchorFree)

  /** The first call begins free time, the second ends it. */
  function free(beat: number): void {
    const from = freeFrom.value
    if (from === null) {
      freeFrom.value = beat
      told.value = words.tunes.freeTold
      return
    }
    freeFrom.value = null
    const done = document_.changeBeats(
      (map) => freed(map, from, beat),
      say.free,
      (tune) => withBeats(tune, tune.metre, from, from - beat) ?? {},
    )
    told.value = done ? '' : words.tunes.freeRefused
    chosenBeat.value = null
  }
  function countAgain(index: number, atBeat: number): void {
    const map = document_.shown.value?.recordings[0]?.beatMap
    const found = map && counted(map, index)
    if (found)
      document_.changeBeats(
        () => found.map,
        say.counted,
        (tune) => withBeats(tune, tune.metre, atBeat, found.beats) ?? {},
      )
  }

  return {
    freeFrom,
    layoutWith,
    half,
    double,
    off,
    nudge,
    one,
    metre,
    moveBeat,
    letGo,
    free,
    countAgain,
  }
}
export type MendBeats = ReturnType<typeof useMendBeats>
