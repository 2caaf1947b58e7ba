<script setup lang="ts">
import { LANGUAGES, plannedSeconds, spokenSeconds, wordingsOf, type Planned, type Voice } from '@dellop/core/cue'
import { WORDING_KINDS, type WordingKind } from '@dellop/core/figure'
import type { DancedSlot } from '@dellop/core/routine'
import { computed } from 'vue'
import { words } from '../words/index.ts'

const props = defineProps<{ slotDanced: DancedSlot; voice: Voice; planned: Planned | null }>()
const emit = defineEmits<{ word: [kind: WordingKind, text: string]; silence: [] }>()

const kinds = computed<readonly WordingKind[]>(() => (props.slotDanced.slot.content.type === 'words' ? ['full'] : WORDING_KINDS))
/** What would be said of each kind, with the figure's own words for how much and to where. */
const own = computed(() => wordingsOf({ ...props.slotDanced, slot: { ...props.slotDanced.slot, wordings: null, say: 'cue' } }, LANGUAGES[props.voice.language]))
const textOf = (kind: WordingKind): string => props.slotDanced.slot.wordings?.[kind] ?? ''
const ownOf = (kind: WordingKind): string => own.value.find((one) => one.kind === kind)?.text ?? own.value.at(-1)?.text ?? ''
const spoken = (kind: WordingKind): number => spokenSeconds(props.voice, textOf(kind) || ownOf(kind))
const longest = computed(() => Math.max(1.6, ...kinds.value.map((kind) => plannedSeconds(props.voice, textOf(kind) || ownOf(kind)))))
const chosen = computed(() => props.planned?.said?.wording.kind ?? null)
const silent = computed(() => props.slotDanced.slot.say === 'nothing')
</script>

<template>
  <section aria-labelledby="say-head">
    <h3 id="say-head">{{ words.sheet.say }}</h3>
    <div v-if="!silent">
      <div v-for="kind in kinds" :key="kind" class="wording" :class="{ chosen: chosen === kind }">
        <label class="field-label" :for="`say-${kind}`"
          >{{ words.sheet[kind] }} <strong v-if="chosen === kind" class="tag">{{ words.sheet.chosen }}</strong></label
        >
        <el-input :id="`say-${kind}`" :model-value="textOf(kind)" :placeholder="ownOf(kind)" maxlength="120" @update:model-value="emit('word', kind, $event)" />
        <div class="length" aria-hidden="true"><span :style="{ width: `${(100 * spoken(kind)) / longest}%` }" /></div>
        <span class="count seconds">{{ words.format.seconds(spoken(kind)) }}</span>
      </div>
    </div>
    <button class="textlink" @click="emit('silence')">{{ silent ? words.sheet.spoken : words.sheet.silent }}</button>
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
.seconds {
  grid-column: 2;
  grid-row: 2;
  text-align: right;
  font-size: 0.9rem;
}
</style>
