<script setup lang="ts">
import type { DancedPass, DancedSlot } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { computed, ref, watch } from 'vue'
import { download } from '../app/download.ts'
import { useLibrary } from '../app/library.ts'
import { USUAL_LEVELS } from '../sound/mix.ts'
import { words } from '../words/index.ts'
import { weighedTexts, type HearingWish } from '../sound/sheetMix.ts'
import { useHearing } from './useHearing.ts'
import { lengthKey } from '@dellop/core/cue'
import Labelled from '../ui/Labelled.vue'

/**
 * Hear the sheet before saying it: the stand-in over the music, a phrase again and again, and all
 * of it as a practice recording.
 */
const props = defineProps<{ sheet: Sheet; selected: DancedSlot | null; pass: DancedPass | null }>()
const library = useLibrary()
const text = words.cues.hear
const SPEEDS = [50, 60, 70, 80, 90, 100, 110, 120, 130, 150]
const speed = ref(100)
const levels = ref({ ...USUAL_LEVELS })
const apart = ref(false)
const loop = ref(false)
const marks = ref<HearingWish['marks']>(props.sheet.recording ? 'none' : 'clicks')
const where = ref<'whole' | 'pass' | 'phrase'>('whole')
const withMusic = ref(true)
const withVoice = ref(true)
const {
  working,
  failure,
  told,
  isPlaying,
  now,
  play,
  stop,
  setLevels,
  record,
  measureAll,
  isBusy,
  cancel,
} = useHearing(() => props.sheet)

watch(levels, setLevels, { deep: true })
/** The phrase of the chosen figure; its pass where no phrase is marked there. */
const phrase = computed(() => {
  const { selected, sheet } = props
  return selected
    ? (sheet.phrases.find(({ start, end }) => selected.start >= start && selected.start < end) ??
        props.pass)
    : null
})
const stretch = computed<HearingWish['stretch']>(() => {
  const one = where.value === 'pass' ? props.pass : where.value === 'phrase' ? phrase.value : null
  return one ? { start: one.start, end: one.end } : null
})
const wish = (voice: boolean): HearingWish => ({
  stretch: stretch.value,
  speed: speed.value / 100,
  voice,
  marks: marks.value,
  levels: levels.value,
  apart: apart.value,
})
/** Asked for from the page: the phrase of the chosen figure, else all; once more stops it. */
const asked = defineModel<boolean>('asked', { required: true })
watch(
  asked,
  (isAsked) => {
    if (!isAsked) return
    asked.value = false
    if (isPlaying.value) return stop()
    if (isBusy()) return cancel()
    if (phrase.value) where.value = 'phrase'
    void play(wish(true), loop.value)
  },
  { immediate: true },
)
const fileName = computed(
  () =>
    `${props.sheet.routine.title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-practice-${speed.value}.wav`,
)
const takeRecording = (): Promise<void> =>
  record({ ...wish(withVoice.value), apart: false }, withMusic.value, (bytes) =>
    download(fileName.value, 'audio/wav', bytes),
  )
const isStandIn = computed(() => library.settings.voice === 'stand-in')
const unmeasured = computed(() =>
  isStandIn.value
    ? weighedTexts(props.sheet).filter(
        (one) =>
          library.voiceFor(props.sheet.routine.language).lengths?.[lengthKey(one)] === undefined,
      ).length
    : 0,
)
</script>

<template>
  <section class="hear" aria-labelledby="hear-head">
    <h2 id="hear-head">{{ text.title }}</h2>
    <p class="soft">
      {{ text.how }} <RouterLink :to="{ name: 'voice' }">{{ words.voice.title }}</RouterLink>
    </p>
    <div class="row">
      <el-button
        v-if="!isPlaying"
        type="primary"
        :disabled="isBusy()"
        @click="play(wish(true), loop)"
      >
        {{ text.play }}
      </el-button>
      <el-button v-else type="primary" @click="stop">{{ text.stop }}</el-button>
      <Labelled :label="text.where"
        ><el-select v-model="where" class="pick"
          ><el-option value="whole" :label="text.wheres.whole" />
          <el-option value="pass" :disabled="!pass" :label="text.wheres.pass" />
          <el-option value="phrase" :disabled="!phrase" :label="text.wheres.phrase" /></el-select
      ></Labelled>
      <Labelled :label="words.tunes.speed"
        ><el-select v-model="speed" class="pick"
          ><el-option
            v-for="n in SPEEDS"
            :key="n"
            :value="n"
            :label="words.tunes.percent(n)" /></el-select
      ></Labelled>
    </div>
    <p v-if="isPlaying" class="now" data-testid="heard-now">
      <span class="count">{{ words.format.clock(Math.max(0, now.heard)) }}</span>
      {{ now.text ?? text.waiting }}
    </p>
    <div class="grid">
      <Labelled :label="text.voiceLevel"
        ><el-slider v-model="levels.voice" :min="0" :max="1.5" :step="0.05"
      /></Labelled>
      <Labelled :label="text.musicLevel"
        ><el-slider v-model="levels.music" :min="0" :max="1.5" :step="0.05"
      /></Labelled>
      <Labelled :label="text.marks"
        ><el-select v-model="marks" class="pick"
          ><el-option
            v-for="(label, kind) in text.markKinds"
            :key="kind"
            :value="kind"
            :label="label" /></el-select
      ></Labelled>
    </div>
    <el-checkbox v-model="loop">{{ text.loop }}</el-checkbox>
    <el-checkbox v-model="apart">{{ text.apart }}</el-checkbox>
    <h3>{{ text.recording }}</h3>
    <div class="row">
      <el-checkbox v-model="withMusic" :disabled="!sheet.recording">{{
        text.withMusic
      }}</el-checkbox>
      <el-checkbox v-model="withVoice">{{ text.withVoice }}</el-checkbox>
      <el-button
        :disabled="isBusy() || (!withMusic && !withVoice && marks === 'none')"
        @click="takeRecording"
      >
        {{ text.record }}
      </el-button>
    </div>
    <p v-if="unmeasured > 0" class="told">
      {{ text.unmeasured(unmeasured) }}
      <el-button :disabled="isBusy()" @click="measureAll">
        {{ text.measure }}
      </el-button>
    </p>
    <p v-if="working" class="told working" role="status">
      <span>{{ working }}</span>{{ ' ' }}<el-button @click="cancel">{{ text.cancel }}</el-button>
    </p>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p class="soft">{{ words.lectern.loud }}</p>
  </section>
</template>

<style scoped>
.hear {
  display: grid;
  gap: 0.5rem;
}
.hear > * {
  margin: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 0.9rem;
}
.row > :deep(.labelled) {
  flex: 1 1 8.5rem;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.5rem;
}
.now {
  border-left: 4px solid var(--voice);
  background: var(--voice-tint);
  padding: 0.4rem 0.7rem;
  color: var(--voice-ink);
  font-weight: 600;
}
.working {
  display: flex;
  gap: 1rem;
  align-items: center;
}
h3 {
  font-size: 1rem;
}
</style>
