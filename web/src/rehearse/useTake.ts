import type { PreparedCall } from '@dellop/core/call'
import { heardClock } from '@dellop/core/cue'
import {
  scoreTake,
  simulateFloor,
  utterancesOf,
  type FloorRun,
  type FloorSettings,
  type HeardCue,
  type SpokenSpan,
} from '@dellop/core/rehearse'
import { tickAt, type Seconds, type Tick } from '@dellop/core/time'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { useLongWork } from '../app/longWork.ts'
import { useLibrary } from '../app/library.ts'
import { useStandIn } from '../app/voices.ts'
import { wakeAudio } from '../sound/audioContext.ts'
import { USUAL_LEVELS } from '../sound/mix.ts'
import { mixPlayer } from '../sound/mixPlayer.ts'
import { decodeRecording } from '../sound/recording.ts'
import { hearingMix, textsOf, type HearingWish } from '../sound/sheetMix.ts'
import type { Said } from '../sound/speech.ts'
import { words } from '../words/index.ts'

/** Who speaks in a take: the cuer, a key held as long, or the stand-in while the cuer listens. */
export type Speaker = 'key' | 'stand-in'
export interface TakeWish {
  readonly stretch: { readonly start: Tick; readonly end: Tick } | null
  readonly speed: number
  readonly speaker: Speaker
  readonly clicks: boolean
}
const NO_SPANS: readonly SpokenSpan[] = []
/** A run of the floor over a stretch of it alone, in seconds. */
function between({ slots }: FloorRun, from: number, to: number): FloorRun {
  const own = slots.filter(({ start, end }) => start >= from - 1e-6 && end <= to)
  const length = own.reduce((sum, { start, end }) => sum + end - start, 0)
  const right = own.reduce((sum, one) => sum + one.right * (one.end - one.start), 0)
  return { slots: own, right: length === 0 ? 1 : right / length }
}
/** A touch shorter than this is no word. */
const SHORTEST_SECONDS = 0.08

/**
 * One take: the music plays, what is said is noted by the audio clock, and score and floor follow
 * from it, while it goes on and afterwards.
 */
export function useTake(
  call: () => PreparedCall | null,
  settings: () => FloorSettings,
  seed: () => number,
) {
  const library = useLibrary()
  const standIn = useStandIn()
  const { working, failure, told, doing, isBusy, cancel } = useLongWork({
    begun: words.rehearse.preparing,
    stopped: words.rehearse.stopped,
    failed: words.rehearse.failed,
  })
  const spans = shallowRef<readonly SpokenSpan[]>(NO_SPANS)
  const openSince = ref<number | null>(null)
  const wish = shallowRef<TakeWish | null>(null)
  /** Heard seconds from the first step, while it plays and where it stopped. */
  const now = ref(0)
  let zero = 0
  const player = mixPlayer((_, heard) => (now.value = heard - zero))

  const stretchSeconds = computed(() => {
    const one = call()
    const wanted = wish.value
    if (!one || !wanted?.stretch) return [-Infinity, Infinity] as const
    return [wanted.stretch.start, wanted.stretch.end] as const
  })
  /** What the plan wants of the stretch, as far as the music has come. */
  const utterances = computed(() => {
    const one = call()
    return one ? utterancesOf(one, ...stretchSeconds.value) : []
  })
  const reached = computed(() => utterances.value.filter(({ step }) => step <= now.value + 0.5))
  const score = computed(() => scoreTake(reached.value, spans.value))
  const heard = computed(() =>
    score.value.cues.flatMap(({ utterance, said }) =>
      said ? [{ slotKey: utterance.slotKey, end: said.end }] : [],
    ),
  )
  const floorOf = (cues: readonly HeardCue[]): FloorRun | null => {
    const one = call()
    return one && simulateFloor(one, cues, { settings: settings(), seed: seed() })
  }
  const floor = computed(() => floorOf(heard.value))
  /** The same floor, had all been said as it is planned. */
  const plannedFloor = computed(() =>
    floorOf(utterances.value.map(({ slotKey, end }) => ({ slotKey, end }))),
  )
  /** Both of them over what was played of the dance, once it has stopped. */
  const played = computed(() => {
    const [first] = utterances.value
    const from = first ? Math.min(first.step, now.value) : 0
    const over = (run: FloorRun | null): FloorRun | null => run && between(run, from, now.value)
    return { floor: over(floor.value), planned: over(plannedFloor.value) }
  })

  let music: { readonly media: string; readonly buffer: AudioBuffer } | null = null
  async function musicOf({ sheet }: PreparedCall): Promise<AudioBuffer | null> {
    const media = sheet.recording?.media ?? null
    if (media === null) return null
    if (music?.media !== media) music = { media, buffer: await decodeRecording(media) }
    return music.buffer
  }

  const start = (next: TakeWish): Promise<void> =>
    doing(async (signal) => {
      const one = call()
      if (!one) return
      player.stop()
      const context = await wakeAudio()
      const hearing: HearingWish = {
        stretch: next.stretch,
        speed: next.speed,
        voice: next.speaker === 'stand-in',
        marks: next.clicks || !one.sheet.recording ? 'clicks' : 'none',
        levels: USUAL_LEVELS,
        apart: false,
      }
      const [buffer, voices] = await Promise.all([
        musicOf(one),
        next.speaker === 'stand-in'
          ? standIn.prepare(
              one.sheet.routine.language,
              library.settings.wordsPerMinute,
              textsOf(one.sheet, hearing),
              signal,
              () => undefined,
            )
          : new Map<string, Said>(),
      ])
      signal.throwIfAborted()
      const clock = heardClock(one.sheet.beatMap, one.sheet.firstStep, next.speed)
      zero = clock.heardAt(0 as Tick)
      const mix = hearingMix(one.sheet, hearing, buffer, voices)
      wish.value = next
      spans.value =
        next.speaker === 'stand-in'
          ? mix.spoken.map(({ at, said }) => ({
              start: at - zero,
              end: at - zero + said.samples.length / said.sampleRate,
            }))
          : NO_SPANS
      now.value = mix.from - zero
      await player.play(context, mix, false)
    })

  function press(): void {
    if (!player.isPlaying.value || openSince.value !== null || wish.value?.speaker !== 'key') return
    openSince.value = now.value
  }
  function release(): void {
    const since = openSince.value
    openSince.value = null
    if (since === null || now.value - since < SHORTEST_SECONDS) return
    spans.value = [...spans.value, { start: since, end: now.value }]
  }
  function stop(): void {
    release()
    player.stop()
  }
  onBeforeUnmount(() => {
    cancel()
    player.stop()
  })

  /** The tick of the dance that sounds now. */
  const tick = computed(() => {
    const one = call()
    const speed = wish.value?.speed ?? 1
    return one
      ? tickAt(one.sheet.beatMap, ((now.value + zero) * speed) as Seconds) - one.sheet.firstStep
      : 0
  })
  return {
    working,
    failure,
    told,
    isBusy,
    cancel,
    isPlaying: player.isPlaying,
    now,
    tick,
    openSince,
    spans,
    utterances,
    score,
    floor,
    played,
    hasBegun: computed(() => wish.value !== null),
    start,
    stop,
    press,
    release,
  }
}
