<script setup lang="ts">
import { Star } from '@lucide/vue'
import { computed } from 'vue'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { tellFailure } from '../ui/message.ts'
import { words } from '../words/index.ts'

/** Marks a sheet as one of those that are wanted again and again. */
const props = defineProps<{ id: string; title: string }>()
const library = useLibrary()
const on = computed(() => library.settings.favourites.includes(props.id))
async function turn(): Promise<void> {
  try {
    await library.saveSettings(({ favourites }) => {
      const others = favourites.filter((id) => id !== props.id)
      return { favourites: favourites.includes(props.id) ? others : [...others, props.id] }
    })
  } catch (error) {
    tellFailure(sentenceOf(error))
  }
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
