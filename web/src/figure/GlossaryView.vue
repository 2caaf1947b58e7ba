<script setup lang="ts">
import { glossary } from '@dellop/core/figure'
import { computed, onMounted, ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

/** Every word of the book with all that it means. */
const library = useLibrary()
const say = words.figures.glossary
const failure = ref('')
const loaded = ref(false)
const text = ref('')
const severalOnly = ref(false)
onMounted(async () => {
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
const entries = computed(() => glossary(library.figures))
const shown = computed(() => {
  const wanted = text.value.trim().toLowerCase()
  return entries.value.filter(({ word, isAmbiguous }) => word.toLowerCase().includes(wanted) && (!severalOnly.value || isAmbiguous))
})
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
      <label class="only"><input v-model="severalOnly" type="checkbox" /> {{ say.several }}</label>
      <p v-if="shown.length === 0">{{ say.nothing(text) }}</p>
      <dl v-else>
        <div v-for="entry in shown" :key="entry.word" class="entry">
          <dt>
            {{ entry.word }} <strong v-if="entry.isAmbiguous" class="mark">{{ say.ambiguous }}</strong>
          </dt>
          <dd>
            <span v-for="meaning in entry.meanings" :key="meaning.figure.id" class="meaning">
              <RouterLink :to="{ name: 'figure', params: { id: meaning.figure.id } }">{{ meaning.figure.name }}</RouterLink>
              <span class="soft">{{ say.as(meaning.figure.family, meaning.as) }}</span>
            </span>
          </dd>
        </div>
      </dl>
    </template>
  </div>
</template>

<style scoped>
.search {
  width: min(24rem, 100%);
}
.only {
  display: inline-block;
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
