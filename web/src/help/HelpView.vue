<script setup lang="ts">
import { computed } from 'vue'
import { useQueryState } from '../ui/queryState.ts'
import { words } from '../words/index.ts'

/** The help: a topic for each view, searched by its words. */
const say = words.help
const search = useQueryState('search', '')
const shown = computed(() => {
  const wanted = search.value.trim().toLowerCase().split(/\s+/).filter(Boolean)
  return say.topics.filter(({ title, text, steps }) => {
    const all = [title, ...text, ...(steps ?? [])].join(' ').toLowerCase()
    return wanted.every((word) => all.includes(word))
  })
})
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ say.title }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <div class="search">
        <label class="field-label" for="help-search">{{ say.search }}</label>
        <el-input id="help-search" v-model="search" clearable />
      </div>
    </header>
    <nav :aria-label="say.title">
      <a v-for="topic in shown" :key="topic.id" :href="`#${topic.id}`">{{ topic.title }}</a>
    </nav>
    <el-empty v-if="shown.length === 0" :description="say.nothing(search)" />
    <article v-for="topic in shown" :id="topic.id" :key="topic.id">
      <h2>{{ topic.title }}</h2>
      <p v-for="text in topic.text" :key="text">{{ text }}</p>
      <ol v-if="topic.steps">
        <li v-for="step in topic.steps" :key="step">{{ step }}</li>
      </ol>
    </article>
  </div>
</template>

<style scoped>
.search {
  width: min(20rem, 100%);
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  margin-bottom: 1.2rem;
}
article {
  max-width: 44rem;
  margin-bottom: 1.6rem;
  scroll-margin-top: 1rem;
}
article p {
  margin: 0.4rem 0;
}
ol {
  margin: 0.4rem 0;
  padding-left: 1.4rem;
}
</style>
