<script setup lang="ts">
import {
  boxOf,
  DANCED_STRIDE,
  driftOf,
  fitsIn,
  HALL_SIDES,
  hallText,
  placedIn,
  readHall,
  roomFor,
  routeIn,
  routeLength,
  travelOfPasses,
  type Hall,
} from '@dellop/core/floor'
import { layoutOf, type Places } from '@dellop/core/move'
import type { Timeline } from '@dellop/core/routine'
import { computed, ref } from 'vue'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import HallDrawing from './HallDrawing.vue'
import { useHalls } from './halls.ts'

/** What a hall has room for: sets of this dance, couples left over, how far the dance carries them. */
const props = defineProps<{
  places: Places
  timeline: Timeline
  /** Centimetres along the way round that the couples have come, at the moment that is shown. */
  advanced: number
}>()
const say = words.floor.room
const { halls, chosen, failure, before, change, undo, choose, add, remove, rename } = useHalls()
const present = ref(12)
const thing = ref<number | null>(null)
const refused = ref('')

function take(text: string): void {
  const read = readHall(text)
  refused.value = read.ok ? '' : words.problem(read.problem)
  if (read.ok) change(read.value)
}
const hall = computed(() => chosen.value.hall)
function addThing(): void {
  const { value } = hall
  const fresh = placedIn(value, { name: say.thing, x: 0, y: 0, width: 200, length: 100 })
  change({ ...value, things: [...value.things, fresh] })
  thing.value = value.things.length
}
function named(name: string): void {
  const { things } = hall.value
  if (thing.value === null || name.trim() === '') return
  const next = things.map((one, i) =>
    i === thing.value ? { ...one, name: name.trim().slice(0, 40) } : one,
  )
  change({ ...hall.value, things: next })
}
function takeOut(): void {
  change({ ...hall.value, things: hall.value.things.filter((_, i) => i !== thing.value) })
  thing.value = null
}
const chosenThing = computed(() => (thing.value === null ? null : hall.value.things[thing.value]))
function look(who: 'caller' | 'camera', side: Hall['caller']): void {
  change({ ...hall.value, [who]: side })
}

const isSet = computed(() => ['longways', 'square'].includes(props.places.shape))
const isLines = computed(() => props.places.shape === 'lines')
const isRoute = computed(() => props.places.shape === 'round')
const fits = computed(() => fitsIn(hall.value, boxOf(props.places)).most)
/** Couples of one set. */
const each = computed(
  () => layoutOf(props.places).places.filter(({ role }) => role === 'L').length || 1,
)
const sets = computed(() => Math.min(fits.value, Math.floor(present.value / each.value)))
const room = computed(() => roomFor(hall.value))
const danced = computed(() =>
  isSet.value
    ? { kind: 'sets' as const, box: boxOf(props.places), wanted: Math.max(1, sets.value) }
    : isRoute.value
      ? { kind: 'route' as const, couples: present.value, advanced: props.advanced }
      : isLines.value
        ? { kind: 'none' as const }
        : { kind: 'ring' as const },
)
const travel = computed(() => travelOfPasses(props.timeline))
/** How far a time through carries the couples, and how much of a lap that is. */
const laps = computed(() => {
  const first = travel.value[0]
  const whole = routeLength(routeIn(hall.value))
  if (!isRoute.value || !first || whole <= 0) return null
  const along = first.forward * DANCED_STRIDE
  const all = travel.value.reduce((sum, { forward }) => sum + forward, 0) * DANCED_STRIDE
  return say.laps(words.format.decimal(along / 100, 1), words.format.decimal(all / whole, 1))
})
const drift = computed(() => {
  const [first] = props.timeline.passes
  const way = travel.value[0]
  if (!isLines.value || !first || !way) return null
  const turn = first.slots.at(-1)
  const eighths = turn ? turn.after.lead.facing - first.slots[0]!.before.lead.facing : 0
  const path = driftOf(way, eighths, props.timeline.passes.length, DANCED_STRIDE)
  const most = Math.max(...path.map(([x, y]) => Math.hypot(x, y)))
  return say.drift(words.format.decimal(most / 100, 1))
})
const tooMany = computed(() => isRoute.value && present.value > room.value.couples)
</script>

<template>
  <section aria-labelledby="hall-head">
    <h2 id="hall-head">{{ say.title }}</h2>
    <div class="fields">
      <Labelled :label="say.which"
        ><el-select
          :model-value="chosen.id || undefined"
          :placeholder="chosen.name"
          :disabled="halls.length === 0"
          @change="choose"
          ><el-option
            v-for="one in halls"
            :key="one.id"
            :value="one.id"
            :label="one.name" /></el-select
      ></Labelled>
      <Labelled :label="say.name"
        ><EntryInput :value="chosen.name" maxlength="80" @change="rename"
      /></Labelled>
      <Labelled :label="say.dancers"
        ><el-input-number v-model="present" :min="1" :max="400"
      /></Labelled>
    </div>
    <HallDrawing v-model:chosen="thing" :hall="hall" :danced="danced" @change="change" />
    <div class="tools">
      <el-button @click="addThing">{{ say.addThing }}</el-button>
      <template v-if="chosenThing">
        <EntryInput
          class="thing-name"
          :value="chosenThing.name"
          :aria-label="say.thingName"
          maxlength="40"
          @change="named"
        />
        <el-button @click="takeOut">{{ say.takeOut(chosenThing.name) }}</el-button>
      </template>
      <el-button :disabled="before.length === 0" @click="undo">{{ words.sheet.undo }}</el-button>
      <el-button @click="add">{{ say.addHall }}</el-button>
      <el-button v-if="halls.length > 0" @click="remove">{{ say.remove(chosen.name) }}</el-button>
    </div>
    <Labelled :label="say.hall"
      ><EntryInput :value="hallText(hall)" :placeholder="say.hint" maxlength="1000" @change="take"
    /></Labelled>
    <p v-if="refused || failure" class="wrong" role="alert">{{ refused || failure }}</p>
    <div class="fields sides">
      <Labelled v-for="who in ['caller', 'camera'] as const" :key="who" :label="say.side[who]"
        ><el-select
          :model-value="hall[who] ?? ''"
          @change="look(who, $event === '' ? undefined : $event)"
          ><el-option value="" :label="say.nowhere" /><el-option
            v-for="side in HALL_SIDES"
            :key="side"
            :value="side"
            :label="say.sides[side]" /></el-select
      ></Labelled>
    </div>
    <p v-if="isSet">{{ say.sets(fits) }} {{ say.over(present, sets, present - sets * each) }}</p>
    <p v-if="laps">{{ laps }}</p>
    <p v-if="drift">{{ drift }}</p>
    <p v-if="tooMany" class="wrong">{{ say.crowded(room.couples) }}</p>
    <p>{{ say.room(room.ring, room.circle, room.route / 100, room.couples) }}</p>
    <p class="soft">{{ say.caution }}</p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
}
section {
  display: grid;
  gap: 0.5rem;
}
p {
  margin: 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8.5rem, 1fr));
  gap: 0.5rem 0.8rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
.tools .el-button + .el-button {
  margin-left: 0;
}
.thing-name {
  width: 9rem;
}
.wrong {
  color: var(--wrong);
}
</style>
