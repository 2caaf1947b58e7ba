<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import type { Routine } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import BringCues from './BringCues.vue'
import CallingFields from './CallingFields.vue'
import DensityCurve from './DensityCurve.vue'
import HearCues from './HearCues.vue'
import type { SheetPage } from './sheetPage.ts'

/**
 * All about what is said on a sheet: how it is called, how much is said, how it sounds, and what is
 * taken along.
 */
const props = defineProps<{ sheet: Sheet; page: SheetPage }>()
const emit = defineEmits<{
  set: [field: keyof Routine & string, value: unknown]
  go: [key: string]
  see: [label: string, edits: readonly Edit[]]
}>()
const { hearsNext } = props.page
</script>

<template>
  <CallingFields
    :routine="sheet.routine"
    :school="sheet.school"
    @set="(field, value) => emit('set', field, value)"
  />
  <HearCues
    v-model:asked="hearsNext"
    :sheet="sheet"
    :selected="page.selected.value"
    :pass="page.selectedPass.value"
  />
  <DensityCurve :sheet="sheet" />
  <BringCues :sheet="sheet" @see="(label, edits) => emit('see', label, edits)" />
</template>
