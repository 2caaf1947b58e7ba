<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { audioContext } from '../sound/audioContext.ts'
import {
  outputsArePossible,
  setOutput,
  soundOutputs,
  type LecternVoice,
  type SoundOutput,
} from '../sound/lecternVoice.ts'
import type { Player } from '../sound/player.ts'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** How it sounds: loudness, sides, fading out, the stand-in, and which loudspeakers for what. */
const props = defineProps<{
  player: Player | null
  voice: LecternVoice
  texts: readonly string[]
}>()
const shown = defineModel<boolean>({ required: true })
const volume = defineModel<number>('volume', { required: true })
const balance = defineModel<number>('balance', { required: true })
const speaks = defineModel<boolean>('speaks', { required: true })
const emit = defineEmits<{ fade: [] }>()

const progress = ref<number | null>(null)
const told = ref('')
const outputs = ref<readonly SoundOutput[]>([])
let stop: AbortController | null = null

onMounted(async () => {
  if (outputsArePossible()) outputs.value = await soundOutputs(words.lectern.outputNumber)
})

async function speak(wanted: unknown): Promise<void> {
  stop?.abort()
  speaks.value = false
  told.value = ''
  if (wanted !== true) return
  stop = new AbortController()
  progress.value = 0
  try {
    await props.voice.prepare(props.texts, stop.signal, (share) => (progress.value = share))
    speaks.value = true
    told.value = words.lectern.speakReady
  } catch (error) {
    if (!stop.signal.aborted) {
      console.error(error)
      told.value = words.lectern.speakFailed
    }
  } finally {
    progress.value = null
  }
}

/** Where each is heard; empty is the usual place. */
const picked = ref({ music: '', voice: '' })
async function choose(whose: 'music' | 'voice', id: string): Promise<void> {
  const isSet = await (whose === 'music'
    ? setOutput(audioContext(), id)
    : props.voice.setOutput(id))
  told.value = isSet ? '' : words.lectern.outputRefused
}
</script>

<template>
  <el-dialog v-model="shown" :title="words.lectern.soundTitle" width="min(36rem, 94vw)">
    <div class="fields">
      <Labelled :label="words.lectern.volume"
        ><el-slider
          v-model="volume"
          :min="0"
          :max="100"
          :disabled="!player"
          :aria-label="words.lectern.volume"
      /></Labelled>
      <Labelled :label="words.lectern.balance"
        ><el-slider
          v-model="balance"
          :min="-100"
          :max="100"
          :disabled="!player"
          :aria-label="words.lectern.balance"
      /></Labelled>
      <p>
        <el-button size="large" :disabled="!player" @click="emit('fade')">
          {{ words.lectern.fade }}
        </el-button>
      </p>
      <el-checkbox :model-value="speaks || progress !== null" class="check" @change="speak">{{
        words.lectern.speakCues
      }}</el-checkbox>
      <p role="status">
        {{ progress === null ? told : words.lectern.speakPreparing(Math.round(progress * 100)) }}
      </p>
      <template v-if="outputsArePossible() && outputs.length > 0">
        <Labelled
          v-for="whose in ['music', 'voice'] as const"
          :key="whose"
          :label="whose === 'music' ? words.lectern.musicOutput : words.lectern.voiceOutput"
          ><el-select v-model="picked[whose]" class="pick" @change="choose(whose, $event)"
            ><el-option value="" :label="words.lectern.usualOutput" />
            <el-option
              v-for="output in outputs"
              :key="output.id"
              :value="output.id"
              :label="output.name" /></el-select
        ></Labelled>
      </template>
      <p v-else class="soft">{{ words.lectern.outputsNo }}</p>
      <p class="soft">{{ words.lectern.loud }}</p>
    </div>
  </el-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 0.8rem;
}
.check {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}
</style>
