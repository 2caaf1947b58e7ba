<script setup lang="ts">
import { meetsBy, meetsOf, passesOf, type Track } from '@dellop/core/floor'
import type { Timeline } from '@dellop/core/routine'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/** Each time through: how all stand, who is out, whom the first lead meets. */
const props = defineProps<{ track: Track; timeline: Timeline }>()
const say = words.floor

const passes = computed(() => passesOf(props.track, props.timeline))
const first = computed(() => props.track.first.dancers[0]?.id ?? '')
const rows = computed(() => {
  const met = meetsOf(props.track, first.value, meetsBy(props.track.places))
  return passes.value.rows.map((row, i) => ({
    pass: say.table.begins(i + 1, i === passes.value.rows.length - 1),
    stand: row.stand ?? say.isOpen,
    out: row.out.join(' '),
    meets: met[i] ?? say.table.nobody,
  }))
})
/** In a mixer each role goes on by its own; whom one meets tells it. */
const onBy = computed(() =>
  goesOn.value && ['longways', 'facing'].includes(props.track.places.shape)
    ? passes.value.progression
    : [],
)
const meets = computed(() => rows.value.some((row) => row.meets !== say.table.nobody))
const isHome = computed(() => rows.value.at(-1)?.stand === rows.value[0]?.stand)
const goesOn = computed(() => passes.value.homeAfter !== null || rows.value.some(({ out }) => out))
</script>

<template>
  <section aria-labelledby="times-head">
    <h2 id="times-head">{{ say.table.title }}</h2>
    <p v-if="goesOn">{{ say.sums.homeAfter(passes.homeAfter) }}</p>
    <p v-else-if="isHome">{{ say.sums.isHome }}</p>
    <p v-for="by in onBy" :key="by">{{ say.sums.progress(by) }}</p>
    <el-table :data="rows">
      <el-table-column prop="pass" :label="say.table.pass" width="90" />
      <el-table-column prop="stand" :label="say.table.stand" min-width="220" />
      <el-table-column v-if="goesOn" prop="out" :label="say.table.out" width="110" />
      <el-table-column v-if="meets" prop="meets" :label="say.table.meets(first)" width="110" />
    </el-table>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
}
p {
  margin: 0.2rem 0;
}
.el-table {
  --el-table-row-hover-bg-color: transparent;
}
</style>
