<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import {
  borrowPart,
  copyPart,
  removePart,
  UNITS,
  type Part,
  type Routine,
} from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import type { SheetSummary } from '@dellop/wire'
import { computed, ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { vEntry } from '../ui/entry.ts'
import { words } from '../words/index.ts'

/** What belongs to a part every time it is danced, and borrowing one from another sheet. */
const props = defineProps<{ sheet: Sheet; part: Part }>()
const emit = defineEmits<{
  set: [field: keyof Part & string, value: unknown]
  edits: [edits: readonly Edit[] | null, label: string]
}>()

const text = (event: Event): string =>
  (event.target as HTMLInputElement | HTMLSelectElement).value.trim()
const definitions = computed(() =>
  props.sheet.routine.parts.filter(
    ({ id, versionOf }) => id !== props.part.id && versionOf === undefined,
  ),
)
const lessonOf = (value: string): number | undefined => {
  const lesson = Math.round(Number(value))
  return value !== '' && lesson >= 1 && lesson <= 100 ? lesson : undefined
}

const shelf = ref<readonly SheetSummary[]>([])
const from = ref<Routine | null>(null)
const partId = ref('')
const failure = ref('')
async function tried(work: () => Promise<void>): Promise<void> {
  failure.value = ''
  await work().catch((error: unknown) => (failure.value = sentenceOf(error)))
}
const openShelf = (): Promise<void> =>
  tried(
    async () =>
      void (shelf.value = (await api('listSheets')).sheets.filter(
        ({ id, archived }) => id !== props.sheet.routine.id && !archived,
      )),
  )
const openSheet = (id: string): Promise<void> =>
  tried(async () => {
    from.value = id === '' ? null : (await api('getSheet', { params: { id } })).routine
    partId.value = from.value?.parts[0]?.id ?? ''
  })
function take(): void {
  if (from.value)
    emit(
      'edits',
      borrowPart(props.sheet.routine, from.value, partId.value, randomId),
      words.done.borrowed,
    )
}
</script>

<template>
  <div class="part">
    <h3>{{ words.sheets.pass.part }}</h3>
    <p v-if="part.origin">
      {{ words.sheets.pass.origin(part.origin.title) }}
      <RouterLink :to="{ name: 'sheet', params: { id: part.origin.routineId } }">{{
        words.sheets.pass.openOrigin
      }}</RouterLink>
    </p>
    <div class="two">
      <label
        >{{ words.sheets.pass.label
        }}<input
          v-entry="part.label"
          maxlength="30"
          @change="text($event) && emit('set', 'label', text($event))"
      /></label>
      <label
        >{{ words.sheets.pass.lesson
        }}<input
          v-entry="part.lesson ?? ''"
          :placeholder="words.sheets.pass.noLesson"
          inputmode="numeric"
          @change="emit('set', 'lesson', lessonOf(text($event)))"
      /></label>
    </div>
    <label
      >{{ words.sheets.pass.unit }}
      <select :value="part.unit ?? ''" @change="emit('set', 'unit', text($event) || undefined)">
        <option value="">{{ words.sheets.pass.asSheet }}</option>
        <option v-for="unit in UNITS" :key="unit" :value="unit">
          {{ words.sheets.head.units[unit] }}
        </option>
      </select></label
    >
    <label v-if="definitions.length > 0"
      >{{ words.sheets.pass.versionOf }}
      <select
        :value="part.versionOf ?? ''"
        @change="emit('set', 'versionOf', text($event) || undefined)"
      >
        <option value="">{{ words.sheets.pass.isDefinition }}</option>
        <option v-for="one in definitions" :key="one.id" :value="one.id">{{ one.label }}</option>
      </select></label
    >
    <div class="row">
      <button
        class="button small"
        @click="emit('edits', copyPart(sheet.routine, part.id, randomId), words.done.partAdded)"
      >
        {{ words.sheets.pass.copyPart }}
      </button>
      <button
        class="button small"
        @click="emit('edits', removePart(sheet.routine, part.id), words.done.partRemoved)"
      >
        {{ words.sheets.pass.removePart(part.label) }}
      </button>
    </div>
    <details @toggle="($event.target as HTMLDetailsElement).open && openShelf()">
      <summary>{{ words.sheets.pass.borrow }}</summary>
      <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
      <label
        >{{ words.sheets.pass.borrowSheet }}
        <select :value="from?.id ?? ''" @change="openSheet(text($event))">
          <option value=""></option>
          <option v-for="one in shelf" :key="one.id" :value="one.id">{{ one.title }}</option>
        </select></label
      >
      <template v-if="from">
        <label
          >{{ words.sheets.pass.borrowPart }}
          <select v-model="partId">
            <option v-for="one in from.parts" :key="one.id" :value="one.id">{{ one.label }}</option>
          </select></label
        >
        <button class="button small" @click="take">{{ words.sheets.pass.borrowTake }}</button>
      </template>
    </details>
  </div>
</template>

<style scoped>
.part,
details[open] {
  display: grid;
  gap: 0.6rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem 0.7rem;
}
label {
  display: grid;
  gap: 0.15rem;
  font-size: 0.9rem;
  color: var(--ink-soft);
  min-width: 0;
}
h3 {
  font-size: 1.05rem;
}
summary {
  font-weight: 600;
}
</style>
