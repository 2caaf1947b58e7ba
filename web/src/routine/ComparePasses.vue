<script setup lang="ts">
import { comparePasses, type DancedPass, type DancedSlot } from '@dellop/core/routine'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'

/** A pass beside another, figure against figure, with what differs. */
const props = defineProps<{ pass: DancedPass; others: readonly DancedPass[] }>()
const emit = defineEmits<{ go: [key: string] }>()

const likely = computed(
  () => (props.others.find((one) => one.part === props.pass.part) ?? props.others[0]!).key,
)
const otherKey = ref('')
watch(likely, (key) => (otherKey.value = key), { immediate: true })
const other = computed(
  () => props.others.find((one) => one.key === otherKey.value) ?? props.others[0]!,
)
const rows = computed(() => comparePasses(props.pass, other.value))
const differ = computed(() => rows.value.filter(({ same }) => !same).length)
const name = (slot: DancedSlot | null): string =>
  slot
    ? words.format.slotName(slot.slot.content, slot.figure?.name ?? null)
    : words.sheets.pass.only
const title = (pass: DancedPass): string =>
  words.sheets.pass.title(pass.part.label, words.format.ordinal(pass.ordinal, pass.ordinals))
</script>

<template>
  <details class="compare">
    <summary>{{ words.sheets.pass.compare }}</summary>
    <label class="field-label" for="compare-with">{{ words.sheets.pass.compareWith }}</label>
    <select id="compare-with" v-model="otherKey" class="pick">
      <option v-for="one in others" :key="one.key" :value="one.key">{{ title(one) }}</option>
    </select>
    <p>{{ differ === 0 ? words.sheets.pass.same : words.sheets.pass.differ(differ) }}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ title(pass) }}</th>
          <th scope="col">{{ title(other) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="i" :class="{ other: !row.same }">
          <td>
            <button v-if="row.a" class="plain" @click="emit('go', row.a.key)">
              {{ name(row.a) }}</button><span v-else class="soft">{{ name(null) }}</span>
          </td>
          <td><span v-if="!row.same" aria-hidden="true">≠ </span>{{ name(row.b) }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
summary {
  font-weight: 600;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9rem;
}
th,
td {
  text-align: left;
  padding: 0.2rem 0.35rem;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
  width: 50%;
}
.other td {
  background: var(--voice-tint);
  font-weight: 600;
}
.plain {
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  cursor: pointer;
}
.pick {
  width: 100%;
}
</style>
