<script setup lang="ts">
import type { DancedFigure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, ref, toRef, watch } from 'vue'
import BeatChart from '../beats/BeatChart.vue'
import FigurePicture from '../beats/FigurePicture.vue'
import { useFigurePlayer } from '../beats/figurePlayer.ts'
import FigureOnFloor from './FigureOnFloor.vue'
import { words } from '../words/index.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'

/** The beat chart and the picture from above, moving together to a click. */
const props = defineProps<{
  danced: DancedFigure
  beatsPerBar: number
  division: 4 | 3
  usualBpm: number
  roles: { lead: string; follow: string }
}>()
const say = words.picture
const MIN_BPM = 30
const MAX_BPM = 240
const bpm = ref(props.usualBpm)
watch(() => props.usualBpm, (usual) => (bpm.value = usual)) // prettier-ignore
const holds = computed(() => props.danced.figure.entry.holds)
const hold = ref<string | null>(null)
watch(
  () => props.danced.figure.id,
  () => (hold.value = holds.value[0] ?? null),
  { immediate: true },
)
const player = useFigurePlayer({
  lengthTicks: computed(() => props.danced.lengthTicks),
  bpm,
  beatsPerBar: toRef(props, 'beatsPerBar'),
})
const beatsPerLine = computed(() =>
  props.beatsPerBar === 3
    ? 6
    : props.danced.lengthTicks <= 4 * TICKS_PER_BEAT
      ? 4
      : Math.min(props.beatsPerBar, 8),
)
function setBpm(typed: string): void {
  const value = Number(typed)
  if (value >= MIN_BPM && value <= MAX_BPM) bpm.value = value
}
</script>

<template>
  <div class="stage">
    <BeatChart
      :danced="danced"
      :beats-per-bar="beatsPerBar"
      :division="division"
      :roles="roles"
      :beats-per-line="beatsPerLine"
      :hold="hold"
      :tick="player.tick.value"
    />
    <div class="above">
      <h3>{{ say.title }}</h3>
      <div class="controls">
        <el-button @click="player.isPlaying.value ? player.stop() : player.start()">
          {{ player.isPlaying.value ? say.stop : say.play }}
        </el-button>
        <Labelled :label="say.tempo"
          ><EntryInput
            class="bpm count"
            :value="bpm"
            type="number"
            :min="MIN_BPM"
            :max="MAX_BPM"
            @change="setBpm"
        /></Labelled>
        <Labelled v-if="holds.length > 1" :label="say.begunIn"
          ><el-select v-model="hold" class="pick"
            ><el-option
              v-for="one in holds"
              :key="one"
              :value="one"
              :label="words.hold(one)" /></el-select
        ></Labelled>
      </div>
      <p v-if="player.failure.value" role="alert">{{ say.silent }}</p>
      <FigureOnFloor
        v-if="danced.moves"
        :key="danced.figure.id"
        :lines="danced.moves"
        :family="danced.figure.family"
        :tick="player.tick.value"
      />
      <FigurePicture
        v-else
        :danced="danced"
        :roles="roles"
        :hold="hold"
        :tick="player.tick.value"
      />
    </div>
  </div>
</template>

<style scoped>
.above {
  margin-top: 0.75rem;
}
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
  margin: 0.3rem 0 0.5rem;
}
.bpm {
  width: 6rem;
}
</style>
