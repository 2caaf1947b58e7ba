<script setup lang="ts">
import { isCountedInBars, type Counting, type DancedSlot } from '@dellop/core/routine'
import { AFTER_THE_DANCE, type PhraseRow } from '@dellop/core/sheet'
import { beatsOfTicks, ticksPerBar, type Metre, type Tick } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { Density } from './density.ts'
import PhraseLine from './PhraseLine.vue'
import type { Shown } from './shown.ts'

const props = defineProps<{
  row: PhraseRow
  metre: Metre
  counting: Counting
  beatPx: number
  density: Density
  selectedKey: string | null
  tabKey: string | null
  /** Whether the list has something to say of how long this time through is. */
  isSumTold: boolean
  marks: ReadonlyMap<string, 'stop' | 'mend' | 'note'>
  inRange: ReadonlySet<string>
  fresh: ReadonlySet<string>
  strip: ((slot: DancedSlot) => string) | null
  shown: Shown
}>()
const emit = defineEmits<{
  select: [key: string]
  extend: [key: string]
  grab: [key: string]
  dropOn: [key: string, behind: boolean]
  open: [key: string]
  fill: [row: PhraseRow]
}>()

const bar = computed(() => ticksPerBar(props.metre))
const firstBar = computed(() => Math.floor(props.row.start / bar.value) + 1)
/** Sums are told in the unit the row is counted in. */
const inBars = computed(() => isCountedInBars(props.counting, props.metre))
const inUnit = (ticks: number): number =>
  Math.round((beatsOfTicks(ticks as Tick) / (inBars.value ? props.metre.beatsPerBar : 1)) * 100) /
  100
const danced = computed(() => inUnit(props.row.end - props.row.start))
const wanted = computed(() => inUnit(props.row.phraseTicks))
const isOther = computed(() => danced.value !== wanted.value)
/** A usual phrase that nobody stated holds nobody to it. */
const off = computed(() => isOther.value && props.isSumTold)
const phraseEnd = computed(() =>
  off.value || props.row.overTicks === 0 ? props.row.start + props.row.phraseTicks : props.row.end,
)
const time = computed(() =>
  props.row.pass ? words.format.ordinal(props.row.pass.ordinal, props.row.pass.ordinals) : '',
)
/** What the row of what is said before the dance is called, or after it. */
const outside = computed(() =>
  props.row.key === AFTER_THE_DANCE
    ? { name: words.sheet.after, note: words.sheet.afterNote }
    : { name: words.sheet.introduction, note: words.sheet.introductionNote },
)
const changed = computed(() => (props.row.pass?.pass.changes.length ?? 0) > 0)

function place(slotKey: string): string {
  const slot = props.row.pass?.slots.find((one) => one.key === slotKey)
  if (!slot || !props.row.pass) return words.sheet.bar(firstBar.value)
  return words.sheet.place(
    Math.floor((slot.start - props.row.pass.start) / bar.value) + 1,
    props.row.pass.part.label,
    time.value,
  )
}
/** Letters in which the longest word of a label stands whole in the margin. */
function sizeOf(label: string): string[] {
  const letters = Math.max(...label.split(/\s+/).map((word) => word.length))
  return label.length <= 2
    ? []
    : letters <= 6
      ? ['long']
      : ['long', letters <= 8 ? 'longer' : 'longest']
}
</script>

<template>
  <section
    class="row"
    :class="{ first: row.first, outside: !row.pass && !row.music }"
    :aria-label="
      row.pass ? `${row.pass.part.label}, ${time}, ${words.sheet.bar(firstBar)}` : outside.name
    "
  >
    <header class="margin">
      <template v-if="row.music">
        <span
          v-if="row.music.section !== null && row.first"
          class="label"
          :class="sizeOf(row.music.section)"
          >{{ row.music.section }}</span
        >
        <span v-for="begun in row.music.begins" :key="begun.key" class="soft time">{{
          words.sheets.view.begins(
            begun.part.label,
            words.format.ordinal(begun.ordinal, begun.ordinals),
          )
        }}</span>
        <span class="count soft bar">{{ words.sheet.bar(firstBar) }}</span>
      </template>
      <template v-else-if="row.pass">
        <template v-if="row.first">
          <span class="label" :class="sizeOf(row.pass.part.label)">{{ row.pass.part.label }}</span>
          <span class="soft time">{{ time }}</span>
          <span v-if="changed" class="soft time">{{ words.sheet.changedPass }}</span>
        </template>
        <span class="count soft bar">{{ words.sheet.bar(firstBar) }}</span>
      </template>
      <template v-else>
        <span class="label long" :title="outside.note">{{ outside.name }}</span>
      </template>
    </header>
    <div class="lines">
      <PhraseLine
        v-for="line in row.lines"
        :key="line.start"
        :line="line"
        :row-start="row.start"
        :row-end="row.end"
        :phrase-end="phraseEnd"
        :metre="metre"
        :counting="counting"
        :beat-px="beatPx"
        :density="density"
        :selected-key="selectedKey"
        :tab-key="tabKey"
        :marks="marks"
        :in-range="inRange"
        :fresh="fresh"
        :strip="strip"
        :shown="shown"
        :in-bars="inBars"
        :place="place"
        @select="emit('select', $event)"
        @extend="emit('extend', $event)"
        @grab="emit('grab', $event)"
        @drop-on="(key, behind) => emit('dropOn', key, behind)"
        @open="emit('open', $event)"
        @fill="emit('fill', row)"
      />
    </div>
    <footer v-if="row.pass" class="sum" :class="{ off }">
      <span class="count total"
        >{{ danced
        }}<span v-if="off" class="unseen"
          >,
          {{
            row.overTicks > 0
              ? words.sheet.over(row.overTicks / 24)
              : words.sheet.open(row.holeTicks / 24)
          }}</span
        ></span
      >
      <span class="soft">{{
        isOther && !off ? words.sheet.unit(danced, inBars) : words.sheet.of(wanted, inBars)
      }}</span>
    </footer>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 82px auto 64px;
  justify-content: start;
  content-visibility: auto;
  contain-intrinsic-size: auto var(--row);
}
/* The rule between parts takes no room of its own. */
.row.first {
  box-shadow: inset 0 1px 0 var(--rule);
}
.row.outside {
  --gap: 4px;
}
.margin {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding-top: calc(var(--counts) / 2);
  line-height: 1.2;
}
.label {
  font-family: var(--font-head);
  font-weight: 800;
  font-size: 2rem;
  line-height: 1;
  color: var(--music);
}
.label.long {
  font-size: 1.1rem;
  max-width: 80px;
  overflow-wrap: anywhere;
}
.label.longer {
  font-size: 0.95rem;
}
.label.longest {
  font-size: 0.8rem;
}
.time,
.bar {
  font-size: 0.8rem;
}
.sum {
  display: flex;
  flex-direction: column;
  justify-content: end;
  padding: 0 0 calc(var(--gap) + 2px) 10px;
  font-size: 0.8rem;
  line-height: 1.2;
}
.total {
  font-weight: 700;
  font-size: 0.95rem;
  color: var(--feet-ink);
}
.sum.off .total {
  color: var(--wrong);
}
.sum.off .total::after {
  content: ' !';
}
@container (max-width: 699px) {
  .row {
    grid-template-columns: 1fr auto;
  }
  .label.long {
    max-width: none;
  }
  .margin {
    grid-column: 1 / -1;
    flex-direction: row;
    gap: 0.6rem;
    align-items: baseline;
    padding-top: 4px;
  }
  .sum {
    padding-left: 6px;
  }
}
</style>
