<script setup lang="ts">
import { floorAt } from '@dellop/core/floor'
import { deedText } from '@dellop/core/move'
import type { Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import FloorPicture from '../beats/FloorPicture.vue'
import { words } from '../words/index.ts'

/** Who stands where as each figure of a part begins, the first time it is danced; and at its end. */
const props = defineProps<{ sheet: Sheet }>()

const parts = computed(() => {
  const { track, timeline } = props.sheet
  if (!track) return []
  const seen = new Set<string>()
  return timeline.passes.flatMap((pass) => {
    if (seen.has(pass.part.id) || pass.slots.length === 0) return []
    seen.add(pass.part.id)
    const stills = pass.slots.map((slot) => ({
      key: slot.key,
      name: words.format.slotName(slot.slot.content, slot.figure?.name ?? null),
      deeds: track.slots.get(slot.key)!.lines.map(deedText).join('; '),
      ...floorAt(track, timeline, slot.start),
    }))
    const end = floorAt(track, timeline, pass.end - 1)
    return [{ label: pass.part.label, stills, end }]
  })
})
</script>

<template>
  <section v-if="parts.length > 0" class="printed-floor">
    <h2>{{ words.floor.title }}</h2>
    <template v-for="part in parts" :key="part.label">
      <h3>{{ part.label }}</h3>
      <ol>
        <li v-for="still in part.stills" :key="still.key">
          <div class="still">
            <FloorPicture
              :standing="still.standing"
              seen-by="dancers"
              :spots="still.spots"
              :label="words.floor.picture(still.name)"
            />
          </div>
          <p>
            <strong>{{ still.name }}</strong><template v-if="still.deeds"
              >: {{ still.deeds }}</template
            >
          </p>
        </li>
        <li>
          <div class="still">
            <FloorPicture
              :standing="part.end.standing"
              seen-by="dancers"
              :spots="part.end.spots"
              :label="words.floor.picture(words.floor.atEnd)"
            />
          </div>
          <p>{{ words.floor.partEnds(part.label) }}</p>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
  gap: 0.6rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  break-inside: avoid;
}
.still {
  height: 9rem;
  border: 1px solid var(--rule);
}
p {
  margin: 0.2rem 0 0;
  font-size: 0.85em;
}
</style>
