<script setup lang="ts">
import {
  aliasText,
  applyVariation,
  AS_WRITTEN,
  countedBar,
  familyTempo,
  isDancedAlike,
  stepLineText,
  type Variation,
} from '@dellop/core/figure'
import type { FigureUse } from '@dellop/core/routine'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import { keepRecent } from '../app/recent.ts'
import VaryFields from '../beats/VaryFields.vue'
import AskedFor from '../ui/AskedFor.vue'
import { words } from '../words/index.ts'
import FigureFacts from './FigureFacts.vue'
import FigureHistory from './FigureHistory.vue'
import FigureMerge from './FigureMerge.vue'
import FigurePlaces from './FigurePlaces.vue'
import FigureStage from './FigureStage.vue'
import FigureStages from './FigureStages.vue'
import FigureWords from './FigureWords.vue'
import FollowOns from './FollowOns.vue'

const route = useRoute()
const router = useRouter()
const { library, failure, loaded } = useLoadedLibrary(
  async () => void (uses.value = (await api('figureUse')).uses),
)
const say = words.figures
const told = ref('')
const uses = shallowRef<readonly FigureUse[]>([])
const variation = shallowRef<Variation>(AS_WRITTEN)
const open = ref<'merge' | 'remove' | null>(null)
const roles = words.role
/** A tempo anyone can walk to. */
const WALKING_BPM = 110

const id = computed(() => String(route.params['id']))
watch(id, () => {
  variation.value = AS_WRITTEN
  open.value = null
  told.value = failure.value = ''
})
const figure = computed(() => library.book.get(id.value) ?? null)
watch(
  figure,
  (now) => now && keepRecent({ path: `/figures/${now.id}`, name: `${now.name}, ${now.family}` }),
  { immediate: true },
)
const varied = computed(() => (figure.value ? applyVariation(figure.value, variation.value) : null))
const written = computed(() => (figure.value ? applyVariation(figure.value) : null))
/** What is shown: as it is varied, or as written where that cannot be danced. */
const danced = computed(() =>
  varied.value?.ok ? varied.value.value : written.value?.ok ? written.value.value : null,
)
const problem = computed(() =>
  varied.value && !varied.value.ok ? words.problem(varied.value.problem) : null,
)
const tempo = computed(() => (figure.value ? familyTempo(figure.value.family) : null))
const bar = computed(() => countedBar(figure.value?.family ?? ''))
const usualBpm = computed(() =>
  tempo.value ? Math.round((tempo.value.range[0] + tempo.value.range[1]) / 2) : WALKING_BPM,
)
const lines = computed(() => {
  const { lead, follow } = danced.value!.steps
  if (isDancedAlike(figure.value!))
    return [{ who: say.everyone, text: stepLineText(lead, bar.value.division) }]
  const isOpposite = figure.value!.follow === 'opposite' && !figure.value!.parts
  return [
    { who: roles.lead, text: stepLineText(lead, bar.value.division) },
    {
      who: roles.follow,
      text: isOpposite ? say.opposite : stepLineText(follow, bar.value.division),
    },
  ]
})
const use = computed(() => uses.value.find(({ figureId }) => figureId === id.value) ?? null)
const usual = computed(
  () => new Map(use.value?.next.map(({ figureId, times }) => [figureId, times])),
)
/** With a group chosen, nothing above it is offered. */
const followers = computed(() =>
  library.figures.filter((one) => library.known?.of(one) !== 'beyond'),
)

async function remove(): Promise<void> {
  const gone = figure.value!
  try {
    await api('removeFigure', { params: { id: gone.id } })
    library.dropFigure(gone.id)
    await router.push({ name: 'figures', query: { gone: gone.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
    open.value = null
  }
}
</script>

<template>
  <div class="view">
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <p v-if="!loaded && !failure" role="status">{{ words.app.loading }}</p>
    <template v-else-if="figure && danced">
      <p>
        <RouterLink to="/figures">{{ say.back }}</RouterLink>
      </p>
      <header class="view-head">
        <div>
          <h1>{{ figure.name }}</h1>
          <p class="soft">
            {{ words.dance(figure.family)
            }}<template v-if="tempo"
              >, {{ say.usualTempo(tempo.range[0], tempo.range[1], bar.beatsPerBar) }}</template
            >
            · {{ words.level[figure.level] }} ·
            {{ words.format.counts(danced.lengthTicks / TICKS_PER_BEAT) }}
            <template v-if="figure.aliases.length > 0">
              · {{ say.aliases }}: {{ figure.aliases.map(aliasText).join(', ') }}</template
            >
          </p>
        </div>
        <div class="actions">
          <el-button
            tag="router-link"
            size="large"
            :to="{ name: 'figure-edit', params: { id: figure.id } }"
            >{{ say.edit.button }}</el-button
          >
          <el-button
            tag="router-link"
            size="large"
            :to="{ name: 'figure-write', query: { from: figure.id } }"
            >{{ say.write.from }}</el-button
          >
        </div>
      </header>
      <FigureMerge
        v-if="open === 'merge'"
        :figure="figure"
        @close="open = null"
        @merged="(sentence) => ((told = sentence), (open = null))"
      />
      <section
        v-if="open === 'remove'"
        class="sure"
        role="alertdialog"
        :aria-label="say.remove.sure(figure.name)"
      >
        <p>{{ say.remove.sure(figure.name) }}</p>
        <el-button size="large" @click="remove">{{ say.remove.yes }}</el-button>
        <el-button size="large" @click="open = null">{{ say.remove.no }}</el-button>
      </section>
      <div class="columns">
        <div>
          <section class="chart-box" :aria-label="words.beats.title">
            <h2>{{ words.beats.title }}</h2>
            <VaryFields
              :figure="figure"
              :variation="variation"
              :problem="problem"
              @change="(next) => (variation = next)"
            >
              <RouterLink
                :to="{
                  name: 'figure-write',
                  query: { part: figure.id, as: JSON.stringify(variation) },
                }"
                >{{ say.danceAs.keep }}</RouterLink
              >
            </VaryFields>
            <FigureStage
              :danced="danced"
              :beats-per-bar="bar.beatsPerBar"
              :division="bar.division"
              :usual-bpm="usualBpm"
              :roles="roles"
            />
            <h2>{{ say.asLine }}</h2>
            <p class="soft">{{ say.asLineHelp }}</p>
            <dl class="lines">
              <template v-for="line in lines" :key="line.who">
                <dt>{{ line.who }}</dt>
                <dd>{{ line.text }}</dd>
              </template>
            </dl>
          </section>
          <FigureStages :figure="figure" :roles="roles" />
          <FigureHistory :figure="figure" />
          <div class="actions last">
            <el-button @click="open = 'merge'">{{ say.merge.button }}</el-button>
            <el-button @click="open = 'remove'">{{ say.remove.button }}</el-button>
          </div>
        </div>
        <div class="facts">
          <FigureWords :figure="figure" />
          <AskedFor :figure-ids="[figure.id]" />
          <FigureFacts :figure="figure" :danced="danced" :usual-bpm="usualBpm" />
          <FollowOns
            :figure="figure"
            :figures="followers"
            :roles="roles"
            :usual="usual"
            :group="library.group?.name ?? null"
          />
          <FigurePlaces :figure="figure" :use="use" />
        </div>
      </div>
    </template>
    <p v-else-if="loaded">
      {{ say.unknown }} <RouterLink to="/figures">{{ say.back }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.chart-box h2:not(:first-child) {
  margin-top: 1.25rem;
}
.lines {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: baseline;
  gap: 0.35rem 1rem;
  margin: 0.5rem 0 0;
}
.lines dt {
  font-weight: 700;
  margin: 0;
}
.lines dd {
  margin: 0;
  overflow-wrap: anywhere;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.actions.last,
.sure {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  border: 1px solid var(--rule-strong);
  border-radius: 8px;
  background: var(--sheet);
  padding: 0.75rem 1.25rem;
  margin-bottom: 1rem;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 2rem;
}
.chart-box {
  background: var(--sheet);
  border: 1px solid var(--rule);
  padding: 1.25rem 1.5rem;
}
.facts {
  display: grid;
  gap: 1.25rem;
  align-content: start;
}
h2 {
  margin-bottom: 0.5rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .chart-box {
    padding: 1rem;
  }
}
</style>
