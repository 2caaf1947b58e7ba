<script setup lang="ts">
import type { DancedSlot, SlotContent } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import EntryInput from '../ui/EntryInput.vue'
import Folded from '../ui/Folded.vue'

/**
 * What a slot carries besides its figure: how long words take, marks, remarks for one role, and
 * whether roles change.
 */
const props = defineProps<{ slotDanced: DancedSlot; roles: School['roleLabels'] }>()
const emit = defineEmits<{
  field: [field: 'hard' | 'optional' | 'swap' | 'caution' | 'roleRemarks', value: unknown]
  content: [content: SlotContent]
}>()

type WordsContent = Extract<SlotContent, { type: 'words' }>
const slot = computed(() => props.slotDanced.slot)
const content = computed<WordsContent | null>(() =>
  slot.value.content.type === 'words' ? slot.value.content : null,
)
const lengthKind = computed(() => {
  const now = content.value
  if (!now) return 'set'
  return now.lengthTicks !== null ? 'set' : now.choices ? 'choice' : (now.until ?? 'open')
})
const choicesText = computed(
  () => content.value?.choices?.map((ticks) => ticks / TICKS_PER_BEAT).join(', ') ?? '',
)

function setKind(kind: string): void {
  const { text } = content.value!
  const ticks = props.slotDanced.lengthTicks || 4 * TICKS_PER_BEAT
  if (kind === 'set') emit('content', { type: 'words', text, lengthTicks: ticks })
  else if (kind === 'choice')
    emit('content', { type: 'words', text, lengthTicks: null, choices: [ticks, 2 * ticks] })
  else if (kind === 'open') emit('content', { type: 'words', text, lengthTicks: null })
  else
    emit('content', {
      type: 'words',
      text,
      lengthTicks: null,
      until: kind === 'section' ? 'section' : 'phrase',
    })
}

function setChoices(text: string): void {
  const choices = text
    .split(/[,;]|\bor\b/)
    .map((one) => Math.round(Number(one.trim()) * TICKS_PER_BEAT))
    .filter((ticks) => Number.isFinite(ticks) && ticks >= 0)
  if (choices.length >= 2 && choices.length <= 6)
    emit('content', { type: 'words', text: content.value!.text, lengthTicks: null, choices })
}

function setRemark(role: 'lead' | 'follow', text: string): void {
  const next = { lead: '', follow: '', ...slot.value.roleRemarks, [role]: text }
  emit('field', 'roleRemarks', next.lead === '' && next.follow === '' ? undefined : next)
}
const flag = (on: unknown): true | undefined => (on ? true : undefined)
</script>

<template>
  <div v-if="content" class="fields">
    <label class="field-label" for="slot-text">{{ words.sheets.slot.text }}</label>
    <EntryInput
      id="slot-text"
      :value="content.text"
      maxlength="200"
      @change="emit('content', { ...content, text: $event })"
    />
    <label class="field-label" for="slot-length-kind">{{ words.sheets.slot.lengthKind }}</label>
    <el-select id="slot-length-kind" :model-value="lengthKind" @change="setKind($event)"
      ><el-option
        v-for="(label, kind) in words.sheets.slot.lengths"
        :key="kind"
        :value="kind"
        :label="label"
    /></el-select>
    <template v-if="lengthKind === 'choice'">
      <label class="field-label" for="slot-choices">{{ words.sheets.slot.choices }}</label>
      <EntryInput id="slot-choices" :value="choicesText" @change="setChoices($event)" />
    </template>
  </div>
  <Folded class="marks" :title="words.sheets.slot.marks">
    <el-checkbox :model-value="slot.hard === true" @change="emit('field', 'hard', flag($event))">{{
      words.sheets.slot.hard
    }}</el-checkbox>
    <el-checkbox
      :model-value="slot.optional === true"
      @change="emit('field', 'optional', flag($event))"
      >{{ words.sheets.slot.optional }}</el-checkbox
    >
    <el-checkbox :model-value="slot.swap === true" @change="emit('field', 'swap', flag($event))">{{
      words.sheets.slot.swap
    }}</el-checkbox>
    <div v-if="(slotDanced.figure?.cautions.length ?? 0) > 0" class="fields">
      <label class="field-label" for="slot-caution">{{ words.sheets.slot.caution }}</label>
      <el-select
        id="slot-caution"
        :model-value="slot.caution ?? 'figure'"
        @change="emit('field', 'caution', $event === 'figure' ? undefined : ($event as 'shown'))"
        ><el-option
          v-for="(label, kind) in words.sheets.slot.cautions"
          :key="kind"
          :value="kind"
          :label="label"
      /></el-select>
    </div>
    <div v-for="role in ['lead', 'follow'] as const" :key="role" class="fields">
      <label class="field-label" :for="`slot-${role}`">{{
        words.sheets.slot.remarkFor(roles[role])
      }}</label>
      <EntryInput
        :id="`slot-${role}`"
        :value="slot.roleRemarks?.[role] ?? ''"
        maxlength="300"
        @change="setRemark(role, $event)"
      />
    </div>
  </Folded>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 0.2rem;
}
.marks {
  display: grid;
}
.marks > * + * {
  margin-top: 0.35rem;
}
.marks :deep(.el-checkbox) {
  display: flex;
  height: 30px;
}
</style>
