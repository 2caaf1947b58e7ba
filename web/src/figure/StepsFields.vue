<script setup lang="ts">
import type { FieldProblem, WrittenFigure } from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'
import StepGrid from './StepGrid.vue'
import StepLineField from './StepLineField.vue'
import Folded from '../ui/Folded.vue'
import Labelled from '../ui/Labelled.vue'

/**
 * What is danced: steps of one's own, as a line and count by count, or other figures one after the
 * other.
 */
const props = defineProps<{ draft: FigureDraft }>()
const say = words.figures.write
const written = computed(() => props.draft.written.value)
const isMade = computed(() => written.value.parts.trim() !== '')
const beats = computed(() => Math.ceil(Number(written.value.beats.replace(',', '.')) || 0))
/** A field that is still empty is not yet wrong. */
const problemOf = (field: keyof WrittenFigure): FieldProblem | null =>
  written.value[field] === ''
    ? null
    : (props.draft.made.value.problems.find((one) => one.field === field) ?? null)
const change = <Field extends keyof WrittenFigure>(
  field: Field,
  value: WrittenFigure[Field],
): void => props.draft.change(field, value)
</script>

<template>
  <fieldset class="steps">
    <legend>{{ say.steps }}</legend>
    <template v-if="!isMade">
      <StepLineField
        id="lead-line"
        :label="say.leadLine"
        :text="written.lead"
        :problem="problemOf('lead')"
        :hint="say.example"
        @change="(text) => change('lead', text)"
      />
      <Folded :title="say.grid.open">
        <StepGrid
          :label="words.role.lead"
          :text="written.lead"
          :beats="beats"
          :division="draft.division.value"
          @change="(text) => change('lead', text)"
        />
      </Folded>
      <Labelled :label="written.dancers === 'solo' ? say.everyoneLine : say.followLine"
        ><el-select
          :model-value="written.followKind"
          @change="change('followKind', $event as WrittenFigure['followKind'])"
          ><el-option value="opposite" :label="words.figures.opposite" />
          <el-option value="alike" :label="words.figures.alike" />
          <el-option value="same" :label="words.figures.sameSteps" />
          <el-option value="own" :label="say.own" /></el-select
      ></Labelled>
      <template v-if="written.followKind === 'own'">
        <StepLineField
          id="follow-line"
          :label="say.followSteps"
          :text="written.follow"
          :problem="problemOf('follow')"
          :hint="say.example"
          @change="(text) => change('follow', text)"
        />
        <Folded :title="say.grid.open">
          <StepGrid
            :label="words.role.follow"
            :text="written.follow"
            :beats="beats"
            :division="draft.division.value"
            @change="(text) => change('follow', text)"
          />
        </Folded>
      </template>
      <StepLineField
        v-if="written.dancers === 'set'"
        id="others-line"
        :label="say.others"
        :text="written.others"
        :problem="problemOf('others')"
        :hint="say.othersExample"
        @change="(text) => change('others', text)"
      />
      <StepLineField
        v-if="written.dancers === 'set'"
        id="moves-line"
        :label="words.floor.moves"
        :text="written.moves"
        :problem="problemOf('moves')"
        :hint="words.floor.movesHint"
        @change="(text) => change('moves', text)"
      />
    </template>
    <Folded :open="isMade" :title="say.parts">
      <p class="soft">{{ say.partsHelp }}</p>
      <StepLineField
        id="parts-line"
        :label="say.partsLine"
        :text="written.parts"
        :problem="problemOf('parts')"
        :hint="say.partsExample"
        @change="(text) => change('parts', text)"
      />
    </Folded>
  </fieldset>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 0.6rem;
}
</style>
