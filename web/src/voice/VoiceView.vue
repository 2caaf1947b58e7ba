<script setup lang="ts">
import { DEFAULT_VOICES, withLength, type Voice } from '@dellop/core/cue'
import type { Settings } from '@dellop/wire'
import { computed, onMounted, ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { download } from '../app/download.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import MeasureVoice from './MeasureVoice.vue'
import Labelled from '../ui/Labelled.vue'

/**
 * Whose speed cues are planned for: the usual voice, the cuer's own, or the stand-in's; and what
 * the hall adds.
 */
const library = useLibrary()
const language = ref<'en' | 'de'>('en')
const failure = ref('')
const told = ref('')
const text = words.voice
/** What the usual formula misses, in-sample, by language. */
const USUAL_SPREAD = { en: 0.138, de: 0.142 } as const
const CHOICES = ['usual', 'mine', 'stand-in'] as const

/** Nothing can be changed before it is known what is kept. */
const ready = ref(false)
const load = async (): Promise<void> => {
  failure.value = ''
  try {
    await library.load()
    ready.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)

const settings = computed(() => library.settings)
const own = computed<Voice | null>(() => settings.value.ownVoices[language.value])
const isFitted = computed(() => own.value?.measured === true)
const single = computed(() => Object.entries(own.value?.lengths ?? {}))
function aboutOf(choice: (typeof CHOICES)[number]): string {
  if (choice === 'usual')
    return text.about.usual(settings.value.wordsPerMinute, USUAL_SPREAD[language.value])
  if (choice === 'stand-in') return text.about['stand-in']
  if (own.value && !own.value.measured) return text.about.mineTimed
  return own.value?.measured
    ? text.about.mine(own.value.wordsPerMinute, own.value.spreadSeconds ?? 0)
    : text.about.mineMissing
}

async function save(change: Partial<Settings>): Promise<void> {
  failure.value = told.value = ''
  try {
    await library.saveSettings(change)
    told.value = text.saved
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
const saveOwn = (voice: Voice | null, change: Partial<Settings> = {}): Promise<void> =>
  save({ ...change, ownVoices: { ...settings.value.ownVoices, [language.value]: voice } })

async function keep(voice: Voice): Promise<void> {
  const lengths = own.value?.lengths
  await saveOwn(lengths ? { ...voice, lengths } : voice, { voice: 'mine' })
  told.value = text.kept
}
const forget = (): Promise<void> =>
  saveOwn(null, settings.value.voice === 'mine' ? { voice: 'usual' } : {})
const takeAlong = (): void =>
  download(
    `voice-${language.value}.json`,
    'application/json',
    JSON.stringify(library.voiceFor(language.value), null, 2),
  )
</script>

<template>
  <div class="view voice">
    <h1>{{ text.title }}</h1>
    <p class="lead">{{ text.lead }}</p>
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <el-button @click="load">{{ words.app.again }}</el-button>
    </p>
    <p v-if="!ready && !failure" role="status">{{ words.app.loading }}</p>
    <template v-if="ready">
      <Labelled class="language" :label="text.language"
        ><el-select v-model="language" class="pick"
          ><el-option
            v-for="(label, id) in text.languages"
            :key="id"
            :value="id"
            :label="label" /></el-select
      ></Labelled>
      <div class="columns">
        <section aria-labelledby="whose-head">
          <h2 id="whose-head">{{ text.whose }}</h2>
          <el-radio-group
            :model-value="settings.voice"
            class="choices"
            :aria-label="text.whose"
            @change="save({ voice: $event as Settings['voice'] })"
          >
            <div v-for="choice in CHOICES" :key="choice" class="choice">
              <el-radio :value="choice">{{ text.choices[choice] }}</el-radio>
              <p class="soft">{{ aboutOf(choice) }}</p>
            </div>
          </el-radio-group>
          <label class="field-label" for="pace">{{ text.pace }}</label>
          <el-input-number
            id="pace"
            :model-value="settings.wordsPerMinute"
            :min="60"
            :max="350"
            :step="5"
            :aria-label="text.pace"
            @change="$event && save({ wordsPerMinute: $event })"
          />
          <p class="along">
            <el-button @click="takeAlong">{{ text.fileTake }}</el-button>
          </p>
          <p class="soft">{{ text.fileUse }} <code>--voice</code></p>
          <el-button v-if="isFitted" @click="forget">{{ text.forget }}</el-button>
          <h2>{{ text.hall }}</h2>
          <p class="soft">{{ text.hallHow }}</p>
          <label class="hall"
            >{{ text.hallSeconds }}
            <el-slider
              :min="0"
              :max="1.5"
              :step="0.1"
              :model-value="settings.hallSeconds"
              :aria-label="text.hallSeconds"
              :format-value-text="text.hallNow"
              @change="save({ hallSeconds: Number($event) })"
            />
            <span class="count">{{ text.hallNow(settings.hallSeconds) }}</span></label
          >
          <h2>{{ text.single }}</h2>
          <p v-if="single.length === 0" class="soft">{{ text.singleNone }}</p>
          <ul v-else class="single">
            <li v-for="[wording, seconds] in single" :key="wording">
              {{ text.timedAs(wording, seconds) }}
              <el-button link @click="saveOwn(withLength(own!, wording, null))">
                {{ text.singleForget(wording) }}
              </el-button>
            </li>
          </ul>
        </section>
        <MeasureVoice
          :key="language"
          :language="language"
          :usual="DEFAULT_VOICES[language]"
          @keep="keep"
        />
      </div>
    </template>
    <p v-if="told" class="told" role="status">{{ told }}</p>
  </div>
</template>

<style scoped>
.voice {
  max-width: 1180px;
}
.lead {
  max-width: 65ch;
  margin: 0.5rem 0 1rem;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 2.5rem;
  align-items: start;
  margin-top: 1rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
h2 {
  margin-bottom: 0.3rem;
}
h2:not(:first-child) {
  margin-top: 1.5rem;
}
.along {
  margin-top: 0.8rem;
}
.choices {
  display: grid;
  justify-items: start;
}
.choice p {
  margin: 0 0 0.6rem 1.6rem;
  font-size: 0.95rem;
}
.hall,
.language {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
}
.single {
  padding-left: 1.1rem;
}
</style>
