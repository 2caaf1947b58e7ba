<script setup lang="ts">
import type { FloorSettings } from '@dellop/core/rehearse'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** How the simulated floor is: how well it hears, what it knows, how many they are. */
const settings = defineModel<FloorSettings>({ required: true })
const say = words.rehearse
const HEARING = [0.99, 0.95, 0.85, 0.7].map((value, i) => ({ value, label: say.halls[i]! }))
const BEFORE = [0, 1, 3, 10].map((value) => ({ value, label: say.before(value) }))
const set = (change: Partial<FloorSettings>): void =>
  void (settings.value = { ...settings.value, ...change })
</script>

<template>
  <Labelled :label="say.hall"
    ><el-select :model-value="settings.hearing" @update:model-value="set({ hearing: $event })"
      ><el-option
        v-for="one in HEARING"
        :key="one.value"
        :value="one.value"
        :label="one.label" /></el-select
  ></Labelled>
  <Labelled :label="say.known"
    ><el-select :model-value="settings.before" @update:model-value="set({ before: $event })"
      ><el-option
        v-for="one in BEFORE"
        :key="one.value"
        :value="one.value"
        :label="one.label" /></el-select
  ></Labelled>
  <Labelled :label="say.dancers"
    ><el-input-number
      :model-value="settings.dancers"
      :min="1"
      :max="64"
      @update:model-value="set({ dancers: $event ?? 16 })"
  /></Labelled>
</template>
