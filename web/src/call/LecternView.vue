<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { bookOf } from '@dellop/core/figure'
import { deriveSheet, type Sheet } from '@dellop/core/sheet'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { api, sentenceOf } from '../app/api.ts'
import { audioContext } from '../sound/audioContext.ts'
import { audioClock, ManualClock, type Clock } from '../sound/clock.ts'
import { click } from '../sound/clicks.ts'
import { createPlayer, type Player } from '../sound/player.ts'
import { knownOf } from '../app/known.ts'
import { NO_LENGTHS, readStandInLengths, voiceChosen } from '../app/voices.ts'
import { words } from '../words/index.ts'
import { useLectern, type Lectern } from './lectern.ts'
import LecternScreen from './LecternScreen.vue'
import { loadPack } from './packStore.ts'

const route = useRoute()
const id = String(route.params['id'])
const failure = ref<string | null>(null)
const ready = ref<'loading' | 'kept' | 'loaded'>('loading')
const soundState = ref<'sound' | 'none' | 'failed'>('none')
const lectern = shallowRef<Lectern | null>(null)
const sheet = shallowRef<Sheet | null>(null)
const settings = ref<Settings>(DEFAULT_SETTINGS)
let player: Player | null = null

/** `?clock=manual` puts the call on a clock that is moved by hand: for rehearsing and for tests. */
const manual = route.query['clock'] === 'manual'

async function load(): Promise<void> {
  failure.value = null
  try {
    const kept = await loadPack(id)
    settings.value = kept.settings
    const { routine, figures, school, tune, floor } = kept.pack
    const lengths = kept.settings.voice === 'stand-in' ? await readStandInLengths(kept.settings.wordsPerMinute) : NO_LENGTHS
    const voice = voiceChosen(kept.settings, routine.language, lengths)
    sheet.value = deriveSheet({ routine, book: bookOf(figures), school, tune, voice, known: knownOf(id), floor, hallSeconds: kept.settings.hallSeconds })
    document.title = `${routine.title} · ${words.nav.lectern}`
    const context = audioContext()
    if (kept.sound && !manual) await prepareSound(context, kept.sound)
    const clock: Clock = manual ? new ManualClock() : audioClock(context)
    lectern.value = useLectern(sheet.value, clock, { player, click: (at, strong) => manual || click(context, at, strong) }, () => settings.value.outputDelaySeconds)
    ready.value = kept.kept ? 'kept' : 'loaded'
    Object.assign(window, { dellopLectern: { clock, shown: lectern.value.shown, cues: () => lectern.value!.prepared.value.cues, context } })
  } catch (error) {
    failure.value = words.lectern.failed + sentenceOf(error)
  }
}

async function prepareSound(context: AudioContext, blob: Blob): Promise<void> {
  try {
    const buffer = await context.decodeAudioData(await blob.arrayBuffer())
    player = await createPlayer(context, buffer)
    soundState.value = 'sound'
  } catch (error) {
    console.error(error)
    soundState.value = 'failed'
  }
}

function setDelay(seconds: number): void {
  settings.value = { ...settings.value, outputDelaySeconds: seconds }
  void api('putSettings', { body: settings.value }).catch(() => undefined)
}

onMounted(() => {
  document.documentElement.dataset['theme'] = 'hall'
  void load()
})
onBeforeUnmount(() => {
  delete document.documentElement.dataset['theme']
  lectern.value?.close()
  player?.close()
})
</script>

<template>
  <div v-if="failure" class="message" role="alert">
    <p>{{ failure }}</p>
    <button class="button" @click="load">{{ words.app.again }}</button>
    <RouterLink class="button" :to="{ name: 'sheet', params: { id } }">{{ words.lectern.leave }}</RouterLink>
  </div>
  <p v-else-if="!lectern || !sheet" class="message" role="status">{{ words.lectern.notReady }}</p>
  <LecternScreen v-else :lectern="lectern" :sheet="sheet" :sheet-id="id" :kept="ready === 'kept'" :sound="soundState" :manual="manual" :delay-seconds="settings.outputDelaySeconds" :volume-of="player?.setVolume ?? null" @delay="setDelay" />
</template>

<style scoped>
.message {
  padding: 3rem;
  font-size: 1.4rem;
  display: grid;
  gap: 1rem;
  justify-items: start;
}
</style>
