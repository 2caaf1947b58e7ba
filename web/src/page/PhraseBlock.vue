<script setup lang="ts">
import type { RowBlock } from '@dellop/core/sheet'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** One figure on the page of phrases. */
const props = defineProps<{
  block: RowBlock
  name: string
  /** What it is, where and how long, for those who do not see the page. */
  label: string
  mark: 'stop' | 'mend' | 'note' | null
  /** Why it is not named, where that is told. */
  unsaid: string
  /** How often it went wrong here lately. */
  slips: number
  isChosen: boolean
  isTabStop: boolean
  isWithin: boolean
  isFresh: boolean
}>()
const emit = defineEmits<{
  select: [key: string]
  extend: [key: string]
  grab: [key: string]
  dropOn: [key: string, behind: boolean]
  open: [key: string]
}>()
const key = computed(() => props.block.slot.key)
const isOpen = computed(() => props.block.end === props.block.start)
const isTroubled = computed(() => props.mark !== null && props.mark !== 'note')

function drop(event: DragEvent): void {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  emit('dropOn', key.value, event.clientX > box.left + box.width / 2)
}
</script>

<template>
  <button
    class="block"
    :class="{
      chosen: isChosen,
      within: isWithin,
      fresh: isFresh,
      before: block.fromBefore,
      next: block.toNext,
      changed: block.slot.changed,
      unknown: !block.slot.danced,
      troubled: isTroubled && !isOpen,
      open: isOpen,
    }"
    :data-slot="key"
    :tabindex="isTabStop ? 0 : -1"
    :aria-label="slips > 0 ? `${label}, ${words.sheet.slipsHere(slips)}` : label"
    :aria-pressed="isChosen"
    draggable="true"
    @click.exact="emit('select', key)"
    @mousedown.shift.prevent
    @click.shift="emit('extend', key)"
    @dblclick="emit('open', key)"
    @focus="emit('select', key)"
    @dragstart="emit('grab', key)"
    @dragover.prevent
    @drop.prevent="drop($event)"
  >
    <span v-if="block.fromBefore" aria-hidden="true">… </span>{{ name
    }}<span v-if="isOpen" class="ask">{{ words.sheet.howLong }}</span
    ><span v-if="block.toNext" aria-hidden="true"> …</span>
    <span
      v-if="slips > 0"
      class="slips"
      :data-times="`${slips}×`"
      :title="words.sheet.slipsHere(slips)"
      aria-hidden="true"
    />
    <span v-if="isTroubled" class="mark" aria-hidden="true">!</span>
    <span v-if="block.slot.slot.hard" class="sign" :title="words.sheets.print.hard"
      >◆<span class="unseen">{{ words.sheets.print.hard }}</span></span
    >
    <span v-if="block.slot.slot.optional" class="sign" :title="words.sheets.print.optional"
      >(○)<span class="unseen">{{ words.sheets.print.optional }}</span></span
    >
    {{ ' ' }}<span v-if="unsaid && !isOpen" class="only">{{ unsaid }}</span
    ><span v-if="block.slot.changed" class="only">{{ words.sheet.changedMark }}</span>
  </button>
</template>

<style scoped src="./phraseBlock.css"></style>
