<script setup lang="ts">
import {
  DEFAULT_VOICES,
  LANGUAGES,
  plannedSeconds,
  spokenSeconds,
  withLength,
  wordingsOf,
  type Planned,
  type Voice,
} from '@dellop/core/cue'
import { WORDING_KINDS, type WordingKind } from '@dellop/core/figure'
import type { DancedSlot } from '@dellop/core/routine'
import { Timer } from '@lucide/vue'
import { computed, ref } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { useReadAloud } from '../sound/readAloud.ts'
import { words } from '../words/index.ts'

const props = defineProps<{ slotDanced: DancedSlot; voice: Voice; planned: Planned | null }>()
const library = useLibrary()
const emit = defineEmits<{ word: [kind: WordingKind, text: string]; silence: [] }>()

const kinds = computed<readonly WordingKind[]>(() =>
  props.slotDanced.slot.content.type === 'words' ? ['full'] : WORDING_KINDS,
)
/** What would be said of each kind, with the figure's own words for how much and to where. */
const own = computed(() =>
  wordingsOf(
    { ...props.slotDanced, slot: { ...props.slotDanced.slot, wordings: null, say: 'cue' } },
    LANGUAGES[props.voice.language],
  ),
)
const textOf = (kind: WordingKind): string => props.slotDanced.slot.wordings?.[kind] ?? ''
const ownOf = (kind: WordingKind): string =>
  own.value.find((one) => one.kind === kind)?.text ?? own.value.at(-1)?.text ?? ''
/** Whether a kind has words of its own; where it has none, another kind's are said. */
const isOwn = (kind: WordingKind): boolean =>
  textOf(kind) !== '' || own.value.some((one) => one.kind === kind)
const spoken = (kind: WordingKind): number =>
  spokenSeconds(props.voice, textOf(kind) || ownOf(kind))
const longest = computed(() =>
  Math.max(
    1.6,
    ...kinds.value.map((kind) => plannedSeconds(props.voice, textOf(kind) || ownOf(kind))),
  ),
)
const {
  now: timing,
  start,
  stop,
} = useReadAloud(
  (_, seconds) => void keepTimed(seconds),
  () => undefined,
)
/** The wording that is being timed, and what came of it. */
const timed = ref('')
const told = ref('')
function time(kind: WordingKind): void {
  told.value = ''
  timed.value = textOf(kind) || ownOf(kind)
  void start(1)
}
async function keepTimed(seconds: number): Promise<void> {
  const { settings } = library
  const { language } = props.voice
  const own = withLength(
    settings.ownVoices[language] ?? {
      ...DEFAULT_VOICES[language],
      id: `mine-${language}`,
      wordsPerMinute: settings.wordsPerMinute,
    },
    timed.value,
    seconds,
  )
  try {
    await library.saveSettings({
      voice: 'mine',
      ownVoices: { ...settings.ownVoices, [language]: own },
    })
    told.value = words.voice.timeItDone(timed.value, seconds)
  } catch (error) {
    told.value = sentenceOf(error)
  }
}
const chosen = computed(() => props.planned?.said?.wording.kind ?? null)
const silent = computed(() => props.slotDanced.slot.say === 'nothing')
</script>

<template>
  <section aria-labelledby="say-head">
    <h3 id="say-head" class="unseen">{{ words.sheet.say }}</h3>
    <div v-if="!silent" class="wordings">
      <div
        v-for="kind in kinds"
        :key="kind"
        class="wording"
        :class="[kind, { chosen: chosen === kind }]"
      >
        <label class="field-label" :for="`say-${kind}`"
          >{{ words.sheet.sayKind[kind] }}
          <strong v-if="chosen === kind" class="tag">{{ words.sheet.chosen }}</strong></label
        >
        <el-input
          :id="`say-${kind}`"
          :lang="voice.language"
          :model-value="textOf(kind)"
          :placeholder="ownOf(kind)"
          maxlength="120"
          :style="{ '--share': `${Math.round((100 * spoken(kind)) / longest)}%` }"
          @update:model-value="emit('word', kind, $event)"
        >
          <template #suffix>
            <span class="count seconds">{{ words.format.decimal(spoken(kind), 2) }}</span>
            <el-tooltip v-if="isOwn(kind)" :content="words.voice.timeIt">
              <el-button
                text
                class="time"
                :aria-label="words.voice.timeItLabel(textOf(kind) || ownOf(kind))"
                @click="time(kind)"
                ><Timer :size="15" aria-hidden="true"
              /></el-button>
            </el-tooltip>
          </template>
        </el-input>
      </div>
    </div>
    <p v-if="timing.state === 'reading' || timing.state === 'asking'" class="told" role="status">
      {{ timing.state === 'asking' ? words.voice.asking : words.voice.timeItSay(timed) }}
      <el-button @click="stop">{{ words.voice.stop }}</el-button>
    </p>
    <p v-else-if="timing.state === 'trouble'" class="failure" role="alert">
      {{ words.voice.trouble[timing.trouble] }}
    </p>
    <p v-else-if="told" class="told" role="status">{{ told }}</p>
    <p v-if="silent">
      <el-button @click="emit('silence')">{{ words.sheet.spoken }}</el-button>
    </p>
  </section>
</template>

<style scoped>
.wordings {
  display: grid;
  gap: 4px;
}
.wording {
  display: grid;
  grid-template-columns: 4.1rem minmax(0, 1fr);
  align-items: center;
}
.wording .field-label {
  margin: 0;
  font-size: 0.85rem;
  line-height: 1.1;
}
.tag {
  display: block;
  color: var(--voice-ink);
}
/* How long the words take, drawn behind them. */
.wording :deep(.el-input__wrapper) {
  padding: 0 2px 0 8px;
  background: linear-gradient(to right, var(--voice-tint) var(--share), transparent var(--share));
}
.wording.chosen :deep(.el-input__wrapper) {
  border-bottom: 3px solid var(--voice-edge);
}
.seconds {
  font-size: 0.85rem;
  color: var(--ink-soft);
  padding-right: 4px;
}
.time {
  height: 28px;
  padding: 0 5px;
  margin-left: 2px;
}
</style>
