<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useLibrary } from './library.ts'
import { words } from '../words/index.ts'

const library = useLibrary()
const notices = ref('')
const wordsPerMinute = ref(175)

onMounted(async () => {
  await library.load()
  wordsPerMinute.value = library.settings.wordsPerMinute
  notices.value = await fetch('/THIRD-PARTY.md').then((response) => (response.ok ? response.text() : ''))
})

const save = (value: number | undefined): void => {
  if (value !== undefined) void library.saveSettings({ ...library.settings, wordsPerMinute: value })
}
</script>

<template>
  <div class="view">
    <h1>{{ words.about.title }}</h1>
    <p class="lead">{{ words.about.text }}</p>
    <section aria-labelledby="voice-head">
      <h2 id="voice-head">{{ words.about.voice }}</h2>
      <p class="soft">{{ words.about.voiceText }}</p>
      <label class="field-label" for="wpm">{{ words.about.wordsPerMinute }}</label>
      <el-input-number id="wpm" v-model="wordsPerMinute" :min="60" :max="350" :step="5" :aria-label="words.about.wordsPerMinute" @change="save" />
    </section>
    <section aria-labelledby="care-head">
      <h2 id="care-head">{{ words.about.care }}</h2>
      <p>{{ words.about.careText }}</p>
    </section>
    <section aria-labelledby="licence-head">
      <h2 id="licence-head">{{ words.about.licence }}</h2>
      <p>{{ words.about.licenceText }}</p>
      <details v-if="notices">
        <summary>{{ words.about.notices }}</summary>
        <pre tabindex="0">{{ notices }}</pre>
      </details>
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
