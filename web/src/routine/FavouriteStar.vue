<script setup lang="ts">
import { Star } from '@lucide/vue'
import { computed } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

/** Marks a sheet as one of those that are wanted again and again. */
const props = defineProps<{ id: string; title: string }>()
const library = useLibrary()
const on = computed(() => library.settings.favourites.includes(props.id))
function turn(): void {
  const others = library.settings.favourites.filter((id) => id !== props.id)
  void library.saveSettings({
    ...library.settings,
    favourites: on.value ? others : [...others, props.id],
  })
}
</script>

<template>
  <el-button
    class="star"
    text
    :aria-pressed="on"
    :aria-label="words.shelf.favourite.of(title)"
    @click="turn"
    ><Star :size="18" :fill="on ? 'currentColor' : 'none'" aria-hidden="true"
  /></el-button>
</template>

<style scoped>
.star {
  padding: 0 8px;
  color: var(--music);
}
</style>
