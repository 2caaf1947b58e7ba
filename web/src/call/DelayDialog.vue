<script setup lang="ts">
import { delayFromTaps, LEAST_TAPS } from '@dellop/core/call'
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { wakeAudio } from '../sound/audioContext.ts'
import { click } from '../sound/clicks.ts'
import { words } from '../words/index.ts'

const props = defineProps<{ delaySeconds: number }>()
const shown = defineModel<boolean>({ required: true })
const emit = defineEmits<{ set: [seconds: number] }>()

const PERIOD_SECONDS = 0.75
const CLICKS = 40
const clicks = ref<number[]>([])
const taps = ref<number[]>([])
let context: AudioContext | null = null
let out: GainNode | null = null

const measured = computed(() => delayFromTaps(clicks.value, taps.value))
const ms = (seconds: number): number => Math.round(seconds * 1000)

async function begin(): Promise<void> {
  end()
  context = await wakeAudio()
  out = new GainNode(context)
  out.connect(context.destination)
  const start = context.currentTime + 0.5
  taps.value = []
  clicks.value = Array.from({ length: CLICKS }, (_, i) => start + i * PERIOD_SECONDS)
  for (const at of clicks.value) click(context, at, true, out)
}

function end(): void {
  out?.disconnect()
  out = null
}

function tap(): void {
  if (context && out) taps.value = [...taps.value, context.currentTime]
}

function onKey(event: KeyboardEvent): void {
  if (event.key !== ' ' || (event.target as HTMLElement).closest('.keep-key')) return
  event.preventDefault()
  event.stopPropagation()
  if (!event.repeat) tap()
}

useEventListener(() => (shown.value ? window : null), 'keydown', onKey, true)
watch(shown, (now) => (now ? void begin() : end()))
onBeforeUnmount(end)

function use(seconds: number): void {
  emit('set', Math.round(seconds * 1000) / 1000)
  shown.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="words.lectern.delayTitle" width="min(560px, 94vw)">
    <p>{{ words.lectern.delayText }}</p>
    <button class="tap" @pointerdown.prevent="tap">{{ words.lectern.delayTap }}</button>
    <p role="status">
      <template v-if="measured">{{
        words.lectern.delayFound(ms(measured.delaySeconds), ms(measured.spreadSeconds))
      }}</template>
      <template v-else>{{ words.lectern.delayTaps(taps.length, LEAST_TAPS) }}</template>
    </p>
    <p class="soft">{{ words.lectern.delayNow(ms(props.delaySeconds)) }}</p>
    <div class="actions keep-key">
      <el-button
        type="primary"
        size="large"
        :disabled="!measured"
        @click="measured && use(Math.max(0, measured.delaySeconds))"
      >
        {{ words.lectern.delayUse }}
      </el-button>
      <el-button size="large" @click="begin">{{ words.lectern.delayAgain }}</el-button>
      <el-button size="large" @click="use(0)">{{ words.lectern.delayZero }}</el-button>
    </div>
  </el-dialog>
</template>

<style scoped>
.tap {
  width: 100%;
  min-height: 110px;
  margin: 1rem 0;
  font-size: 1.5rem;
  font-weight: 700;
  border: 3px solid var(--feet);
  border-radius: 10px;
  background: var(--feet-tint);
  color: var(--feet-ink);
  touch-action: manipulation;
  cursor: pointer;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-top: 1rem;
}
</style>
