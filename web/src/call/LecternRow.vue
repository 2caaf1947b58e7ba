<script setup lang="ts">
import { lecternAt, type PreparedCall } from '@dellop/core/call'
import { phraseRows, type PhraseRow } from '@dellop/core/sheet'
import { countLabel, TICKS_PER_BEAT, type Tick, type TickPosition } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** The phrase being danced, as one row with a playhead. */
const props = defineProps<{
  prepared: PreparedCall
  position: TickPosition
  currentCue: string | null
  canGo: boolean
}>()
const emit = defineEmits<{ go: [at: Tick] }>()

/** On a narrow screen half a line, so that names stay readable. */
const BARS = window.matchMedia('(max-width: 700px)').matches ? 4 : 8
const rows = computed(() => {
  const { sheet, plan } = props.prepared
  return phraseRows({
    timeline: sheet.timeline,
    plan,
    phrases: sheet.phrases,
    metre: sheet.routine.metre,
    firstStep: sheet.firstStep,
    barsPerLine: BARS,
  })
})
const row = computed(
  (): PhraseRow | null =>
    rows.value.find((one) => props.position < one.end) ?? rows.value.at(-1) ?? null,
)
const line = computed(() => {
  const lines = row.value?.lines ?? []
  return lines.find((one) => props.position < one.end) ?? lines.at(-1) ?? null
})
const span = computed(() => (line.value ? line.value.end - line.value.start : 1))
const percent = (ticks: number): number => (100 * (ticks - (line.value?.start ?? 0))) / span.value
const head = computed(() => Math.min(100, Math.max(0, percent(props.position))))
const dancing = computed(() => lecternAt(props.prepared, props.position).dancing?.key ?? null)
const bars = computed(() => {
  const { metre } = props.prepared.sheet.routine
  const count = Math.round(span.value / TICKS_PER_BEAT / metre.beatsPerBar)
  const style = {
    beatsPerGroup: metre.beatsPerBar,
    ones: 'numbered',
    countFrom: 1,
    division: metre.division,
  } as const
  return Array.from({ length: count }, (_, i) => ({
    at: ((line.value?.start ?? 0) + i * metre.beatsPerBar * TICKS_PER_BEAT) as Tick,
    left: (100 * i) / count,
    text:
      countLabel(
        style,
        ((line.value?.start ?? 0) -
          (row.value?.start ?? 0) +
          i * metre.beatsPerBar * TICKS_PER_BEAT) as Tick,
      )?.text ?? '',
  }))
})
</script>

<template>
  <div v-if="line" class="row" :aria-label="words.lectern.row" role="group">
    <div class="bars count">
      <button
        v-for="bar in bars"
        :key="bar.left"
        class="own-key"
        :disabled="!canGo"
        :aria-label="words.lectern.goTo(bar.text)"
        :style="{ left: `${bar.left}%` }"
        @click="emit('go', bar.at)"
      >
        {{ bar.text }}
      </button>
    </div>
    <div class="said">
      <span
        v-for="ribbon in line.ribbons"
        :key="ribbon.key"
        class="ribbon"
        :class="{ here: ribbon.key === currentCue }"
        :style="{
          left: `${percent(ribbon.start)}%`,
          width: `${percent(ribbon.end) - percent(ribbon.start)}%`,
        }"
      />
    </div>
    <div class="danced">
      <span
        v-for="block in line.blocks"
        :key="block.slot.key"
        class="block"
        :class="{ here: block.slot.key === dancing }"
        :style="{
          left: `${percent(block.start)}%`,
          width: `calc(${percent(block.end) - percent(block.start)}% - 3px)`,
        }"
        >{{ words.format.slotName(block.slot.slot.content, block.slot.figure?.name ?? null) }}</span
      >
    </div>
    <span class="head" :style="{ left: `${head}%` }" />
  </div>
</template>

<style scoped>
.row {
  position: relative;
}
.bars {
  position: relative;
  height: 24px;
  font-weight: 700;
  color: var(--music);
}
.bars button {
  position: absolute;
  padding: 0 6px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
}
.bars button:enabled {
  text-decoration: underline;
  cursor: pointer;
}
.said {
  position: relative;
  height: 24px;
}
.ribbon {
  position: absolute;
  top: 2px;
  bottom: 2px;
  background: #7d5a1e;
  clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 7px 50%);
}
.ribbon.here {
  background: var(--voice);
}
.danced {
  position: relative;
  height: 60px;
}
.block {
  position: absolute;
  top: 0;
  bottom: 0;
  padding: 5px 8px;
  background: var(--feet-tint);
  border-left: 4px solid var(--feet);
  color: var(--feet-ink);
  font-weight: 600;
  font-size: 17px;
  line-height: 1.15;
  overflow: hidden;
  overflow-wrap: anywhere;
}
.block.here {
  background: var(--feet);
  color: #0a0f0e;
}
.head {
  position: absolute;
  top: 20px;
  bottom: -4px;
  width: 4px;
  margin-left: -2px;
  background: var(--ink);
}
@media (max-width: 900px) {
  .block {
    padding: 4px 5px;
    font-size: 15px;
  }
}
</style>
