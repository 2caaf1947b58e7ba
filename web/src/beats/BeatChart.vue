<script setup lang="ts">
import {
  handChanges,
  performers,
  type DancedFigure,
  type Performer,
  type Step,
} from '@dellop/core/figure'
import { countLabel, TICKS_PER_BEAT, type TickPosition } from '@dellop/core/time'
import { computed, ref } from 'vue'
import { useSizeOf } from '../ui/sizeOf.ts'
import { words } from '../words/index.ts'

/**
 * Steps of all who dance on lines of counts: filled feet take weight, hollow ones do not, arrows
 * turn; arms and heads have lines of their own.
 */
const props = defineProps<{
  danced: DancedFigure
  beatsPerBar: number
  roles: { lead: string; follow: string }
  division?: 4 | 3
  beatsPerLine?: number
  /** The hold it is begun in, for the line of hands; its first where left out. */
  hold?: string | null
  /** Where the music is, for the step to light up; null while it is silent. */
  tick?: number | null
}>()

const shown = computed(() => performers(props.danced))
const nameOf = ({ role, couples }: Performer): string =>
  words.figures.performer(role === 'everyone' ? null : props.roles[role], couples)
const beats = computed(() => Math.ceil(props.danced.lengthTicks / TICKS_PER_BEAT))
const PAGE_EDGES_PX = 80
/** A narrow page has fewer counts on a line: a half, a quarter of what is asked for. */
const box = ref<HTMLElement | null>(null)
/** Until it has been measured it is no wider than the page. */
const width = ref(window.innerWidth - PAGE_EDGES_PX)
useSizeOf(box, ({ width: now }) => (width.value = now))
const NAME_PX = 66
const BEAT_PX = 58
const FEWEST = 3
const perLine = computed(() => {
  let beatsOnLine = props.beatsPerLine ?? 6
  while (beatsOnLine > FEWEST && (width.value - NAME_PX) / beatsOnLine < BEAT_PX)
    beatsOnLine = Math.ceil(beatsOnLine / 2)
  return beatsOnLine
})
const lines = computed(() =>
  Array.from({ length: Math.ceil(beats.value / perLine.value) }, (_, i) => ({
    i,
    from: i * perLine.value,
    to: Math.min(beats.value, (i + 1) * perLine.value),
  })),
)

/** The count its first beat falls on; from 2 on, the bar's one is said as it is. */
const begunOn = computed(
  () => props.danced.variation.countFrom ?? props.danced.figure.countFrom ?? 1,
)
const style = computed(() => ({
  beatsPerGroup: props.beatsPerBar,
  ones: begunOn.value > 1 ? ('plain' as const) : ('numbered' as const),
  countFrom: begunOn.value,
  division: props.division ?? 4,
}))
const label = (tick: number): string => countLabel(style.value, tick as TickPosition)?.text ?? ''
/** Whether a bar begins here: the 1, whatever count the figure is begun on. */
const isBar = (beat: number): boolean =>
  (beat + style.value.countFrom - 1) % props.beatsPerBar === 0
/** A pick-up is drawn before the first beat, within half a beat's room. */
const isIn = (at: number, from: number, to: number): boolean =>
  (at >= from * TICKS_PER_BEAT || from === 0) && (at < to * TICKS_PER_BEAT || to === beats.value)
const inLine = (steps: readonly Step[], layer: Step['layer'], from: number, to: number): Step[] =>
  steps.filter((step) => step.layer === layer && isIn(step.at, from, to))
const left = (at: number, from: number, to: number): string =>
  `${(100 * (at / TICKS_PER_BEAT - from + 0.5)) / Math.max(to - from, 3)}%`
/** A word near an edge leans inwards, so that none of it falls off the page. */
const word = (at: number, from: number, to: number): { left: string; transform: string } => {
  const place = left(at, from, to)
  const share = Number.parseFloat(place)
  return { left: place, transform: `translateX(${share > 80 ? -100 : share < 20 ? -40 : -50}%)` }
}
const footMark = (step: Step): string =>
  step.foot === 'left'
    ? words.beats.left
    : step.foot === 'right'
      ? words.beats.right
      : step.foot === 'both'
        ? words.beats.both
        : '–'
const turnMark = (step: Step): string =>
  `${step.turn < 0 ? words.beats.turnShortLeft(-step.turn) : words.beats.turnShortRight(step.turn)}${step.about ? words.beats.about : ''}`
const spoken = (step: Step): string => {
  const turn =
    step.turn === 0
      ? ''
      : `, ${step.turn < 0 ? words.beats.turnLeft(-step.turn) : words.beats.turnRight(step.turn)}`
  return `${label(step.at)}: ${words.shipped.step(step.text)}, ${step.layer !== 'feet' ? words.beats.layer[step.layer] : step.weight === 'none' ? words.beats.touch : words.beats.weight}${turn}`
}
/** Steps off the beat that crowd each other give way downwards. */
const isOff = (step: Step): boolean => step.at % TICKS_PER_BEAT !== 0
function isLit(steps: readonly Step[], step: Step): boolean {
  const { tick } = props
  if (tick === undefined || tick === null || step.at > tick) return false
  const next = steps
    .filter((one) => one.layer === step.layer && one.at > step.at)
    .reduce((at, one) => Math.min(at, one.at), props.danced.lengthTicks as number)
  return tick < next
}
const layersOf = ({ steps }: Performer): readonly ('arms' | 'head')[] =>
  (['arms', 'head'] as const).filter((layer) => steps.some((step) => step.layer === layer))

const hands = computed(() => {
  const begun = props.hold ?? props.danced.figure.entry.holds[0] ?? null
  if (props.danced.figure.dancers === 'solo' || begun === null) return []
  const changes = handChanges(props.danced, begun).map(({ at, to }) => ({
    at: at === 'end' ? props.danced.lengthTicks - TICKS_PER_BEAT / 2 : at,
    text: at === 'end' ? words.beats.toHold(to) : words.hold(to),
  }))
  return changes.length === 0
    ? []
    : [...(changes[0]!.at === 0 ? [] : [{ at: 0, text: words.hold(begun) }]), ...changes]
})
</script>

<template>
  <figure ref="box" class="chart">
    <div v-for="line in lines" :key="line.i" class="line">
      <div class="counts" aria-hidden="true">
        <span
          v-for="beat in line.to - line.from"
          :key="beat"
          class="count"
          :class="{ one: isBar(line.from + beat - 1) }"
          :style="{ left: left((line.from + beat - 1) * TICKS_PER_BEAT, line.from, line.to) }"
          >{{ label((line.from + beat - 1) * TICKS_PER_BEAT) }}</span
        >
      </div>
      <div v-if="hands.length > 0" class="role">
        <span class="name">{{ words.beats.hands }}</span>
        <ol class="track words hands">
          <li
            v-for="hand in hands.filter(({ at }) => isIn(at, line.from, line.to))"
            :key="hand.at"
            class="word"
            :style="word(hand.at, line.from, line.to)"
          >
            {{ hand.text }}
          </li>
        </ol>
      </div>
      <template v-for="(performer, p) in shown" :key="p">
        <div class="role">
          <span class="name">{{ nameOf(performer) }}</span>
          <p v-if="performer.steps.length === 0" class="stands soft">{{ words.beats.stands }}</p>
          <ol
            v-else
            class="track"
            :class="{ twoRows: inLine(performer.steps, 'feet', line.from, line.to).some(isOff) }"
          >
            <li
              v-for="step in inLine(performer.steps, 'feet', line.from, line.to)"
              :key="step.at"
              class="step"
              :class="{ off: isOff(step), lit: isLit(performer.steps, step) }"
              :style="{ left: left(step.at, line.from, line.to) }"
            >
              <span class="unseen">{{ spoken(step) }}</span>
              <span
                class="foot count"
                aria-hidden="true"
                :class="{
                  hollow: step.weight === 'none',
                  part: step.weight === 'part' || step.weight === 'split',
                  none: step.foot === null,
                  [step.foot ?? 'none']: true,
                }"
                >{{ footMark(step) }}</span
              >
              <span class="text" aria-hidden="true"
                ><span v-if="isOff(step)" class="count">{{ label(step.at) }} </span
                >{{ words.shipped.step(step.text.replace(/^(left|right) /, '')) }}</span
              >
              <span v-if="step.turn !== 0" class="turn count" aria-hidden="true">{{
                turnMark(step)
              }}</span>
            </li>
          </ol>
        </div>
        <div v-for="layer in layersOf(performer)" :key="layer" class="role">
          <span class="name">{{ words.beats.layer[layer] }}</span>
          <ol class="track words">
            <li
              v-for="step in inLine(performer.steps, layer, line.from, line.to)"
              :key="step.at"
              class="word"
              :class="{ lit: isLit(performer.steps, step) }"
              :style="word(step.at, line.from, line.to)"
            >
              <span class="unseen">{{ label(step.at) }}: </span>{{ words.shipped.step(step.text) }}
            </li>
          </ol>
        </div>
      </template>
    </div>
    <figcaption class="soft">{{ words.beats.caption }}</figcaption>
  </figure>
</template>

<style scoped src="./beatChart.css"></style>
