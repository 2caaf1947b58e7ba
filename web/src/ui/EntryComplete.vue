<script setup lang="ts">
import { useEntry } from './entry.ts'

/** A field that offers what is usual; its owner hears of it when the typing or choosing is done. */
const props = defineProps<{ value: string; offers: readonly string[] }>()
const emit = defineEmits<{ change: [text: string] }>()
const { draft, type, done } = useEntry(
  () => props.value,
  (text) => emit('change', text),
)
const like = (typed: string): { value: string }[] => {
  const plain = typed.trim().toLowerCase()
  const found = props.offers.filter((offer) => offer.toLowerCase().includes(plain))
  // What is in the field already narrows nothing: all are offered then.
  return (props.offers.includes(typed.trim()) ? props.offers : found).map((value) => ({ value }))
}
const choose = (value: string): void => {
  type(value)
  done(value)
}
</script>

<template>
  <el-autocomplete
    :model-value="draft"
    :fetch-suggestions="like"
    @update:model-value="type(String($event))"
    @select="choose(String($event['value']))"
    @change="done(String($event))"
  />
</template>
