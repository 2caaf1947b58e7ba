<script setup lang="ts">
import { applyVariation, entryFeet, searchFigures, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, onMounted, ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

const library = useLibrary()
const search = ref('')
const failure = ref('')
const loaded = ref(false)

async function load(): Promise<void> {
  failure.value = ''
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)

const shown = computed(() => searchFigures(library.figures, search.value))
const counts = (figure: Figure): number => figure.lengthTicks / TICKS_PER_BEAT
function starts(figure: Figure): string {
  const danced = applyVariation(figure)
  const foot = danced.ok ? entryFeet(danced.value).lead : null
  return foot ? words.figures.onFoot(foot) : words.figures.eitherShort
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.figures.title }}</h1>
        <p class="soft">{{ words.figures.lead }} {{ words.figures.count(library.figures.length) }}.</p>
      </div>
      <div class="search">
        <label class="field-label" for="figure-search">{{ words.figures.search }}</label>
        <el-input id="figure-search" v-model="search" :placeholder="words.figures.searchHint" clearable />
      </div>
    </header>
    <div v-if="failure" role="alert">
      <p>{{ failure }}</p>
      <button class="button small" @click="load">{{ words.app.again }}</button>
    </div>
    <p v-else-if="!loaded" role="status">{{ words.app.loading }}</p>
    <p v-else-if="shown.length === 0">{{ search ? words.figures.nothing(search) : words.figures.empty }}</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">{{ words.figures.columns.name }}</th>
          <th scope="col" class="number">{{ words.figures.columns.length }}</th>
          <th scope="col">{{ words.figures.columns.starts }}</th>
          <th scope="col">{{ words.figures.columns.ends }}</th>
          <th scope="col">{{ words.figures.columns.level }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="figure in shown" :key="figure.id">
          <th scope="row">
            <RouterLink :to="{ name: 'figure', params: { id: figure.id } }">{{ figure.name }}</RouterLink>
            <span v-if="figure.aliases.length > 0" class="soft alias">{{ figure.aliases.join(', ') }}</span>
          </th>
          <td class="count number">{{ counts(figure) }}</td>
          <td>{{ starts(figure) }}, {{ figure.entry.holds.join(', ') }}</td>
          <td>{{ figure.exitHold ?? words.figures.keepsHold }}</td>
          <td>{{ words.level[figure.level] }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.search {
  width: min(24rem, 100%);
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--sheet);
}
th,
td {
  text-align: left;
  padding: 0.55rem 0.8rem;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
  vertical-align: baseline;
}
thead th {
  font-weight: 600;
  color: var(--ink-soft);
  border-bottom: 2px solid var(--rule-strong);
}
tbody th a {
  font-weight: 700;
  font-size: 1.05rem;
  color: var(--feet-ink);
}
.alias {
  margin-left: 0.6rem;
  font-size: 0.9rem;
}
.number {
  text-align: right;
}
@media (max-width: 700px) {
  td:nth-child(n + 3),
  thead th:nth-child(n + 3) {
    display: none;
  }
}
</style>
