<script setup lang="ts">
import { useEntry } from './entry.ts'

/** A field whose owner hears of it when the typing is done. */
const props = defineProps<{ value: string | number }>()
const emit = defineEmits<{ change: [text: string] }>()
const { draft, type, done } = useEntry(
  () => props.value,
  (text) => emit('change', text),
)
</script>

<template>
  <el-input :model-value="draft" @update:model-value="type" @change="done">
    <template v-if="$slots['prefix']" #prefix><slot name="prefix" /></template>
  </el-input>
</template>
