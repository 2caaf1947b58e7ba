<script setup lang="ts">
import { Check, ChevronDown, CircleQuestionMark, Search, Settings } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { helpFor } from '../help/topicOf.ts'
import { LANGUAGES, type Language } from '@dellop/core/document'
import { chooseLanguage, LANGUAGE_NAMES } from '../words/chosen.ts'
import { chosenTheme, chooseTheme, THEMES } from './theme.ts'
import { language, words } from '../words/index.ts'

const emit = defineEmits<{ search: [] }>()
const route = useRoute()
const router = useRouter()
/** In the order of the work. */
const links = [
  { to: '/tunes', name: words.nav.tunes },
  { to: '/figures', name: words.nav.figures },
  { to: '/sheets', name: words.nav.sheets },
  { to: '/evenings', name: words.evenings.title },
]
/** What is set once and then left alone. */
const settings = [
  { to: '/schools', name: words.nav.schools },
  { to: '/voice', name: words.nav.voice },
  { to: '/calls', name: words.nav.calls },
  { to: '/help', name: words.nav.help },
  { to: '/figures/groups', name: words.nav.groups },
  { to: '/backup', name: words.backup.title },
  { to: '/about', name: words.nav.about },
]
/** Another language is spoken from the start on: the page, which keeps its work, begins anew. */
function choose(one: Language): void {
  chooseLanguage(one)
  location.reload()
}
const theme = ref(chosenTheme())
function look(one: (typeof THEMES)[number]): void {
  chooseTheme(one)
  theme.value = one
}
const isSetting = computed(() => settings.some(({ to }) => route.path.startsWith(to)))
const goTo = (to: string | undefined): void => void (to && router.push(to))
/** Lessons and the logbook belong to the evenings. */
const SEASON = ['/lessons', '/logbook']
const isHere = (path: string): boolean =>
  !isSetting.value &&
  [path, ...(path === '/evenings' ? SEASON : [])].some((one) => route.path.startsWith(one))
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
      <el-button
        class="search"
        text
        :aria-label="`${words.nav.search.label}, ${words.nav.search.keys}`"
        @click="emit('search')"
        ><Search :size="18" aria-hidden="true" /><span class="keys" aria-hidden="true">{{
          words.nav.search.keys
        }}</span></el-button
      >
      <el-tooltip :content="words.nav.helpHere"
        ><el-button
          class="help"
          text
          tag="router-link"
          :to="{ name: 'help', hash: `#${helpFor(route.name)}` }"
          :aria-label="words.nav.helpHere"
          ><CircleQuestionMark :size="20" aria-hidden="true" /></el-button
      ></el-tooltip>
      <el-dropdown class="settings" trigger="click" @command="goTo">
        <el-button text :class="{ here: isSetting }" :aria-label="words.nav.settings"
          ><Settings class="gear" :size="20" aria-hidden="true" /><span class="wide">{{
            words.nav.settings
          }}</span
          ><ChevronDown :size="16" aria-hidden="true"
        /></el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="one in settings" :key="one.to" :command="one.to">{{
              one.name
            }}</el-dropdown-item>
            <el-dropdown-item
              v-for="(one, i) in THEMES"
              :key="one"
              :divided="i === 0"
              :aria-current="one === theme ? 'true' : undefined"
              @click="look(one)"
              >{{ words.nav.themes[one]
              }}<Check v-if="one === theme" class="spoken" :size="16" aria-hidden="true"
            /></el-dropdown-item>
            <el-dropdown-item
              v-for="(one, i) in LANGUAGES"
              :key="one"
              :divided="i === 0"
              :lang="one"
              :aria-current="one === language ? 'true' : undefined"
              @click="choose(one)"
              >{{ LANGUAGE_NAMES[one]
              }}<Check v-if="one === language" class="spoken" :size="16" aria-hidden="true"
            /></el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </nav>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 2rem;
  min-height: 48px;
  padding: 0 1.5rem;
  background: var(--bar);
  color: var(--on-ink);
  --focus: 0 0 0 2px var(--bar), 0 0 0 5px #f2b134;
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
  flex: 1;
  gap: 1.25rem;
  align-self: stretch;
}
nav a {
  display: flex;
  align-items: center;
  color: var(--on-ink-soft);
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
nav .search {
  --el-fill-color-light: var(--bar-hover);
  --el-fill-color: var(--bar-hover);
  margin-left: auto;
  align-self: center;
  padding: 0 8px;
  color: var(--on-ink-soft);
}
.keys {
  margin-left: 6px;
  font-weight: 400;
  font-size: 0.85rem;
}
@media (max-width: 640px) {
  .keys {
    display: none;
  }
}
.settings {
  align-self: center;
}
nav .help {
  align-self: center;
  border: 0;
}
nav .help,
.settings .el-button {
  --el-button-text-color: var(--on-ink-soft);
  --el-button-hover-text-color: #fff;
  --el-fill-color-light: var(--bar-hover);
  --el-fill-color: var(--bar-hover);
  font-weight: 400;
  font-size: 1rem;
  padding: 0 8px;
}
/* The language that is spoken. */
.spoken {
  margin-left: 8px;
}
.settings .el-button.here {
  --el-button-text-color: #fff;
  font-weight: 700;
}
.gear {
  display: none;
}
@media (max-width: 640px) {
  .settings .wide {
    display: none;
  }
  .gear {
    display: block;
  }
  .bar {
    position: relative;
    flex-wrap: wrap;
    gap: 0 1.25rem;
    padding: 0.25rem 1rem;
  }
  nav {
    order: 3;
    width: 100%;
    min-height: 44px;
    gap: 1rem;
  }
  /* Beside the name, so that the subjects have a line of their own. */
  nav .search,
  nav .help,
  .settings {
    position: absolute;
    top: 4px;
    margin: 0;
  }
  nav .search {
    right: 104px;
  }
  nav .help {
    right: 62px;
  }
  .settings {
    right: 8px;
  }
}
</style>
