<script setup lang="ts">
import { plannedSeconds, spokenSeconds } from '@dellop/core/cue'
import {
  CUE_LANGUAGES,
  wordingsIn,
  WORDING_KINDS,
  type CueLanguageId,
  type Figure,
} from '@dellop/core/figure'
import { computed, ref } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

/** What is said of a figure, as long as it takes to say. */
const props = defineProps<{ figure: Figure }>()
const library = useLibrary()
const language = ref<CueLanguageId>('en')
const said = computed(() => wordingsIn(props.figure, language.value))
const voice = computed(() => library.voiceFor(language.value))
const longest = computed(() => plannedSeconds(voice.value, said.value.full))
</script>

<template>
  <section aria-labelledby="words-head">
    <header>
      <h2 id="words-head">{{ words.figures.wordings }}</h2>
      <div role="group" :aria-label="words.figures.wordings">
        <el-button
          v-for="one in CUE_LANGUAGES"
          :key="one"
          :aria-pressed="language === one"
          @click="language = one"
        >
          {{ words.figures.language[one] }}
        </el-button>
      </div>
    </header>
    <p v-if="!figure.wordings[language]" class="soft">
      {{ words.figures.noWords(words.figures.language[language]) }}
    </p>
    <div v-for="kind in WORDING_KINDS" :key="kind" class="wording">
      <span class="soft kind">{{ words.sheet[kind] }}</span>
      <span class="said"
        ><span
          class="ribbon"
          :style="{ minWidth: `${(100 * spokenSeconds(voice, said[kind])) / longest}%` }"
          >{{ said[kind] }}</span
        ></span
      >
      <span class="count">{{ words.format.seconds(spokenSeconds(voice, said[kind])) }}</span>
    </div>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 0.3rem;
}
header > div {
  display: flex;
  gap: 0.3rem;
}
.wording {
  display: grid;
  grid-template-columns: 4rem 1fr 4rem;
  align-items: center;
  padding: 0.2rem 0;
}
.ribbon {
  display: inline-block;
  background: var(--voice-tint);
  color: var(--voice-ink);
  font-weight: 600;
  padding: 0.25rem 0.6rem 0.3rem 1.1rem;
  clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 9px 50%);
}
.wording .count {
  text-align: right;
}
</style>
