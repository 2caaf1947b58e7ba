<script setup lang="ts">
import { glossary, searchFigures, wordsOfFigure } from '@dellop/core/figure'
import { computed, ref, watch } from 'vue'
import { useLoadedLibrary } from '../app/loadedLibrary.ts'
import { words } from '../words/index.ts'

/** Every word of the book with all that it means. */
const { library, failure, loaded } = useLoadedLibrary()
const say = words.figures.glossary
const text = ref('')
const severalOnly = ref(false)
const by = ref<'word' | 'figure'>('word')
const entries = computed(() => glossary(library.figures))
const shown = computed(() => {
  const wanted = text.value.trim().toLowerCase()
  return entries.value.filter(
    ({ word, isAmbiguous }) =>
      word.toLowerCase().includes(wanted) && (!severalOnly.value || isAmbiguous),
  )
})
/** Words that are drawn at once: more would hold up every key. */
/** One figure's names everywhere. */
const figures = computed(() =>
  by.value === 'figure' ? searchFigures(library.figures, text.value) : [],
)
const total = computed(() => (by.value === 'word' ? shown.value.length : figures.value.length))
const PAGE = 150
const most = ref(PAGE)
watch([shown, figures], () => (most.value = PAGE))
</script>

<template>
  <div class="view">
    <p>
      <RouterLink to="/figures">{{ words.figures.back }}</RouterLink>
    </p>
    <header class="view-head">
      <div>
        <h1>{{ say.title }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <div class="search">
        <label class="field-label" for="glossary-search">{{ say.search }}</label>
        <el-input id="glossary-search" v-model="text" clearable />
      </div>
    </header>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!loaded" role="status">{{ words.app.loading }}</p>
    <template v-else>
      <div class="only" role="group" :aria-label="say.title">
        <el-button
          v-for="(name, key) in say.by"
          :key="key"
          :aria-pressed="by === key"
          @click="by = key"
        >
          {{ name }}
        </el-button>
        <el-checkbox v-if="by === 'word'" v-model="severalOnly">{{ say.several }}</el-checkbox>
      </div>
      <p v-if="total === 0">{{ say.nothing(text) }}</p>
      <dl v-else-if="by === 'figure'">
        <div v-for="figure in figures.slice(0, most)" :key="figure.id" class="entry">
          <dt>
            <RouterLink :to="{ name: 'figure', params: { id: figure.id } }">{{
              figure.name
            }}</RouterLink>{{ ' '
            }}<span class="soft family">{{ words.dance(figure.family) }}</span>
          </dt>
          <dd>
            <span v-for="one in wordsOfFigure(figure).slice(1)" :key="one.word" class="meaning"
              >{{ one.word }} <span class="soft">{{ say.kind(one.as, one.whose) }}</span></span
            >
          </dd>
        </div>
      </dl>
      <dl v-else>
        <div v-for="entry in shown.slice(0, most)" :key="entry.word" class="entry">
          <dt>
            {{ entry.word }}
            <strong v-if="entry.isAmbiguous" class="mark">{{ say.ambiguous }}</strong>
          </dt>
          <dd>
            <span v-for="meaning in entry.meanings" :key="meaning.figure.id" class="meaning">
              <RouterLink :to="{ name: 'figure', params: { id: meaning.figure.id } }">{{
                meaning.figure.name
              }}</RouterLink>
              <span class="soft">{{
                [words.dance(meaning.figure.family), say.kind(meaning.as, meaning.whose)]
                  .filter(Boolean)
                  .join(', ')
              }}</span>
            </span>
          </dd>
        </div>
      </dl>
      <el-button v-if="total > most" size="large" @click="most += PAGE">
        {{ words.figures.more(Math.min(PAGE, total - most)) }}
      </el-button>
    </template>
  </div>
</template>

<style scoped>
.search {
  width: min(24rem, 100%);
}
.family {
  font-weight: 400;
}
.only {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.75rem;
  align-items: center;
  margin-bottom: 0.5rem;
}
dl {
  margin: 0;
  background: var(--sheet);
}
.entry {
  display: grid;
  grid-template-columns: minmax(10rem, 1fr) 3fr;
  gap: 0.25rem 1.25rem;
  padding: 0.5rem 0.9rem;
  border-bottom: 1px solid var(--rule);
}
dt {
  margin: 0;
  font-weight: 700;
}
dd {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.25rem;
}
.meaning {
  display: inline-flex;
  gap: 0.4rem;
}
.mark {
  font-size: 0.85rem;
  color: var(--music);
  white-space: nowrap;
}
@media (max-width: 700px) {
  .entry {
    grid-template-columns: 1fr;
  }
}
</style>
