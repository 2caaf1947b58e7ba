<script setup lang="ts">
import type { DancerRequest } from '@dellop/core/lesson'
import { computed, ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import Labelled from '../ui/Labelled.vue'
import { isLink } from '../ui/link.ts'
import { words } from '../words/index.ts'
import type { SeriesDocument } from './seriesDocument.ts'

/** What dancers ask for and say: which part was hard, what they would like again, a video. */
const props = defineProps<{
  document: SeriesDocument
  figures: readonly { readonly value: string; readonly label: string }[]
  sheets: readonly { readonly value: string; readonly label: string }[]
  figureName: (id: string) => string
}>()
const say = words.lessons.requests
const requests = computed(() => props.document.series.value!.requests)
const KINDS = ['again', 'hard', 'video', 'other'] as const
const kind = ref<DancerRequest['kind']>('again')
const who = ref('')
const text = ref('')
const link = ref('')
const figureId = ref('')
const sheetId = ref('')
const part = ref('')

function add(): void {
  const request: DancerRequest = {
    id: randomId(),
    date: new Date().toISOString().slice(0, 10),
    kind: kind.value,
    who: who.value.trim(),
    text: text.value.trim(),
    ...(figureId.value === '' ? {} : { figureId: figureId.value }),
    ...(sheetId.value === '' ? {} : { sheetId: sheetId.value }),
    ...(sheetId.value === '' || part.value.trim() === '' ? {} : { part: part.value.trim() }),
    ...(link.value.trim() === '' ? {} : { link: link.value.trim() }),
  }
  if (props.document.set({ requests: [request, ...requests.value] }, say.added)) {
    for (const field of [who, text, link, figureId, sheetId, part]) field.value = ''
  }
}
const aboutOf = (one: DancerRequest): string =>
  [
    one.figureId === undefined ? '' : props.figureName(one.figureId),
    props.sheets.find(({ value }) => value === one.sheetId)?.label ?? '',
    one.part === undefined ? '' : say.ofPart(one.part),
  ]
    .filter(Boolean)
    .join(', ')
function done(one: DancerRequest, is: boolean): void {
  const { done: _, ...rest } = one
  props.document.set(
    {
      requests: requests.value.map((other) =>
        other.id === one.id ? (is ? { ...rest, done: true as const } : rest) : other,
      ),
    },
    say.changed,
  )
}
const remove = (id: string): boolean =>
  props.document.set({ requests: requests.value.filter((one) => one.id !== id) }, say.removed)
</script>

<template>
  <div class="requests">
    <div class="fields">
      <Labelled :label="say.kind"
        ><el-select v-model="kind"
          ><el-option
            v-for="one in KINDS"
            :key="one"
            :value="one"
            :label="say.kinds[one]" /></el-select
      ></Labelled>
      <Labelled :label="say.who"><el-input v-model="who" maxlength="120" /></Labelled>
      <Labelled :label="say.figure"
        ><el-select v-model="figureId" filterable clearable
          ><el-option
            v-for="one in figures"
            :key="one.value"
            :value="one.value"
            :label="one.label" /></el-select
      ></Labelled>
      <Labelled :label="say.sheet"
        ><el-select v-model="sheetId" filterable clearable
          ><el-option
            v-for="one in sheets"
            :key="one.value"
            :value="one.value"
            :label="one.label" /></el-select
      ></Labelled>
      <Labelled v-if="sheetId !== ''" :label="say.part"
        ><el-input v-model="part" maxlength="80" :placeholder="say.partHint"
      /></Labelled>
      <Labelled :label="say.text"><el-input v-model="text" maxlength="1000" /></Labelled>
      <Labelled :label="say.link"><el-input v-model="link" maxlength="500" /></Labelled>
      <el-button type="primary" @click="add">{{ say.add }}</el-button>
    </div>
    <el-empty v-if="requests.length === 0" :description="say.none" />
    <ul v-else>
      <li v-for="one in requests" :key="one.id" :class="{ done: one.done }">
        <span
          >{{ words.format.shortDate(Date.parse(one.date)) }} ·
          <strong>{{ say.kinds[one.kind] }}</strong><template v-if="aboutOf(one)"
            >: {{ aboutOf(one) }}</template
          ><template v-if="one.text">. {{ one.text }}</template
          ><template v-if="one.who"> ({{ one.who }})</template> {{ ' '
          }}<a v-if="one.link && isLink(one.link)" :href="one.link" rel="noreferrer noopener">{{
            one.link
          }}</a>
          <span v-else-if="one.link" class="soft">{{ one.link }}</span></span
        >
        <span class="keys">
          <el-checkbox :model-value="one.done === true" @change="done(one, $event === true)">{{
            say.done
          }}</el-checkbox>
          <el-button link type="danger" @click="remove(one.id)">{{ say.remove }}</el-button>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.requests {
  display: grid;
  gap: 0.8rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
  gap: 0.5rem 0.9rem;
  align-items: end;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.4rem;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--rule);
}
.keys {
  display: flex;
  align-items: center;
  gap: 1rem;
}
.done > span:first-child {
  text-decoration: line-through;
}
</style>
