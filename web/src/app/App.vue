<script setup lang="ts">
import { defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { CONTROLS } from '../words/controls.ts'
import { language, words } from '../words/index.ts'
import AppBar from './AppBar.vue'
import { useSearchKey } from './searchKey.ts'
import { useUpdateNotice } from './updateNotice.ts'

/** It knows the book of figures, which the first page does not wait for. */
const SearchAll = defineAsyncComponent(() => import('./SearchAll.vue'))

const route = useRoute()
useUpdateNotice(() => route.meta.live === true)
/** Everything is searched from everywhere, but not where a call, a rehearsal or a hall goes on. */
const { isSearching, typed, open: search } = useSearchKey(() => !route.meta.live)
/** Once opened it stays, so that it can go back to where the keyboard was. */
const wasSearched = ref(false)
watch(isSearching, () => (wasSearched.value = true))
/** An empty text is a choice like any other; only what is not there is none. */
const NOTHING = [undefined, null]
</script>

<template>
  <el-config-provider
    :locale="CONTROLS[language]"
    :empty-values="NOTHING"
    :message="{ max: 3, grouping: true }"
  >
    <a class="skip" href="#main">{{ words.nav.skip }}</a>
    <AppBar v-if="!route.meta.whole" @search="search" />
    <main id="main" tabindex="-1">
      <!-- Another sheet, tune or figure is another view: nothing of the one before is carried into it. -->
      <RouterView :key="route.path" />
    </main>
    <SearchAll v-if="wasSearched" v-model="isSearching" v-model:typed="typed" />
  </el-config-provider>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 1rem;
  top: 0.5rem;
  background: var(--sheet);
  padding: 0.5rem 1rem;
  z-index: 10;
}
main:focus {
  outline: none;
  box-shadow: none;
}
</style>
