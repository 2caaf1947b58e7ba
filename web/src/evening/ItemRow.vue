<script setup lang="ts">
import { clockOfMinutes } from '@dellop/core/time'
import { itemTitle, type DanceFacts, type EveningItem, type TimedItem } from '@dellop/core/evening'
import { ArrowDown, ArrowUp, GripVertical, TriangleAlert, X } from '@lucide/vue'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import ItemMore from './ItemMore.vue'

/** One item of a programme: when, what, how long, and what can be done with it. */
const props = defineProps<{
  timed: TimedItem
  facts: ReadonlyMap<string, DanceFacts>
  warnings: readonly string[]
  isFirst: boolean
  isLast: boolean
}>()
type Fields = { readonly [Key in keyof EveningItem]?: EveningItem[Key] | undefined }
const emit = defineEmits<{ set: [fields: Fields, label: string]; move: [by: 1 | -1]; remove: [] }>()
const say = words.evenings
const item = computed(() => props.timed.item)
const title = computed(() => itemTitle(item.value, props.facts))
const danced = computed(() => props.facts.get(item.value.sheetId ?? '') ?? null)
const dance = computed(() => words.dance(danced.value?.dance ?? ''))
const recording = computed(() =>
  danced.value?.recordings.find(({ id }) => id === item.value.recordingId),
)
const isDance = computed(() => item.value.kind === 'dance')
const minutes = computed(() => Math.round(props.timed.minutes * 10) / 10)
/** What is set elsewhere is seen here: its recording, another speed, who calls, a note. */
const besides = computed(() =>
  [
    recording.value ? say.playedFrom(recording.value.name) : '',
    item.value.speed === undefined ? '' : say.atSpeed(Math.round(item.value.speed * 100)),
    item.value.caller ? say.calledBy(item.value.caller) : '',
    item.value.note ?? '',
  ]
    .filter(Boolean)
    .join(' · '),
)
const number = (value: number | undefined): number | undefined =>
  value === undefined || Number.isNaN(value) ? undefined : value
</script>

<template>
  <li class="item" :class="{ dropped: item.dropped }" :data-item="item.id">
    <GripVertical class="grip" :size="18" aria-hidden="true" />
    <span class="count at">{{ clockOfMinutes(timed.starts) }}</span>
    <div class="what">
      <RouterLink
        v-if="isDance && item.sheetId"
        class="name"
        :to="{ name: 'sheet', params: { id: item.sheetId } }"
        >{{ title || say.kinds.dance }}</RouterLink
      >
      <el-input
        v-else
        :model-value="item.title"
        maxlength="200"
        :aria-label="say.itemName(say.kinds[item.kind])"
        :placeholder="say.kinds[item.kind]"
        @change="emit('set', { title: $event }, say.done.named)"
      />
      <span class="soft">{{ isDance ? dance : say.kinds[item.kind] }}</span>
      <span v-if="besides" class="soft">{{ besides }}</span>
      <span v-for="warning in warnings" :key="warning" class="warning"
        ><TriangleAlert :size="15" aria-hidden="true" />{{ warning }}</span
      >
    </div>
    <div class="numbers">
      <template v-if="isDance">
        <label
          ><span>{{ say.walk }}</span
          ><el-input-number
            :model-value="number(item.walkMinutes)"
            :min="0"
            :max="120"
            :controls="false"
            :aria-label="`${say.walk}: ${title}`"
            @change="emit('set', { walkMinutes: $event || undefined }, say.done.walk)"
        /></label>
        <label
          ><span>{{ say.times }}</span
          ><el-input-number
            :model-value="item.times ?? 1"
            :min="1"
            :max="20"
            :controls="false"
            :aria-label="`${say.times}: ${title}`"
            @change="
              emit('set', { times: ($event ?? 1) > 1 ? $event : undefined }, say.done.times)
            "
        /></label>
      </template>
      <label v-else
        ><span>{{ say.minutes }}</span
        ><el-input-number
          :model-value="number(item.minutes ?? timed.minutes)"
          :min="0"
          :max="600"
          :controls="false"
          :aria-label="`${say.minutes}: ${title || say.kinds[item.kind]}`"
          @change="emit('set', { minutes: $event ?? undefined }, say.done.minutes)"
      /></label>
      <span class="count takes">{{ say.takes(minutes) }}</span>
    </div>
    <div class="acts">
      <el-button
        text
        :disabled="isFirst"
        :aria-label="say.earlier(title || say.kinds[item.kind])"
        @click="emit('move', -1)"
        ><ArrowUp :size="18"
      /></el-button>
      <el-button
        text
        :disabled="isLast"
        :aria-label="say.later(title || say.kinds[item.kind])"
        @click="emit('move', 1)"
        ><ArrowDown :size="18"
      /></el-button>
      <el-checkbox
        :model-value="item.must === true"
        @change="emit('set', { must: $event ? true : undefined }, say.done.must)"
        >{{ say.must }}</el-checkbox
      >
      <ItemMore
        :item
        :title="title || say.kinds[item.kind]"
        :facts="danced"
        @set="(fields, label) => emit('set', fields, label)"
      />
      <el-button
        text
        :aria-label="say.takeOut(title || say.kinds[item.kind])"
        @click="emit('remove')"
        ><X :size="18"
      /></el-button>
    </div>
  </li>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: auto 4rem minmax(10rem, 1fr) auto auto;
  align-items: center;
  gap: 0.3rem 0.8rem;
  padding: 0.45rem 0.6rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
}
.grip {
  color: var(--ink-soft);
  cursor: grab;
}
.at {
  font-size: 1.1rem;
  font-weight: 700;
}
.what {
  display: grid;
  gap: 0.1rem;
  min-width: 0;
}
.name {
  font-weight: 600;
}
.warning {
  font-size: 0.92rem;
}
.warning svg {
  margin-right: 0.35rem;
  vertical-align: -2px;
  color: var(--wrong);
}
.numbers,
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3rem 0.7rem;
}
.numbers label {
  display: grid;
  font-size: 0.85rem;
  color: var(--ink-soft);
}
.numbers :deep(.el-input-number) {
  width: 4.2rem;
}
.takes {
  min-width: 4.6rem;
  text-align: right;
}
.acts :deep(.el-button) {
  margin: 0;
  padding: 0.3rem;
}
.dropped {
  opacity: 0.6;
}
@media (max-width: 760px) {
  .item {
    grid-template-columns: auto 3.4rem 1fr;
  }
  .numbers,
  .acts {
    grid-column: 2 / -1;
  }
}
</style>
