<script setup lang="ts">
import { fitVoice, plannedSeconds, READINGS, type Voice, type VoiceFit } from '@dellop/core/cue'
import { speechSpans } from '@dellop/core/listen'
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import { audioContext } from '../sound/audioContext.ts'
import { useReadAloud } from '../sound/readAloud.ts'
import PickFile from '../ui/PickFile.vue'
import { words } from '../words/index.ts'

const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))

/**
 * A dozen cues read aloud, or brought as a recording; the voice that fits them, shown before it is
 * kept.
 */
const props = defineProps<{ language: 'en' | 'de'; usual: Voice }>()
const emit = defineEmits<{ keep: [voice: Voice] }>()
const text = words.voice
const texts = READINGS[props.language]
const MOST_SECONDS = 180
const PAUSE_SECONDS = 0.45
/** The tempo that leads are shown at. */
const SHOWN_BPM = 96

const measured = ref<(number | null)[]>(texts.map(() => null))
const fit = shallowRef<VoiceFit | null>(null)
const problem = ref('')
const { now, start, stop } = useReadAloud(
  (index, seconds) => (measured.value[index] = seconds),
  work,
)

function begin(): void {
  measured.value = texts.map(() => null)
  fit.value = null
  problem.value = ''
  void start(texts.length)
}

function work(): void {
  const readings = texts.flatMap((one, i) =>
    measured.value[i] === null ? [] : [{ text: one, seconds: measured.value[i]! }],
  )
  const result = fitVoice(readings, props.language)
  fit.value = result.ok ? result.value : null
  problem.value = result.ok ? '' : words.problem(result.problem)
}

async function bring(file: File): Promise<void> {
  fit.value = null
  problem.value = ''
  measured.value = texts.map(() => null)
  const buffer = await audioContext()
    .decodeAudioData(await file.arrayBuffer())
    .catch(() => null)
  if (!buffer) return void (problem.value = text.fileTrouble)
  if (buffer.duration > MOST_SECONDS) return void (problem.value = text.fileLong)
  const spans = speechSpans(buffer.getChannelData(0), buffer.sampleRate, {
    pauseSeconds: PAUSE_SECONDS,
  })
  if (spans.length !== texts.length)
    return void (problem.value = text.fileSpans(texts.length, spans.length))
  measured.value = spans.map(({ start: from, end }) => end - from)
  work()
}

const series = computed(() => {
  const readings = fit.value?.readings ?? []
  const most = Math.max(
    0.5,
    ...readings.map(({ seconds, predicted }) => Math.max(seconds, predicted)),
  )
  return [
    {
      label: text.fitPoints,
      points: readings.map(({ predicted, seconds }) => ({ x: predicted, y: seconds })),
      colour: '--voice-ink',
      line: false,
    },
    {
      label: text.fitLine,
      points: [
        { x: 0, y: 0 },
        { x: most, y: most },
      ],
      colour: '--feet',
      line: true,
      dashed: true,
    },
  ]
})
const beatsBefore = (voice: Voice, one: string): number =>
  1 + (plannedSeconds(voice, one) * SHOWN_BPM) / 60
const reading = computed(() => (now.value.state === 'reading' ? now.value : null))
const isBusy = computed(() => now.value.state === 'asking' || now.value.state === 'reading')
/** What was read, as the table shows it. */
const readings = computed(() =>
  texts.map((one, i) => {
    const measuredSeconds = measured.value[i]
    const reading_ = fit.value?.readings[i]
    return {
      text: one,
      measured:
        measuredSeconds === null || measuredSeconds === undefined
          ? ''
          : text.seconds(measuredSeconds),
      predicted: reading_ ? text.seconds(reading_.predicted) : '',
      off: reading_ ? text.off(reading_.residual) : '',
    }
  }),
)
const leads = computed(() =>
  fit.value
    ? texts
        .filter((_, i) => i % 3 === 2)
        .map((one) => ({
          text: one,
          usual: text.beats(beatsBefore(props.usual, one)),
          mine: text.beats(beatsBefore(fit.value!.voice, one)),
        }))
    : [],
)
</script>

<template>
  <section aria-labelledby="measure-head">
    <h2 id="measure-head">{{ text.measure }}</h2>
    <p class="soft">{{ text.how(texts.length) }}</p>
    <div class="row">
      <el-button v-if="!isBusy" type="primary" @click="begin">
        {{ fit ? text.again : text.start }}
      </el-button>
      <el-button v-else @click="stop">{{ text.stop }}</el-button>
      <PickFile
        :label="text.bring"
        accept="audio/*,.wav,.mp3,.m4a,.ogg,.flac,.opus"
        :disabled="isBusy"
        @pick="bring"
      />
    </div>
    <p class="soft">{{ text.bringHow }}</p>
    <p v-if="now.state === 'asking'" role="status">{{ text.asking }}</p>
    <div v-if="reading" class="say" role="status">
      <span class="soft">{{ text.now(reading.index + 1, texts.length) }}</span>
      <strong data-testid="say-now">{{ texts[reading.index] }}</strong>
      <span class="soft">{{ reading.hears ? text.hears : text.listening }}</span>
    </div>
    <p v-if="now.state === 'trouble'" class="failure" role="alert">
      {{ text.trouble[now.trouble] }}
    </p>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
    <el-table v-if="measured.some((one) => one !== null)" :data="readings" size="small">
      <el-table-column prop="text" :label="text.reading" min-width="200" />
      <el-table-column prop="measured" :label="text.measured" align="right" width="110" />
      <el-table-column prop="predicted" :label="text.predicted" align="right" width="110" />
      <el-table-column prop="off" :label="text.residual" align="right" width="110" />
    </el-table>
    <template v-if="fit">
      <h3>{{ text.fit }}</h3>
      <LineChart
        :series="series"
        :x-label="text.axisPredicted"
        :y-label="text.axisMeasured"
        :told="text.fitTold(fit.spreadSeconds, fit.usualSpreadSeconds)"
      />
      <h3>{{ text.leads }}</h3>
      <p class="soft">{{ text.leadsTold(SHOWN_BPM) }}</p>
      <el-table :data="leads" size="small">
        <el-table-column prop="text" :label="text.reading" min-width="200" />
        <el-table-column prop="usual" :label="text.leadUsual" align="right" width="140" />
        <el-table-column prop="mine" :label="text.leadMine" align="right" width="140" />
      </el-table>
      <div class="row">
        <el-button type="primary" @click="emit('keep', fit.voice)">{{ text.keep }}</el-button>
        <el-button @click="fit = null">{{ text.drop }}</el-button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin: 0.6rem 0;
}
.say {
  display: grid;
  gap: 0.2rem;
  border-left: 6px solid var(--voice);
  background: var(--voice-tint);
  padding: 0.8rem 1rem;
}
.say strong {
  font-size: 1.9rem;
  color: var(--voice-ink);
}
</style>
