<script setup lang="ts">
import type { FigureBook } from '@dellop/core/figure'
import { coverage, toCatchUp, type Covered, type Series, type Topic } from '@dellop/core/lesson'
import type { Logbook } from '@dellop/core/logbook'
import { computed, ref } from 'vue'
import { words } from '../words/index.ts'

/** Figures by weeks, what is due again, and what somebody has to catch up who was not there. */
const props = defineProps<{
  series: Series
  book: FigureBook
  logbook: Logbook
  nameOf: (topic: Topic) => string
}>()
const say = words.lessons
const MARKS: Readonly<Record<Exclude<Covered, null>, string>> = {
  taught: '●',
  repeated: '◐',
  danced: '○',
}
const rows = computed(() =>
  coverage(props.series, props.book, props.logbook, Date.now()).map((row) => ({
    ...row,
    name: props.book.get(row.figureId)?.name ?? row.figureId,
    last: row.lastMs === null ? '' : words.format.shortDate(row.lastMs),
  })),
)
const lessons = computed(() =>
  [...props.series.lessons].sort((a, b) => a.date.localeCompare(b.date)),
)
const missed = ref<string[]>([])
const caught = computed(() => toCatchUp(props.series, new Set(missed.value)))
</script>

<template>
  <div class="coverage">
    <p class="soft">{{ say.legend }}</p>
    <el-empty v-if="rows.length === 0" :description="say.nothingYet" />
    <el-table v-else :data="rows" row-key="figureId">
      <el-table-column prop="name" :label="say.figure" min-width="160" fixed />
      <el-table-column
        v-for="(lesson, i) in lessons"
        :key="lesson.id"
        :label="String(i + 1)"
        width="48"
        align="center"
      >
        <template #default="{ row }">
          <span
            v-if="row.weeks[i]"
            role="img"
            :aria-label="say.covered[row.weeks[i] as keyof typeof say.covered]"
            >{{ MARKS[row.weeks[i] as keyof typeof MARKS] }}</span
          >
        </template>
      </el-table-column>
      <el-table-column prop="times" :label="say.danced" width="90" align="right" />
      <el-table-column prop="last" :label="say.last" width="135" />
      <el-table-column :label="say.due" width="110">
        <template #default="{ row }">{{ row.due ? say.isDue : '' }}</template>
      </el-table-column>
    </el-table>
    <section aria-labelledby="catch-head">
      <h2 id="catch-head">{{ say.catchUp }}</h2>
      <el-checkbox-group v-model="missed">
        <el-checkbox v-for="(lesson, i) in lessons" :key="lesson.id" :value="lesson.id">{{
          say.week(i + 1)
        }}</el-checkbox>
      </el-checkbox-group>
      <ol v-if="caught.length > 0">
        <li v-for="topic in caught" :key="topic.id">{{ nameOf(topic) }}</li>
      </ol>
      <p v-else class="soft">{{ say.catchHint }}</p>
    </section>
  </div>
</template>

<style scoped>
.coverage {
  display: grid;
  gap: 0.8rem;
}
.coverage > * {
  min-width: 0;
  margin: 0;
}
h2 {
  font-size: 1.15rem;
}
</style>
