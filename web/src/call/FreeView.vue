<script setup lang="ts">
import { freeDance, sheetOfCalled } from '@dellop/core/call'
import { usualSchool } from '@dellop/core/routine'
import { musicOn } from '@dellop/core/sheet'
import { bpmAt, steadyBeatMap, type Tick } from '@dellop/core/time'
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import { audioContext, wakeAudio } from '../sound/audioContext.ts'
import { audioClock, ManualClock } from '../sound/clock.ts'
import { createPlayer, type Player } from '../sound/player.ts'
import { applyTheme } from '../app/theme.ts'
import { words } from '../words/index.ts'
import { holdCall, type HeldCall } from './callLock.ts'
import { keepCall, type CallKeeper } from './callKeeper.ts'
import type { FreeCall } from './free.ts'
import FreeFloor from './FreeFloor.vue'
import { useFreeKeys } from './freeKeys.ts'
import FreeSetup from './FreeSetup.vue'
import { useFreeSetup } from './freeSetup.ts'
import { freeStore } from './stores.ts'
import { useAwakeScreen } from './wakeLock.ts'

/**
 * Calling without a sheet: figure by figure, or phrase by phrase, from what the group has covered.
 */
const route = useRoute()
const router = useRouter()
const library = useLibrary()
const wakeLock = useAwakeScreen()
const manual = route.query['clock'] === 'manual'
const failure = ref('')
const ready = ref(false)
const setup = useFreeSetup()
/** Of the music that is called to, at the first step. */
const bpmNow = ref(0)
const free = shallowRef<FreeCall | null>(null)
let player: Player | null = null
let keeper: CallKeeper | null = null
let held: HeldCall | null = null
let frame = 0

async function begin(): Promise<void> {
  failure.value = ''
  try {
    const on = setup.tune && musicOn(setup.tune, null)
    const recording = on?.tune.recordings[0] ?? null
    const beatMap =
      recording?.beatMap ?? steadyBeatMap(Number(setup.bpm.replace(',', '.')) || setup.usualBpm)
    const firstStep = (on?.tune.danceStart ?? 0) as Tick
    if (recording?.media && !manual) player = await load(recording.media)
    const clock = manual ? new ManualClock() : audioClock(await wakeAudio())
    void wakeLock.keep()
    bpmNow.value = Math.round(bpmAt(beatMap, firstStep) * 10) / 10
    const school = library.tonight ?? library.schoolFor(usualSchool(setup.dance))
    const called = freeStore(
      {
        dance: freeDance(setup.figures, setup.start!, setup.formation),
        metre: setup.metre,
        beatMap,
        firstStep,
        phrases: setup.phrases,
        school,
        voice: library.voiceFor('en'),
        hallSeconds: library.settings.hallSeconds,
      },
      { clock, player, onEvent: (event) => keeper?.note(event) },
    )
    const { music: from, speed } = called.call.value
    // Of two windows each calls for itself: nothing of one goes on in the other.
    held ??= await holdCall(null, false, async () => undefined)
    keeper = keepCall(
      {
        sheetId: null,
        revision: null,
        title: words.lectern.free.called(setup.dance),
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

useFreeKeys(() => free.value)

/** What was called becomes a sheet. */
async function toSheet(): Promise<void> {
  const now = free.value!
  try {
    now.end()
    await keeper?.finish()
    const routine = sheetOfCalled({
      id: randomId(),
      title: words.lectern.free.called(setup.dance),
      dance: setup.dance,
      metre: setup.metre,
      bpm: bpmNow.value,
      schoolId: usualSchool(setup.dance),
      tuneId: setup.tune?.id ?? null,
      recordingId: null,
      language: 'en',
      start: setup.start!,
      formation: setup.formation,
      phrases: setup.phrases,
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
  try {
    await library.load()
    ready.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
onBeforeUnmount(() => {
  applyTheme()
  cancelAnimationFrame(frame)
  free.value?.close()
  void keeper?.finish()
  keeper?.close()
  held?.letGo()
  player?.close()
})
</script>

<template>
  <div class="free" :data-state="free?.call.value.state ?? 'out'">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <FreeSetup
      v-if="!free"
      v-model:dance="setup.dance"
      v-model:tune-id="setup.tuneId"
      v-model:bpm="setup.bpm"
      :setup="setup"
      :ready="ready"
      @begin="begin"
    />
    <FreeFloor v-else :free="free" :setup="setup" @sheet="toSheet" />
  </div>
</template>

<style scoped src="./free.css"></style>
