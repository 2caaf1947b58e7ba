import { beatMapOfHeard, choicesOf, tuneOfHeard } from '@dellop/core/file'
import {
  beatsNearTaps,
  countingFactor,
  danceTempo,
  fromTaps,
  rangeAround,
  retapped,
  tapDelay,
  tapTempo,
  type Tune,
} from '@dellop/core/tune'
import { ref, type Ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import type { listenInWorker } from '../workers/listening.ts'
import type { MendBeats, MendedTune } from './mendBeats.ts'

const say = words.tunes.done
/** Two tempi closer than this, as a share, are the same. */
const SAME_TEMPO = 0.04

/** What the ear is told: to what sound it listens, with what, and where it says why it could not. */
export interface Ear {
  readonly buffer: Ref<AudioBuffer | null>
  readonly told: Ref<string>
  readonly listen: typeof listenInWorker
}

/**
 * Listening once more to the recording that is looked at: near taps, in another tempo, as the
 * dance usually goes. Each is one step to undo.
 */
export function useListenAgain(
  document_: MendedTune,
  { layoutWith, double, half }: Pick<MendBeats, 'layoutWith' | 'double' | 'half'>,
  { buffer, told, listen }: Ear,
) {
  const listening = ref(false)
  const shown = (): Tune => document_.shown.value!
  const heardOf = (sound: AudioBuffer, wish: Parameters<typeof listen>[1]) =>
    listen(sound, wish, new AbortController().signal)

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
    const bpm = tapTempo(tapped)
    await whileListening(async () => {
      const { heard } = await heardOf(sound, { range: rangeAround(tapped) })
      const map = beatsNearTaps(heard, tapped)
      const nearest = countingFactor(bpm, shown().bpm)
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
      const { heard, sentence } = await heardOf(sound, { range, beatsPerBar })
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

  return { listening, listenNear, retap, pickTempo, listenAsDance }
}
