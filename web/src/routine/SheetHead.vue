<script setup lang="ts">
import { isToMend } from '@dellop/core/check'
import { totalOf } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { bpmAt, ticksPerBar, type Tick } from '@dellop/core/time'
import { computed } from 'vue'
import type { Tune } from '@dellop/core/tune'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'
import TimedOn from './TimedOn.vue'
import type { MusicChoice } from './timedOn.ts'

const props = defineProps<{
  sheet: Sheet
  tunes: readonly Tune[]
  saving: string
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{
  title: [text: string]
  by: [text: string]
  music: [choice: MusicChoice | null]
  undo: []
  redo: []
  keys: []
}>()

const bar = computed(() => ticksPerBar(props.sheet.routine.metre))
const bpm = computed(() => Math.round(bpmAt(props.sheet.beatMap, props.sheet.firstStep) * 10) / 10)
const about = computed(() => {
  const { routine, school } = props.sheet
  const { formation } = routine
  return words.sheet.about(
    routine.dance,
    bpm.value,
    Math.round(bpm.value / routine.metre.beatsPerBar),
    formation ? words.sheets.head.formations[formation] : words.sheet.couples,
    words.hold(routine.start.hold),
    facingWords(routine, routine.start.lead.facing),
    school.name,
  )
})
const dancedBars = computed(
  () => Math.round((props.sheet.timeline.lengthTicks / bar.value) * 100) / 100,
)
const musicBars = computed(() =>
  props.sheet.musicEnd === null ? null : props.sheet.musicEnd / bar.value,
)
const fits = computed(() => dancedBars.value === musicBars.value)
const seconds = computed(
  () =>
    props.sheet.clock.heardAt(props.sheet.timeline.lengthTicks) -
    props.sheet.clock.heardAt(0 as Tick),
)
const toMend = computed(() => props.sheet.findings.filter(isToMend).length)
</script>

<template>
  <header class="head">
    <div class="names">
      <h1>
        <input
          class="title"
          :value="sheet.routine.title"
          :aria-label="words.sheet.title"
          maxlength="120"
          @input="emit('title', ($event.target as HTMLInputElement).value)"
        />
      </h1>
      <p class="soft">
        {{ about }} · {{ words.sheet.by }}
        <input
          class="by"
          :value="sheet.routine.by"
          :aria-label="words.sheet.author"
          maxlength="120"
          :size="Math.max(8, sheet.routine.by.length)"
          @input="emit('by', ($event.target as HTMLInputElement).value)"
        />
      </p>
      <TimedOn
        class="soft"
        :routine="sheet.routine"
        :tunes="tunes"
        @choose="(choice) => emit('music', choice)"
      />
    </div>
    <div class="sums">
      <p>
        <template v-if="sheet.timeline.openFrom !== null"
          ><strong class="count">{{
            words.sheets.head.openTotal(words.sheets.total(totalOf(sheet.timeline.slots)))
          }}</strong></template
        >
        <template v-else-if="musicBars !== null"
          ><strong class="count" :class="{ wrong: !fits }">{{
            words.sheet.fits(dancedBars, musicBars)
          }}</strong>
          {{ fits ? words.sheet.fitYes : words.sheet.fitNo }}</template
        >
        <template v-else>{{ words.sheet.noMusic }}</template>
      </p>
      <p class="soft">
        {{ words.sheet.danced(words.format.minutes(seconds)) }} ·
        <span :class="{ wrong: toMend > 0 }">{{ words.sheet.toMend(toMend) }}</span>
      </p>
    </div>
    <div class="tools">
      <span class="save soft" role="status">{{ saving }}</span>
      <button class="button small" :disabled="!canUndo" @click="emit('undo')">
        {{ words.sheet.undo }}
      </button>
      <button class="button small" :disabled="!canRedo" @click="emit('redo')">
        {{ words.sheet.redo }}
      </button>
      <button class="button small" @click="emit('keys')">{{ words.sheet.keys }}</button>
    </div>
  </header>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 0.5rem 1.5rem;
  align-items: center;
  padding: 0.9rem 1.5rem;
  border-bottom: 1px solid var(--rule);
}
.title,
.by {
  font: inherit;
  color: inherit;
  border: 0;
  border-bottom: 1px dashed transparent;
  background: transparent;
  padding: 0;
}
.title {
  width: 100%;
}
.title:hover,
.by:hover,
.title:focus,
.by:focus {
  border-bottom-color: var(--rule-strong);
}
.by {
  max-width: 100%;
}
.sums {
  text-align: right;
}
.sums strong {
  color: var(--feet-ink);
  font-size: 1.1rem;
}
.wrong,
.sums strong.wrong {
  color: var(--wrong);
  font-weight: 700;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  justify-content: flex-end;
  align-items: center;
}
.save {
  max-width: 22ch;
  font-size: 0.9rem;
}
@media (max-width: 900px) {
  .head {
    grid-template-columns: 1fr;
    padding: 0.75rem 1rem;
  }
  .sums {
    text-align: left;
  }
  .tools {
    justify-content: flex-start;
  }
}
</style>
