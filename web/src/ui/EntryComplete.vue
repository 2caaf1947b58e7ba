<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { browserTimers } from '../app/timers.ts'
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

/**
 * While nothing is offered there is no list: what the library says of one would name nothing on the
 * page, which screen readers stumble over.
 */
const field = ref<{ readonly inputRef?: { readonly input?: HTMLInputElement } } | null>(null)
const OF_LIST = ['aria-controls', 'aria-activedescendant'] as const
function tellNoList(): void {
  const input = field.value?.inputRef?.input
  for (const name of OF_LIST) input?.removeAttribute(name)
}
// The library writes them once it is drawn.
onMounted(() => void browserTimers.after(0, tellNoList))

const choose = (value: string): void => {
  type(value)
  done(value)
}
</script>

<template>
  <el-autocomplete
    ref="field"
    :model-value="draft"
    :fetch-suggestions="like"
    @update:model-value="type(String($event))"
    @select="choose(String($event['value']))"
    @change="done(String($event))"
    @blur="tellNoList"
  />
</template>
