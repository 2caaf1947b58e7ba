<script setup lang="ts">
import type { HallCommand } from '@dellop/wire'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { chosenLanguage } from '../words/chosen.ts'
import { hall as german } from '../words/de/hall.ts'
import { hall as english } from '../words/en/hall.ts'
import HallFloor from './HallFloor.vue'
import { hallSource } from './hallSource.ts'

/**
 * A second screen: a display for the hall, huge and readable from the floor, or a helper's remote.
 */
const props = defineProps<{ isRemote: boolean }>()

const language = chosenLanguage()
const words = language === 'de' ? german : english
document.documentElement.lang = language
const source = hallSource()
const { state, failure, right, programme, place } = source
const code = ref(location.hash.slice(1))
const tick = ref(0)
const told = ref('')
let frame = 0

function look(): void {
  tick.value = source.tick()
  frame = requestAnimationFrame(look)
}
onMounted(() => {
  look()
  // The address of a code that the camera read brings its code along: it is used at once, and
  // leaves the address.
  if (code.value !== '' && state.value === 'out') {
    history.replaceState(null, '', location.pathname)
    void source.pair(code.value)
  }
  Object.assign(window, { dellopHall: { tick: source.tick } })
})
onBeforeUnmount(() => cancelAnimationFrame(frame))

const TICKS = 24
const at = <One extends { readonly start: number; readonly end: number }>(
  spans: readonly One[] | undefined,
): One | null => spans?.find((one) => tick.value >= one.start && tick.value < one.end) ?? null
const figure = computed(() => at(programme.value?.figures)?.text ?? '')
const part = computed(
  () => at(programme.value?.parts)?.text ?? (tick.value < 0 ? words.intro : words.after),
)
const cue = computed(() => at(programme.value?.cues)?.text ?? '')
const nextCue = computed(
  () => programme.value?.cues.find(({ start }) => start > tick.value)?.text ?? '',
)
const inSet = computed(() => at(programme.value?.sets)?.text ?? '')
const floor = computed(() => (props.isRemote ? null : (programme.value?.floor ?? null)))
const count = computed(() => {
  const beats = programme.value?.countOf ?? 4
  const beat = Math.floor(tick.value / TICKS)
  return String((((beat % beats) + beats) % beats) + 1)
})
const isMoving = computed(
  () => place.value !== null && !['waiting', 'paused', 'ended'].includes(place.value.state),
)
const BUTTONS: readonly HallCommand[] = [
  'hold',
  'lost',
  'first',
  'second',
  'third',
  'take-back',
  'mark',
]

async function press(command: HallCommand): Promise<void> {
  told.value = (await source.press(command)) ? words.done(words.commands[command]) : words.refused
}
</script>

<template>
  <main class="hall" :class="{ remote: props.isRemote, 'with-floor': floor }" :data-state="state">
    <form
      v-if="state === 'out' || (state === 'coming' && !programme)"
      class="pair"
      @submit.prevent="source.pair(code)"
    >
      <h1>{{ props.isRemote ? words.remote : words.display }}</h1>
      <label for="code">{{ words.code }}</label>
      <input id="code" v-model="code" inputmode="numeric" autocomplete="off" maxlength="8" />
      <!-- A small page of its own for second screens: plain controls, no library to load. -->
      <button class="enter">{{ state === 'coming' ? words.coming : words.enter }}</button>
      <p v-if="failure" role="alert">{{ failure }}</p>
    </form>
    <template v-else>
      <p class="title">
        {{ programme?.title }}
        <span v-if="state === 'away'" class="away" role="status">{{ words.away }}</span>
      </p>
      <p class="part">{{ part }}</p>
      <p v-if="inSet && !props.isRemote" class="in-set">{{ inSet }}</p>
      <HallFloor
        v-if="floor"
        class="floor"
        :floor="floor"
        :tick="tick"
        :label="words.floor(figure)"
      />
      <p
        v-if="!props.isRemote"
        class="number count"
        :class="{ still: !isMoving }"
        data-testid="hall-count"
      >
        {{ isMoving ? count : '·' }}
      </p>
      <p class="figure" data-testid="hall-figure">{{ figure }}</p>
      <p class="said" :class="{ now: cue !== '' }">
        {{ cue || (nextCue ? words.next(nextCue) : '') }}
      </p>
      <div v-if="props.isRemote && right === 'control'" class="buttons">
        <button class="big-key" @click="press('main')">{{ words.commands.main }}</button>
        <button v-for="command in BUTTONS" :key="command" @click="press(command)">
          {{ words.commands[command] }}
        </button>
        <p role="status">{{ told }}</p>
      </div>
      <p v-else-if="props.isRemote" class="soft">{{ words.onlySee }}</p>
    </template>
  </main>
</template>

<style scoped src="../call/controls.css"></style>
<style scoped>
.hall {
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  gap: 1vh;
  padding: 3vh 4vw;
  background: var(--paper);
  color: var(--ink);
}
.hall p {
  margin: 0;
}
.title {
  font-size: 3vh;
  color: var(--ink-soft);
}
.away {
  color: var(--voice);
  font-weight: 700;
}
.part {
  font-family: var(--font-head);
  font-size: 8vh;
  font-weight: 800;
  color: var(--music);
}
.number {
  font-size: 38vh;
  line-height: 1;
  font-weight: 700;
  color: var(--feet);
}
.number.still {
  color: var(--ink-soft);
}
.in-set {
  font-size: 4vh;
}
.floor {
  position: absolute;
  right: 3vw;
  top: 3vh;
  width: 44vw;
  height: 62vh;
}
.with-floor .number {
  font-size: 26vh;
}
@media (max-aspect-ratio: 1) {
  .floor {
    position: static;
    width: 100%;
    height: 36vh;
  }
}
.figure {
  font-family: var(--font-head);
  font-size: clamp(2.2rem, 11vh, 9vw);
  font-weight: 800;
  line-height: 1.05;
  min-height: 1.1em;
}
.said {
  font-size: 5vh;
  color: var(--ink-soft);
}
.said.now {
  color: var(--voice);
  font-weight: 700;
}
.pair {
  margin: auto;
  display: grid;
  gap: 1rem;
  font-size: 1.4rem;
}
.pair input {
  font-size: 2.4rem;
  letter-spacing: 0.2em;
  width: 8em;
}
.remote .figure {
  font-size: 2rem;
}
.remote .part {
  font-size: 1.8rem;
}
.remote .title,
.remote .said {
  font-size: 1.2rem;
}
.enter {
  min-height: 44px;
  padding: 0 1rem;
  border: 0;
  border-radius: 8px;
  background: var(--voice);
  color: #2a1a35;
  font-weight: 700;
  cursor: pointer;
}
.buttons {
  margin-top: auto;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.8rem;
}
.buttons button {
  min-height: 64px;
  border: 1px solid var(--rule-strong);
  border-radius: 10px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 1.2rem;
}
.buttons .big-key {
  grid-column: 1 / -1;
  min-height: 110px;
  background: var(--ink);
  color: #241400;
  font-size: 1.6rem;
  font-weight: 700;
}
.buttons p {
  grid-column: 1 / -1;
  min-height: 1.5em;
}
</style>
