<script setup lang="ts">
import { tuneBars, type Tune } from '@dellop/core/tune'
import { onMounted, ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

const library = useLibrary()
const failure = ref('')
const told = ref('')
const busy = ref(false)
const loaded = ref(false)
const fileBox = ref<HTMLInputElement | null>(null)

onMounted(async () => {
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})

const bars = (tune: Tune): string => {
  const { bars: all, danced } = tuneBars(tune)
  return words.tunes.bars(all, danced)
}

async function bring(event: Event): Promise<void> {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  box.value = ''
  if (!file) return
  failure.value = told.value = ''
  busy.value = true
  try {
    const { tune } = await api('importAbc', { body: { abc: await file.text() } })
    library.addTune(tune)
    told.value = words.tunes.brought(tune.title)
  } catch (error) {
    failure.value = words.tunes.notBrought + sentenceOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.tunes.title }}</h1>
        <p class="soft">{{ words.tunes.lead }}</p>
      </div>
      <div>
        <button class="button main" :disabled="busy" @click="fileBox?.click()">{{ words.tunes.bring }}</button>
        <input ref="fileBox" class="unseen" type="file" accept=".abc,text/vnd.abc,text/plain" tabindex="-1" :aria-label="words.tunes.bring" @change="bring" />
      </div>
    </header>
    <p v-if="busy" role="status" class="told">{{ words.tunes.playing }}</p>
    <p v-if="told" role="status" class="told">{{ told }}</p>
    <p v-if="failure" role="alert" class="failure">{{ failure }}</p>
    <p v-if="loaded && library.tunes.length === 0" class="empty">{{ words.tunes.empty }}</p>
    <ul v-else>
      <li v-for="tune in library.tunes" :key="tune.id">
        <RouterLink class="title" :to="{ name: 'tune', params: { id: tune.id } }">{{ tune.title }}</RouterLink>
        <span>{{ tune.dance }}</span>
        <span class="soft">{{ bars(tune) }}</span>
        <span class="count">{{ words.tunes.tempo(tune.bpm, Math.round((tune.bpm / tune.metre.beatsPerBar) * 10) / 10) }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 2fr 1fr 2fr 2fr;
  gap: 1rem;
  align-items: baseline;
  padding: 0.9rem 1rem;
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
  border-left: 6px solid var(--music);
}
.title {
  font-family: var(--font-head);
  font-weight: 700;
  font-size: 1.2rem;
  color: var(--ink);
}
.empty {
  padding: 2.5rem;
  border: 2px dashed var(--rule-strong);
  border-radius: 8px;
  text-align: center;
}
.told {
  border-left: 4px solid var(--feet);
  background: var(--feet-tint);
  padding: 0.75rem 1rem;
  margin-bottom: 1rem;
}
.failure {
  border-left: 4px solid var(--wrong);
  background: var(--wrong-tint);
  padding: 0.75rem 1rem;
  margin-bottom: 1rem;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
    gap: 0.2rem;
  }
}
</style>
