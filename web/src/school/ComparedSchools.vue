<script setup lang="ts">
import type { Planned } from '@dellop/core/cue'
import type { Routine } from '@dellop/core/routine'
import { deriveSheet, type Sheet } from '@dellop/core/sheet'
import { computed, ref } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** What two schools say of the same routine, figure by figure. */
const props = defineProps<{ routine: Routine }>()
const library = useLibrary()
const first = ref(props.routine.schoolId)
const second = ref(
  library.schools.find(({ id }) => id !== props.routine.schoolId)?.id ?? props.routine.schoolId,
)

const derive = (id: string): Sheet =>
  deriveSheet({ ...library.inputFor(props.routine), school: library.schoolFor(id), group: null })
const sheets = computed(() => [derive(first.value), derive(second.value)])
const planned = computed(() =>
  sheets.value.map(({ plan }) => new Map(plan.planned.map((one) => [one.slot.key, one]))),
)
const rows = computed(() =>
  sheets.value[0]!.timeline.passes.flatMap((pass) =>
    pass.slots.map((slot, i) => ({
      key: slot.key,
      pass:
        i === 0 ? `${pass.part.label}, ${words.format.ordinal(pass.ordinal, pass.ordinals)}` : '',
      name: words.format.slotName(slot.slot.content, slot.figure?.name ?? null),
      cues: planned.value.map((of) => of.get(slot.key)!),
    })),
  ),
)
const sums = computed(() =>
  planned.value.map((of) => {
    const all = [...of.values()]
    const said = all.filter((one) => one.said)
    return words.schools.sum(
      said.reduce((sum, one) => sum + one.said!.wording.words, 0),
      said.length,
      all.length - said.length,
    )
  }),
)
const told = (one: Planned): string => one.said?.wording.text ?? words.schools.nothing
</script>

<template>
  <div class="choose">
    <Labelled :label="words.schools.first"
      ><el-select v-model="first" class="pick"
        ><el-option
          v-for="school in library.schools"
          :key="school.id"
          :value="school.id"
          :label="words.shipped.style(school)" /></el-select
    ></Labelled>
    <Labelled :label="words.schools.second"
      ><el-select v-model="second" class="pick"
        ><el-option
          v-for="school in library.schools"
          :key="school.id"
          :value="school.id"
          :label="words.shipped.style(school)" /></el-select
    ></Labelled>
  </div>
  <el-table :data="rows" row-key="key">
    <el-table-column :label="words.schools.slot" min-width="180">
      <template #default="{ row }">
        <strong v-if="row.pass" class="pass">{{ row.pass }}</strong>{{ row.name }}
      </template>
    </el-table-column>
    <el-table-column v-for="(id, i) in [first, second]" :key="i" min-width="200">
      <template #header
        >{{ words.shipped.style(library.schoolFor(id)) }}
        <span class="soft sum">{{ sums[i] }}</span></template
      >
      <template #default="{ row }">
        <span :class="{ other: told(row.cues[0]) !== told(row.cues[1]) }">{{
          told(row.cues[i])
        }}</span>
        <span v-if="row.cues[i].said" class="soft">
          {{ words.schools.leadOf(row.cues[i].said.leadBeats) }}</span
        >
      </template>
    </el-table-column>
  </el-table>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  margin: 0.8rem 0;
}
.pass {
  display: block;
  color: var(--music);
}
.other {
  background: var(--voice-tint);
}
.sum {
  display: block;
  font-weight: 400;
}
</style>
