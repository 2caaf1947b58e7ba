<script setup lang="ts">
import { walkThrough, type WalkItem } from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { useLibrary } from '../app/library.ts'
import { browserTimers } from '../app/timers.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import { loggedMinutes, logMinutes } from './walkLog.ts'

/** A walk-through in so many minutes for the group: planned, with its reasons, printed, and run. */
const props = defineProps<{ sheet: Sheet }>()
const say = words.rehearse.walk
const library = useLibrary()
const minutes = ref(12)
const logged = shallowRef(loggedMinutes(props.sheet.routine.id))
const out = ref<ReadonlySet<string>>(new Set())

const planned = computed(() => walkThrough(props.sheet, library.group, minutes.value, logged.value))
const items = computed(() => planned.value.items.filter(({ id }) => !out.value.has(id)))
const total = computed(() => items.value.reduce((sum, one) => sum + one.minutes, 0))
const named = (one: WalkItem): string => say.kinds[one.kind](one.what)
const told = (value: number): string => words.format.decimal(value, 2)

const running = ref<number | null>(null)
const seconds = ref(0)
const begun = ref(0)
const over = computed(() => items.value[running.value ?? 0])
const left = computed(() => Math.round((over.value?.minutes ?? 0) * 60 - seconds.value))
/** Five minutes over are said at once. */
const late = computed(() => {
  if (running.value === null) return false
  const until = items.value.slice(0, running.value + 1).reduce((sum, one) => sum + one.minutes, 0)
  return begun.value + seconds.value - until * 60 > 300
})
let endLooks = (): void => undefined
let since = 0
function look(): void {
  seconds.value = (performance.now() - since) / 1000
}
function go(to: number): void {
  const last = running.value === null ? null : items.value[running.value]
  if (last) {
    look()
    begun.value += seconds.value
    logMinutes(props.sheet.routine.id, last.id, seconds.value / 60)
  }
  endLooks()
  seconds.value = 0
  if (to >= items.value.length) return end()
  running.value = to
  since = performance.now()
  endLooks = browserTimers.every(500, look)
}
function start(): void {
  begun.value = 0
  running.value = null
  go(0)
}
function end(): void {
  endLooks()
  running.value = null
  logged.value = loggedMinutes(props.sheet.routine.id)
}
onBeforeUnmount(end)
const print = (): void => window.print()
const leave = (id: string): void => void (out.value = new Set([...out.value, id]))
const clockOf = (value: number): string =>
  `${value < 0 ? '−' : ''}${words.format.clock(Math.abs(value))}`
</script>

<template>
  <section class="walk" aria-labelledby="walk-head">
    <h2 id="walk-head">{{ say.title }}</h2>
    <p class="soft">{{ say.about(library.group?.name ?? null) }}</p>
    <div v-if="running === null" class="row">
      <Labelled :label="say.minutes"
        ><el-input-number v-model="minutes" :min="1" :max="120"
      /></Labelled>
      <el-button type="primary" :disabled="items.length === 0" @click="start">{{
        say.run
      }}</el-button>
      <el-button @click="print">{{ say.print }}</el-button>
      <el-button v-if="out.size > 0" @click="out = new Set()">{{ say.all }}</el-button>
    </div>
    <div v-else class="now" role="status">
      <p class="time count" :class="{ past: left < 0 }">{{ clockOf(left) }}</p>
      <p class="name">{{ over ? named(over) : '' }}</p>
      <p v-if="items[running + 1]" class="soft">{{ say.next(named(items[running + 1]!)) }}</p>
      <p v-if="late" class="wrong">{{ say.late }}</p>
      <el-button type="primary" size="large" @click="go(running + 1)">{{
        running + 1 < items.length ? say.on : say.done
      }}</el-button>
      <el-button @click="end">{{ say.end }}</el-button>
    </div>
    <ol>
      <li v-for="(one, i) in items" :key="one.id" :class="{ here: i === running }">
        <span class="count">{{ told(one.minutes) }}</span>
        <strong>{{ named(one) }}</strong>
        <span class="soft">{{ say.reasons[one.reason] }}</span>
        <el-button v-if="running === null" link @click="leave(one.id)">{{ say.leave }}</el-button>
      </li>
    </ol>
    <p>{{ say.total(told(total)) }}</p>
    <template v-if="planned.leftOut.length > 0">
      <h3>{{ say.leftOut }}</h3>
      <ul>
        <li v-for="one in planned.leftOut" :key="one.id">
          <span class="count">{{ told(one.minutes) }}</span> {{ named(one) }}
          <span class="soft">{{ say.reasons[one.reason] }}</span>
        </li>
      </ul>
    </template>
    <p class="soft">{{ say.care }}</p>
  </section>
</template>

<style scoped>
.walk {
  display: grid;
  gap: 0.6rem;
}
.walk > * {
  margin: 0;
}
h2 {
  font-size: 1.25rem;
}
h3 {
  font-size: 1.05rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.6rem;
}
ol,
ul {
  display: grid;
  gap: 0.35rem;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 0.8rem;
  padding: 4px 0 4px 10px;
  border-left: 4px solid transparent;
}
li.here {
  border-color: var(--voice-edge);
}
.now {
  padding: 0.8rem 1rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
}
.now p {
  margin: 0 0 0.3rem;
}
.time {
  font-size: 3.4rem;
  font-weight: 700;
  line-height: 1;
}
.time.past,
.wrong {
  color: var(--wrong);
}
.name {
  font-family: var(--font-head);
  font-size: 2rem;
  font-weight: 800;
}
@media print {
  .row,
  li :deep(button) {
    display: none;
  }
}
</style>
