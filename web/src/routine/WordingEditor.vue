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
      ...settings,
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
    <h3 id="say-head">{{ words.sheet.say }}</h3>
    <div v-if="!silent">
      <div v-for="kind in kinds" :key="kind" class="wording" :class="{ chosen: chosen === kind }">
        <label class="field-label" :for="`say-${kind}`"
          >{{ words.sheet[kind] }}
          <strong v-if="chosen === kind" class="tag">{{ words.sheet.chosen }}</strong></label
        >
        <el-input
          :id="`say-${kind}`"
          :model-value="textOf(kind)"
          :placeholder="ownOf(kind)"
          maxlength="120"
          @update:model-value="emit('word', kind, $event)"
        />
        <div class="length" aria-hidden="true">
          <span :style="{ width: `${(100 * spoken(kind)) / longest}%` }" />
        </div>
        <span class="count seconds">{{ words.format.seconds(spoken(kind)) }}</span>
        <button
          v-if="isOwn(kind)"
          class="textlink time"
          :aria-label="words.voice.timeItLabel(textOf(kind) || ownOf(kind))"
          @click="time(kind)"
        >
          {{ words.voice.timeIt }}
        </button>
      </div>
    </div>
    <p v-if="timing.state === 'reading' || timing.state === 'asking'" class="told" role="status">
      {{ timing.state === 'asking' ? words.voice.asking : words.voice.timeItSay(timed) }}
      <button class="button small" @click="stop">{{ words.voice.stop }}</button>
    </p>
    <p v-else-if="timing.state === 'trouble'" class="failure" role="alert">
      {{ words.voice.trouble[timing.trouble] }}
    </p>
    <p v-else-if="told" class="told" role="status">{{ told }}</p>
    <button class="textlink" @click="emit('silence')">
      {{ silent ? words.sheet.spoken : words.sheet.silent }}
    </button>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1rem;
  margin-bottom: 0.35rem;
}
.wording {
  display: grid;
  grid-template-columns: 1fr 64px;
  gap: 0 0.75rem;
  align-items: center;
  margin-bottom: 0.6rem;
}
.wording .field-label {
  grid-column: 1 / -1;
  margin: 0;
}
.tag {
  color: var(--voice-ink);
}
.length {
  grid-column: 1;
  height: 5px;
  margin-top: 2px;
}
.length span {
  display: block;
  height: 100%;
  background: var(--voice-edge);
}
.wording.chosen .length span {
  background: var(--voice);
}
.time {
  grid-column: 2;
  grid-row: 3;
  justify-self: end;
  font-size: 0.85rem;
}
.seconds {
  grid-column: 2;
  grid-row: 2;
  text-align: right;
  font-size: 0.9rem;
}
</style>
