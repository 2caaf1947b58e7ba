<script setup lang="ts">
import { HOLD_IDS } from '@dellop/core/figure'
import { computed, defineAsyncComponent, ref } from 'vue'
import { words } from '../words/index.ts'

const OwnHoldDialog = defineAsyncComponent(() => import('./OwnHoldDialog.vue'))

/** Holds to choose from, one or several, with those written out for this figure or sheet. */
const props = defineProps<{
  /** The hold chosen, empty for none; a list where several may be. */
  value: string | readonly string[]
  /** What no hold means here; left out where there has to be one. */
  empty?: string
}>()
const emit = defineEmits<{ change: [value: string]; changeAll: [value: string[]] }>()

defineOptions({ inheritAttrs: false })
const OWN = '+'
const asked = ref(false)
const chosen = computed(() => [props.value].flat().filter((one) => one !== ''))
const holds = computed(() => [...new Set([...HOLD_IDS, ...chosen.value])])
function choose(value: string | string[]): void {
  if ([value].flat().includes(OWN)) asked.value = true
  else if (typeof value === 'string') emit('change', value)
  else emit('changeAll', value)
}
function take(id: string): void {
  if (typeof props.value === 'string') emit('change', id)
  else emit('changeAll', [...props.value, id])
}
</script>

<template>
  <el-select
    v-bind="$attrs"
    :model-value="value"
    :multiple="typeof value !== 'string'"
    filterable
    :empty-values="[null, undefined]"
    @change="choose"
  >
    <el-option v-if="empty !== undefined" value="" :label="empty" />
    <el-option v-for="hold in holds" :key="hold" :value="hold" :label="words.hold(hold)" />
    <el-option :value="OWN" :label="words.ownHold.ask" />
  </el-select>
  <OwnHoldDialog v-if="asked" v-model="asked" @take="take" />
</template>
