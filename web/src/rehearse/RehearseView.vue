<script setup lang="ts">
import { prepareCall } from '@dellop/core/call'
import { USUAL_FLOOR, type Utterance } from '@dellop/core/rehearse'
import { spanAt, type TickPosition } from '@dellop/core/time'
import { ArrowLeft } from '@lucide/vue'
import { computed, onBeforeUnmount, onMounted, reactive, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useDerivedSheet } from '../app/derivedSheet.ts'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'
import CueRibbon from './CueRibbon.vue'
import FloorDancers from './FloorDancers.vue'
import TakeResult from './TakeResult.vue'
import { useTake, type Speaker } from './useTake.ts'
import WalkThrough from './WalkThrough.vue'

/** Practising a dance aloud: the music plays, a key is held while one speaks, a floor answers. */
const say = words.rehearse
const route = useRoute()
const id = String(route.params['id'])
const { sheet, failure, load } = useDerivedSheet(id, say.of)

const SPEEDS = [60, 70, 80, 90, 100, 110]
const speed = ref(100)
const speaker = ref<Speaker>('key')
const clicks = ref(false)
const passage = ref(-1)
const floorIs = reactive({ ...USUAL_FLOOR })
const seed = ref(1)
const HEARING = [0.99, 0.95, 0.85, 0.7].map((value, i) => ({ value, label: say.halls[i]! }))
const BEFORE = [0, 1, 3, 10].map((value) => ({ value, label: say.before(value) }))

const call = computed(() => (sheet.value ? prepareCall(sheet.value, speed.value / 100) : null))
const take = useTake(
  () => call.value,
  () => floorIs,
  () => seed.value,
)
const { isPlaying, now, tick, score, floor, played, utterances, openSince } = take
const hasTake = computed(
  () => take.hasBegun.value && score.value.cues.length > 0 && !isPlaying.value,
)
const passes = computed(() => sheet.value?.timeline.passes ?? [])
const stretch = computed(() => {
  const one = passes.value[passage.value]
  return one ? { start: one.start, end: one.end } : null
})

const begin = (from = stretch.value): Promise<void> => {
  seed.value += 1
  return take.start({
    stretch: from,
    speed: speed.value / 100,
    speaker: speaker.value,
    clicks: clicks.value,
  })
}
/** From the part that a cue belongs to. */
function again({ slotKey }: Utterance): void {
  const at = passes.value.findIndex(({ slots }) => slots.some(({ key }) => key === slotKey))
  passage.value = at
  void begin()
}

const dancing = computed(() => {
  if (!sheet.value) return ''
  const slot = spanAt(sheet.value.timeline.slots, tick.value as TickPosition)
  return slot ? words.format.slotName(slot.slot.content, slot.figure?.name ?? null) : ''
})
const here = computed(
  () => floor.value?.slots.findLast(({ start }) => start <= now.value)?.deeds ?? [],
)

const isTyping = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  event.target.closest('input, textarea, [role="combobox"], [role="slider"]') !== null
function down(event: KeyboardEvent): void {
  if (event.key === 'Escape' && isPlaying.value) return take.stop()
  if (event.key !== ' ' || isTyping(event) || event.ctrlKey || event.altKey || event.metaKey) return
  if (!isPlaying.value) return
  event.preventDefault()
  if (!event.repeat) take.press()
}
function up(event: KeyboardEvent): void {
  if (event.key === ' ') take.release()
}
onMounted(() => {
  window.addEventListener('keydown', down)
  window.addEventListener('keyup', up)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', down)
  window.removeEventListener('keyup', up)
})
</script>

<template>
  <div v-if="failure" class="view" role="alert">
    <p>{{ failure }}</p>
    <el-button type="primary" @click="load">{{ words.app.again }}</el-button>
  </div>
  <div v-else-if="!sheet" class="view" role="status" :aria-label="words.app.loading">
    <el-skeleton :rows="8" animated />
  </div>
  <main v-else class="rehearse">
    <header>
      <el-button tag="router-link" text :to="{ name: 'sheet', params: { id } }"
        ><ArrowLeft :size="18" aria-hidden="true" />{{ words.floor.toSheet }}</el-button
      >
      <h1>{{ say.of(sheet.routine.title) }}</h1>
    </header>
    <el-empty v-if="passes.length === 0" :description="say.empty" />
    <template v-else>
      <div class="setup">
        <Labelled :label="say.passage"
          ><el-select v-model="passage" :disabled="isPlaying"
            ><el-option :value="-1" :label="say.whole" /><el-option
              v-for="(pass, i) in passes"
              :key="pass.key"
              :value="i"
              :label="words.format.passName(pass)" /></el-select
        ></Labelled>
        <Labelled :label="words.tunes.speed"
          ><el-select v-model="speed" :disabled="isPlaying"
            ><el-option
              v-for="n in SPEEDS"
              :key="n"
              :value="n"
              :label="words.tunes.percent(n)" /></el-select
        ></Labelled>
        <Labelled :label="say.who"
          ><el-select v-model="speaker" :disabled="isPlaying"
            ><el-option
              v-for="(label, key) in say.speakers"
              :key="key"
              :value="key"
              :label="label" /></el-select
        ></Labelled>
        <Labelled :label="say.hall"
          ><el-select v-model="floorIs.hearing"
            ><el-option
              v-for="one in HEARING"
              :key="one.value"
              :value="one.value"
              :label="one.label" /></el-select
        ></Labelled>
        <Labelled :label="say.known"
          ><el-select v-model="floorIs.before"
            ><el-option
              v-for="one in BEFORE"
              :key="one.value"
              :value="one.value"
              :label="one.label" /></el-select
        ></Labelled>
        <Labelled :label="say.dancers"
          ><el-input-number v-model="floorIs.dancers" :min="1" :max="64"
        /></Labelled>
        <el-checkbox v-model="clicks" :disabled="isPlaying">{{ words.tunes.clicks }}</el-checkbox>
      </div>
      <div class="run">
        <el-button
          v-if="!isPlaying"
          type="primary"
          size="large"
          :disabled="take.isBusy()"
          @click="begin()"
          >{{ say.start }}</el-button
        >
        <el-button v-else type="primary" size="large" @click="take.stop">{{ say.stop }}</el-button>
        <el-button
          v-if="isPlaying && speaker === 'key'"
          class="hold"
          size="large"
          @pointerdown.prevent="take.press"
          @pointerup="take.release"
          @pointercancel="take.release"
          >{{ openSince === null ? say.hold : say.speaking }}</el-button
        >
        <span class="soft">{{ speaker === 'key' ? say.holdHint : say.listenHint }}</span>
      </div>
      <p v-if="take.working.value" role="status">
        {{ take.working.value }}
        <el-button @click="take.cancel">{{ words.cues.hear.cancel }}</el-button>
      </p>
      <p v-if="take.failure.value" class="wrong" role="alert">{{ take.failure.value }}</p>
      <section v-if="isPlaying" class="live" :aria-label="say.live">
        <p class="dancing">{{ dancing || say.before0 }}</p>
        <CueRibbon
          :utterances="utterances"
          :scores="score.cues"
          :now="now"
          :speaking="openSince !== null"
        />
        <FloorDancers :deeds="here" />
      </section>
      <TakeResult
        v-if="hasTake && played.floor && played.planned"
        :score="score"
        :floor="played.floor"
        :planned-floor="played.planned"
        @again="again"
      />
      <p v-else-if="!isPlaying" class="soft">
        {{ take.hasBegun.value ? say.tooSoon : say.about }}
      </p>
      <p class="soft">{{ words.lectern.loud }}</p>
      <WalkThrough v-if="!isPlaying" :sheet="sheet" />
    </template>
  </main>
</template>

<style scoped>
.rehearse {
  display: grid;
  gap: 0.8rem;
  max-width: 1100px;
  margin: 0 auto;
  padding: 8px 16px 24px;
}
.rehearse > * {
  margin: 0;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
}
header :deep(svg) {
  margin-right: 6px;
}
h1 {
  font-size: 1.5rem;
}
.setup {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10.5rem, 1fr));
  gap: 0.5rem 0.9rem;
  align-items: end;
}
.run {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.8rem;
}
.hold {
  min-width: 15rem;
  min-height: 64px;
  touch-action: none;
}
.live {
  display: grid;
  gap: 0.6rem;
  padding: 0.8rem 1rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 8px;
}
.live > * {
  margin: 0;
}
.dancing {
  color: var(--ink-soft);
  font-size: 1.2rem;
}
.wrong {
  color: var(--wrong);
}
</style>
