<script setup lang="ts">
import { useRoute } from 'vue-router'
import { words } from '../words/index.ts'

const route = useRoute()
const links = [
  { to: '/tunes', name: words.nav.tunes },
  { to: '/figures', name: words.nav.figures },
  { to: '/sheets', name: words.nav.sheets },
  { to: '/voice', name: words.nav.voice },
  { to: '/about', name: words.nav.about },
]
const isHere = (path: string): boolean => route.path.startsWith(path)
</script>

<template>
  <header class="bar">
    <RouterLink class="name" to="/sheets">dellop<span class="dot">.</span></RouterLink>
    <nav :aria-label="words.nav.label">
      <RouterLink
        v-for="link in links"
        :key="link.to"
        :to="link.to"
        :class="{ here: isHere(link.to) }"
        :aria-current="isHere(link.to) ? 'page' : undefined"
        >{{ link.name }}</RouterLink
      >
    </nav>
    <div id="bar-action" class="action" />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 2rem;
  min-height: 52px;
  padding: 0 1.5rem;
  background: #2a1a35;
  color: #f7efe2;
}
.name {
  font-family: var(--font-head);
  font-weight: 800;
  font-size: 1.5rem;
  color: inherit;
  text-decoration: none;
}
.dot {
  color: #f2b134;
}
nav {
  display: flex;
  gap: 1.25rem;
  align-self: stretch;
}
nav a {
  display: flex;
  align-items: center;
  color: #d8cbe0;
  text-decoration: none;
  border-bottom: 3px solid transparent;
  border-top: 3px solid transparent;
}
nav a:hover {
  color: #fff;
}
nav a.here {
  color: #fff;
  font-weight: 700;
  border-bottom-color: #f2b134;
}
.action {
  margin-left: auto;
}
@media (max-width: 640px) {
  .bar {
    flex-wrap: wrap;
    gap: 0 1.25rem;
    padding: 0.25rem 1rem;
  }
  nav {
    order: 3;
    width: 100%;
    min-height: 44px;
  }
}
</style>
