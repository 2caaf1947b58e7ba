<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'

const notices = ref('')

onMounted(async () => {
  notices.value = await fetch('/THIRD-PARTY.md').then((response) =>
    response.ok ? response.text() : '',
  )
})
</script>

<template>
  <div class="view">
    <h1>{{ words.about.title }}</h1>
    <p class="lead">{{ words.about.text }}</p>
    <p>
      <RouterLink :to="{ name: 'voice' }">{{ words.about.voice }}</RouterLink> ·
      <RouterLink :to="{ name: 'schools' }">{{ words.schools.open }}</RouterLink>
    </p>
    <section aria-labelledby="care-head">
      <h2 id="care-head">{{ words.about.care }}</h2>
      <p>{{ words.about.careText }}</p>
    </section>
    <section aria-labelledby="licence-head">
      <h2 id="licence-head">{{ words.about.licence }}</h2>
      <p>{{ words.about.licenceText }}</p>
      <Folded v-if="notices" :title="words.about.notices">
        <pre tabindex="0">{{ notices }}</pre>
      </Folded>
    </section>
  </div>
</template>

<style scoped>
.lead {
  max-width: 60ch;
  margin: 0.75rem 0 1.5rem;
  font-size: 1.1rem;
}
section {
  max-width: 70ch;
  margin-top: 1.75rem;
  margin-bottom: 1.75rem;
}
section h2 {
  margin-bottom: 0.4rem;
}
pre {
  max-height: 24rem;
  overflow: auto;
  background: var(--sheet);
  border: 1px solid var(--rule);
  padding: 1rem;
  font-family: var(--font-count);
  font-size: 0.8rem;
  white-space: pre-wrap;
}
</style>
