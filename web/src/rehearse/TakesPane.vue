<script setup lang="ts">
import type { Take } from '@dellop/core/rehearse'
import { computed, defineAsyncComponent, ref } from 'vue'
import { words } from '../words/index.ts'
import type { PracticeStore } from './usePractice.ts'

const LineChart = defineAsyncComponent(() => import('../ui/LineChart.vue'))

/** All takes of a dance: how many cues were in time, over takes; two of them laid over each other. */
const props = defineProps<{ practice: PracticeStore }>()
const say = words.rehearse
const takes = computed(() => props.practice.takes.value)
const chosen = ref<readonly string[]>([])
const percent = (share: number): number => Math.round(share * 100)

const rows = computed(() =>
  takes.value.map((take) => ({
    id: take.id,
    at: words.format.moment(take.atMs),
    who: say.speakers[take.speaker],
    speed: words.tunes.percent(percent(take.speed)),
    inTime: `${percent(take.inTime)} %`,
    right: `${percent(take.right)} %`,
    media: take.media,
  })),
)
const over = computed(() => {
  const oldest = [...takes.value].reverse()
  const points = (of: (take: Take) => number) =>
    oldest.map((take, i) => ({ x: i + 1, y: percent(of(take)) }))
  return [
    { label: say.inTimeShare, points: points((t) => t.inTime), colour: '--voice-ink', line: true },
    {
      label: say.floorShare,
      points: points((t) => t.right),
      colour: '--feet',
      line: true,
      dashed: true,
    },
  ]
})
const COLOURS = ['--voice-ink', '--music']
const laid = computed(() =>
  chosen.value.flatMap((id, i) => {
    const take = takes.value.find((one) => one.id === id)
    if (!take) return []
    const points = take.cues.flatMap(({ step, leadBeats }) =>
      leadBeats === null ? [] : [{ x: step, y: leadBeats }],
    )
    const label = words.format.moment(take.atMs)
    return [{ label, points, colour: COLOURS[i % 2]!, line: false }]
  }),
)
const choose = (picked: { readonly id: string }[]): void =>
  void (chosen.value = picked.slice(-2).map(({ id }) => id))
</script>

<template>
  <div class="pane">
    <p v-if="practice.failure.value" class="wrong" role="alert">{{ practice.failure.value }}</p>
    <el-empty v-if="takes.length === 0" :description="say.noTakes" />
    <template v-else>
      <LineChart
        v-if="takes.length > 1"
        :series="over"
        :x-label="say.takeNumber"
        :y-label="say.percentLabel"
        :told="say.takesTold(takes.length, percent(takes[0]!.inTime))"
        :height="200"
      />
      <p class="soft">{{ say.layOver }}</p>
      <el-table :data="rows" row-key="id" max-height="420" @selection-change="choose">
        <el-table-column type="selection" width="44" />
        <el-table-column prop="at" :label="say.when" min-width="150" />
        <el-table-column prop="who" :label="say.who" min-width="150" />
        <el-table-column prop="speed" :label="words.tunes.speed" width="90" />
        <el-table-column prop="inTime" :label="say.inTimeColumn" width="90" />
        <el-table-column prop="right" :label="say.rightColumn" width="110" />
        <el-table-column :label="say.soundColumn" min-width="120">
          <template #default="{ row }">
            <audio v-if="row.media" :src="`/media/${row.media}`" controls :aria-label="say.sound" />
          </template>
        </el-table-column>
        <el-table-column width="120">
          <template #default="{ row }">
            <el-button link type="danger" @click="practice.remove(row.id)">{{
              say.forget
            }}</el-button>
          </template>
        </el-table-column>
      </el-table>
      <LineChart
        v-if="laid.length > 0"
        :series="laid"
        :x-label="words.cues.seconds"
        :y-label="say.leads"
        :told="say.laidTold(laid.map(({ label }) => label))"
        :height="220"
      />
    </template>
  </div>
</template>

<style scoped src="./panes.css"></style>
