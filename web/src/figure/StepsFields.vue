<script setup lang="ts">
import type { FieldProblem, WrittenFigure } from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'
import StepGrid from './StepGrid.vue'
import StepLineField from './StepLineField.vue'

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
      <details>
        <summary>{{ say.grid.open }}</summary>
        <StepGrid
          :label="words.role.lead"
          :text="written.lead"
          :beats="beats"
          :division="draft.division.value"
          @change="(text) => change('lead', text)"
        />
      </details>
      <label
        ><span class="field-label">{{
          written.dancers === 'solo' ? say.everyoneLine : say.followLine
        }}</span>
        <select
          :value="written.followKind"
          @change="
            change(
              'followKind',
              ($event.target as HTMLSelectElement).value as WrittenFigure['followKind'],
            )
          "
        >
          <option value="opposite">{{ words.figures.opposite }}</option>
          <option value="alike">{{ words.figures.alike }}</option>
          <option value="same">{{ words.figures.sameSteps }}</option>
          <option value="own">{{ say.own }}</option>
        </select>
      </label>
      <template v-if="written.followKind === 'own'">
        <StepLineField
          id="follow-line"
          :label="say.followSteps"
          :text="written.follow"
          :problem="problemOf('follow')"
          :hint="say.example"
          @change="(text) => change('follow', text)"
        />
        <details>
          <summary>{{ say.grid.open }}</summary>
          <StepGrid
            :label="words.role.follow"
            :text="written.follow"
            :beats="beats"
            :division="draft.division.value"
            @change="(text) => change('follow', text)"
          />
        </details>
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
    </template>
    <details :open="isMade">
      <summary>{{ say.parts }}</summary>
      <p class="soft">{{ say.partsHelp }}</p>
      <StepLineField
        id="parts-line"
        :label="say.partsLine"
        :text="written.parts"
        :problem="problemOf('parts')"
        :hint="say.partsExample"
        @change="(text) => change('parts', text)"
      />
    </details>
  </fieldset>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 0.6rem;
}
</style>
