<script setup lang="ts">
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** How the recording plays while its beats are looked after: slower, and a stretch over again. */
defineProps<{ loop: { readonly from: number; readonly to: number } | null }>()
const emit = defineEmits<{ shown: []; end: [] }>()
const speed = defineModel<number>('speed', { required: true })
const SPEEDS = [1, 0.9, 0.8, 0.7, 0.6, 0.5]
</script>

<template>
  <div class="slow">
    <Labelled :label="words.tunes.playedAt"
      ><el-select v-model="speed" class="pick"
        ><el-option
          v-for="one in SPEEDS"
          :key="one"
          :value="one"
          :label="words.tunes.percent(Math.round(one * 100))" /></el-select
    ></Labelled>
    <el-button v-if="!loop" @click="emit('shown')">{{ words.tunes.loopShown }}</el-button>
    <template v-else>
      <el-button @click="emit('end')">{{ words.tunes.loopEnd }}</el-button>
      <span class="soft">{{
        words.tunes.loops(words.format.clock(loop.from), words.format.clock(loop.to))
      }}</span>
    </template>
  </div>
</template>

<style scoped>
.slow {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem 0.75rem;
  margin-top: 0.75rem;
}
.pick {
  width: 7rem;
}
</style>
