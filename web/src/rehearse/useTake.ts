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
import { audioContext, wakeAudio } from '../sound/audioContext.ts'
import { mixPlayer } from '../sound/mixPlayer.ts'
import type { Mix } from '../sound/mix.ts'
import { words } from '../words/index.ts'
import { useTakeSound, type TakeWish } from './takeSound.ts'
import { useMouth } from './useMouth.ts'

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
 *
 * @param ended Told when the music has come to its end by itself.
 */
export function useTake(
  call: () => PreparedCall | null,
  settings: () => FloorSettings,
  seed: () => number,
  ended: () => void = () => undefined,
) {
  const sound = useTakeSound()
  const mouth = useMouth()
  const { working, failure, told, doing, isBusy, cancel } = useLongWork({
    begun: words.rehearse.preparing,
    stopped: words.rehearse.stopped,
    failed: words.rehearse.failed,
  })
  const keyed = shallowRef<readonly SpokenSpan[]>(NO_SPANS)
  const openSince = ref<number | null>(null)
  const wish = shallowRef<TakeWish | null>(null)
  /** Heard seconds from the first step, while it plays and where it stopped. */
  const now = ref(0)
  let zero = 0
  /** From the context's clock to heard seconds from the first step. */
  const offset = ref(0)
  const player = mixPlayer((_, heard) => (now.value = heard - zero), {
    begun: (outputs, when) => {
      offset.value = playing!.from - when - zero
      mouth.follow([outputs.voice, outputs.music])
    },
    ended: () => {
      finish()
      ended()
    },
  })
  let playing: Mix | null = null

  /** What was said, whichever way it was noted. */
  const spans = computed<readonly SpokenSpan[]>(() => {
    if (mouth.spans.value.length === 0) return keyed.value
    const from = playing ? playing.from - zero : -Infinity
    const heard = mouth.spans.value
      .map(({ start, end }) => ({ start: start + offset.value, end: end + offset.value }))
      .filter(({ end }) => end > from)
    return [...heard, ...keyed.value].sort((a, b) => a.start - b.start)
  })
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

  const start = (next: TakeWish): Promise<void> =>
    doing(async (signal) => {
      const one = call()
      if (!one) return
      player.stop()
      const context = await wakeAudio()
      if (next.speaker === 'microphone') await mouth.open(next.keepsSound)
      else mouth.forget()
      const mix = await sound(one, next, signal)
      zero = heardClock(one.sheet.beatMap, one.sheet.firstStep, next.speed).heardAt(0 as Tick)
      wish.value = next
      playing = mix
      keyed.value =
        next.speaker === 'stand-in'
          ? mix.spoken.map(({ at, said }) => ({
              start: at - zero,
              end: at - zero + said.samples.length / said.sampleRate,
            }))
          : NO_SPANS
      now.value = mix.from - zero
      await player.play(context, mix, false)
    })

  /** A key speaks for who wants none, and for a microphone that is not to be had. */
  const takesKeys = computed(
    () =>
      wish.value?.speaker === 'key' ||
      (wish.value?.speaker === 'microphone' && mouth.trouble.value !== null),
  )
  /** What is heard now: later than it is played, by what the device needs. */
  const heardNow = (): number => now.value - (audioContext().outputLatency || 0)
  function press(): void {
    if (!player.isPlaying.value || openSince.value !== null || !takesKeys.value) return
    openSince.value = heardNow()
  }
  function release(): void {
    const since = openSince.value
    openSince.value = null
    if (since === null || heardNow() - since < SHORTEST_SECONDS) return
    keyed.value = [...keyed.value, { start: since, end: heardNow() }]
  }
  function finish(): void {
    release()
    mouth.close()
  }
  function stop(): void {
    finish()
    player.stop()
  }
  onBeforeUnmount(() => {
    cancel()
    stop()
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
    takesKeys,
    mouth,
    wish,
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
