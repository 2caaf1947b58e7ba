<script setup lang="ts">
import { namesakes, type FieldProblem, type WrittenFigure } from '@dellop/core/figure'
import { computed } from 'vue'
import { useLibrary } from '../app/library.ts'
import EntryComplete from '../ui/EntryComplete.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'

/** What a figure is: its name, dance, length and level, and who dances it. */
const props = defineProps<{ draft: FigureDraft }>()
const library = useLibrary()
const say = words.figures.write
const written = computed(() => props.draft.written.value)
const figure = computed(() => props.draft.made.value.figure)
/** A field that is still empty is not yet wrong, but for what every figure needs. */
const problemOf = (field: keyof WrittenFigure): FieldProblem | null =>
  props.draft.made.value.problems.find((one) => one.field === field) ?? null
const shownProblem = (field: keyof WrittenFigure): FieldProblem | null =>
  written.value[field] === '' ? null : problemOf(field)
const families = computed(() => [...new Set(library.figures.map(({ family }) => family))].sort())
const isMade = computed(() => written.value.parts.trim() !== '')
/** The same name in the same dance: two figures, never one, so the cuer is told. */
const namesake = computed(
  () =>
    library.figures.find(
      ({ id, name, family }) =>
        id !== figure.value?.id &&
        family === written.value.family &&
        name.toLowerCase() === written.value.name.trim().toLowerCase(),
    ) ?? null,
)

const otherwise = computed(() =>
  figure.value
    ? namesakes(figure.value, library.figures).filter(({ id }) => id !== namesake.value?.id)
    : [],
)

const change = <Field extends keyof WrittenFigure>(
  field: Field,
  value: WrittenFigure[Field],
): void => props.draft.change(field, value)
/** Those who dance alone all do the same, in no hold of a couple. */
function setDancers(dancers: WrittenFigure['dancers']): void {
  change('dancers', dancers)
  if (dancers === 'couple') return
  change('followKind', 'same')
  if (dancers === 'solo') change('holds', ['none'])
}
</script>

<template>
  <fieldset>
    <legend class="unseen">{{ say.whatItIs }}</legend>
    <Labelled :label="say.name"
      ><el-input
        id="figure-name"
        :model-value="written.name"
        maxlength="60"
        :aria-invalid="problemOf('name') !== null"
        @update:model-value="change('name', $event)"
    /></Labelled>
    <p v-if="namesake" class="soft">{{ say.namesake(namesake.name) }}</p>
    <p v-if="otherwise.length > 0" class="soft">
      {{ say.otherwise(otherwise.map((one) => `${one.name} (${words.dance(one.family)})`)) }}
    </p>
    <div class="row">
      <Labelled :label="words.figures.columns.family"
        ><EntryComplete
          :value="written.family"
          :offers="families"
          maxlength="40"
          @change="change('family', $event)"
      /></Labelled>
      <Labelled v-if="!isMade" :label="words.figures.columns.length"
        ><el-input
          class="short"
          :model-value="written.beats"
          inputmode="decimal"
          maxlength="6"
          :aria-invalid="problemOf('beats') !== null"
          @update:model-value="change('beats', $event)"
      /></Labelled>
      <Labelled :label="words.figures.columns.level"
        ><el-select
          :model-value="written.level"
          @change="change('level', $event as WrittenFigure['level'])"
          ><el-option
            v-for="(name, level) in words.level"
            :key="level"
            :value="level"
            :label="name" /></el-select
      ></Labelled>
    </div>
    <p v-if="shownProblem('beats')" class="wrong">{{ words.problem(shownProblem('beats')!) }}</p>
    <div class="row">
      <Labelled :label="say.dancers"
        ><el-select
          :model-value="written.dancers"
          @change="setDancers($event as WrittenFigure['dancers'])"
          ><el-option
            v-for="(name, kind) in say.dancersKinds"
            :key="kind"
            :value="kind"
            :label="name" /></el-select
      ></Labelled>
      <Labelled v-if="written.dancers === 'set'" :label="say.couples"
        ><el-input
          class="short"
          :model-value="written.couples"
          maxlength="5"
          :aria-invalid="problemOf('couples') !== null"
          @update:model-value="change('couples', $event)"
      /></Labelled>
      <Labelled :label="say.countFrom"
        ><el-input
          class="short"
          :model-value="written.countFrom"
          inputmode="numeric"
          maxlength="2"
          placeholder="1"
          :aria-invalid="problemOf('countFrom') !== null"
          @update:model-value="change('countFrom', $event)"
      /></Labelled>
    </div>
    <p
      v-for="field in (['couples', 'countFrom'] as const).filter((one) => shownProblem(one))"
      :key="field"
      class="wrong"
    >
      {{ words.problem(shownProblem(field)!) }}
    </p>
    <Labelled :label="say.aliases"
      ><el-input
        id="figure-aliases"
        :model-value="written.aliases"
        :placeholder="say.aliasesExample"
        maxlength="1200"
        :aria-invalid="problemOf('aliases') !== null"
        @update:model-value="change('aliases', $event)"
    /></Labelled>
    <p v-if="shownProblem('aliases')" class="wrong" role="status">
      {{ words.problem(shownProblem('aliases')!) }}
    </p>
  </fieldset>
</template>

<style scoped>
.wrong {
  margin: 0;
  color: var(--wrong);
}
</style>
