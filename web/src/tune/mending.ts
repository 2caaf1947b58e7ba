import { beatMapOfHeard, choicesOf, tuneOfHeard } from '@dellop/core/file'
import type { Metre } from '@dellop/core/time'
import {
  anchored,
  counted,
  danceTempo,
  doubled,
  freed,
  fromTaps,
  halved,
  nudged,
  offBeat,
  relaid,
  retapped,
  tapDelay,
  thisIsOne,
  unanchored,
  withBeats,
  type Layout,
  type Tune,
} from '@dellop/core/tune'
import { ref, type Ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { listenInWorker } from '../workers/listening.ts'
import { heardNear } from './hearAgain.ts'
import type { TuneDocument } from './tuneDocument.ts'

const say = words.tunes.done
/** Two tempi closer than this, as a share, are the same. */
const SAME_TEMPO = 0.04

/**
 * All that can be done to the beats of the recording that is looked at. Each is one step to undo;
 * `told` says why one was refused.
 */
export function useMending(
  document_: TuneDocument,
  buffer: Ref<AudioBuffer | null>,
  chosenBeat: Ref<number | null>,
  told: Ref<string>,
) {
  const listening = ref(false)
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

  async function whileListening(work: () => Promise<void>): Promise<void> {
    listening.value = true
    try {
      await work()
    } finally {
      listening.value = false
    }
  }

  /**
   * The tapper's own delay, from the sound around the taps; what is usual where that does not tell.
   */
  const delayOf = (taps: readonly number[]): number | undefined =>
    (buffer.value && tapDelay(buffer.value.getChannelData(0), buffer.value.sampleRate, taps)) ??
    undefined

  /**
   * The recording is listened to again near the tapped tempo; where nothing is heard there, the
   * taps themselves stand.
   */
  async function listenNear(taps: readonly number[]): Promise<boolean> {
    const tapped = fromTaps(taps, delayOf(taps))
    const sound = buffer.value
    if (!tapped || !sound) return false
    const [a, b] = tapped.segments[0]!.anchors as [
      { beat: number; seconds: number },
      { beat: number; seconds: number },
    ]
    const bpm = (60 * (b.beat - a.beat)) / (b.seconds - a.seconds)
    await whileListening(async () => {
      const map = await heardNear(sound, tapped)
      const factor = bpm / shown().bpm
      const nearest = [0.5, 1, 2].find((one) => Math.abs(Math.log2(factor / one)) < 0.2) ?? 1
      told.value = words.tunes.tapTempo(Math.round(bpm))
      document_.changeBeats(
        () => map,
        say.taps,
        () => ({
          bpm: Math.round(bpm * 10) / 10,
          ...(nearest === 1 ? {} : layoutWith(nearest, nearest)),
        }),
      )
    })
    return true
  }

  function retap(taps: readonly number[]): boolean {
    const done = document_.changeBeats((map) => retapped(map, taps, delayOf(taps)), say.retap)
    if (!done) told.value = words.tunes.retapRefused
    return done
  }

  /**
   * Listens again within a range of tempo and with a known bar; beats, bars and phrases are then as
   * newly heard.
   */
  async function listenAgain(
    range: readonly [number, number],
    beatsPerBar: number | null,
  ): Promise<void> {
    const sound = buffer.value
    if (!sound) return
    await whileListening(async () => {
      const { heard, sentence } = await listenInWorker(
        sound,
        { range, beatsPerBar },
        new AbortController().signal,
      )
      if (!heard) return void (told.value = sentence ?? words.trouble.server)
      const fresh = tuneOfHeard(
        heard,
        { title: 'x', fileName: '', media: '', durationSeconds: 0, dance: shown().dance },
        randomId,
      )
      const alone = document_.tune.value!.recordings.length === 1
      document_.changeBeats(
        () => beatMapOfHeard(heard),
        say.again,
        () =>
          alone
            ? {
                metre: fresh.metre,
                bpm: fresh.bpm,
                sections: fresh.sections,
                danceStart: fresh.danceStart,
              }
            : {},
        choicesOf(heard),
      )
    })
  }

  /**
   * Another tempo that was heard: where it is a plain multiple it is only counted otherwise, else
   * it is listened for.
   */
  async function pickTempo(bpm: number): Promise<void> {
    const ratio = bpm / shown().bpm
    const like = (factor: number): boolean => Math.abs(ratio / factor - 1) < SAME_TEMPO
    if (like(2)) return void double()
    if (like(0.5)) return void half()
    await listenAgain([bpm * (1 - SAME_TEMPO), bpm * (1 + SAME_TEMPO)], null)
  }

  async function listenAsDance(): Promise<void> {
    const usual = danceTempo(shown().dance)
    if (usual) await listenAgain(usual.range, usual.metre.beatsPerBar)
  }

  return {
    listening,
    freeFrom,
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
    listenNear,
    retap,
    pickTempo,
    listenAsDance,
  }
}
export type Mending = ReturnType<typeof useMending>
