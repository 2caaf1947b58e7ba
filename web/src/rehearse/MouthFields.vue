<script setup lang="ts">
import { ref } from 'vue'
import { useLongWork } from '../app/longWork.ts'
import { microphoneTrouble } from '../sound/microphone.ts'
import { measureRoundTrip, MOST_SPREAD_SECONDS } from '../sound/roundTrip.ts'
import { words } from '../words/index.ts'
import type { MouthTrouble } from './useMouth.ts'

/** The microphone of a take: how loud it hears, how late, and whether its sound is kept. */
defineProps<{
  isPlaying: boolean
  level: number
  trouble: MouthTrouble | null
  delaySeconds: number | null
}>()
const keepsSound = defineModel<boolean>('keepsSound', { required: true })
const say = words.rehearse.mouth

const measured = ref('')
const { working, failure, doing, cancel } = useLongWork({
  begun: say.measuring,
  stopped: words.rehearse.stopped,
  failed: say.measureFailed,
})
const ms = (seconds: number): number => Math.round(seconds * 1000)
const measure = (): Promise<void> =>
  doing(async (signal) => {
    measured.value = ''
    const found = await measureRoundTrip(signal).catch((error: unknown) => {
      if (error instanceof DOMException && error.name === 'AbortError') throw error
      throw new Error(say.troubles[microphoneTrouble(error)])
    })
    measured.value = !found
      ? say.unheard
      : found.spreadSeconds > MOST_SPREAD_SECONDS
        ? say.uneven(ms(found.delaySeconds), ms(found.spreadSeconds))
        : say.measured(ms(found.delaySeconds), ms(found.spreadSeconds), found.heard)
  })
</script>

<template>
  <div class="mouth">
    <p v-if="trouble" class="wrong" role="alert">{{ say.troubles[trouble] }}</p>
    <div v-if="isPlaying && !trouble" class="level">
      <span>{{ say.level }}</span>
      <el-progress
        :percentage="Math.min(100, Math.round(level * 130))"
        :show-text="false"
        :stroke-width="12"
        :aria-label="say.level"
      />
      <span v-if="delaySeconds !== null" class="soft">{{ say.delay(ms(delaySeconds)) }}</span>
    </div>
    <template v-if="!isPlaying">
      <el-checkbox v-model="keepsSound">{{ say.keep }}</el-checkbox>
      <el-button v-if="!working" @click="measure">{{ say.measure }}</el-button>
      <el-button v-else @click="cancel">{{ words.cues.hear.cancel }}</el-button>
      <span class="soft" role="status">{{
        working || failure || measured || say.measureHint
      }}</span>
    </template>
  </div>
</template>

<style scoped>
.mouth {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 1rem;
}
.mouth > * {
  margin: 0;
}
.level {
  display: flex;
  flex: 1;
  align-items: center;
  gap: 0.8rem;
}
.level :deep(.el-progress) {
  flex: 1;
  min-width: 8rem;
  max-width: 22rem;
}
.wrong {
  color: var(--wrong);
}
</style>
