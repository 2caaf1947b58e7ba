<script setup lang="ts">
import {
  CAUTION_KINDS,
  CUE_LANGUAGES,
  WORDING_KINDS,
  type CueLanguageId,
  type Figure,
  type WordingKind,
} from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FigureDraft } from './figureDraft.ts'
import Labelled from '../ui/Labelled.vue'

/** What is said of it, what there is to know, and what to take care of. */
const props = defineProps<{ draft: FigureDraft }>()
const say = words.figures.write
const written = computed(() => props.draft.written.value)
function word(language: CueLanguageId, kind: WordingKind, value: string): void {
  props.draft.change('words', {
    ...written.value.words,
    [language]: { ...written.value.words[language], [kind]: value },
  })
}

type Caution = Figure['cautions'][number]
const cautionOf = (kind: Caution['kind']): Caution | undefined =>
  written.value.cautions.find((one) => one.kind === kind)
function toggleCaution(kind: Caution['kind']): void {
  const { cautions } = written.value
  props.draft.change(
    'cautions',
    cautionOf(kind)
      ? cautions.filter((one) => one.kind !== kind)
      : [...cautions, { kind, text: say.caution[kind] }],
  )
}
function wordCaution(kind: Caution['kind'], value: string): void {
  props.draft.change(
    'cautions',
    written.value.cautions.map((one) => (one.kind === kind ? { kind, text: value } : one)),
  )
}
</script>

<template>
  <fieldset class="say">
    <legend>{{ words.figures.wordings }}</legend>
    <div
      v-for="language in CUE_LANGUAGES"
      :key="language"
      class="row"
      role="group"
      :aria-label="words.figures.language[language]"
    >
      <Labelled
        v-for="kind in WORDING_KINDS"
        :key="kind"
        :label="say.words(words.figures.language[language], words.sheet[kind])"
        ><el-input
          :model-value="written.words[language][kind]"
          :lang="language"
          maxlength="60"
          :placeholder="language === 'en' ? written.name.toLowerCase() : ''"
          @update:model-value="word(language, kind, $event)"
      /></Labelled>
    </div>
    <Labelled :label="words.figures.remarks"
      ><el-input
        id="figure-remarks"
        :model-value="written.remarks"
        maxlength="500"
        @update:model-value="draft.change('remarks', $event)"
    /></Labelled>
    <div role="group" :aria-label="words.figures.cautions">
      <span class="field-label">{{ words.figures.cautions }}</span>
      <div
        v-for="kind in CAUTION_KINDS"
        :key="kind"
        class="caution"
        :class="{ on: cautionOf(kind) }"
      >
        <el-checkbox
          :model-value="cautionOf(kind) !== undefined"
          class="hold"
          @change="toggleCaution(kind)"
          >{{ words.caution[kind] }}</el-checkbox
        >
        <el-input
          v-if="cautionOf(kind)"
          :model-value="cautionOf(kind)!.text"
          maxlength="200"
          :aria-label="say.cautionText(words.caution[kind])"
          @update:model-value="wordCaution(kind, $event)"
        />
      </div>
      <p class="soft">{{ words.figures.careFooter }}</p>
    </div>
  </fieldset>
</template>

<style scoped>
.say {
  display: grid;
  gap: 0.5rem;
}
.hold {
  display: inline-block;
  margin: 0 0.9rem 0.2rem 0;
  white-space: nowrap;
}
.caution {
  display: inline-block;
}
.caution.on {
  display: block;
}
</style>
