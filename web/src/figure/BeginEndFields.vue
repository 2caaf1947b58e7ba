<script setup lang="ts">
import { directionWords, FRAMES, type FieldProblem, type WrittenFigure } from '@dellop/core/figure'
import { type Facing } from '@dellop/core/move'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'
import StepLineField from './StepLineField.vue'
import HoldSelect from '../ui/HoldSelect.vue'
import Labelled from '../ui/Labelled.vue'
import Folded from '../ui/Folded.vue'

/**
 * How it begins and ends: holds, facings, what of that is hard, hands on the way, other endings,
 * options, its own half.
 */
const props = defineProps<{ draft: FigureDraft }>()
const say = words.figures.write
const written = computed(() => props.draft.written.value)
const problemOf = (field: keyof WrittenFigure): FieldProblem | null =>
  written.value[field] === ''
    ? null
    : (props.draft.made.value.problems.find((one) => one.field === field) ?? null)
const change = <Field extends keyof WrittenFigure>(
  field: Field,
  value: WrittenFigure[Field],
): void => props.draft.change(field, value)
const toggled = <One,>(list: readonly One[], one: One): One[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
const FACINGS = [0, 1, 2, 3, 4, 5, 6, 7] as const
const facings = computed(() =>
  FACINGS.flatMap((facing) => {
    const { frame } = written.value
    if (frame !== 'hall' && !directionWords(frame, facing as Facing, { line: 'lead' })) return []
    return [{ facing, text: words.format.direction(facing as Facing, frame) }]
  }),
)
const ITEMS = ['feet', 'holds', 'facings'] as const
</script>

<template>
  <fieldset class="ends">
    <legend>{{ say.beginsEnds }}</legend>
    <template v-if="written.dancers !== 'solo'">
      <Labelled :label="say.holds"
        ><HoldSelect :value="written.holds" @change-all="change('holds', $event)"
      /></Labelled>
      <Labelled :label="words.figures.endsIn"
        ><HoldSelect
          :value="written.exitHold ?? ''"
          :empty="words.figures.keepsHold"
          @change="change('exitHold', $event || null)"
      /></Labelled>
    </template>
    <Folded
      :open="
        written.facings.length > 0 ||
        written.holdChanges !== '' ||
        written.endings !== '' ||
        written.options !== '' ||
        written.half !== ''
      "
      :title="say.moreEnds"
    >
      <div class="inner">
        <div role="group" :aria-label="say.facings">
          <span class="field-label">{{ say.facings }}</span>
          <el-select
            class="pick"
            :model-value="written.frame"
            :aria-label="say.frame"
            @change="change('frame', $event as WrittenFigure['frame'])"
            ><el-option
              v-for="frame in FRAMES"
              :key="frame"
              :value="frame"
              :label="say.frames[frame]"
          /></el-select>
          <el-checkbox
            v-for="one in facings"
            :key="one.facing"
            :model-value="written.facings.includes(one.facing)"
            class="hold"
            @change="change('facings', toggled(written.facings, one.facing))"
            >{{ one.text }}</el-checkbox
          >
        </div>
        <div role="group" :aria-label="say.hard">
          <span class="field-label">{{ say.hard }}</span>
          <el-checkbox
            v-for="item in ITEMS"
            :key="item"
            :model-value="written.strictness[item] === 'hard'"
            class="hold"
            @change="
              change('strictness', {
                ...written.strictness,
                [item]: written.strictness[item] === 'hard' ? 'soft' : 'hard',
              })
            "
            >{{ say.hardItems[item] }}</el-checkbox
          >
        </div>
        <Labelled v-if="written.parts.trim() === ''" :label="say.hands"
          ><el-input
            :model-value="written.holdChanges"
            :placeholder="say.handsExample"
            :aria-invalid="problemOf('holdChanges') !== null"
            @update:model-value="change('holdChanges', $event)"
        /></Labelled>
        <p v-if="problemOf('holdChanges')" class="wrong" role="status">
          {{ words.problem(problemOf('holdChanges')!) }}
        </p>
        <StepLineField
          id="endings-line"
          :label="say.endings"
          :text="written.endings"
          :problem="problemOf('endings')"
          :hint="say.endingsExample"
          @change="(value) => change('endings', value)"
        />
        <StepLineField
          id="options-line"
          :label="say.options"
          :text="written.options"
          :problem="problemOf('options')"
          :hint="say.optionsExample"
          @change="(value) => change('options', value)"
        />
        <Labelled :label="say.half"
          ><el-input
            class="short"
            :model-value="written.half"
            inputmode="decimal"
            maxlength="6"
            :placeholder="say.halfUsual"
            :aria-invalid="problemOf('half') !== null"
            @update:model-value="change('half', $event)"
        /></Labelled>
        <p v-if="problemOf('half')" class="wrong" role="status">
          {{ words.problem(problemOf('half')!) }}
        </p>
      </div>
    </Folded>
  </fieldset>
</template>

<style scoped>
.ends,
.inner {
  display: grid;
  gap: 0.6rem;
}
.inner {
  margin-top: 0.5rem;
}
.hold {
  margin: 0 0.9rem 0 0;
  white-space: nowrap;
}
.wrong {
  color: var(--wrong);
}
</style>
