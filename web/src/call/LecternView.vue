<script setup lang="ts">
import { startOfMusic } from '@dellop/core/call'
import { toldBpm } from '@dellop/core/tune'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bookOf } from '@dellop/core/figure'
import { callChoices, deriveSheet, type Sheet } from '@dellop/core/sheet'
import { DEFAULT_SETTINGS, type Settings } from '@dellop/wire'
import { sentenceOf } from '../app/api.ts'
import { audioContext } from '../sound/audioContext.ts'
import { audioClock, ManualClock, type Clock } from '../sound/clock.ts'
import { click } from '../sound/clicks.ts'
import { lecternVoice, type LecternVoice } from '../sound/lecternVoice.ts'
import { createPlayer, type Player } from '../sound/player.ts'
import { knownOf } from '../app/known.ts'
import { NO_LENGTHS, readStandInLengths, voiceChosen } from '../app/voices.ts'
import { editAtOnce } from '../document/editAtOnce.ts'
import { SETTINGS, SETTINGS_ID } from '../document/kinds.ts'
import { openDocument } from '../document/openDocument.ts'
import { useProgramme } from '../app/programme.ts'
import { applyTheme } from '../app/theme.ts'
import { words } from '../words/index.ts'
import { cutOffCall, keepCall, type CallKeeper, type CutOff } from './callKeeper.ts'
import { holdCall, type HeldCall } from './callLock.ts'
import { useDevices } from './devices.ts'
import type { Lectern, MusicFrom } from './lectern.ts'
import LecternScreen from './LecternScreen.vue'
import { loadPack, type KeptPack } from '../app/packStore.ts'
import { lecternStore } from './stores.ts'

const route = useRoute()
const router = useRouter()
const id = String(route.params['id'])
const failure = ref<string | null>(null)
const ready = ref<'loading' | 'kept' | 'loaded'>('loading')
const soundState = ref<'sound' | 'none' | 'failed'>('none')
const lectern = shallowRef<Lectern | null>(null)
const sheet = shallowRef<Sheet | null>(null)
const settings = ref<Settings>(DEFAULT_SETTINGS)
const note = ref('')
const speaks = ref(false)
/** Each call has a screen of its own. */
const callNumber = ref(0)
const player = shallowRef<Player | null>(null)
const voice = shallowRef<LecternVoice | null>(null)
let pack: KeptPack | null = null
let keeper: CallKeeper | null = null
let held: HeldCall | null = null
let isGone = false
const devices = useDevices()
/** Another window of this browser has the call of this dance. */
const elsewhere = ref<'had' | 'taken' | null>(null)
const taking = ref(false)

/** `?clock=manual` puts the call on a clock that is moved by hand: for rehearsing and for tests. */
const manual = route.query['clock'] === 'manual'
/** Another recording than the sheet is timed on, where a programme has it so. */
const { recording } = route.query
const recordingId = typeof recording === 'string' ? recording : null
let clock: Clock = new ManualClock()

async function load(take = false): Promise<void> {
  failure.value = null
  try {
    held ??= await holdCall(id, take, leave)
    // Who has left meanwhile holds nothing.
    if (isGone) return held?.letGo()
    if (!held) return void (elsewhere.value = 'had')
    elsewhere.value = null
    pack = await loadPack(id, recordingId)
    settings.value = pack.settings
    const { routine, figures, school, tune, group } = pack.pack
    const lengths =
      pack.settings.voice === 'stand-in'
        ? await readStandInLengths(pack.settings.wordsPerMinute)
        : NO_LENGTHS
    const usual = voiceChosen(pack.settings, routine.language, lengths)
    sheet.value = deriveSheet({
      routine,
      book: bookOf(figures),
      school,
      tune,
      voice: usual,
      known: knownOf(id),
      group,
      hallSeconds: pack.settings.hallSeconds,
      choices: callChoices(routine),
    })
    document.title = `${routine.title} · ${words.nav.lectern}`
    const context = audioContext()
    if (pack.sound && !manual) await prepareSound(context, pack.sound)
    if (!manual) clock = audioClock(context)
    voice.value = lecternVoice({
      language: routine.language,
      wordsPerMinute: pack.settings.wordsPerMinute,
    })
    const cutOff = await cutOffCall(id, clock.now)
    isTaken = take
    begin(
      cutOff?.log.music ??
        (route.query['music'] === 'elsewhere'
          ? 'elsewhere'
          : sheet.value.recording
            ? 'recording'
            : 'silent'),
      cutOff,
    )
    ready.value = pack.kept ? 'kept' : 'loaded'
  } catch (error) {
    failure.value = words.lectern.failed + sentenceOf(error)
  }
}

/** The call that was under way is gone on with here, where it was called before in another window. */
let isTaken = false
async function takeOver(): Promise<void> {
  taking.value = true
  await load(true)
  taking.value = false
}

/** Another window has taken the call over: the music stops here, and what is known is written. */
async function leave(): Promise<void> {
  held = null
  lectern.value?.close()
  lectern.value = null
  elsewhere.value = 'taken'
  await keeper?.letGo()
  keeper?.close()
  keeper = null
}

/** A call on this music, new or going on where it was cut off. */
function begin(from: MusicFrom, cutOff: CutOff | null = null): void {
  callNumber.value++
  devices.begin(cutOff !== null)
  player.value?.setVolume(devices.volume / 100)
  player.value?.setBalance(devices.balance / 100)
  lectern.value?.close()
  keeper?.close()
  const on = sheet.value!
  const context = audioContext()
  const { routine, group, revision } = pack!.pack
  keeper = keepCall(
    {
      sheetId: routine.id,
      revision,
      title: routine.title,
      groupId: group?.id ?? null,
      where: localStorage.getItem(WHERE) ?? '',
      caller: localStorage.getItem(CALLER) ?? '',
      music: from,
      from: cutOff?.log.from ?? startOfMusic(on, from),
      speed: 1,
      bpm: toldBpm(on.beatMap, on.firstStep),
    },
    clock.now,
    cutOff,
  )
  note.value = cutOff ? goesOn(from) : ''
  const sound = {
    player: from === 'recording' ? player.value : null,
    click: (at: number, strong: boolean) => manual || click(context, at, strong),
    from,
    say: (text: string, at: number) =>
      void (speaks.value && voice.value?.say(text, at - clock.now())),
  }
  const onEvent: CallKeeper['note'] = (event) => {
    if (event.type !== 'cue') note.value = ''
    keeper?.note(event)
  }
  lectern.value = lecternStore(on, clock, sound, () => settings.value.outputDelaySeconds, {
    onEvent,
    resumed: cutOff,
  })
  const speed = Number(route.query['speed'] ?? 1)
  // As the programme has it; what is out of range is held by the call.
  if (!cutOff && Number.isFinite(speed) && speed !== 1) lectern.value.setSpeed(speed)
  Object.assign(window, {
    dellopLectern: {
      clock,
      get shown() {
        return lectern.value!.shown()
      },
      cues: () => lectern.value!.prepared.value.cues,
      position: () => lectern.value!.heardTick(0),
      context,
    },
  })
}

const goesOn = (from: MusicFrom): string => {
  const { lectern: say } = words
  if (from === 'elsewhere') return isTaken ? say.takenOverBand : say.cutOffBand
  return isTaken ? say.takenOver : say.cutOff
}

const WHERE = 'dellop-where'
const CALLER = 'dellop-caller'

async function prepareSound(context: AudioContext, blob: Blob): Promise<void> {
  try {
    const buffer = await context.decodeAudioData(await blob.arrayBuffer())
    player.value = await createPlayer(context, buffer)
    soundState.value = 'sound'
  } catch (error) {
    console.error(error)
    soundState.value = 'failed'
  }
}

/** Kept for this machine too, beside whatever else is set meanwhile. */
async function keepDelay(outputDelaySeconds: number): Promise<void> {
  const kept = openDocument(SETTINGS, SETTINGS_ID)
  try {
    await kept.open()
    await editAtOnce(kept, { ...kept.document.value!, outputDelaySeconds })
  } catch {
    // It holds for this call all the same.
  }
  kept.close()
}

function setDelay(seconds: number): void {
  settings.value = { ...settings.value, outputDelaySeconds: seconds }
  void keepDelay(seconds)
}

const callId = (): string | null => keeper?.id() ?? null
const canPlay = computed(() => sheet.value !== null)
/** Where the music comes from when it is played from here. */
const setMusic = (from: 'recording' | 'elsewhere'): void =>
  begin(from === 'elsewhere' ? 'elsewhere' : sheet.value!.recording ? 'recording' : 'silent')

/** The evening that this dance is called in, where it is one of an evening. */
const eveningId = typeof route.query['evening'] === 'string' ? route.query['evening'] : null
const programme = useProgramme(eveningId)
async function nextItem(): Promise<void> {
  const begun = await programme.goOn()
  if (begun?.sheetId)
    await router.push({
      name: 'lectern',
      params: { id: begun.sheetId },
      query: {
        ...route.query,
        speed: String(begun.speed),
        recording: begun.recordingId ?? undefined,
      },
    })
  else if (begun) note.value = words.lectern.itemNow(begun.name)
}

/** Who does not want to go on where a call was cut off begins a new one. */
async function fresh(): Promise<void> {
  const from = lectern.value!.musicFrom
  await keeper?.finish()
  begin(from)
}

onMounted(() => {
  document.documentElement.dataset['theme'] = 'hall'
  void load()
  void programme.open()
})
onBeforeUnmount(() => {
  isGone = true
  applyTheme()
  lectern.value?.close()
  // Who leaves the lectern by its own door has ended the call.
  void keeper?.finish()
  keeper?.close()
  held?.letGo()
  player.value?.close()
  voice.value?.close()
})
</script>

<template>
  <div v-if="failure" class="message" role="alert">
    <p>{{ failure }}</p>
    <el-button size="large" @click="load()">{{ words.app.again }}</el-button>
    <el-button tag="router-link" size="large" :to="{ name: 'sheet', params: { id } }">{{
      words.lectern.leave
    }}</el-button>
  </div>
  <div v-else-if="elsewhere" class="message" role="status">
    <p>{{ words.lectern.elsewhere[elsewhere] }}</p>
    <el-button type="primary" size="large" :loading="taking" @click="takeOver">{{
      words.lectern.elsewhere.take
    }}</el-button>
    <el-button tag="router-link" size="large" :to="{ name: 'sheet', params: { id } }">{{
      words.lectern.leave
    }}</el-button>
  </div>
  <p v-else-if="!lectern || !sheet || !voice" class="message" role="status">
    {{ words.lectern.notReady }}
  </p>
  <LecternScreen
    v-else
    :key="callNumber"
    v-model:speaks="speaks"
    :lectern="lectern"
    :sheet="sheet"
    :sheet-id="id"
    :kept="ready === 'kept'"
    :sound="soundState"
    :manual="manual"
    :delay-seconds="settings.outputDelaySeconds"
    :player="player"
    :voice="voice"
    :can-play="canPlay"
    :call-id="callId"
    :note="note"
    :next-item="programme.next.value?.name ?? null"
    @delay="setDelay"
    @music="setMusic"
    @fresh="fresh"
    @next-item="nextItem"
  />
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
