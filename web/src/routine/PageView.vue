<script setup lang="ts">
import { computed } from 'vue'
import { DENSITY_IDS, type DensityId } from '../page/density.ts'
import type { Shown } from '../page/shown.ts'
import { words } from '../words/index.ts'

/** How the page is laid out, what of it is shown, and how far the group knows it. */
defineProps<{ fading: boolean; byHand: boolean }>()
defineEmits<{ goByLogbook: [] }>()
const laidBy = defineModel<'part' | 'music'>('laidBy', { required: true })
const known = defineModel<number>('known', { required: true })
const shown = defineModel<Shown>('shown', { required: true })
const strip = defineModel<boolean>('strip', { required: true })
const text = defineModel<boolean>('text', { required: true })
const density = defineModel<DensityId>('density', { required: true })
/** From so many times on everybody knows it. */
const MOST_KNOWN = 6

const laid = [
  { value: 'part', label: words.sheets.view.part },
  { value: 'music', label: words.sheets.view.music },
]
const densities = DENSITY_IDS.map((id) => ({ value: id, label: words.sheets.view.densities[id] }))
const lanes = computed({
  get: () =>
    shown.value.said && shown.value.danced ? 'both' : shown.value.said ? 'said' : 'danced',
  set: (now: string) => (shown.value = { said: now !== 'danced', danced: now !== 'said' }),
})
const laneOptions = [
  { value: 'both', label: words.cues.showBoth },
  { value: 'said', label: words.cues.showSaid },
  { value: 'danced', label: words.cues.showDanced },
]
</script>

<template>
  <div class="view-tools" role="group" :aria-label="words.sheets.view.label">
    <el-segmented v-model="laidBy" :options="laid" :aria-label="words.sheets.view.laid" />
    <el-button
      :aria-pressed="strip"
      :aria-label="words.sheets.view.stripLabel"
      @click="strip = !strip"
      >{{ words.sheets.view.strip }}</el-button
    >
    <el-popover trigger="click" :width="300" placement="bottom-end">
      <template #reference>
        <el-button>{{ words.sheets.view.more }}</el-button>
      </template>
      <div class="more">
        <p class="field-label">{{ words.sheets.view.density }}</p>
        <el-segmented
          v-model="density"
          :options="densities"
          :aria-label="words.sheets.view.density"
        />
        <p class="field-label">{{ words.cues.shown }}</p>
        <el-segmented v-model="lanes" :options="laneOptions" :aria-label="words.cues.shown" />
        <template v-if="fading">
          <p class="field-label">{{ words.schools.known }}</p>
          <el-slider
            v-model="known"
            :min="0"
            :max="MOST_KNOWN"
            :aria-label="words.schools.known"
            :format-value-text="words.schools.knownTimes"
            :format-tooltip="words.schools.knownTimes"
          />
          <p class="soft">{{ words.schools.knownTimes(known) }}</p>
          <p v-if="!byHand" class="soft">{{ words.schools.knownBy }}</p>
          <el-button v-else link type="primary" @click="$emit('goByLogbook')">{{
            words.schools.goByLogbook
          }}</el-button>
        </template>
      </div>
    </el-popover>
    <el-button
      :aria-pressed="text"
      :aria-label="words.sheetText.besideLabel"
      @click="text = !text"
      >{{ words.sheetText.beside }}</el-button
    >
  </div>
</template>

<style scoped>
.view-tools {
  display: flex;
  gap: 6px;
  align-items: center;
  flex: none;
}
.view-tools > :deep(.el-button),
.view-tools > :deep(.el-segmented) {
  height: 28px;
  min-height: 28px;
  padding: 0 9px;
}
.view-tools > :deep(.el-segmented) {
  padding: 1px;
}
.more {
  display: grid;
  gap: 0.35rem;
}
.more .field-label {
  margin: 0.2rem 0 0;
}
</style>
