<script setup lang="ts">
import { Volume2 } from '@lucide/vue'
import { browserTimers } from '../app/timers.ts'
import { approachAt, isMoving } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { toldBpm } from '@dellop/core/tune'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import type { LecternVoice } from '../sound/lecternVoice.ts'
import type { Player } from '../sound/player.ts'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'
import DelayDialog from './DelayDialog.vue'
import { useDevices } from './devices.ts'
import { linkToHall } from './hallLink.ts'
import type { Lectern } from './lectern.ts'
import LecternAsk from './LecternAsk.vue'
import LecternBand from './LecternBand.vue'
import LecternCue from './LecternCue.vue'
import LecternKeys from './LecternKeys.vue'
import LecternLost from './LecternLost.vue'
import LecternRow from './LecternRow.vue'
import LecternScreens from './LecternScreens.vue'
import LecternSound from './LecternSound.vue'
import LecternStandby from './LecternStandby.vue'
import LecternWaits from './LecternWaits.vue'
import type { LecternKey, LecternStage } from './commands.ts'
import { useLecternCommands } from './useLecternCommands.ts'
import { useLooks } from './looks.ts'
import { signalsOf } from './lecternKeys.ts'
import { useSoundDesk } from './soundDesk.ts'
import { useWakeLock } from './wakeLock.ts'
import { linkName } from './wayWords.ts'

const props = defineProps<{
  lectern: Lectern
  sheet: Sheet
  sheetId: string
  kept: boolean
  sound: 'sound' | 'none' | 'failed'
  manual: boolean
  delaySeconds: number
  player: Player | null
  voice: LecternVoice
  canPlay: boolean
  callId: () => string | null
  note: string
}>()
const emit = defineEmits<{
  delay: [seconds: number]
  music: [from: 'recording' | 'elsewhere']
  fresh: []
}>()
const speaks = defineModel<boolean>('speaks', { required: true })

const {
  call,
  moment,
  position,
  prepared,
  counting,
  lost,
  standby,
  asked,
  told,
  waiting,
  waitingCue,
  coming,
  loop,
  tapUnit,
  tapped,
  nextLandmark,
} = props.lectern
const devices = useDevices()
const wakeLock = useWakeLock()
const looks = useLooks()
const dialogs = { delay: ref(false), keys: ref(false), sound: ref(false), screens: ref(false) }
const { delay: delayShown, keys: keysShown, sound: soundShown, screens: screensShown } = dialogs
const approach = ref<HTMLElement | null>(null)
const flash = ref('')
let frame = 0

/** One look at the clock a frame; only what has changed is drawn. */
function loopFrames(): void {
  props.lectern.draw()
  if (approach.value)
    approach.value.style.transform = `scaleX(${approachAt(prepared.value, position.value)})`
  frame = requestAnimationFrame(loopFrames)
}

const desk = useSoundDesk(
  props.lectern,
  () => props.player,
  props.manual,
  (seconds) => say(words.lectern.slept(Math.round(seconds))),
)
const { volume, balance, asleep } = desk
function press(): void {
  void wakeLock.keep()
  void desk.press()
}
function say(text: string, seconds = 8): void {
  flash.value = text
  browserTimers.after(seconds * 1000, () => {
    if (flash.value === text) flash.value = ''
  })
}
const stage: LecternStage = {
  lectern: props.lectern,
  press,
  fade: desk.fade,
  looks,
  say: () => say(words.lectern.marked, 2.5),
  open: (dialog) => (dialogs[dialog].value = true),
  toggleWholeScreen: () =>
    void (document.fullscreenElement
      ? document.exitFullscreen()
      : document.documentElement.requestFullscreen().catch(() => undefined)),
}
const isOpen = (): boolean => Object.values(dialogs).some(({ value }) => value)
const commands = useLecternCommands(stage, isOpen)

/** Second screens are told only while they are switched on. */
const unlink = shallowRef<(() => void) | null>(null)
function link(isOn: boolean): void {
  if (isOn === (unlink.value !== null)) return
  unlink.value?.()
  unlink.value = isOn ? linkToHall(props.lectern, commands.run) : null
  devices.screensAreFed = isOn
}

/**
 * What was pressed with a finger or the mouse does not keep the space bar from being the one key.
 */
function unfocus(event: MouseEvent): void {
  if (event.detail > 0 && event.target instanceof HTMLElement)
    event.target.closest('button')?.blur()
}

onMounted(() => {
  loopFrames()
  // Screens that were let in before this page was opened anew are told again.
  void api('hall').then(
    ({ address }) => link(address !== null),
    () => undefined,
  )
})
onBeforeUnmount(() => {
  cancelAnimationFrame(frame)
  link(false)
})

const moving = computed(() => isMoving(call.value))
const waits = computed(
  () =>
    call.value.state === 'holding' || call.value.state === 'free-time' || waitingCue.value !== null,
)
const waitingName = computed(
  () =>
    waitingCue.value?.text ??
    (waiting.value
      ? words.format.slotName(waiting.value.slot.content, waiting.value.figure?.name ?? null)
      : ''),
)
const mainText = computed(() => {
  if (lost.value) return lost.value.length > 0 ? words.lectern.takeFirst : words.lectern.carryOn
  if (asked.value) return words.lectern.takeFirst
  if (waits.value) return waitingCue.value ? words.lectern.byHandKey : words.lectern.letGoKey
  if (moving.value) return words.lectern.pause
  return (
    { paused: words.lectern.goOn, ended: words.lectern.again }[call.value.state as string] ??
    words.lectern.start
  )
})
const over = computed(() => call.value.state === 'ended' || moment.value.beatsLeft === 0)
const part = computed(() => {
  const { pass } = moment.value
  if (pass) return words.format.passName(pass)
  return position.value < 0 ? words.lectern.intro : words.lectern.after
})
const nextPass = computed(() => {
  const { passes } = prepared.value.sheet.timeline
  const next =
    passes[
      moment.value.pass
        ? passes.indexOf(moment.value.pass) + 1
        : position.value < 0
          ? 0
          : passes.length
    ]
  if (!next) return ''
  const shift = moment.value.pass?.pass.shift
  return [
    next.ordinals > 1 && next.ordinal === next.ordinals
      ? words.lectern.lastNext(next.part.label)
      : words.lectern.nextPass(words.format.passName(next)),
    shift ? words.lectern.shiftNext(shift.lead, shift.follow) : '',
  ]
    .filter(Boolean)
    .join(' · ')
})
const stance = computed(() => {
  const state = moment.value.dancing?.before ?? props.sheet.routine.start
  return words.lectern.facing(
    facingWords(props.sheet.routine, state.lead.facing),
    words.hold(state.hold),
  )
})
const bpm = computed(() =>
  Math.round(
    toldBpm(props.sheet.beatMap, props.sheet.firstStep + Math.max(0, position.value)) *
      call.value.speed,
  ),
)
const secondsLeft = computed(() =>
  Math.max(
    0,
    (props.sheet.clock.heardAt(prepared.value.sheet.timeline.lengthTicks) -
      props.sheet.clock.heardAt(Math.max(0, Math.floor(position.value)) as Tick)) /
      call.value.speed,
  ),
)
const dancingName = computed(() => {
  const { dancing } = moment.value
  return dancing ? words.format.slotName(dancing.slot.content, dancing.figure?.name ?? null) : ''
})
const comingText = computed(() => {
  if (!coming.value) return ''
  const { slot, at, link: between } = coming.value
  return words.lectern.coming(
    words.format.slotName(slot.slot.content, slot.figure?.name ?? null),
    Math.max(0, Math.ceil((at - position.value) / TICKS_PER_BEAT)),
    between && linkName(between),
  )
})
const big = computed(() => counting.value?.text ?? (moment.value.count || '·'))
const FOOT_KEYS: readonly LecternKey[] = [
  'lost',
  'hold',
  'other',
  'one-more',
  'skip',
  'mark',
  'take-back',
  'keys',
]
const keyName = (command: LecternKey): string =>
  words.lectern.signal(signalsOf(commands.signals.value, command)[0] ?? '')
const readiness = computed(() => (props.kept ? words.lectern.ready : words.lectern.notKept))
const soundNote = computed(() =>
  props.lectern.isElsewhere
    ? ''
    : { sound: '', none: words.lectern.noSound, failed: words.lectern.soundFailed }[props.sound],
)
const line = computed(
  () =>
    (asleep.value ? words.lectern.stood : '') ||
    flash.value ||
    commands.holding.value ||
    (told.value
      ? words.lectern.told(told.value.turn, told.value.dropped, told.value.repeated)
      : '') ||
    props.note,
)
/** The ways back in stand where nothing else has to be said. */
const standsBy = computed(
  () =>
    standby.value.length > 0 &&
    moving.value &&
    line.value === '' &&
    looks.layout.value === 'full' &&
    !lost.value &&
    !asked.value &&
    !waits.value,
)
const texts = computed(() => prepared.value.cues.map(({ text }) => text))
const started = computed(() => call.value.state !== 'waiting')
</script>

<template>
  <div
    class="lectern"
    :class="[looks.layout.value, `show-${looks.parts.value}`]"
    :data-state="call.state"
    :data-cue="moment.cue?.key ?? ''"
    :data-speak="moment.speak"
    @click="unfocus"
  >
    <header class="top">
      <span class="pass">{{ part }}</span>
      <span v-if="nextPass" class="after">{{ nextPass }}</span>
      <span class="what">{{ stance }}</span>
      <span class="numbers count">
        <template v-if="moment.bar !== null"
          >{{ words.lectern.barOf(moment.bar, moment.bars!) }} · </template
        >{{ words.lectern.left(words.format.clock(secondsLeft)) }} · {{ words.lectern.tempo(bpm) }}
      </span>
    </header>
    <LecternLost
      v-if="lost"
      :offers="lost"
      :position="position"
      :written="prepared.written"
      @take="lectern.obey({ do: 'rejoin', index: $event })"
      @carry-on="commands.run('carry-on')"
    />
    <LecternAsk
      v-else-if="asked"
      :asked="asked"
      @answer="lectern.obey({ do: 'answer', index: $event })"
      @close="commands.run('carry-on')"
    />
    <LecternWaits
      v-else-if="waits"
      :waiting="call.state === 'holding' ? null : waitingName"
      :by-hand="waitingCue !== null"
      @go="press"
      @carry-on="commands.run('carry-on')"
    />
    <LecternCue
      v-else
      :cue="moment.cue"
      :speak="moment.speak"
      :late="moment.late"
      :beats-to-go="moment.beatsToGo"
      :over="over"
      :scale="looks.scale.value"
    />
    <div v-show="!lost && !asked && !waits" class="approach" aria-hidden="true">
      <span ref="approach" :class="{ speak: moment.speak }" />
    </div>
    <LecternBand
      v-if="lectern.isElsewhere"
      :unit="tapUnit"
      :tapped="tapped"
      :landmark="nextLandmark"
      :started="started"
      @unit="tapUnit = $event"
      @tap="commands.run('tap')"
      @landmark="commands.run('landmark')"
      @nudge="lectern.obey({ do: 'nudge', beats: $event })"
    />
    <div class="middle">
      <div class="now">
        <p
          class="big count"
          :class="{ word: big.length > 2 }"
          :aria-label="counting ? words.lectern.countIn : undefined"
        >
          {{ big
          }}<small v-if="!counting && moment.count && sheet.school.count.ones === 'plain'">
            {{ words.lectern.ofBeats(moment.countOf) }}</small
          >
        </p>
        <p class="dancing" :class="{ coming }">{{ comingText || dancingName }}</p>
      </div>
      <ol v-if="!lost" class="next" :aria-label="words.lectern.next">
        <li v-for="cue in moment.upcoming" :key="cue.key">
          <span class="count">{{ words.lectern.bar(cue.bar) }}</span><span>{{ cue.text }}</span>
        </li>
      </ol>
    </div>
    <LecternRow
      :prepared="prepared"
      :position="position"
      :current-cue="lost ? null : (moment.cue?.key ?? null)"
      :can-go="!moving"
      @go="lectern.seek($event)"
    />
    <LecternStandby
      v-if="standsBy"
      :offers="standby"
      :written="prepared.written"
      @take="lectern.obey({ do: 'rejoin', index: $event })"
    />
    <p
      v-show="!standsBy && !lost"
      class="line"
      :class="{ telling: line !== '' }"
      role="status"
      data-testid="told"
    >
      {{ line }}
      <button v-if="note && !moving" class="key fresh own-key" @click="emit('fresh')">
        {{ words.lectern.fresh }}
      </button>
    </p>
    <footer class="foot">
      <button class="main-key own-key" @click="press">
        {{ mainText }} <kbd class="count" aria-hidden="true">{{ keyName('main') }}</kbd>
      </button>
      <ul class="keys">
        <li v-for="command in FOOT_KEYS" :key="command">
          <button class="key own-key" @click="commands.run(command)">
            <kbd class="count">{{ keyName(command) }}</kbd>{{
              words.lectern.short[command as keyof typeof words.lectern.short]
            }}
          </button>
        </li>
      </ul>
      <el-select
        v-if="canPlay && !started"
        class="own-key from"
        :aria-label="words.lectern.from"
        :model-value="lectern.isElsewhere ? 'elsewhere' : 'recording'"
        @change="emit('music', $event as 'recording' | 'elsewhere')"
        ><el-option
          v-for="(label, id) in words.lectern.fromWhat"
          :key="id"
          :value="id"
          :label="label"
      /></el-select>
      <div v-if="!lectern.isElsewhere" class="volume own-key">
        <Volume2 :size="20" aria-hidden="true" />
        <el-slider
          v-model="volume"
          :min="0"
          :max="100"
          :show-tooltip="false"
          :aria-label="words.lectern.volume"
        />
      </div>
      <RouterLink
        v-if="call.state === 'ended' && callId()"
        class="leave own-key"
        :to="{ name: 'call', params: { id: callId()! } }"
        >{{ words.lectern.afterwards }}</RouterLink
      >
      <RouterLink class="leave own-key" :to="{ name: 'sheet', params: { id: sheetId } }"
        >{{ words.lectern.leave }}: {{ sheet.routine.title }}</RouterLink
      >
      <p class="status" role="status">
        {{ readiness }} · {{ words.lectern.speedText(Math.round(call.speed * 100))
        }}<template v-if="loop"> · {{ words.lectern.looping }}</template
        ><template v-if="soundNote"> · {{ soundNote }}</template
        ><template v-if="!wakeLock.possible"> · {{ words.lectern.asleep }}</template>
      </p>
    </footer>
    <DelayDialog v-model="delayShown" :delay-seconds="delaySeconds" @set="emit('delay', $event)" />
    <LecternKeys
      v-if="keysShown"
      v-model="keysShown"
      :signals="commands.signals.value"
      @teach="commands.teach"
      @forget="commands.forget"
    />
    <LecternSound
      v-if="soundShown"
      v-model="soundShown"
      v-model:speaks="speaks"
      v-model:balance="balance"
      v-model:volume="volume"
      :player="player"
      :voice="voice"
      :texts="texts"
      @fade="desk.fade()"
    />
    <LecternScreens v-if="screensShown" v-model="screensShown" @on="link" />
  </div>
</template>

<style scoped src="./controls.css"></style>
<style scoped src="./lectern.css"></style>
