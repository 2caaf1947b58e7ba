<script setup lang="ts">
import { useRoute } from 'vue-router'
import { CONTROLS } from '../words/controls.ts'
import { language, words } from '../words/index.ts'
import AppBar from './AppBar.vue'
import { useUpdateNotice } from './updateNotice.ts'

const route = useRoute()
useUpdateNotice(() => route.meta.live === true)
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
    <AppBar v-if="!route.meta.whole" />
    <main id="main" tabindex="-1">
      <!-- Another sheet, tune or figure is another view: nothing of the one before is carried into it. -->
      <RouterView :key="route.path" />
    </main>
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
