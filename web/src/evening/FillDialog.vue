<script setup lang="ts">
import { LEVELS } from '@dellop/core/figure'
import {
  FILL_TERMS,
  FILL_WEIGHTS,
  leftOutTold,
  unmetTold,
  type Evening,
  type EveningItem,
  type FillAnswer,
  type Filled,
} from '@dellop/core/evening'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { useLongWork } from '../app/longWork.ts'
import { randomId } from '../app/randomId.ts'
import Folded from '../ui/Folded.vue'
import Labelled from '../ui/Labelled.vue'
import { language, words } from '../words/index.ts'
import { fillInWorker } from '../workers/filling.ts'
import type { EveningFacts } from './eveningFacts.ts'

/** Fills a programme from the shelf under what is wished; the best three, with their reasons. */
const props = defineProps<{ evening: Evening; facts: EveningFacts; leftMinutes: number }>()
const emit = defineEmits<{ take: [items: readonly EveningItem[]]; close: [] }>()
const say = words.evenings.fill

const minutes = ref(props.leftMinutes)
const level = ref(props.facts.groupOf(props.evening)?.level ?? '')
const knownShare = ref(props.evening.groupId === undefined ? 0 : 70)
const notLately = ref(2)
const must = ref<string[]>([])
const mustNot = ref<string[]>([])
const hardInARow = ref(2)
const kinds = ref<Record<string, number>>({})
const allKinds = computed(() =>
  [...new Set(props.facts.dances.value.map(({ dance }) => dance))].sort(),
)
const options = computed(() =>
  props.facts.dances.value.map(({ sheetId, title }) => ({ value: sheetId, label: title })),
)

const share = ref(0)
const answer = shallowRef<FillAnswer | null>(null)
/** An empty programme is no offer. */
const offers = computed(() => answer.value?.best.filter(({ dances }) => dances.length > 0) ?? [])

const { working, failure, told, doing, cancel } = useLongWork({
  begun: say.searching,
  stopped: words.rehearse.stopped,
  failed: (why) => why,
})
onBeforeUnmount(cancel)
const here = computed(() => new Set(props.evening.items.flatMap(({ sheetId }) => sheetId ?? [])))
const search = (): Promise<void> =>
  doing(async (signal) => {
    share.value = 0
    answer.value = null
    const knows = props.facts.knowsOf(props.evening)
    const figures = props.facts.dances.value.flatMap((one) => one.figures.map(({ id }) => id))
    const wanted = Object.entries(kinds.value).filter(([, n]) => n > 0)
    answer.value = await fillInWorker(
      {
        wish: {
          minutes: minutes.value,
          changeoverMinutes: props.evening.changeoverSeconds / 60,
          kinds: Object.fromEntries(wanted),
          level: level.value === '' ? null : level.value,
          knownShare: knownShare.value / 100,
          notLately: notLately.value,
          must: [...must.value],
          mustNot: [...mustNot.value],
          present: props.evening.present ?? null,
          hardInARow: hardInARow.value,
        },
        // What is in the programme already is not chosen again.
        context: {
          facts: props.facts.dances.value.filter(({ sheetId }) => !here.value.has(sheetId)),
          before: props.facts.before(props.evening),
          date: props.evening.date,
        },
        known: knows && [...new Set(figures)].filter(knows),
      },
      signal,
      (now) => (share.value = now),
    )
  })

const percent = (value: number): number => Math.round(100 * value)
const terms = ({ terms: own }: Filled) =>
  FILL_TERMS.map((term) => ({
    term,
    name: say.terms[term],
    share: percent(own[term]),
    weight: FILL_WEIGHTS[term],
  }))
/** What speaks for it, and against. */
const speaksFor = (one: Filled): string[] =>
  terms(one)
    .filter(({ share: own }) => own >= 80)
    .map(({ name }) => name)
const speaksAgainst = (one: Filled): string[] => {
  const poor = terms(one).filter(({ share: own }) => own < 60)
  return [
    ...(poor.length > 0
      ? [`${poor.map(({ name, share: own }) => say.poorly(name, own)).join('; ')}.`]
      : []),
    ...one.unmet.map((unmet) => unmetTold(unmet, language)),
  ]
}
const take = ({ dances }: Filled): void =>
  emit(
    'take',
    dances.map(({ sheetId }) => ({ id: randomId(), kind: 'dance', title: '', sheetId })),
  )
</script>

<template>
  <el-dialog :model-value="true" :title="say.title" width="min(94vw, 860px)" @close="emit('close')">
    <div class="wishes">
      <Labelled :label="say.minutes"
        ><el-input-number v-model="minutes" :min="3" :max="600"
      /></Labelled>
      <Labelled :label="say.level"
        ><el-select v-model="level"
          ><el-option value="" :label="say.anyLevel" /><el-option
            v-for="one in LEVELS"
            :key="one"
            :value="one"
            :label="words.level[one]" /></el-select
      ></Labelled>
      <Labelled :label="say.known"
        ><el-input-number v-model="knownShare" :min="0" :max="100" :step="10"
      /></Labelled>
      <Labelled :label="say.notLately"
        ><el-input-number v-model="notLately" :min="0" :max="20"
      /></Labelled>
      <Labelled :label="say.hardInARow"
        ><el-input-number v-model="hardInARow" :min="1" :max="10"
      /></Labelled>
      <Labelled class="wide" :label="say.must"
        ><el-select v-model="must" multiple filterable
          ><el-option
            v-for="one in options"
            :key="one.value"
            :value="one.value"
            :label="one.label" /></el-select
      ></Labelled>
      <Labelled class="wide" :label="say.mustNot"
        ><el-select v-model="mustNot" multiple filterable
          ><el-option
            v-for="one in options"
            :key="one.value"
            :value="one.value"
            :label="one.label" /></el-select
      ></Labelled>
      <Labelled v-for="kind in allKinds" :key="kind" :label="say.kind(kind)"
        ><el-input-number
          :model-value="kinds[kind] ?? 0"
          :min="0"
          :max="20"
          @change="kinds = { ...kinds, [kind]: $event ?? 0 }"
      /></Labelled>
    </div>
    <p class="search">
      <el-button v-if="!working" type="primary" size="large" @click="search">{{
        say.search
      }}</el-button>
      <template v-else>
        <el-progress :percentage="percent(share)" :aria-label="say.searching" />
        <el-button @click="cancel">{{ words.cues.hear.cancel }}</el-button>
      </template>
    </p>
    <p v-if="failure || told" role="alert">{{ failure || told }}</p>
    <template v-if="answer">
      <el-empty v-if="offers.length === 0" :description="say.none" />
      <ol v-else class="found">
        <li v-for="(one, i) in offers" :key="i">
          <h3>{{ say.found(i + 1, one.dances.length, Math.round(one.minutes)) }}</h3>
          <p>{{ one.dances.map(({ title }) => title).join(' · ') }}</p>
          <p v-if="speaksFor(one).length > 0" class="soft">
            {{ say.speaksFor(speaksFor(one)) }}
          </p>
          <p v-if="speaksAgainst(one).length > 0">{{ say.speaksAgainst(speaksAgainst(one)) }}</p>
          <el-button @click="take(one)">{{ say.take }}</el-button>
        </li>
      </ol>
      <p class="soft">{{ answer.isProved ? say.proved : say.notProved }}</p>
      <Folded v-if="answer.leftOut.length > 0" :title="say.leftOut(answer.leftOut.length)">
        <ul>
          <li v-for="one in answer.leftOut" :key="one.facts.sheetId">
            {{ one.facts.title }}: {{ leftOutTold(one.why, language) }}
          </li>
        </ul>
      </Folded>
    </template>
  </el-dialog>
</template>

<style scoped>
.wishes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9.5rem, 1fr));
  gap: 0.6rem 0.9rem;
}
.wide {
  grid-column: span 2;
}
.found {
  display: grid;
  gap: 0.8rem;
  padding-left: 0;
  list-style: none;
}
.search {
  margin: 1rem 0;
}
.found h3,
.found p {
  margin: 0 0 0.2rem;
}
@media (max-width: 500px) {
  .wide {
    grid-column: auto;
  }
}
</style>
