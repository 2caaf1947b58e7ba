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

/** What is said of it, what there is to know, and what to take care of. */
const props = defineProps<{ draft: FigureDraft }>()
const say = words.figures.write
const written = computed(() => props.draft.written.value)
const text = (event: Event): string => (event.target as HTMLInputElement).value
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
      <label v-for="kind in WORDING_KINDS" :key="kind"
        ><span class="field-label">{{
          say.words(words.figures.language[language], words.sheet[kind])
        }}</span>
        <input
          :value="written.words[language][kind]"
          :lang="language"
          maxlength="60"
          :placeholder="language === 'en' ? written.name.toLowerCase() : ''"
          @input="word(language, kind, text($event))"
        />
      </label>
    </div>
    <label
      ><span class="field-label">{{ words.figures.remarks }}</span
      >{{ ' '
      }}<input
        id="figure-remarks"
        :value="written.remarks"
        maxlength="500"
        @input="draft.change('remarks', text($event))"
    /></label>
    <div role="group" :aria-label="words.figures.cautions">
      <span class="field-label">{{ words.figures.cautions }}</span>
      <div
        v-for="kind in CAUTION_KINDS"
        :key="kind"
        class="caution"
        :class="{ on: cautionOf(kind) }"
      >
        <label class="hold"
          ><input
            type="checkbox"
            :checked="cautionOf(kind) !== undefined"
            @change="toggleCaution(kind)"
          />
          {{ words.caution[kind] }}</label
        >
        <input
          v-if="cautionOf(kind)"
          :value="cautionOf(kind)!.text"
          maxlength="200"
          :aria-label="say.cautionText(words.caution[kind])"
          @input="wordCaution(kind, text($event))"
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
