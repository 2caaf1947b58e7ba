<script setup lang="ts">
import { formationsFor, onFloor, usualFormation } from '@dellop/core/floor'
import { deedText, spotAt, type Line } from '@dellop/core/move'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import FloorPicture from '../beats/FloorPicture.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** A figure of a set from above: everybody of a formation, moving as its lines say. */
const props = defineProps<{
  lines: readonly Line[]
  family: string
  tick: number | null
}>()
const say = words.floor

const formations = computed(() => formationsFor(props.family))
const chosen = ref<string | null>(null)
const formation = computed(() => chosen.value ?? usualFormation(props.lines, props.family))
const tried = computed(() => onFloor(props.lines, formation.value))
const picture = useTemplateRef<InstanceType<typeof FloorPicture>>('picture')
watch(
  [tried, () => props.tick],
  () =>
    void nextTick(() =>
      picture.value?.draw(
        tried.value.danced.before.dancers.map((_, i) =>
          spotAt(tried.value.danced, i, Math.max(0, props.tick ?? 0)),
        ),
      ),
    ),
  { immediate: true },
)
const moved = computed(() => {
  const { before, after } = tried.value.danced
  return after.dancers.flatMap(({ id, x, y }, i) =>
    x === before.dancers[i]!.x && y === before.dancers[i]!.y ? [] : [id],
  )
})
const told = computed(() => props.lines.map(deedText).join('; '))
</script>

<template>
  <div class="on-floor">
    <Labelled :label="say.inFormation"
      ><el-select :model-value="formation" @change="chosen = $event"
        ><el-option v-for="one in formations" :key="one" :value="one" :label="one" /></el-select
    ></Labelled>
    <div class="picture">
      <FloorPicture
        ref="picture"
        :standing="tried.danced.before"
        seen-by="dancers"
        :label="say.picture(told)"
      />
    </div>
    <p>{{ told }}</p>
    <p v-if="!tried.isClean" class="soft">{{ say.notThere }}</p>
    <p v-else class="soft">{{ moved.length === 0 ? say.endsHome : say.moveOn(moved) }}</p>
  </div>
</template>

<style scoped>
.picture {
  height: 320px;
  margin: 0.4rem 0;
  border: 1px solid var(--rule);
  border-radius: 8px;
  overflow: hidden;
}
p {
  margin: 0.2rem 0;
}
</style>
