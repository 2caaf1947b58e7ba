<script setup lang="ts">
import type { Group } from '@dellop/core/group'
import { computed } from 'vue'
import EntryComplete from '../ui/EntryComplete.vue'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import '../ui/weeks.ts'
import { words } from '../words/index.ts'
import type { EveningDocument } from './eveningDocument.ts'

/** When, where and for whom an evening is. */
const props = defineProps<{
  document: EveningDocument
  groups: readonly Group[]
  halls: readonly string[]
  /** Seconds of a changeover as the logbook has them; null where it knows too few. */
  usualChangeover: number | null
}>()
const say = words.evenings
const evening = computed(() => props.document.evening.value!)
const set = (fields: Parameters<EveningDocument['set']>[0]): void =>
  void props.document.set(fields, say.done.changed)
/** A field that may be left out is taken away, not emptied. */
function leave(field: 'groupId' | 'present'): void {
  const { [field]: _, ...rest } = evening.value
  props.document.change(rest, say.done.changed)
}
const setPresent = (present: number | undefined): void =>
  present === undefined ? leave('present') : set({ present })
const setGroup = (groupId: string): void => (groupId === '' ? leave('groupId') : set({ groupId }))
</script>

<template>
  <div class="fields">
    <Labelled :label="say.name"
      ><EntryInput
        :value="evening.title"
        maxlength="120"
        @change="$event.trim() !== '' && set({ title: $event.trim() })"
    /></Labelled>
    <Labelled :label="say.date"
      ><el-date-picker
        :model-value="evening.date"
        type="date"
        value-format="YYYY-MM-DD"
        :format="say.dateFormat"
        :clearable="false"
        :aria-label="say.date"
        @update:model-value="$event && set({ date: $event })"
    /></Labelled>
    <Labelled :label="say.startsAt"
      ><el-time-picker
        :model-value="evening.startsAt"
        value-format="HH:mm"
        format="HH:mm"
        :clearable="false"
        @update:model-value="$event && set({ startsAt: $event })"
    /></Labelled>
    <Labelled :label="say.endsAt"
      ><el-time-picker
        :model-value="evening.endsAt"
        value-format="HH:mm"
        format="HH:mm"
        :clearable="false"
        @update:model-value="$event && set({ endsAt: $event })"
    /></Labelled>
    <Labelled :label="say.hall"
      ><EntryComplete
        :value="evening.hall"
        :offers="halls"
        maxlength="120"
        @change="set({ hall: $event.slice(0, 120) })"
    /></Labelled>
    <Labelled :label="say.group"
      ><el-select :model-value="evening.groupId ?? ''" @change="setGroup"
        ><el-option value="" :label="say.nobody" /><el-option
          v-for="one in groups"
          :key="one.id"
          :value="one.id"
          :label="one.name" /></el-select
    ></Labelled>
    <Labelled :label="say.present"
      ><el-input-number
        :model-value="evening.present"
        :min="0"
        :max="2000"
        @change="setPresent($event ?? undefined)"
    /></Labelled>
    <Labelled :label="say.changeover"
      ><el-input-number
        :model-value="evening.changeoverSeconds"
        :min="0"
        :max="1800"
        :step="15"
        @change="set({ changeoverSeconds: $event ?? 60 })"
    /></Labelled>
    <el-button
      v-if="usualChangeover !== null && usualChangeover !== evening.changeoverSeconds"
      link
      type="primary"
      class="usual"
      @click="set({ changeoverSeconds: usualChangeover })"
      >{{ say.usualChangeover(usualChangeover) }}</el-button
    >
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9.4rem, 1fr));
  gap: 0.5rem 0.9rem;
  align-items: end;
}
.usual {
  justify-self: start;
  white-space: normal;
  text-align: left;
}
.fields :deep(.el-date-editor),
.fields :deep(.el-input-number) {
  width: 100%;
}
</style>
