<script setup lang="ts">
import type { DanceFacts, EveningItem } from '@dellop/core/evening'
import { Ellipsis } from '@lucide/vue'
import { computed } from 'vue'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** What an item has besides: its music, how fast that is played, who calls it, and a note. */
const props = defineProps<{ item: EveningItem; title: string; facts: DanceFacts | null }>()
type Fields = {
  readonly [Key in 'recordingId' | 'speed' | 'caller' | 'note']?: EveningItem[Key] | undefined
}
const emit = defineEmits<{ set: [fields: Fields, label: string] }>()
const say = words.evenings
const SLOWEST = 50
const FASTEST = 150
const percent = computed(() => Math.round((props.item.speed ?? 1) * 100))
const setPercent = (to: number | undefined): void =>
  emit('set', { speed: to === undefined || to === 100 ? undefined : to / 100 }, say.done.speed)
/** Where the tune has several recordings: the one that the sheet is timed on, or one of its own. */
const recordings = computed(() => props.facts?.recordings ?? [])
const chosen = computed(() => recordings.value.find(({ id }) => id === props.item.recordingId))
const setRecording = (id: string): void =>
  emit('set', { recordingId: id || undefined }, say.done.recording)
const written = (text: string, most: number): string | undefined =>
  text.trim().slice(0, most) || undefined
</script>

<template>
  <el-popover trigger="click" :width="300" placement="bottom-end" :persistent="false">
    <template #reference>
      <el-button text :aria-label="say.moreOf(title)"><Ellipsis :size="18" /></el-button>
    </template>
    <div class="more">
      <Labelled v-if="recordings.length > 0" :label="say.recording"
        ><el-select :model-value="chosen?.id ?? ''" :teleported="false" @change="setRecording"
          ><el-option value="" :label="say.sheetRecording" /><el-option
            v-for="one in recordings"
            :key="one.id"
            :value="one.id"
            :label="say.recordingOf(one.name, one.seconds)" /></el-select
      ></Labelled>
      <Labelled v-if="item.kind === 'dance'" :label="say.speed"
        ><el-input-number
          :model-value="percent"
          :min="SLOWEST"
          :max="FASTEST"
          :step="5"
          @change="setPercent($event ?? undefined)"
      /></Labelled>
      <Labelled :label="say.caller"
        ><EntryInput
          :value="item.caller ?? ''"
          maxlength="120"
          @change="emit('set', { caller: written($event, 120) }, say.done.caller)"
      /></Labelled>
      <Labelled :label="say.note"
        ><EntryInput
          :value="item.note ?? ''"
          maxlength="1000"
          @change="emit('set', { note: written($event, 1000) }, say.done.note)"
      /></Labelled>
    </div>
  </el-popover>
</template>

<style scoped>
.more {
  display: grid;
  gap: 0.6rem;
}
</style>
