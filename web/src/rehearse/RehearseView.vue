<script setup lang="ts">
import { USUAL_FLOOR, type FloorSettings } from '@dellop/core/rehearse'
import { ArrowLeft } from '@lucide/vue'
import { defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useDerivedSheet } from '../app/derivedSheet.ts'
import { useQueryState } from '../ui/queryState.ts'
import { words } from '../words/index.ts'
import TakePane from './TakePane.vue'
import { usePractice } from './usePractice.ts'

const DrillPane = defineAsyncComponent(() => import('./DrillPane.vue'))
const QuizPane = defineAsyncComponent(() => import('./QuizPane.vue'))
const TakesPane = defineAsyncComponent(() => import('./TakesPane.vue'))
const WalkThrough = defineAsyncComponent(() => import('./WalkThrough.vue'))

/** Practising a dance: aloud with a floor that answers, in drills, by questions, by a walk-through. */
const say = words.rehearse
const route = useRoute()
const id = String(route.params['id'])
const { sheet, revision, failure, load } = useDerivedSheet(id, say.of)
const practice = usePractice(id)

const TABS = ['take', 'drill', 'quiz', 'walk', 'takes'] as const
type Tab = (typeof TABS)[number]
const tab = useQueryState<Tab>('do', 'take', (text): text is Tab =>
  (TABS as readonly string[]).includes(text),
)
const settings = ref<FloorSettings>({ ...USUAL_FLOOR })
</script>

<template>
  <div v-if="failure" class="view" role="alert">
    <p>{{ failure }}</p>
    <el-button type="primary" @click="load">{{ words.app.again }}</el-button>
  </div>
  <div v-else-if="!sheet" class="view" role="status" :aria-label="words.app.loading">
    <el-skeleton :rows="8" animated />
  </div>
  <main v-else class="rehearse">
    <header>
      <el-button tag="router-link" text :to="{ name: 'sheet', params: { id } }"
        ><ArrowLeft :size="18" aria-hidden="true" />{{ words.floor.toSheet }}</el-button
      >
      <h1>{{ say.of(sheet.routine.title) }}</h1>
    </header>
    <el-empty v-if="sheet.timeline.passes.length === 0" :description="say.empty" />
    <template v-else>
      <el-tabs v-model="tab">
        <el-tab-pane v-for="one in TABS" :key="one" :name="one" :label="say.tabs[one]" />
      </el-tabs>
      <TakePane
        v-if="tab === 'take'"
        v-model:settings="settings"
        :sheet="sheet"
        :revision="revision"
        :practice="practice"
        @changed="load"
      />
      <DrillPane
        v-else-if="tab === 'drill'"
        :sheet="sheet"
        :practice="practice"
        :settings="settings"
      />
      <QuizPane v-else-if="tab === 'quiz'" :sheet="sheet" :practice="practice" />
      <WalkThrough v-else-if="tab === 'walk'" :sheet="sheet" />
      <TakesPane v-else :practice="practice" />
    </template>
  </main>
</template>

<style scoped>
.rehearse {
  display: grid;
  gap: 0.8rem;
  max-width: 1100px;
  margin: 0 auto;
  padding: 8px 16px 24px;
}
.rehearse > * {
  min-width: 0;
  margin: 0;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
}
header :deep(svg) {
  margin-right: 6px;
}
h1 {
  font-size: 1.5rem;
}
</style>
