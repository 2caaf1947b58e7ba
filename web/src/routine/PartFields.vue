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
import { words } from '../words/index.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import Folded from '../ui/Folded.vue'

/** What belongs to a part every time it is danced, and borrowing one from another sheet. */
const props = defineProps<{ sheet: Sheet; part: Part }>()
const emit = defineEmits<{
  set: [field: keyof Part & string, value: unknown]
  edits: [edits: readonly Edit[] | null, label: string]
}>()

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
      <Labelled :label="words.sheets.pass.label"
        ><EntryInput
          :value="part.label"
          maxlength="30"
          @change="$event && emit('set', 'label', $event)"
      /></Labelled>
      <Labelled :label="words.sheets.pass.lesson"
        ><EntryInput
          :value="part.lesson ?? ''"
          :placeholder="words.sheets.pass.noLesson"
          inputmode="numeric"
          @change="emit('set', 'lesson', lessonOf($event))"
      /></Labelled>
    </div>
    <Labelled :label="words.sheets.pass.unit"
      ><el-select :model-value="part.unit ?? ''" @change="emit('set', 'unit', $event || undefined)"
        ><el-option value="" :label="words.sheets.pass.asSheet" />
        <el-option
          v-for="unit in UNITS"
          :key="unit"
          :value="unit"
          :label="words.sheets.head.units[unit]" /></el-select
    ></Labelled>
    <Labelled v-if="definitions.length > 0" :label="words.sheets.pass.versionOf"
      ><el-select
        :model-value="part.versionOf ?? ''"
        @change="emit('set', 'versionOf', $event || undefined)"
        ><el-option value="" :label="words.sheets.pass.isDefinition" />
        <el-option
          v-for="one in definitions"
          :key="one.id"
          :value="one.id"
          :label="one.label" /></el-select
    ></Labelled>
    <div class="row">
      <el-button
        @click="emit('edits', copyPart(sheet.routine, part.id, randomId), words.done.partAdded)"
      >
        {{ words.sheets.pass.copyPart }}
      </el-button>
      <el-button @click="emit('edits', removePart(sheet.routine, part.id), words.done.partRemoved)">
        {{ words.sheets.pass.removePart(part.label) }}
      </el-button>
    </div>
    <Folded :title="words.sheets.pass.borrow" @toggle="$event && openShelf()">
      <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
      <Labelled :label="words.sheets.pass.borrowSheet"
        ><el-select :model-value="from?.id ?? ''" @change="openSheet($event)"
          ><el-option value="" :label="''" />
          <el-option
            v-for="one in shelf"
            :key="one.id"
            :value="one.id"
            :label="one.title" /></el-select
      ></Labelled>
      <template v-if="from">
        <Labelled :label="words.sheets.pass.borrowPart"
          ><el-select v-model="partId"
            ><el-option
              v-for="one in from.parts"
              :key="one.id"
              :value="one.id"
              :label="one.label" /></el-select
        ></Labelled>
        <el-button @click="take">{{ words.sheets.pass.borrowTake }}</el-button>
      </template>
    </Folded>
  </div>
</template>

<style scoped>
.part {
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
h3 {
  font-size: 1.05rem;
}
</style>
