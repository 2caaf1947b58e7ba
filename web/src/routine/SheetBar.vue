<script setup lang="ts">
import { isToMend } from '@dellop/core/check'
import type { Sheet } from '@dellop/core/sheet'
import { ArrowLeft, Menu, Redo2, Undo2, Volume2 } from '@lucide/vue'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import SheetSum from './SheetSum.vue'

/** The one bar of an open sheet: what it is, whether it adds up, what is to fix, and on to calling. */
const props = defineProps<{
  sheet: Sheet
  /** Whether it ends as it began, as a sentence. */
  round: string
  saving: string
  isSaved: boolean
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{
  title: [text: string]
  fix: []
  undo: []
  redo: []
  hear: []
  menu: [what: SheetMenu]
}>()
export type SheetMenu = (typeof MENU)[number]
const MENU = [
  'rehearse',
  'floor',
  'print',
  'file',
  'hand-on',
  'text',
  'about',
  'history',
  'keys',
  'help',
] as const

const toFix = computed(() => props.sheet.findings.filter(isToMend).length)
</script>

<template>
  <header class="bar">
    <el-tooltip :content="words.sheet.back"
      ><el-button
        tag="router-link"
        class="icon"
        text
        :to="{ name: 'sheets' }"
        :aria-label="words.sheet.back"
        ><ArrowLeft :size="20" aria-hidden="true" /></el-button
    ></el-tooltip>
    <h1>
      <el-input
        class="title"
        :model-value="sheet.routine.title"
        :aria-label="words.sheet.title"
        maxlength="120"
        @update:model-value="emit('title', $event)"
      />
    </h1>
    <span class="save" role="status" :class="{ bad: !isSaved }">{{ saving }}</span>
    <SheetSum :sheet="sheet" :round="round" />
    <el-button
      class="fix"
      :class="{ none: toFix === 0 }"
      round
      :aria-label="words.sheet.toFixLabel(toFix)"
      @click="emit('fix')"
      >{{ words.sheet.toFix(toFix) }}</el-button
    >
    <span class="travel">
      <el-tooltip :content="words.sheet.undo"
        ><el-button
          class="icon"
          :disabled="!canUndo"
          :aria-label="words.sheet.undo"
          @click="emit('undo')"
          ><Undo2 :size="18" aria-hidden="true" /></el-button
      ></el-tooltip>
      <el-tooltip :content="words.sheet.redo"
        ><el-button
          class="icon"
          :disabled="!canRedo"
          :aria-label="words.sheet.redo"
          @click="emit('redo')"
          ><Redo2 :size="18" aria-hidden="true" /></el-button
      ></el-tooltip>
    </span>
    <el-tooltip :content="words.sheet.hear"
      ><el-button class="icon" :aria-label="words.sheet.hear" @click="emit('hear')"
        ><Volume2 :size="18" aria-hidden="true" /></el-button
    ></el-tooltip>
    <el-dropdown trigger="click" @command="emit('menu', $event)">
      <el-button class="icon" :aria-label="words.sheet.menu.label"
        ><Menu :size="18" aria-hidden="true"
      /></el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="one in MENU" :key="one" :command="one">{{
            words.sheet.menu[one]
          }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-button
      tag="router-link"
      class="call"
      :to="{ name: 'lectern', params: { id: sheet.routine.id } }"
      >{{ words.sheet.toLectern }}</el-button
    >
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  height: 48px;
  padding: 0 14px;
  background: var(--bar);
  color: var(--on-ink);
  /* Controls of the library on the dark bar. */
  --el-fill-color-blank: transparent;
  --el-fill-color-light: var(--bar-hover);
  --el-text-color-regular: var(--on-ink);
  --el-border-color: var(--bar-rule);
  --el-border-color-light: var(--bar-rule);
  --el-color-primary: #fff;
  --el-color-primary-light-9: var(--bar-hover);
  --el-color-primary-light-7: var(--on-ink-soft);
  --el-disabled-text-color: var(--on-ink-faint);
  --focus: 0 0 0 2px var(--bar), 0 0 0 5px var(--voice);
}
h1 {
  flex: 1 1 8rem;
  min-width: 6rem;
  font-size: 1.35rem;
}
.title {
  font-size: 1.3rem;
}
.title :deep(.el-input__wrapper) {
  background: transparent;
  box-shadow: none;
  padding: 0 4px;
}
.title :deep(.el-input__wrapper:hover),
.title :deep(.el-input__wrapper.is-focus) {
  box-shadow: inset 0 -2px 0 var(--on-ink-soft);
}
.title :deep(.el-input__inner) {
  font: inherit;
  color: var(--on-ink);
  text-overflow: ellipsis;
}
.icon {
  padding: 0 8px;
}
.fix {
  --el-button-text-color: #ffb4ab;
  --el-button-border-color: #ffb4ab;
  height: 30px;
}
.fix.none {
  --el-button-text-color: var(--on-ink-soft);
  --el-button-border-color: var(--bar-rule);
}
.save {
  max-width: 18ch;
  font-size: 0.85rem;
  line-height: 1.15;
  color: var(--on-ink-soft);
  overflow: hidden;
  max-height: 40px;
}
.save.bad {
  color: #ffb4ab;
}
.travel {
  display: flex;
  gap: 4px;
}
.call {
  --el-button-bg-color: #f2b134;
  --el-button-text-color: #2a1a35;
  --el-button-border-color: #f2b134;
  --el-button-hover-bg-color: #ffc65a;
  --el-button-hover-text-color: #2a1a35;
  font-weight: 700;
}
@media (max-width: 900px) {
  .bar {
    flex-wrap: wrap;
    height: auto;
    padding: 4px 10px;
    gap: 0.3rem 0.4rem;
  }
  h1 {
    flex: 1 1 60%;
  }
  .call {
    margin-left: auto;
  }
}
@media (max-width: 900px) and (max-height: 520px) {
  .bar {
    padding: 1px 10px;
    row-gap: 0;
  }
}
</style>
