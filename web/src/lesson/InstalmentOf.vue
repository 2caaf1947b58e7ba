<script setup lang="ts">
import { freeFoot } from '@dellop/core/figure'
import type { Instalment, Topic } from '@dellop/core/lesson'
import { lessonsMarked, type Routine } from '@dellop/core/routine'
import { computed } from 'vue'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'

/** How much of a dance a week teaches, where its sheet marks lessons, and where that takes it up. */
const props = defineProps<{
  topic: Topic
  name: string
  routine: Routine
  instalment: Instalment | null
}>()
const emit = defineEmits<{ set: [topic: Topic]; spread: [] }>()
const say = words.lessons
const marked = computed(() => lessonsMarked(props.routine))

function setMuch(lesson: number | ''): void {
  const { lesson: _, ...topic } = props.topic
  emit('set', lesson === '' ? { ...topic, kind: 'dance' } : { ...topic, kind: 'part', lesson })
}
/** `in butterfly, facing the wall, left foot free, on count 33`. */
const begins = computed(() => {
  const { startsIn, count } = props.instalment ?? {}
  if (!startsIn || count == null) return ''
  return say.begins(
    words.hold(startsIn.hold),
    facingWords(props.routine, startsIn.lead.facing),
    freeFoot(startsIn.lead.weight),
    count,
  )
})
</script>

<template>
  <div v-if="marked.length > 1" class="instalment">
    <el-select
      :model-value="topic.lesson ?? ''"
      :aria-label="say.howMuchOf(name)"
      @change="setMuch($event)"
      ><el-option value="" :label="say.allOfIt" /><el-option
        v-for="one in marked"
        :key="one.lesson"
        :value="one.lesson"
        :label="
          say.lessonOf(
            one.lesson,
            one.parts.map(({ label }) => label),
          )
        "
    /></el-select>
    <el-button v-if="topic.kind === 'dance'" size="small" @click="emit('spread')">{{
      say.spread
    }}</el-button>
    <template v-if="instalment">
      <span v-if="begins" class="soft">{{ begins }}</span>
      <span class="soft">{{
        say.dancedBy(instalment.danced, instalment.lesson >= instalment.lessons)
      }}</span>
    </template>
  </div>
</template>

<style scoped>
.instalment {
  display: flex;
  flex: 1 1 100%;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.2rem 0.7rem;
}
.instalment .el-select {
  width: 12rem;
}
</style>
