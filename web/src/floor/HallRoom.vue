<script setup lang="ts">
import { boxOf, fitsIn, readHall, roomFor } from '@dellop/core/floor'
import { layoutOf, type Places } from '@dellop/core/move'
import { computed, ref } from 'vue'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** What a hall has room for: sets of this dance, and couples left over. */
const props = defineProps<{ places: Places }>()
const say = words.floor.room
const KEPT = 'dellop.hall'
const text = ref(localStorage.getItem(KEPT) ?? '9 x 14 m')
const present = ref(16)

function take(value: string): void {
  text.value = value
  localStorage.setItem(KEPT, value)
}
const read = computed(() => readHall(text.value))
const hall = computed(() => (read.value.ok ? read.value.value : null))
const isSet = computed(() => ['longways', 'square'].includes(props.places.shape))
const fits = computed(() => (hall.value ? fitsIn(hall.value, boxOf(props.places)).most : 0))
/** Couples of one set. */
const each = computed(
  () => layoutOf(props.places).places.filter(({ role }) => role === 'L').length || 1,
)
const sets = computed(() => Math.min(fits.value, Math.floor(present.value / each.value)))
const room = computed(() => (hall.value ? roomFor(hall.value) : null))
</script>

<template>
  <section aria-labelledby="hall-head">
    <h2 id="hall-head">{{ say.title }}</h2>
    <div class="fields">
      <Labelled :label="say.hall"
        ><EntryInput :value="text" :placeholder="say.hint" maxlength="300" @change="take($event)"
      /></Labelled>
      <Labelled :label="say.dancers"
        ><el-input-number v-model="present" :min="1" :max="400"
      /></Labelled>
    </div>
    <p v-if="!read.ok" class="wrong" role="alert">{{ words.problem(read.problem) }}</p>
    <template v-else-if="room">
      <p v-if="isSet">{{ say.sets(fits) }} {{ say.over(present, sets, present - sets * each) }}</p>
      <p>{{ say.room(room.ring, room.circle, room.route / 100, room.couples) }}</p>
      <p class="soft">{{ say.caution }}</p>
    </template>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
}
.fields {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 0.5rem 0.8rem;
}
.wrong {
  color: var(--wrong);
}
</style>
