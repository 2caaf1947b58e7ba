<script setup lang="ts">
import type { Cue, Rung } from '@dellop/core/call'
import { computed, ref } from 'vue'
import { useSizeOf } from '../ui/sizeOf.ts'
import { words } from '../words/index.ts'
import { widthInLines } from '../page/measure.ts'
import { useSpoken } from '../page/spokenLanguage.ts'

/**
 * The next cue, as large as it fits; hollow while it waits, filled from the moment it is to be
 * said.
 */
const props = defineProps<{
  cue: Cue | null
  speak: boolean
  late: Rung | null
  beatsToGo: number
  over: boolean
  /** What comes next in the evening, and the key that goes on to it. */
  nextItem?: string | null
  nextKey?: string
  scale: number
}>()
defineEmits<{ next: [] }>()

const spoken = useSpoken()
const LARGEST = 132
const LARGEST_TWO = 92
/**
 * From four metres a capital is read at 60 px and more: it then stands 13 mm high on a small
 * laptop.
 */
const SMALLEST = 84
const NARROW = 700
const width = ref(1200)
const room = ref<HTMLElement | null>(null)
useSizeOf(room, ({ width: now }) => (width.value = now))

/** Largest size at which the words stand on one line, or on two where one would be too small. */
const size = computed(() => {
  const text = props.cue?.text ?? ''
  const isNarrow = width.value < NARROW
  const least = isNarrow ? 52 : SMALLEST
  for (const lines of [1, 2, 3]) {
    const at100 = widthInLines(text, lines, "800 100px 'Bricolage Grotesque Variable', sans-serif")
    const fits = Math.floor(((width.value - (isNarrow ? 78 : 130)) / Math.max(at100, 1)) * 100)
    if (fits >= least * (lines === 1 ? 1.15 : 1))
      return Math.min(fits, (lines === 1 ? LARGEST : LARGEST_TWO) * props.scale)
  }
  return least
})
/**
 * The words stay as they are: whoever is saying them must not lose them. What a late cuer can still
 * say stands below.
 */
const wait = computed(() => {
  const due = props.speak ? words.lectern.sayNow : words.lectern.sayIn(Math.ceil(props.beatsToGo))
  if (!props.late) return due
  const late = props.late.text === null ? words.lectern.letGo : words.lectern.late(props.late.text)
  return props.speak ? late : `${late} · ${due}`
})
</script>

<template>
  <div ref="room" class="room">
    <div class="cue" :class="{ speak, none: !cue || over }">
      <span
        v-if="cue && !over"
        class="text"
        :lang="spoken"
        :style="{ fontSize: `${size}px` }"
        data-testid="next-cue"
        >{{ cue.text }}</span
      >
      <span v-else class="end"
        >{{ over ? words.lectern.theEnd : words.lectern.nothingMore
        }}<el-button
          v-if="over && nextItem"
          class="then own-key"
          size="large"
          type="primary"
          @click="$emit('next')"
        >
          {{ words.lectern.nextItem(nextItem, nextKey ?? '') }}
        </el-button></span
      >
    </div>
    <p class="wait" data-testid="wait" :class="{ speak, late }" aria-hidden="true">
      {{ cue ? wait : '' }}
    </p>
  </div>
</template>

<style scoped>
.cue {
  position: relative;
  min-height: 172px;
  display: flex;
  align-items: center;
  padding: 0.4rem 1.5rem 0.6rem 4.6rem;
  background: var(--voice);
  clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 46px 50%);
  color: var(--voice);
}
.cue::before {
  content: '';
  position: absolute;
  inset: 4px 4px 4px 5px;
  background: #2b1d0e;
  clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 44px 50%);
}
.cue.speak::before {
  background: var(--voice);
}
.cue.speak {
  color: #241400;
}
.cue.none {
  background: var(--rule);
  color: var(--ink-soft);
}
.cue.none::before {
  background: var(--sheet);
}
@media (max-width: 700px) {
  .cue {
    padding-left: 3.3rem;
    padding-right: 0.6rem;
  }
}
.text,
.end {
  position: relative;
  font-family: var(--font-head);
  font-weight: 800;
  line-height: 1.02;
}
.end {
  font-size: 48px;
}
.then {
  display: flex;
  max-width: 100%;
  height: auto;
  min-height: 56px;
  margin-top: 0.4rem;
  /* A long name takes a second line on a phone. */
  white-space: normal;
  text-align: start;
  line-height: 1.1;
  font-size: 30px;
}
.wait {
  text-align: right;
  font-size: 2rem;
  line-height: 1.15;
  font-weight: 600;
  min-height: 2.3rem;
  color: var(--ink-soft);
}
.wait.speak {
  color: var(--voice);
}
</style>
