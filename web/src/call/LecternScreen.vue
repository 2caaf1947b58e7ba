<script setup lang="ts">
import { approachAt } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import type { LecternVoice } from '../sound/lecternVoice.ts'
import type { Player } from '../sound/player.ts'
import { useLastTime } from '../app/lastTime.ts'
import { provideSpoken } from '../page/spokenLanguage.ts'
import { words } from '../words/index.ts'
import DelayDialog from './DelayDialog.vue'
import { useFlash } from './flash.ts'
import { useHallLink } from './hallLink.ts'
import type { Lectern } from './lectern.ts'
import LecternAsk from './LecternAsk.vue'
import LecternBand from './LecternBand.vue'
import LecternCue from './LecternCue.vue'
import LecternFoot from './LecternFoot.vue'
import LecternKeys from './LecternKeys.vue'
import { signalsOf } from './lecternKeys.ts'
import LecternLost from './LecternLost.vue'
import LecternRow from './LecternRow.vue'
import LecternScreens from './LecternScreens.vue'
import LecternSound from './LecternSound.vue'
import LecternStandby from './LecternStandby.vue'
import LecternWaits from './LecternWaits.vue'
import type { LecternStage } from './commands.ts'
import { useLecternCommands } from './useLecternCommands.ts'
import { useLecternTexts } from './lecternTexts.ts'
import { useLooks } from './looks.ts'
import { useSoundDesk } from './soundDesk.ts'
import { useAwakeScreen } from './wakeLock.ts'

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
  /** What comes next in the evening that is being called. */
  nextItem: string | null
}>()
const emit = defineEmits<{
  delay: [seconds: number]
  music: [from: 'recording' | 'elsewhere']
  fresh: []
  nextItem: []
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
  waitingCue,
  coming,
  loop,
} = props.lectern
const wakeLock = useAwakeScreen()
const looks = useLooks()
const dialogs = { delay: ref(false), keys: ref(false), sound: ref(false), screens: ref(false) }
const { delay: delayShown, keys: keysShown, sound: soundShown, screens: screensShown } = dialogs
const approach = ref<HTMLElement | null>(null)
const { flash, say } = useFlash()
let frame = 0

/** One look at the clock a frame; only what has changed is drawn. */
function loopFrames(): void {
  props.lectern.draw()
  if (approach.value)
    approach.value.style.transform = `scaleX(${approachAt(prepared.value, position.value)})`
  frame = requestAnimationFrame(loopFrames)
}

const desk = useSoundDesk(props.lectern, () => props.player, props.manual, {
  slept: (seconds) => say(words.lectern.slept(Math.round(seconds))),
  unsure: (seconds) => say(words.lectern.clockSet(Math.round(seconds))),
})
const { volume, balance, asleep } = desk
function press(): void {
  void wakeLock.keep()
  void desk.press()
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
  programme: {
    hasNext: () => props.nextItem !== null,
    goOn: () => emit('nextItem'),
  },
}
const isOpen = (): boolean => Object.values(dialogs).some(({ value }) => value)
const commands = useLecternCommands(stage, isOpen)

/** The key that goes on through the programme, as it is taught. */
const nextKey = computed(() =>
  words.lectern.signal(signalsOf(commands.signals.value, 'next-item')[0] ?? ''),
)

const link = useHallLink(props.lectern, commands.run, (text) => say(text))

/**
 * What was pressed with a finger or the mouse does not keep the space bar from being the one key.
 */
function unfocus(event: MouseEvent): void {
  if (event.detail > 0 && event.target instanceof HTMLElement)
    event.target.closest('button')?.blur()
}

onMounted(loopFrames)
onBeforeUnmount(() => cancelAnimationFrame(frame))

const {
  moving,
  waits,
  waitingName,
  mainText,
  over,
  part,
  nextPass,
  stance,
  bpm,
  secondsLeft,
  dancingName,
  comingText,
  big,
  started,
} = useLecternTexts(props.lectern, props.sheet)
const soundNote = computed(() =>
  props.lectern.isElsewhere
    ? ''
    : { sound: '', none: words.lectern.noSound, failed: words.lectern.soundFailed }[props.sound],
)
const lastTime = useLastTime(props.sheetId)
/** How things stand, at the foot; before it begins, what went wrong last time. */
const notes = computed(() =>
  [
    ...(call.value.state === 'waiting' ? lastTime.value.slice(1) : []),
    props.kept ? words.lectern.ready : words.lectern.notKept,
    words.lectern.speedText(Math.round(call.value.speed * 100)),
    loop.value ? words.lectern.looping : '',
    soundNote.value,
    wakeLock.possible.value ? '' : words.lectern.asleep,
  ].filter(Boolean),
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
/** The language that is said, whatever the screen's is. */
const language = computed(() => prepared.value.sheet.routine.language)
provideSpoken(language)
const spoken = computed(() => prepared.value.cues.map(({ text }) => text))
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
      <h1 class="unseen">{{ sheet.routine.title }}</h1>
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
      :next-item="nextItem"
      :next-key="nextKey"
      :scale="looks.scale.value"
      @next="commands.run('next-item')"
    />
    <div v-show="!lost && !asked && !waits" class="approach" aria-hidden="true">
      <span ref="approach" :class="{ speak: moment.speak }" />
    </div>
    <LecternBand
      v-if="lectern.isElsewhere"
      :lectern="lectern"
      :commands="commands"
      :started="started"
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
          <span class="count">{{ words.lectern.bar(cue.bar) }}</span><span :lang="language">{{
            cue.text
          }}</span>
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
    <LecternFoot
      v-model:volume="volume"
      :lectern="lectern"
      :commands="commands"
      :main-text="mainText"
      :can-play="canPlay"
      :notes="notes"
      :sheet="{ id: sheetId, title: sheet.routine.title }"
      :call-id="callId"
      @press="press"
      @music="emit('music', $event)"
    />
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
      :texts="spoken"
      @fade="desk.fade()"
    />
    <LecternScreens v-if="screensShown" v-model="screensShown" @on="link" />
  </div>
</template>

<style scoped src="./controls.css"></style>
<style scoped src="./lectern.css"></style>
