<script setup lang="ts">
import type { RowLine, RowRibbon } from '@dellop/core/sheet'
import { slowsAndQuicks, type Counting, type DancedSlot } from '@dellop/core/routine'
import { countLabel, TICKS_PER_BEAT, type Metre, type Tick } from '@dellop/core/time'
import type { SilenceReason } from '@dellop/core/cue'
import { Pin } from '@lucide/vue'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { Density } from './density.ts'
import { layoutLine, ribbonHeight, tierBottom } from './lineLayout.ts'
import PhraseBlock from './PhraseBlock.vue'
import type { Shown } from './shown.ts'
import { useRibbonDrag } from './ribbonDrag.ts'
import { useSlips } from './slips.ts'
import { useSpoken } from './spokenLanguage.ts'

const cueLanguage = useSpoken()
const slips = useSlips()
const props = defineProps<{
  line: RowLine
  rowStart: number
  rowEnd: number
  phraseEnd: number
  metre: Metre
  /** What stands above the beats. */
  counting: Counting
  beatPx: number
  density: Density
  selectedKey: string | null
  tabKey: string | null
  marks: ReadonlyMap<string, 'stop' | 'mend' | 'note'>
  inRange: ReadonlySet<string>
  fresh: ReadonlySet<string>
  /** What stands below each figure of its state, where that is shown. */
  strip: ((slot: DancedSlot) => string) | null
  place: (slotKey: string) => string
  /** Whether lengths are told in bars. */
  inBars: boolean
  /** Which of the two lanes are shown. */
  shown: Shown
}>()
const emit = defineEmits<{
  select: [key: string]
  extend: [key: string]
  grab: [key: string]
  dropOn: [key: string, behind: boolean]
  open: [key: string]
  fill: []
}>()

/** A figure that is not named is seen not to be; what has nothing to say needs no mark. */
const unsaidWord = (reason: SilenceReason | null): string =>
  reason && reason !== 'no-wording' && reason !== 'counts-only' && props.shown.said
    ? words.cues.unsaid[reason]
    : ''
const x = (ticks: number): number => ((ticks - props.line.start) / TICKS_PER_BEAT) * props.beatPx
const names = computed(() =>
  props.line.blocks.map((block) =>
    words.format.slotName(block.slot.slot.content, block.slot.figure?.name ?? null),
  ),
)
/** All that a block shows, marks and all: what its height is measured by. */
const shownNames = computed(() =>
  props.line.blocks.map(({ slot, start, end, fromBefore, toNext, unsaid }, i) =>
    end === start
      ? ''
      : [
          fromBefore && '…',
          names.value[i],
          toNext && '…',
          slot.slot.hard && '◆',
          slot.slot.optional && '(○)',
          props.marks.has(slot.key) && '!',
          slips.value.has(slot.key) && `${slips.value.get(slot.key)}×`,
          unsaidWord(unsaid) && `\n${unsaidWord(unsaid)}`,
          slot.changed && `\n${words.sheet.changedMark}`,
        ]
          .filter(Boolean)
          .join(' '),
  ),
)
const layout = computed(() => layoutLine(props.line, props.beatPx, shownNames.value, props.density))

const labels = computed(() => {
  const beats = Math.round((props.line.end - props.line.start) / TICKS_PER_BEAT)
  const { counting, metre, line } = props
  if (counting.by === 'slow-quick') {
    const steps = line.blocks.flatMap((block) =>
      slowsAndQuicks(block.slot, counting).map(({ at, text }) => ({
        i: (block.slot.start + at - line.start) / TICKS_PER_BEAT,
        text,
      })),
    )
    const lines = Array.from({ length: beats }, (_, i) => ({
      i,
      text: steps.find((step) => step.i === i)?.text ?? '',
      one: isBar(line.start + i * TICKS_PER_BEAT),
    }))
    return [
      ...lines,
      ...steps
        .filter(({ i }) => !Number.isInteger(i) && i >= 0 && i < beats)
        .map((step) => ({ ...step, one: false })),
    ]
  }
  return Array.from({ length: beats }, (_, i) => {
    const tick = line.start + i * TICKS_PER_BEAT
    if (counting.by === 'nothing') return { i, text: '', one: isBar(tick) }
    const label = countLabel(counting.style, (tick - props.rowStart) as Tick)
    return {
      i,
      text: label?.text ?? '',
      one:
        label?.beatInGroup === 0 ||
        (counting.style.beatsPerGroup > metre.beatsPerBar && isBar(tick)),
    }
  })
})
/** Whether a bar of the row begins here. */
const isBar = (tick: number): boolean =>
  (tick - props.rowStart) % (props.metre.beatsPerBar * TICKS_PER_BEAT) === 0
/** Ticks on which a count is spoken: its number in the margin is marked. */
const spoken = computed(
  () => new Set<number>(props.shown.said ? props.line.counts.map(({ at }) => at) : []),
)
const hole = computed(() => {
  const from = Math.max(props.rowEnd, props.line.start)
  const to = Math.min(props.phraseEnd, props.line.end)
  return to > from
    ? { left: x(from), width: x(to) - x(from), counts: (to - from) / TICKS_PER_BEAT }
    : null
})
const phraseLine = computed(() =>
  props.phraseEnd < props.line.end &&
  props.phraseEnd >= props.line.start &&
  props.rowEnd > props.phraseEnd
    ? x(props.phraseEnd)
    : null,
)

const { dragged, grab } = useRibbonDrag(() => props.beatPx)
const draggedBy = (key: string, start: number): number =>
  dragged.value?.key === key
    ? ((dragged.value.move.said.startTick - start) / TICKS_PER_BEAT) * props.beatPx
    : 0
const ribbonSaid = ({ ribbon }: { readonly ribbon: RowRibbon }): string =>
  words.cues.ribbon(ribbon.purpose, ribbon.said.wording.joined?.length ?? 0, ribbon.isPinned)

const counts = (ticks: number): string => words.format.counts(ticks / TICKS_PER_BEAT)
const trouble = (key: string): string => {
  const severity = props.marks.get(key)
  return severity ? words.severity[severity] : ''
}
const blocks = computed(() =>
  props.line.blocks.map((block, i) => {
    const { slot } = block
    const name = names.value[i]!
    return {
      block,
      name,
      label: words.sheet.blockLabel(
        name,
        props.place(slot.key),
        block.end === block.start ? words.sheet.howLong : counts(slot.lengthTicks),
        slot.changed ? words.sheet.changedMark : '',
        trouble(slot.key),
      ),
      mark: props.marks.get(slot.key) ?? null,
      unsaid: unsaidWord(block.unsaid),
      slips: slips.value.get(slot.key) ?? 0,
      isChosen: slot.key === props.selectedKey,
      isTabStop: slot.key === props.tabKey,
      isWithin: props.inRange.has(slot.key),
      isFresh: props.fresh.has(slot.key),
    }
  }),
)
/** What is done to a block is its owner's. */
const relay = {
  select: (key: string) => emit('select', key),
  extend: (key: string) => emit('extend', key),
  grab: (key: string) => emit('grab', key),
  dropOn: (key: string, behind: boolean) => emit('dropOn', key, behind),
  open: (key: string) => emit('open', key),
}
const timed = computed(() => blocks.value.filter(({ block }) => block.end > block.start))
/**
 * Words whose length is not known: they take no place on the page of beats, so they stand below it,
 * with a mark where they come.
 */
const untimed = computed(() => blocks.value.filter(({ block }) => block.end === block.start))
const untimedAt = computed(() => [...new Set(untimed.value.map(({ block }) => block.start))])
</script>

<template>
  <div class="line" :style="{ width: `${layout.width}px` }">
    <div class="axis" aria-hidden="true">
      <span
        v-for="label in labels"
        :key="label.i"
        class="beat count"
        :class="{ one: label.one, spoken: spoken.has(line.start + label.i * TICKS_PER_BEAT) }"
        :style="{ left: `${label.i * beatPx}px`, width: `${beatPx}px` }"
        >{{ label.text }}</span
      >
      <span class="beat one end" :style="{ left: `${layout.width}px` }" />
      <span v-if="phraseLine !== null" class="phrase-end" :style="{ left: `${phraseLine}px` }" />
    </div>
    <div v-if="shown.said" class="said" :style="{ height: `${layout.saidHeight}px` }">
      <button
        v-for="box in layout.ribbons"
        :key="box.ribbon.key"
        class="ribbon"
        tabindex="-1"
        :class="[
          box.ribbon.purpose,
          {
            chosen: box.ribbon.slotKey === selectedKey,
            joined: box.ribbon.said.wording.joined,
            pinned: box.ribbon.isPinned,
            moving: dragged?.key === box.ribbon.key,
            tight: box.tight,
          },
        ]"
        :style="{
          left: `${box.left + draggedBy(box.ribbon.key, box.ribbon.start)}px`,
          width: `${box.width}px`,
          height: `${ribbonHeight(box.lines, density)}px`,
          bottom: `${tierBottom(box.tier, box.lines, density)}px`,
        }"
        :data-slot="box.ribbon.slotKey"
        :data-cue="box.ribbon.key"
        :title="
          [words.format.seconds(box.ribbon.said.spokenSeconds), ribbonSaid(box)]
            .filter(Boolean)
            .join(' · ')
        "
        @click="emit('select', box.ribbon.slotKey)"
        @pointerdown="grab($event, box.ribbon)"
      >
        <span class="sound" :style="{ left: `${box.soundLeft}px`, width: `${box.soundWidth}px` }" />
        <span class="text" :lang="cueLanguage"
          ><Pin v-if="box.ribbon.isPinned" class="pin" :size="13" aria-hidden="true" />{{
            box.ribbon.said.wording.text
          }}<span v-if="ribbonSaid(box)" class="unseen"> ({{ ribbonSaid(box) }})</span></span
        >
      </button>
      <output
        v-if="dragged && layout.ribbons.some((box) => box.ribbon.key === dragged!.key)"
        class="told-move"
        :class="{ limit: dragged.atLimit }"
        >{{
          words.cues.moving(dragged.move.said.leadBeats, dragged.move.extraCost, dragged.atLimit)
        }}</output
      >
    </div>
    <div v-if="shown.said" class="leads" aria-hidden="true">
      <span
        v-for="(lead, i) in layout.leads"
        :key="i"
        class="lead"
        :class="{ chosen: lead.key === selectedKey }"
        :style="{ left: `${lead.left}px`, width: `${lead.width}px` }"
      />
    </div>
    <div
      v-if="shown.danced && (timed.length > 0 || hole)"
      class="danced"
      :style="{ minHeight: `${layout.blockLines * density.text + density.block}px` }"
    >
      <PhraseBlock
        v-for="one in timed"
        :key="one.block.slot.key"
        v-bind="one"
        :style="{
          left: `${x(one.block.start)}px`,
          width: `${Math.max(x(one.block.end) - x(one.block.start) - 2, 12)}px`,
        }"
        v-on="relay"
      />
      <span
        v-for="at in untimedAt"
        :key="at"
        class="untimed-at"
        :style="{ left: `${Math.min(x(at), layout.width - 2)}px` }"
      />
      <button
        v-if="hole"
        class="hole"
        :style="{ left: `${hole.left}px`, width: `${hole.width - 1}px` }"
        @click="emit('fill')"
      >
        {{ words.sheet.openIn(hole.counts, inBars ? metre.beatsPerBar : null) }}
      </button>
    </div>
    <div v-if="shown.danced && untimed.length > 0" class="untimed">
      <PhraseBlock v-for="one in untimed" :key="one.block.slot.key" v-bind="one" v-on="relay" />
    </div>
    <div v-if="strip && shown.danced" class="strip">
      <span
        v-for="{ block } in timed"
        :key="block.slot.key"
        class="stripped"
        :style="{
          left: `${x(block.start)}px`,
          width: `${Math.max(x(block.end) - x(block.start) - 4, 12)}px`,
        }"
        >{{ block.fromBefore ? '…' : strip(block.slot) }}</span
      >
    </div>
  </div>
</template>

<style scoped src="./phraseLine.css"></style>
