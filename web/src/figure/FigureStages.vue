<script setup lang="ts">
import { stagesOf, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'

/** A figure built up for teaching: its first counts, then more, each with what it comes to. */
const props = defineProps<{
  figure: Figure
  roles: Readonly<Record<'lead' | 'follow', string>>
  open?: boolean
}>()
const say = words.figures.stages
const stages = computed(() => stagesOf(props.figure))
const all = computed(() => props.figure.lengthTicks / TICKS_PER_BEAT)
const who = computed(() =>
  (stages.value[0]?.totals ?? []).map(({ role, couples }) =>
    words.figures.performer(role === 'everyone' ? null : props.roles[role], couples),
  ),
)
type Total = (typeof stages.value)[number]['totals'][number]
const totalTold = ({ steps, turn, free }: Total): string =>
  say.total(steps, turn === 0 ? '' : words.figures.turn(turn), say.free(free))
</script>

<template>
  <Folded v-if="stages.length > 1" class="stages" :open="open" heading :title="say.title">
    <p class="soft">{{ say.help }}</p>
    <el-table :data="[...stages]" size="small">
      <el-table-column :label="say.counts" width="150">
        <template #default="{ row }"
          ><strong>{{ say.upTo(row.ticks / TICKS_PER_BEAT, all) }}</strong></template
        >
      </el-table-column>
      <el-table-column v-for="(name, i) in who" :key="name" :label="name">
        <template #default="{ row }">{{ totalTold(row.totals[i]) }}</template>
      </el-table-column>
    </el-table>
  </Folded>
</template>
