<script setup lang="ts">
import type { Planned } from '@dellop/core/cue'
import type { Routine } from '@dellop/core/routine'
import { deriveSheet, type Sheet } from '@dellop/core/sheet'
import { computed, ref } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

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
    <label
      >{{ words.schools.first }}
      <select v-model="first" class="pick">
        <option v-for="school in library.schools" :key="school.id" :value="school.id">
          {{ school.name }}
        </option>
      </select></label
    >
    <label
      >{{ words.schools.second }}
      <select v-model="second" class="pick">
        <option v-for="school in library.schools" :key="school.id" :value="school.id">
          {{ school.name }}
        </option>
      </select></label
    >
  </div>
  <table>
    <thead>
      <tr>
        <th scope="col">{{ words.schools.slot }}</th>
        <th v-for="(id, i) in [first, second]" :key="i" scope="col">
          {{ library.schoolFor(id).name }} <span class="soft sum">{{ sums[i] }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <template v-for="row in rows" :key="row.key">
        <tr v-if="row.pass" class="pass">
          <th scope="rowgroup" colspan="3">{{ row.pass }}</th>
        </tr>
        <tr>
          <th scope="row">{{ row.name }}</th>
          <td
            v-for="(cue, i) in row.cues"
            :key="i"
            :class="{ other: told(row.cues[0]!) !== told(row.cues[1]!) }"
          >
            {{ told(cue) }}
            <span v-if="cue.said" class="soft">{{ words.schools.leadOf(cue.said.leadBeats) }}</span>
          </td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  margin: 0.8rem 0;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--sheet);
}
th,
td {
  text-align: left;
  padding: 0.35rem 0.6rem;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
  font-weight: 400;
}
thead th,
.pass th {
  font-weight: 700;
}
.pass th {
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
