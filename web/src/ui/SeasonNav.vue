<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { words } from '../words/index.ts'

/** Between evenings, lessons and the logbook, which belong together. */
const route = useRoute()
const say = words.evenings
const links = computed(() =>
  [
    { to: '/evenings', name: say.title },
    { to: '/lessons', name: say.lessons },
    { to: '/logbook', name: say.logbook },
  ].map((one) => ({ ...one, here: route.path.startsWith(one.to) })),
)
</script>

<template>
  <nav class="season" :aria-label="say.season">
    <RouterLink
      v-for="one in links"
      :key="one.to"
      :to="one.to"
      :class="{ here: one.here }"
      :aria-current="one.here ? 'page' : undefined"
      >{{ one.name }}</RouterLink
    >
  </nav>
</template>

<style scoped>
.season {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.4rem;
  margin-bottom: 0.4rem;
}
.season a {
  padding: 0.3rem 0;
  color: var(--ink-soft);
  text-decoration: none;
}
.season a.here {
  color: var(--ink);
  font-weight: 700;
  border-bottom: 3px solid var(--accent, currentColor);
}
@media print {
  .season {
    display: none;
  }
}
</style>
