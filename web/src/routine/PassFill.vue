<script setup lang="ts">
import type { DancedPass, Pass } from '@dellop/core/routine'
import { computed } from 'vue'
import { useLastFill } from '../app/lastTime.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { wholeWithin as whole } from '../ui/wholeWithin.ts'
import { words } from '../words/index.ts'

/** A part that is danced until something in the music: until what, how often, and what is left. */
const props = defineProps<{
  pass: DancedPass
  fill: NonNullable<Pass['fill']>
  sheetId: string
  recordingId: string | null
}>()
defineEmits<{ set: [fill: Pass['fill']] }>()
const filled = computed(() => props.pass.filled)
const last = useLastFill(() => ({
  sheetId: props.sheetId,
  passId: props.pass.pass.id,
  recordingId: props.recordingId,
}))
/** As often as then, on any music. */
const asThen = computed(() => ({ ...props.fill, min: last.value ?? 1, max: last.value ?? 1 }))
const isKept = computed(() => props.fill.min === last.value && props.fill.max === last.value)
</script>

<template>
  <Labelled :label="words.sheets.pass.fill"
    ><el-select :model-value="fill.until" @change="$emit('set', { ...fill, until: $event })"
      ><el-option
        v-for="(label, until) in words.sheets.pass.fillUntil"
        :key="until"
        :value="until"
        :label="label" /></el-select
  ></Labelled>
  <div class="two">
    <Labelled :label="words.sheets.pass.least"
      ><EntryInput
        :value="fill.min"
        inputmode="numeric"
        @change="$emit('set', { ...fill, min: whole($event, 0, fill.max, fill.min) })"
    /></Labelled>
    <Labelled :label="words.sheets.pass.most"
      ><EntryInput
        :value="fill.max"
        inputmode="numeric"
        @change="
          $emit('set', {
            ...fill,
            max: whole($event, Math.max(1, fill.min), 64, fill.max),
          })
        "
    /></Labelled>
  </div>
  <p v-if="filled" class="count">
    {{
      words.sheets.pass.filled(
        filled.gapTicks,
        props.pass.end - props.pass.start,
        (filled.gapTicks - filled.leftTicks) / Math.max(1, props.pass.end - props.pass.start),
        filled.leftTicks,
      )
    }}
  </p>
  <p v-if="last !== null" class="last">
    {{ words.sheets.pass.lastFill(last) }}
    <el-button v-if="!isKept" size="small" @click="$emit('set', asThen)">{{
      words.sheets.pass.keepFill(last)
    }}</el-button>
  </p>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem 0.7rem;
  align-items: end;
}
</style>
