<script setup lang="ts">
import { ROLES, type DancedFigure, type Role } from '@dellop/core/figure'
import { isAllAlike } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { spanAt, type TickPosition } from '@dellop/core/time'
import { computed, ref } from 'vue'
import BeatChart from '../beats/BeatChart.vue'
import FigurePicture from '../beats/FigurePicture.vue'
import { rolesTold } from '../page/roles.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** Steps of what is danced now: feet or arms or both, of either role, seen from each side. */
const props = defineProps<{ sheet: Sheet; tick: number }>()
const text = words.rehearse.drill
const LAYERS = ['both', 'feet', 'arms'] as const
const layer = ref<(typeof LAYERS)[number]>('both')
const role = ref<Role | 'both'>('both')

const roles = computed(() => rolesTold(props.sheet.routine, props.sheet.school))
const isCouple = computed(() => !isAllAlike(props.sheet.timeline))
const slot = computed(() => spanAt(props.sheet.timeline.slots, props.tick as TickPosition))
/** Only what is practised: the layer and the role that are chosen. */
const danced = computed<DancedFigure | null>(() => {
  const one = slot.value?.danced
  if (!one) return null
  const own = (of: Role): DancedFigure['steps'][Role] =>
    role.value !== 'both' && role.value !== of
      ? []
      : one.steps[of].filter(
          (step) => layer.value === 'both' || (layer.value === 'feet') === (step.layer === 'feet'),
        )
  const holds = layer.value === 'feet' ? [] : one.holds
  return { ...one, holds, steps: { lead: own('lead'), follow: own('follow') } }
})
const local = computed(() => props.tick - (slot.value?.start ?? 0))
</script>

<template>
  <section class="steps" :aria-label="text.steps">
    <div class="row">
      <Labelled :label="text.layer"
        ><el-select v-model="layer"
          ><el-option
            v-for="one in LAYERS"
            :key="one"
            :value="one"
            :label="text.stepLayers[one]" /></el-select
      ></Labelled>
      <Labelled v-if="isCouple" :label="text.role"
        ><el-select v-model="role"
          ><el-option value="both" :label="text.bothRoles" /><el-option
            v-for="one in ROLES"
            :key="one"
            :value="one"
            :label="roles[one]" /></el-select
      ></Labelled>
    </div>
    <div v-if="slot && danced" class="shown">
      <h3>{{ words.format.slotName(slot.slot.content, slot.figure?.name ?? null) }}</h3>
      <BeatChart
        :danced="danced"
        :beats-per-bar="sheet.routine.metre.beatsPerBar"
        :roles="roles"
        :hold="slot.before.hold"
        :tick="local"
      />
      <FigurePicture :danced="danced" :roles="roles" :hold="slot.before.hold" :tick="local" />
    </div>
    <p v-else class="soft">{{ text.noSteps }}</p>
  </section>
</template>

<style scoped>
.steps,
.shown {
  display: grid;
  gap: 0.6rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
}
.row > * {
  width: 12rem;
}
h3 {
  margin: 0;
}
</style>
