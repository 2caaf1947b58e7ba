<script setup lang="ts">
import { isToMend } from '@dellop/core/check'
import type { Sheet } from '@dellop/core/sheet'
import { computed, onMounted, ref } from 'vue'
import { words } from '../words/index.ts'

/** What is being previewed, what it would come to, and whether to take it. */
const props = defineProps<{ label: string; before: Sheet; after: Sheet }>()
const emit = defineEmits<{ take: []; leave: [] }>()
const take = ref<{ ref?: HTMLButtonElement } | null>(null)
onMounted(() => take.value?.ref?.focus({ preventScroll: true }))

const toMend = (sheet: Sheet): number => sheet.findings.filter(isToMend).length
const beats = (sheet: Sheet): number => sheet.timeline.lengthTicks / 24
const effect = computed(() =>
  words.sheets.preview.effect(
    toMend(props.before),
    toMend(props.after),
    beats(props.before),
    beats(props.after),
  ),
)
</script>

<template>
  <section class="preview" role="status" :aria-label="words.sheets.preview.of(label)">
    <p>
      <strong>{{ words.sheets.preview.of(label) }}</strong> <span class="soft">{{ effect }}</span>
    </p>
    <el-button ref="take" type="primary" @click="emit('take')">
      {{ words.sheets.preview.take }}
    </el-button>
    <el-button @click="emit('leave')">{{ words.sheets.preview.leave }}</el-button>
  </section>
</template>

<style scoped>
.preview {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  padding: 0.6rem 0.9rem;
  border: 2px dashed var(--feet);
  border-radius: 8px;
  background: var(--feet-tint);
  box-shadow: 0 4px 18px rgb(42 26 53 / 20%);
}
p {
  flex: 1;
}
</style>
