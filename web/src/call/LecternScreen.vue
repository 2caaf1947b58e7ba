<script setup lang="ts">
import { approachAt, isMoving } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { bpmAt, TICKS_PER_BEAT, type Tick, type TickPosition } from '@dellop/core/time'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { wakeAudio } from '../sound/audioContext.ts'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'
import DelayDialog from './DelayDialog.vue'
import type { Lectern } from './lectern.ts'
import LecternCue from './LecternCue.vue'
import { lecternKey, type LecternKey } from './lecternKeys.ts'
import LecternLost from './LecternLost.vue'
import LecternRow from './LecternRow.vue'
import { useWakeLock } from './wakeLock.ts'

const props = defineProps<{ lectern: Lectern; sheet: Sheet; sheetId: string; kept: boolean; sound: 'sound' | 'none' | 'failed'; manual: boolean; delaySeconds: number; volumeOf: ((volume: number) => void) | null }>()
const emit = defineEmits<{ delay: [seconds: number] }>()

const { call, moment, position, prepared, counting, lost, coming } = props.lectern
const wakeLock = useWakeLock()
const delayShown = ref(false)
const approach = ref<HTMLElement | null>(null)
const volume = ref(90)
let frame = 0

/** One look at the clock a frame; only what has changed is drawn. */
function loop(): void {
  props.lectern.draw()
  if (approach.value) approach.value.style.transform = `scaleX(${approachAt(prepared.value, position.value)})`
  frame = requestAnimationFrame(loop)
}

const ACTIONS: Readonly<Record<LecternKey, () => void>> = {
  main: () => void press(),
  part: () => props.lectern.back('passes'),
  'phrase-before': () => props.lectern.back('phrases'),
  'phrase-after': () => props.lectern.forth(),
  slower: () => props.lectern.slower(),
  faster: () => props.lectern.faster(),
  whole: () => void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen().catch(() => undefined)),
  delay: () => (delayShown.value = true),
  lost: () => props.lectern.lose(),
  'carry-on': () => props.lectern.carryOn(),
  'take-back': () => props.lectern.takeBack(),
  first: () => props.lectern.rejoin(0),
  second: () => props.lectern.rejoin(1),
  third: () => props.lectern.rejoin(2),
}

async function press(): Promise<void> {
  // The one key takes the first way back in.
  if (lost.value) return lost.value.length > 0 ? props.lectern.rejoin(0) : props.lectern.carryOn()
  if (!props.manual) await wakeAudio()
  void wakeLock.keep()
  props.lectern.key()
}

function onKey(event: KeyboardEvent): void {
  const key = delayShown.value ? null : lecternKey(event)
  if (!key) return
  event.preventDefault()
  ACTIONS[key]()
}
onMounted(() => {
  window.addEventListener('keydown', onKey)
  loop()
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey)
  cancelAnimationFrame(frame)
})

const moving = computed(() => isMoving(call.value))
const mainText = computed(() =>
  lost.value
    ? lost.value.length > 0
      ? words.lectern.takeFirst
      : words.lectern.carryOn
    : moving.value
      ? words.lectern.pause
      : call.value.state === 'paused'
        ? words.lectern.goOn
        : call.value.state === 'ended'
          ? words.lectern.again
          : words.lectern.start,
)
const over = computed(() => call.value.state === 'ended' || moment.value.beatsLeft === 0)
const passName = computed(() => {
  const { pass } = moment.value
  if (pass) return pass.ordinals === 1 ? pass.part.label : `${pass.part.label}, ${words.format.ordinal(pass.ordinal, pass.ordinals)}`
  return position.value < 0 ? words.lectern.intro : words.lectern.after
})
const stance = computed(() => {
  const state = moment.value.dancing?.before ?? props.sheet.routine.start
  return words.lectern.facing(facingWords(props.sheet.routine, state.lead.facing), words.hold(state.hold))
})
const bpm = computed(() => Math.round(bpmAt(props.sheet.beatMap, (props.sheet.firstStep + Math.max(0, position.value)) as TickPosition) * call.value.speed))
const secondsLeft = computed(() => Math.max(0, (props.sheet.clock.heardAt(props.sheet.timeline.lengthTicks) - props.sheet.clock.heardAt(Math.max(0, Math.floor(position.value)) as Tick)) / call.value.speed))
const dancingName = computed(() => {
  const { dancing } = moment.value
  return dancing ? words.format.slotName(dancing.slot.content, dancing.figure?.name ?? null) : ''
})
const comingName = computed(() => (coming.value ? words.format.slotName(coming.value.slot.slot.content, coming.value.slot.figure?.name ?? null) : ''))
const big = computed(() => counting.value?.text ?? (moment.value.count || '·'))
const keys: readonly (keyof typeof words.lectern.keys)[] = ['space', 'lost', 'part', 'phrase', 'speed', 'whole', 'delay']
const readiness = computed(() => (props.kept ? words.lectern.ready : words.lectern.notKept))
const soundNote = computed(() => ({ sound: '', none: words.lectern.noSound, failed: words.lectern.soundFailed })[props.sound])
</script>

<template>
  <div class="lectern" :data-state="call.state" :data-cue="moment.cue?.key ?? ''" :data-speak="moment.speak">
    <header class="top">
      <span class="pass">{{ passName }}</span>
      <span class="what">{{ sheet.routine.title }}</span>
      <span class="what">{{ stance }}</span>
      <span class="numbers count">
        <template v-if="moment.bar !== null">{{ words.lectern.barOf(moment.bar, moment.bars!) }} · </template>{{ words.lectern.left(words.format.clock(secondsLeft)) }} · {{ words.lectern.tempo(bpm) }}
      </span>
    </header>
    <LecternLost v-if="lost" :offers="lost" :position="position" @take="lectern.rejoin($event)" @carry-on="lectern.carryOn()" />
    <LecternCue v-else :cue="moment.cue" :speak="moment.speak" :late="moment.late" :beats-to-go="moment.beatsToGo" :over="over" />
    <div v-show="!lost" class="approach" aria-hidden="true"><span ref="approach" :class="{ speak: moment.speak }" /></div>
    <div class="middle">
      <div class="now">
        <p class="big count" :class="{ word: big.length > 2 }" :aria-label="counting ? words.lectern.countIn : undefined">
          {{ big }}<small v-if="!counting"> {{ words.lectern.ofBeats(sheet.routine.metre.beatsPerBar) }}</small>
        </p>
        <p class="dancing">{{ coming ? words.lectern.coming(comingName, Math.max(0, Math.ceil((coming.slot.start - position) / TICKS_PER_BEAT)), coming.link?.name ?? null) : dancingName }}</p>
      </div>
      <ol v-if="!lost" class="next" :aria-label="words.lectern.next">
        <li v-for="cue in moment.upcoming" :key="cue.key">
          <span class="count">{{ words.lectern.bar(cue.bar) }}</span><span>{{ cue.text }}</span>
        </li>
      </ol>
    </div>
    <LecternRow :prepared="prepared" :position="position" :current-cue="lost ? null : (moment.cue?.key ?? null)" />
    <footer class="foot">
      <button class="main-key own-key" @click="press">{{ mainText }}</button>
      <ul class="keys">
        <li v-for="key in keys" :key="key">
          <kbd class="count">{{ words.lectern.keyNames[key] }}</kbd>{{ words.lectern.keys[key] }}
        </li>
      </ul>
      <label class="volume own-key">{{ words.lectern.volume }} <input v-model.number="volume" type="range" min="0" max="100" @input="volumeOf?.(volume / 100)" /></label>
      <RouterLink class="leave own-key" :to="{ name: 'sheet', params: { id: sheetId } }">{{ words.lectern.leave }}</RouterLink>
      <p class="status" role="status">
        {{ readiness }} · {{ words.lectern.speedText(Math.round(call.speed * 100)) }}<template v-if="soundNote"> · {{ soundNote }}</template
        ><template v-if="!wakeLock.possible"> · {{ words.lectern.asleep }}</template>
      </p>
    </footer>
    <DelayDialog v-model="delayShown" :delay-seconds="delaySeconds" @set="emit('delay', $event)" />
  </div>
</template>

<style scoped src="./lectern.css"></style>
