<script setup lang="ts">
import { useLibrary } from '../app/library.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import type { FreeSetup } from './freeSetup.ts'

/** Which dance is called without a sheet, and to what music. */
defineProps<{ setup: FreeSetup; ready: boolean }>()
defineEmits<{ begin: [] }>()
const dance = defineModel<string>('dance', { required: true })
const tuneId = defineModel<string>('tuneId', { required: true })
const bpm = defineModel<string>('bpm', { required: true })
const library = useLibrary()
</script>

<template>
  <section class="setup" aria-labelledby="free-head">
    <h1 id="free-head">{{ words.lectern.free.title }}</h1>
    <p class="soft">{{ words.lectern.free.lead }}</p>
    <template v-if="ready">
      <Labelled :label="words.lectern.free.dance"
        ><el-select v-model="dance"
          ><el-option
            v-for="one in setup.dances"
            :key="one"
            :value="one"
            :label="words.dance(one)" /></el-select
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
      <Labelled v-if="!setup.tune" :label="words.lectern.free.bpm"
        ><el-input v-model="bpm" inputmode="decimal" :placeholder="String(setup.usualBpm)"
      /></Labelled>
      <p>{{ words.lectern.free.figures(setup.figures.length, library.group?.name ?? null) }}</p>
      <p v-if="!setup.start" role="status">{{ words.lectern.free.never }}</p>
      <p v-else>{{ words.lectern.free.stand(words.hold(setup.start.hold)) }}</p>
      <el-button type="primary" size="large" :disabled="!setup.start" @click="$emit('begin')">
        {{ words.lectern.free.begin }}
      </el-button>
    </template>
    <RouterLink :to="{ name: 'sheets' }">{{ words.lectern.free.leave }}</RouterLink>
  </section>
</template>

<style scoped src="./free.css"></style>
