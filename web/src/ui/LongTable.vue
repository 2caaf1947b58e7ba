<script setup lang="ts" generic="Row extends { readonly id: string }">
import { TableV2SortOrder, type Column, type SortBy } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useNarrow } from './narrow.ts'
import { useRowKeys } from './rowKeys.ts'
import { keptScroll, keepScroll } from './scrolls.ts'

/** A column: what it is called, how it is sorted, how much room it needs. */
export interface LongColumn<Of> {
  readonly key: string
  readonly title: string
  /** Pixels at least. */
  readonly width: number
  /** Share of what is left over. */
  readonly grow?: number
  /** What rows are sorted by; without it they are not. */
  readonly by?: (row: Of) => string | number
  readonly number?: boolean
  /** Whether it stands on a narrow screen too. */
  readonly always?: boolean
}

/** A list as long as it may be, of which only what is in sight is drawn; sorted by its heads. */
const props = defineProps<{
  columns: readonly LongColumn<Row>[]
  rows: readonly Row[]
  label: string
  rowHeight?: number
  /** Pixels of the window that are not the list's. */
  above?: number
}>()
defineSlots<Record<string, (slot: { row: Row }) => unknown>>()

const list = useTemplateRef<HTMLElement>('list')
useRowKeys(list)
const HEAD = 40
const narrow = useNarrow()
const { width: room } = useElementSize(list)
/** On a narrow screen, what always stands there, and of the rest as much as there is room for. */
const shown = computed((): ReadonlySet<string> => {
  if (!narrow.value) return new Set(props.columns.map(({ key }) => key))
  const must = props.columns.filter(({ always }) => always)
  let left = room.value - must.reduce((sum, { width }) => sum + width, 0)
  const more = props.columns.filter(({ always, width }) => {
    const fits = !always && width <= left
    if (fits) left -= width
    return fits
  })
  return new Set([...must, ...more].map(({ key }) => key))
})
const rowHeight = computed(() => (props.rowHeight ?? 44) + (narrow.value ? 14 : 0))
const drawn = computed((): Column<Row>[] => {
  const columns = props.columns.filter(({ key }) => shown.value.has(key))
  // On a phone even what must stand there has to make itself small.
  const isTight = narrow.value && columns.reduce((sum, { width }) => sum + width, 0) > room.value
  return columns.map(({ key, title, width, grow, by, number }) => ({
    key,
    dataKey: key,
    title,
    width: isTight ? Math.min(width, 150) : width,
    minWidth: isTight ? 60 : width,
    flexGrow: grow ?? 0,
    sortable: by !== undefined,
    align: number ? 'right' : 'left',
  }))
})
const sort = ref<SortBy>({ key: '', order: TableV2SortOrder.ASC })
/** Another column begins at its beginning; the same once more goes the other way. */
function sortBy(asked: SortBy): void {
  sort.value =
    asked.key === sort.value.key ? asked : { key: asked.key, order: TableV2SortOrder.ASC }
}
const sorted = computed((): Row[] => {
  const by = props.columns.find(({ key }) => key === sort.value.key)?.by
  if (!by) return [...props.rows]
  const way = sort.value.order === TableV2SortOrder.DESC ? -1 : 1
  return [...props.rows].sort((a, b) => {
    const [x, y] = [by(a), by(b)]
    const order =
      typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y))
    return way * order
  })
})
const height = computed(
  () =>
    `min(${HEAD + rowHeight.value * props.rows.length + 4}px, max(20rem, calc(100dvh - ${props.above ?? 260}px)))`,
)
/** Where one was in the list, when one comes back to it. */
const route = useRoute()
const { path } = route
let place = route.fullPath
watch(
  () => route.fullPath,
  // What is wished changes the address; whoever leaves is elsewhere.
  (now) => route.path === path && (place = now),
)
const table = useTemplateRef<{ scrollToTop: (top: number) => void }>('table')
let top = 0
onMounted(() => {
  const kept = keptScroll(place)
  if (kept > 0) void nextTick(() => requestAnimationFrame(() => table.value?.scrollToTop(kept)))
})
onBeforeUnmount(() => keepScroll(place, top))
</script>

<template>
  <div ref="list" class="long" :style="{ height }" role="region" :aria-label="label">
    <el-auto-resizer>
      <template #default="{ height: high, width }">
        <el-table-v2
          ref="table"
          row-key="id"
          :columns="drawn"
          :data="sorted"
          :width="width"
          :height="high"
          :header-height="HEAD"
          :row-height="rowHeight"
          :sort-by="sort"
          @column-sort="sortBy"
          @scroll="top = $event.scrollTop"
        >
          <template #cell="{ column, rowData }">
            <slot :name="String(column.key)" :row="rowData as Row" />
          </template>
        </el-table-v2>
      </template>
    </el-auto-resizer>
  </div>
</template>

<style scoped>
.long {
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
}
.long :deep(.el-table-v2__row-cell) {
  padding: 0 10px;
  line-height: 1.25;
}
/* Which column it is sorted by is seen without the pointer over it. */
.long :deep(.el-table-v2__sort-icon) {
  display: flex;
  flex: none;
  width: 18px;
  height: 18px;
  opacity: 0.45;
}
.long :deep(.el-table-v2__sort-icon.is-sorting) {
  opacity: 1;
}
.long :deep(.el-table-v2__header-cell) {
  padding: 0 10px;
  color: var(--ink-soft);
}
</style>
