<script setup lang="ts">
import type { DancerRequest, Instalment, SeriesLesson, Topic } from '@dellop/core/lesson'
import type { Routine } from '@dellop/core/routine'
import { ArrowDown, ArrowUp, X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import '../ui/weeks.ts'
import { words } from '../words/index.ts'
import InstalmentOf from './InstalmentOf.vue'

/** One lesson: its topics in their order, what became of each, and what comes before it. */
const props = defineProps<{
  lesson: SeriesLesson
  number: number
  nameOf: (topic: Topic) => string
  problems: ReadonlyMap<string, string>
  holds: ReadonlyMap<string, string>
  /** What dancers asked for or said of a topic. */
  asked: (topic: Topic) => readonly DancerRequest[]
  known: readonly string[]
  figures: readonly { readonly value: string; readonly label: string }[]
  sheets: readonly { readonly value: string; readonly label: string }[]
  /** Sheets that topics name, as far as they are read. */
  routines: ReadonlyMap<string, Routine>
  instalments: ReadonlyMap<string, Instalment>
  hasNext: boolean
}>()
const emit = defineEmits<{
  topics: [topics: readonly Topic[], label: string]
  set: [fields: Partial<SeriesLesson>]
  spread: [topic: Topic]
  propose: []
  carry: []
  remove: []
}>()
const say = words.lessons
const topics = computed(() => props.lesson.topics)
const figure = ref<string>()
const sheet = ref<string>()
const text = ref('')

function add(topic: Omit<Topic, 'id'>): void {
  figure.value = sheet.value = undefined
  text.value = ''
  emit('topics', [...topics.value, { id: randomId(), ...topic }], say.done.added)
}
function move(index: number, by: 1 | -1): void {
  const next = [...topics.value]
  const [one] = next.splice(index, 1)
  next.splice(index + by, 0, one!)
  emit('topics', next, say.done.moved)
}
const put = (topic: Topic, label: string): void =>
  emit(
    'topics',
    topics.value.map((one) => (one.id === topic.id ? topic : one)),
    label,
  )
function became(topic: Topic, to: string): void {
  const { became: _, ...rest } = topic
  put(to === '' ? rest : { ...rest, became: to as 'taught' | 'not-reached' }, say.done.became)
}
function hard(topic: Topic, is: boolean): void {
  const { hard: _, ...rest } = topic
  put(is ? { ...rest, hard: true } : rest, say.done.hard)
}
const remove = (id: string): void =>
  emit(
    'topics',
    topics.value.filter((one) => one.id !== id),
    say.done.removed,
  )
const minutes = computed(() => topics.value.reduce((sum, one) => sum + (one.minutes ?? 0), 0))
const isLeft = computed(() => topics.value.some((one) => one.became === 'not-reached'))
</script>

<template>
  <section class="lesson" :aria-label="say.week(number)">
    <header>
      <h2>{{ say.week(number) }}</h2>
      <el-date-picker
        :model-value="lesson.date"
        type="date"
        value-format="YYYY-MM-DD"
        :format="words.evenings.dateFormat"
        :clearable="false"
        :aria-label="say.dateOf(number)"
        @update:model-value="$event && emit('set', { date: $event })"
      />
      <el-input-number
        :model-value="lesson.minutes"
        :min="1"
        :max="600"
        :controls="false"
        :aria-label="say.minutesOf(number)"
        @change="emit('set', { minutes: $event ?? 60 })"
      />
      <span class="soft">{{ say.minutesTold(minutes, lesson.minutes) }}</span>
      <span class="tools">
        <el-button size="small" :disabled="topics.length < 2" @click="emit('propose')">{{
          say.propose
        }}</el-button>
        <el-button v-if="isLeft && hasNext" size="small" type="primary" @click="emit('carry')">{{
          say.carry
        }}</el-button>
        <el-button size="small" @click="emit('remove')">{{ say.removeWeek }}</el-button>
      </span>
    </header>
    <p v-if="known.length > 0" class="soft">{{ say.knownHere(known) }}</p>
    <ol class="topics">
      <li v-for="(topic, i) in topics" :key="topic.id">
        <div class="what">
          <strong>{{ nameOf(topic) }}</strong>
          <span class="soft">{{ say.kinds[topic.kind] }}</span>
          <span v-if="holds.get(topic.id)" class="soft">{{
            say.newHold(words.hold(holds.get(topic.id)!))
          }}</span>
          <InstalmentOf
            v-if="topic.sheetId && routines.has(topic.sheetId)"
            :topic="topic"
            :name="nameOf(topic)"
            :routine="routines.get(topic.sheetId)!"
            :instalment="instalments.get(topic.id) ?? null"
            @set="put($event, say.done.howMuch)"
            @spread="emit('spread', topic)"
          />
          <span v-for="one in asked(topic)" :key="one.id" class="asked">{{
            say.requests.told(
              words.format.shortDate(Date.parse(one.date)),
              one.who,
              say.requests.kinds[one.kind],
              one.text,
              one.part,
            )
          }}</span>
          <span v-if="problems.get(topic.id)" class="problem">{{ problems.get(topic.id) }}</span>
        </div>
        <el-input-number
          :model-value="topic.minutes"
          :min="0"
          :max="300"
          :controls="false"
          :aria-label="say.minutesFor(nameOf(topic))"
          @change="put({ ...topic, minutes: $event ?? 0 }, say.done.minutes)"
        />
        <el-select
          class="became"
          :model-value="topic.became ?? ''"
          :aria-label="say.becameOf(nameOf(topic))"
          @change="became(topic, $event)"
          ><el-option value="" :label="say.became.open" /><el-option
            value="taught"
            :label="say.became.taught" /><el-option
            value="not-reached"
            :label="say.became['not-reached']" /></el-select
        ><el-checkbox :model-value="topic.hard === true" @change="hard(topic, $event === true)">{{
          say.hard
        }}</el-checkbox>
        <span class="acts">
          <el-button
            text
            :disabled="i === 0"
            :aria-label="words.evenings.earlier(nameOf(topic))"
            @click="move(i, -1)"
            ><ArrowUp :size="16" /></el-button
          ><el-button
            text
            :disabled="i === topics.length - 1"
            :aria-label="words.evenings.later(nameOf(topic))"
            @click="move(i, 1)"
            ><ArrowDown :size="16" /></el-button
          ><el-button
            text
            :aria-label="words.evenings.takeOut(nameOf(topic))"
            @click="remove(topic.id)"
            ><X :size="16"
          /></el-button>
        </span>
      </li>
    </ol>
    <div class="adding">
      <el-select
        v-model="figure"
        filterable
        :placeholder="say.addFigure"
        :aria-label="say.addFigureTo(number)"
        @change="$event && add({ kind: 'figure', figureId: $event, text: '' })"
        ><el-option
          v-for="one in figures"
          :key="one.value"
          :value="one.value"
          :label="one.label" /></el-select
      ><el-select
        v-model="sheet"
        filterable
        :placeholder="say.addDance"
        :aria-label="say.addDanceTo(number)"
        @change="$event && add({ kind: 'dance', sheetId: $event, text: '' })"
        ><el-option
          v-for="one in sheets"
          :key="one.value"
          :value="one.value"
          :label="one.label" /></el-select
      ><el-input
        v-model="text"
        maxlength="1000"
        :placeholder="say.addRemark"
        :aria-label="say.addRemarkTo(number)"
        @change="text.trim() && add({ kind: 'remark', text: text.trim() })"
      />
    </div>
  </section>
</template>

<style scoped>
.lesson {
  display: grid;
  gap: 0.5rem;
  padding: 0.7rem 0.9rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
}
header,
.adding {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 0.8rem;
}
header :deep(.el-date-editor) {
  width: 9.5rem;
}
header :deep(.el-input-number),
.topics :deep(.el-input-number) {
  width: 4.2rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin-left: auto;
}
.tools :deep(.el-button) {
  margin: 0;
}
h2,
p {
  margin: 0;
}
h2 {
  font-size: 1.15rem;
}
.topics {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
.topics li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3rem 0.8rem;
  padding: 0.3rem 0;
  border-bottom: 1px solid var(--rule);
}
.what {
  display: flex;
  flex: 1 1 14rem;
  flex-wrap: wrap;
  gap: 0 0.7rem;
}
.problem,
.asked {
  flex-basis: 100%;
}
.problem {
  color: var(--wrong);
}
.became {
  width: 9.5rem;
}
.acts :deep(.el-button) {
  margin: 0;
  padding: 0.2rem;
}
.adding > * {
  width: min(100%, 15rem);
}
</style>
