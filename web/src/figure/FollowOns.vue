<script setup lang="ts">
import { followOns, type Figure, type FollowOn } from '@dellop/core/figure'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'

/** What of the same dance may come next, and what one change would let in. */
const props = defineProps<{ figure: Figure; figures: readonly Figure[]; roles: Readonly<Record<'lead' | 'follow', string>> }>()
const holds = computed(() => props.figure.entry.holds)
const hold = ref('')
watch(() => props.figure.id, () => (hold.value = holds.value[0] ?? ''), { immediate: true }) // prettier-ignore
const list = computed(() =>
  followOns(
    props.figure,
    props.figures.filter(({ family }) => family === props.figure.family),
    hold.value || undefined,
  ),
)
const fitting = computed(() => list.value.filter(({ refused }) => refused === null))
const nearly = computed(() => list.value.filter(({ refused }) => refused !== null))
const why = ({ refused }: FollowOn): string => (refused === null ? '' : refused.why === 'foot' ? words.figures.followFoot(props.roles[refused.role], refused.foot) : words.figures.followHold(refused.hold))
</script>

<template>
  <section aria-labelledby="follow-head">
    <h2 id="follow-head">{{ words.figures.mayFollow }}</h2>
    <label v-if="holds.length > 1 && figure.exitHold === null" class="begun"
      >{{ words.figures.begunIn }}
      <select v-model="hold" class="pick">
        <option v-for="one in holds" :key="one">{{ one }}</option>
      </select></label
    >
    <p v-if="fitting.length === 0" class="soft">{{ words.figures.noneFollows }}</p>
    <ul v-else class="list">
      <li v-for="one in fitting" :key="one.figure.id">
        <RouterLink :to="{ name: 'figure', params: { id: one.figure.id } }">{{ one.figure.name }}</RouterLink>
      </li>
    </ul>
    <details v-if="nearly.length > 0">
      <summary>{{ words.figures.oneChange(nearly.length) }}</summary>
      <ul>
        <li v-for="one in nearly" :key="one.figure.id">
          <RouterLink :to="{ name: 'figure', params: { id: one.figure.id } }">{{ one.figure.name }}</RouterLink> <span class="soft">{{ why(one) }}</span>
        </li>
      </ul>
    </details>
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
.begun {
  display: block;
  margin-bottom: 0.4rem;
}
details ul {
  margin: 0.4rem 0 0;
  padding-left: 1.2rem;
}
</style>
