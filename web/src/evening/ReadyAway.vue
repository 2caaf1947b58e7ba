<script setup lang="ts">
import type { Revised } from '@dellop/core/document'
import type { DanceFacts, Evening } from '@dellop/core/evening'
import { CircleCheck, TriangleAlert } from '@lucide/vue'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import { useReadyAway } from './readyAway.ts'

/** Whether the evening can be called without the server, and how far it is on the way there. */
const props = defineProps<{
  evening: Revised<Evening>
  facts: ReadonlyMap<string, DanceFacts>
}>()
const say = words.evenings.tonight.away
const { working, failure, told, start, cancel, all, done, missing, isKept } = useReadyAway(
  () => props.evening,
  () => new Map([...props.facts].map(([id, { title }]) => [id, title])),
)
const isReady = computed(() => done.value === all.value && isKept.value)
</script>

<template>
  <div v-if="all > 0" class="away" role="status">
    <template v-if="working">
      <span>{{ working }}</span>
      <el-progress
        class="bar"
        :percentage="Math.round((100 * done) / all)"
        :format="() => say.of(done, all)"
        :aria-label="working"
      />
      <el-button size="small" @click="cancel">{{ say.stop }}</el-button>
    </template>
    <span v-else-if="isReady" class="ready"
      ><CircleCheck :size="18" aria-hidden="true" />{{ say.ready(all) }}</span
    >
    <template v-else>
      <span class="missing"
        ><TriangleAlert :size="18" aria-hidden="true" />{{
          failure || told || (isKept ? say.missing(missing) : say.nothingKept)
        }}</span
      >
      <el-button size="small" @click="start">{{ say.again }}</el-button>
    </template>
  </div>
</template>

<style scoped>
.away {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 1rem;
  min-height: 32px;
}
.bar {
  flex: 0 1 16rem;
}
.ready,
.missing {
  display: flex;
  align-items: center;
  gap: 0.4rem;
}
.ready svg {
  color: var(--feet);
}
.missing svg {
  flex: none;
  color: var(--wrong);
}
</style>
