<script setup lang="ts">
import { followOns, type Figure } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'
import { hindranceWords } from './facts.ts'
import Labelled from '../ui/Labelled.vue'
import Folded from '../ui/Folded.vue'

/**
 * What of the same dance may come next, what one change would let in and by which link, and what
 * needs more.
 */
const props = defineProps<{
  figure: Figure
  figures: readonly Figure[]
  roles: Readonly<Record<'lead' | 'follow', string>>
  usual: ReadonlyMap<string, number>
  group?: string | null
}>()
const say = words.figures
const holds = computed(() => props.figure.entry.holds)
const hold = ref('')
watch(
  () => props.figure.id,
  () => (hold.value = holds.value[0] ?? ''),
  { immediate: true },
)
const list = computed(() =>
  followOns(
    props.figure,
    props.figures.filter(({ family }) => family === props.figure.family),
    { hold: hold.value || undefined, usual: props.usual },
  ),
)
const fitting = computed(() => list.value.filter(({ hindrances }) => hindrances.length === 0))
const sections = computed(() => [
  { title: say.oneChange, list: list.value.filter(({ hindrances }) => hindrances.length === 1) },
  { title: say.moreChanges, list: list.value.filter(({ hindrances }) => hindrances.length > 1) },
])
</script>

<template>
  <section aria-labelledby="follow-head">
    <h2 id="follow-head">{{ say.mayFollow }}</h2>
    <p v-if="group" class="soft">{{ say.forGroup(group) }}</p>
    <Labelled v-if="holds.length > 1 && figure.exitHold === null" class="begun" :label="say.begunIn"
      ><el-select v-model="hold" class="pick"
        ><el-option
          v-for="one in holds"
          :key="one"
          :value="one"
          :label="words.hold(one)" /></el-select
    ></Labelled>
    <p v-if="fitting.length === 0" class="soft">{{ say.noneFollows }}</p>
    <ul v-else class="list">
      <li v-for="one in fitting" :key="one.figure.id">
        <RouterLink :to="{ name: 'figure', params: { id: one.figure.id } }">{{
          one.figure.name
        }}</RouterLink>
        <span v-if="one.usual > 0" class="soft usual"> {{ say.usual(one.usual) }}</span>
      </li>
    </ul>
    <template v-for="(section, i) in sections" :key="i">
      <Folded v-if="section.list.length > 0" :title="section.title(section.list.length)">
        <ul>
          <li v-for="one in section.list" :key="one.figure.id">
            <RouterLink :to="{ name: 'figure', params: { id: one.figure.id } }">{{
              one.figure.name
            }}</RouterLink>
            <span class="soft">
              {{ one.hindrances.map((hindrance) => hindranceWords(hindrance, roles)).join('; ') }}.
              <template v-if="one.link"
                >{{ say.link }}
                <RouterLink :to="{ name: 'figure', params: { id: one.link.id } }">{{
                  one.link.name
                }}</RouterLink>
                ({{ words.format.counts(one.link.lengthTicks / TICKS_PER_BEAT) }}).</template
              >
            </span>
          </li>
        </ul>
      </Folded>
    </template>
  </section>
</template>

<style scoped>
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  list-style: none;
  margin: 0 0 0.5rem;
  padding: 0;
}
li .usual {
  margin-left: 0.4rem;
  font-size: 0.9rem;
}
.begun {
  display: block;
  margin-bottom: 0.4rem;
}
</style>
