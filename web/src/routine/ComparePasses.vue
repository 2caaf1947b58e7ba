<script setup lang="ts">
import { comparePasses, type DancedPass, type DancedSlot } from '@dellop/core/routine'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'

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
  <Folded class="compare" :title="words.sheets.pass.compare">
    <label class="field-label" for="compare-with">{{ words.sheets.pass.compareWith }}</label>
    <el-select id="compare-with" v-model="otherKey" class="pick"
      ><el-option v-for="one in others" :key="one.key" :value="one.key" :label="title(one)"
    /></el-select>
    <p>{{ differ === 0 ? words.sheets.pass.same : words.sheets.pass.differ(differ) }}</p>
    <el-table
      :data="[...rows]"
      size="small"
      :row-class-name="({ row }: { row: { same: boolean } }) => (row.same ? '' : 'other')"
    >
      <el-table-column :label="title(pass)">
        <template #default="{ row }">
          <el-button v-if="row.a" link @click="emit('go', row.a.key)">{{ name(row.a) }}</el-button>
          <span v-else class="soft">{{ name(null) }}</span>
        </template>
      </el-table-column>
      <el-table-column :label="title(other)">
        <template #default="{ row }"
          ><span v-if="!row.same" aria-hidden="true">≠ </span>{{ name(row.b) }}</template
        >
      </el-table-column>
    </el-table>
  </Folded>
</template>

<style scoped>
.compare :deep(.other td) {
  background: var(--voice-tint);
  font-weight: 600;
}
.pick {
  width: 100%;
}
</style>
