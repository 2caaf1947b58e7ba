<script setup lang="ts">
import {
  directionWords,
  FRAMES,
  HOLD_IDS,
  type FieldProblem,
  type WrittenFigure,
} from '@dellop/core/figure'
import { type Facing } from '@dellop/core/move'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'
import StepLineField from './StepLineField.vue'

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
    const text =
      written.value.frame === 'hall'
        ? words.format.facing(facing)
        : directionWords(written.value.frame, facing as Facing, { line: 'lead' })
    return text ? [{ facing, text }] : []
  }),
)
const ITEMS = ['feet', 'holds', 'facings'] as const
const text = (event: Event): string => (event.target as HTMLInputElement).value
</script>

<template>
  <fieldset class="ends">
    <legend>{{ say.beginsEnds }}</legend>
    <template v-if="written.dancers !== 'solo'">
      <div role="group" :aria-label="say.holds">
        <span class="field-label">{{ say.holds }}</span>
        <label v-for="hold in HOLD_IDS" :key="hold" class="hold"
          ><input
            type="checkbox"
            :checked="written.holds.includes(hold)"
            @change="change('holds', toggled(written.holds, hold))"
          />
          {{ hold }}</label
        >
      </div>
      <label
        ><span class="field-label">{{ words.figures.endsIn }}</span>
        <select :value="written.exitHold ?? ''" @change="change('exitHold', text($event) || null)">
          <option value="">{{ words.figures.keepsHold }}</option>
          <option v-for="hold in HOLD_IDS" :key="hold">{{ hold }}</option>
        </select>
      </label>
    </template>
    <details
      :open="
        written.facings.length > 0 ||
        written.holdChanges !== '' ||
        written.endings !== '' ||
        written.options !== '' ||
        written.half !== ''
      "
    >
      <summary>{{ say.moreEnds }}</summary>
      <div class="inner">
        <div role="group" :aria-label="say.facings">
          <span class="field-label">{{ say.facings }}</span>
          <select
            class="pick"
            :value="written.frame"
            :aria-label="say.frame"
            @change="change('frame', text($event) as WrittenFigure['frame'])"
          >
            <option v-for="frame in FRAMES" :key="frame" :value="frame">
              {{ say.frames[frame] }}
            </option>
          </select>
          <label v-for="one in facings" :key="one.facing" class="hold"
            ><input
              type="checkbox"
              :checked="written.facings.includes(one.facing)"
              @change="change('facings', toggled(written.facings, one.facing))"
            />
            {{ one.text }}</label
          >
        </div>
        <div role="group" :aria-label="say.hard">
          <span class="field-label">{{ say.hard }}</span>
          <label v-for="item in ITEMS" :key="item" class="hold"
            ><input
              type="checkbox"
              :checked="written.strictness[item] === 'hard'"
              @change="
                change('strictness', {
                  ...written.strictness,
                  [item]: written.strictness[item] === 'hard' ? 'soft' : 'hard',
                })
              "
            />
            {{ say.hardItems[item] }}</label
          >
        </div>
        <label v-if="written.parts.trim() === ''"
          ><span class="field-label">{{ say.hands }}</span>
          <input
            :value="written.holdChanges"
            :placeholder="say.handsExample"
            :aria-invalid="problemOf('holdChanges') !== null"
            @input="change('holdChanges', text($event))"
          />
        </label>
        <p v-if="problemOf('holdChanges')" class="wrong" role="status">
          {{ problemOf('holdChanges')!.message }}
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
        <label
          ><span class="field-label">{{ say.half }}</span>
          <input
            class="short"
            :value="written.half"
            inputmode="decimal"
            maxlength="6"
            :placeholder="say.halfUsual"
            :aria-invalid="problemOf('half') !== null"
            @input="change('half', text($event))"
          />
        </label>
        <p v-if="problemOf('half')" class="wrong" role="status">{{ problemOf('half')!.message }}</p>
      </div>
    </details>
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
  display: inline-block;
  margin: 0 0.9rem 0.2rem 0;
  white-space: nowrap;
}
.wrong {
  color: var(--wrong);
}
</style>
