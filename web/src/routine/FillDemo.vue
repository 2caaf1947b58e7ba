<script setup lang="ts">
import type { DemoState } from '@dellop/wire'
import { computed, onBeforeUnmount, ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { browserTimers } from '../app/timers.ts'
import { words } from '../words/index.ts'

/** Fills the demo in, where nothing is here yet, and says how far it is. */
const emit = defineEmits<{ filled: [] }>()
const say = words.shelf.demo
const ASK_MS = 400

const now = ref<DemoState | null>(null)
const failure = ref('')
let isGone = false
onBeforeUnmount(() => (isGone = true))
const percent = computed(() =>
  now.value && now.value.of > 0 ? Math.round((100 * now.value.done) / now.value.of) : 0,
)

async function fill(): Promise<void> {
  failure.value = ''
  try {
    now.value = await api('fillDemo', { body: {} })
    while (now.value.state === 'filling' && !isGone) {
      await new Promise<void>((next) => browserTimers.after(ASK_MS, next))
      now.value = await api('demoState')
    }
    if (isGone) return
    if (now.value.state === 'failed') failure.value = say.failed
    else emit('filled')
  } catch (error) {
    failure.value = sentenceOf(error)
  }
  now.value = null
}
</script>

<template>
  <el-button v-if="!now" size="large" @click="fill">{{ say.fill }}</el-button>
  <div v-else class="going" role="status">
    <p>{{ say.going(now.done, now.of) }}</p>
    <el-progress :percentage="percent" :aria-label="say.fill" />
  </div>
  <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
</template>

<style scoped>
.going {
  width: 22rem;
  max-width: 100%;
  margin: 0.8rem auto 0;
}
</style>
