<script setup lang="ts">
import {
  bestStart,
  freeFigures,
  freeDance,
  isMoving,
  sheetOfCalled,
  type FreePhrase,
} from '@dellop/core/call'
import { familyTempo } from '@dellop/core/figure'
import { knownFigures } from '@dellop/core/group'
import { usualFormation, usualSchool } from '@dellop/core/routine'
import { musicOn } from '@dellop/core/sheet'
import {
  bpmAt,
  countLabel,
  layPhrases,
  phraseAt,
  steadyBeatMap,
  TICKS_PER_BEAT,
  ticksPerBar,
  USUAL_PHRASE_BARS,
  WALTZ_METRE,
  type Tick,
} from '@dellop/core/time'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import { audioContext, wakeAudio } from '../sound/audioContext.ts'
import { audioClock, ManualClock } from '../sound/clock.ts'
import { createPlayer, type Player } from '../sound/player.ts'
import { words } from '../words/index.ts'
import { keepCall, type CallKeeper } from './callKeeper.ts'
import type { FreeCall } from './free.ts'
import { freeStore } from './stores.ts'
import { useWakeLock } from './wakeLock.ts'
import Labelled from '../ui/Labelled.vue'

/**
 * Calling without a sheet: figure by figure, or phrase by phrase, from what the group has covered.
 */
const route = useRoute()
const router = useRouter()
const library = useLibrary()
const wakeLock = useWakeLock()
const manual = route.query['clock'] === 'manual'
const failure = ref('')
const ready = ref(false)
const dance = ref('waltz')
const tuneId = ref('')
const bpm = ref('')
/** Of the music that is called to, at the first step. */
const bpmNow = ref(0)
const free = shallowRef<FreeCall | null>(null)
let player: Player | null = null
let keeper: CallKeeper | null = null
let frame = 0

const dances = computed(() => [...new Set(library.figures.map(({ family }) => family))].sort())
const metre = computed(() => tune.value?.metre ?? familyTempo(dance.value)?.metre ?? WALTZ_METRE)
/** Phrases of music without a tune. */
const PHRASES = 40
const tune = computed(() => library.tuneFor(tuneId.value || null))
const usualBpm = computed(() => {
  const range = familyTempo(dance.value)?.range
  return range ? Math.round((range[0] + range[1]) / 2) : 100
})
/**
 * Those the chosen group has been taught; all of its level where nothing was; all where no group is
 * chosen.
 */
const figures = computed(() => {
  const profile = library.group
  const known = profile && knownFigures(profile)
  const covered = freeFigures(
    library.figures,
    dance.value,
    (figure) => known?.of(figure) === 'covered',
  )
  return covered.length > 0
    ? covered
    : freeFigures(library.figures, dance.value, (figure) => !known || known.of(figure) !== 'beyond')
})
const phraseTicks = computed(() => USUAL_PHRASE_BARS * ticksPerBar(metre.value))
const start = computed(() =>
  bestStart(figures.value, usualFormation(dance.value), phraseTicks.value),
)

/** The tune's phrases, or usual ones. */
const phrases = computed(() => {
  const own = tune.value ? musicOn(tune.value, null).music.phrases : []
  return own.length > 0
    ? own
    : layPhrases(metre.value, Array<number>(PHRASES).fill(USUAL_PHRASE_BARS), 0 as Tick)
})

async function begin(): Promise<void> {
  failure.value = ''
  try {
    const on = tune.value && musicOn(tune.value, null)
    const recording = on?.tune.recordings[0] ?? null
    const beatMap =
      recording?.beatMap ?? steadyBeatMap(Number(bpm.value.replace(',', '.')) || usualBpm.value)
    const firstStep = (on?.tune.danceStart ?? 0) as Tick
    if (recording?.media && !manual) player = await load(recording.media)
    const clock = manual ? new ManualClock() : audioClock(await wakeAudio())
    void wakeLock.keep()
    bpmNow.value = Math.round(bpmAt(beatMap, firstStep) * 10) / 10
    const school = library.tonight ?? library.schoolFor(usualSchool(dance.value))
    const called = freeStore(
      {
        dance: freeDance(figures.value, start.value!, usualFormation(dance.value)),
        metre: metre.value,
        beatMap,
        firstStep,
        phrases: phrases.value,
        school,
        voice: library.voiceFor('en'),
        hallSeconds: library.settings.hallSeconds,
      },
      { clock, player, onEvent: (event) => keeper?.note(event) },
    )
    const { music: from, speed } = called.call.value
    keeper = keepCall(
      {
        sheetId: null,
        revision: null,
        title: words.lectern.free.called(dance.value),
        groupId: library.group?.id ?? null,
        where: '',
        caller: '',
        music: recording ? 'recording' : 'silent',
        from,
        speed,
        bpm: bpmNow.value,
      },
      clock.now,
    )
    free.value = called
    Object.assign(window, { dellopFree: { clock, free: free.value } })
    loop()
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
async function load(hash: string): Promise<Player> {
  const context = audioContext()
  const bytes = await (await fetch(`/media/${hash}`)).arrayBuffer()
  return createPlayer(context, await context.decodeAudioData(bytes))
}

function loop(): void {
  free.value?.draw()
  frame = requestAnimationFrame(loop)
}

function onKey(event: KeyboardEvent): void {
  const now = free.value
  const target = event.target instanceof HTMLElement ? event.target : null
  if (
    !now ||
    event.repeat ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    target?.closest('input, select, textarea')
  )
    return
  if ((event.key === ' ' || event.key === 'Enter') && target?.closest('button, a')) return
  const digit = /^[1-9]$/.test(event.key) ? Number(event.key) : 0
  if (event.key === ' ') now.key()
  else if (digit >= 1 && digit <= 6) pick(digit - 1)
  else if (digit >= 7) now.takeWay(digit - 7)
  else if (event.key === 'Enter') pick(0)
  else if (event.key === '0') now.surprise.value = !now.surprise.value
  else if (event.key === 'Backspace') {
    if (now.typed.value === '') now.putBack()
    else now.typed.value = now.typed.value.slice(0, -1)
  } else if (event.key === 'Escape') now.typed.value = ''
  else if (/^[\p{L}’'-]$/u.test(event.key)) now.typed.value += event.key.toLowerCase()
  else return
  event.preventDefault()
}
const cautionsOf = ({ figures: list }: FreePhrase) => [
  ...new Set(list.flatMap(({ figure }) => figure.cautions.map(({ kind }) => kind))),
]
const pick = (index: number): void => {
  const offer = free.value?.offers.value[index]
  if (offer) free.value!.take(offer)
}

const phrase = computed(() =>
  free.value ? phraseAt(phrases.value, free.value.position.value) : null,
)
const count = computed(() => {
  if (!free.value) return ''
  const whole = (Math.floor(free.value.position.value / TICKS_PER_BEAT) * TICKS_PER_BEAT) as Tick
  return (
    countLabel(
      {
        beatsPerGroup: metre.value.beatsPerBar,
        ones: 'plain',
        countFrom: 1,
        division: metre.value.division,
      },
      whole,
    )?.text ?? '·'
  )
})
const beats = (ticks: number): number => Math.max(0, Math.ceil(ticks / TICKS_PER_BEAT))
const next = computed(() => free.value?.coming.value[0] ?? null)
const moving = computed(() => (free.value ? isMoving(free.value.call.value) : false))
const over = computed(() => free.value?.call.value.state === 'ended')
const nextText = computed(() => {
  const now = free.value
  if (!now) return ''
  if (next.value) return words.lectern.sayIn(beats(next.value.sayAt - now.position.value))
  return now.place.value
    ? words.lectern.free.take(beats(now.place.value.at - now.position.value))
    : ''
})

/** What was called becomes a sheet. */
async function toSheet(): Promise<void> {
  const now = free.value!
  try {
    now.end()
    await keeper?.finish()
    const routine = sheetOfCalled({
      id: randomId(),
      title: words.lectern.free.called(dance.value),
      dance: dance.value,
      metre: metre.value,
      bpm: bpmNow.value,
      schoolId: usualSchool(dance.value),
      tuneId: tune.value?.id ?? null,
      recordingId: null,
      language: 'en',
      start: start.value!,
      formation: usualFormation(dance.value),
      phrases: phrases.value,
      called: now.taken.value,
      newId: randomId,
    })
    const used = new Set(now.taken.value.map(({ figureId }) => figureId))
    const { id } = await api('importSheet', {
      body: {
        file: {
          format: 'dellop-sheet',
          version: 1,
          routine,
          figures: library.figures.filter((figure) => used.has(figure.id)),
          tune: null,
          school: null,
        },
      },
    })
    await router.push({ name: 'sheet', params: { id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

onMounted(async () => {
  document.documentElement.dataset['theme'] = 'hall'
  window.addEventListener('keydown', onKey)
  try {
    await library.load()
    ready.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
onBeforeUnmount(() => {
  delete document.documentElement.dataset['theme']
  window.removeEventListener('keydown', onKey)
  cancelAnimationFrame(frame)
  free.value?.close()
  void keeper?.finish()
  keeper?.close()
  player?.close()
})
</script>

<template>
  <div class="free" :data-state="free?.call.value.state ?? 'out'">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <section v-if="!free" class="setup" aria-labelledby="free-head">
      <h1 id="free-head">{{ words.lectern.free.title }}</h1>
      <p class="soft">{{ words.lectern.free.lead }}</p>
      <template v-if="ready">
        <Labelled :label="words.lectern.free.dance"
          ><el-select v-model="dance"
            ><el-option v-for="one in dances" :key="one" :value="one" :label="one" /></el-select
        ></Labelled>
        <Labelled :label="words.lectern.free.tune"
          ><el-select v-model="tuneId"
            ><el-option value="" :label="words.lectern.free.noTune" />
            <el-option
              v-for="one in library.tunes"
              :key="one.id"
              :value="one.id"
              :label="one.title" /></el-select
        ></Labelled>
        <Labelled v-if="!tune" :label="words.lectern.free.bpm"
          ><el-input v-model="bpm" inputmode="decimal" :placeholder="String(usualBpm)"
        /></Labelled>
        <p>{{ words.lectern.free.figures(figures.length, library.group?.name ?? null) }}</p>
        <p v-if="!start" role="status">{{ words.lectern.free.never }}</p>
        <p v-else>{{ words.lectern.free.stand(words.hold(start.hold)) }}</p>
        <el-button type="primary" size="large" :disabled="!start" @click="begin">
          {{ words.lectern.free.begin }}
        </el-button>
      </template>
      <RouterLink :to="{ name: 'sheets' }">{{ words.lectern.free.leave }}</RouterLink>
    </section>
    <template v-else>
      <header class="top">
        <span class="pass">{{ words.lectern.free.called(dance) }}</span>
        <span class="numbers count"
          ><template v-if="phrase">{{
            words.lectern.free.phrase(phrase.index + 1, beats(phrase.end - free.position.value))
          }}</template></span
        >
      </header>
      <div
        class="cue"
        :class="{ speak: next && free.position.value >= next.sayAt }"
        data-testid="free-cue"
      >
        <strong>{{
          next ? next.danced.figure.name : over ? words.lectern.theEnd : words.lectern.free.choose
        }}</strong>
        <span>{{
          next && free.position.value >= next.sayAt ? words.lectern.sayNow : nextText
        }}</span>
      </div>
      <div class="middle">
        <div>
          <p class="big count">{{ count }}</p>
          <p class="dancing">{{ free.dancing.value?.danced.figure.name ?? '' }}</p>
        </div>
        <section class="offers" :aria-label="words.lectern.free.offers">
          <h2>
            {{
              free.typed.value === ''
                ? words.lectern.free.offers
                : words.lectern.free.typed(free.typed.value)
            }}
          </h2>
          <ol>
            <li v-for="(offer, i) in free.offers.value" :key="offer.danced.figure.id">
              <button class="offer" @click="free.take(offer)">
                <kbd class="count">{{ i + 1 }}</kbd> {{ offer.danced.figure.name }}
                <small>{{ words.format.counts(offer.danced.lengthTicks / TICKS_PER_BEAT) }}</small>
                <small
                  v-for="caution in offer.danced.figure.cautions"
                  :key="caution.kind"
                  class="caution"
                  :title="caution.text"
                  >{{ words.caution[caution.kind] }}</small
                >
              </button>
            </li>
          </ol>
          <p v-if="free.offers.value.length === 0">{{ words.lectern.free.none }}</p>
        </section>
        <section class="offers" :aria-label="words.lectern.free.ways">
          <h2>{{ words.lectern.free.ways }}</h2>
          <ol>
            <li v-for="(way, i) in free.ways.value.phrases" :key="i">
              <button class="offer" @click="free.takeWay(i)">
                <kbd class="count">{{ i + 7 }}</kbd>
                {{ way.figures.map(({ figure }) => figure.name).join(' · ') }}
                <small v-for="kind in cautionsOf(way)" :key="kind" class="caution">{{
                  words.caution[kind]
                }}</small>
              </button>
            </li>
          </ol>
          <p v-if="free.ways.value.isCut" class="soft">{{ words.lectern.free.cut }}</p>
        </section>
      </div>
      <p class="taken" :aria-label="words.lectern.free.taken">
        {{ free.coming.value.map(({ danced }) => danced.figure.name).join(' · ') }}
      </p>
      <footer class="foot">
        <button class="main-key" @click="free.key()">
          {{ moving ? words.lectern.pause : over ? words.lectern.theEnd : words.lectern.start }}
        </button>
        <el-checkbox v-model="free.surprise.value" class="check"
          >{{ words.lectern.free.surprise }} (0)</el-checkbox
        >
        <el-button @click="free.putBack()">
          {{ words.lectern.free.putBack }}
        </el-button>
        <el-button :disabled="free.taken.value.length === 0" @click="toSheet">
          {{ words.lectern.free.toSheet }}
        </el-button>
        <RouterLink :to="{ name: 'sheets' }">{{ words.lectern.free.leave }}</RouterLink>
        <p class="soft">{{ words.lectern.free.keys }}</p>
      </footer>
    </template>
  </div>
</template>

<style scoped src="./controls.css"></style>
<style scoped src="./free.css"></style>
