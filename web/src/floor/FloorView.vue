<script setup lang="ts">
import {
  advancedAt,
  DANCED_STRIDE,
  farthestOf,
  floorAt,
  goesByStepsAlone,
  track as trackOf,
  trailOf,
  usualPlaces,
  walkOf,
} from '@dellop/core/floor'
import { deedText } from '@dellop/core/move'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { ArrowLeft, Pause, Play, SkipBack, SkipForward } from '@lucide/vue'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDerivedSheet } from '../app/derivedSheet.ts'
import FloorPicture, { type SeenBy } from '../beats/FloorPicture.vue'
import { rolesTold } from '../page/roles.ts'
import Labelled from '../ui/Labelled.vue'
import { usePhone } from '../ui/narrow.ts'
import { words } from '../words/index.ts'
import { useFloorPlayer } from './floorPlayer.ts'
import HallRoom from './HallRoom.vue'
import TimesThrough from '../beats/TimesThrough.vue'

/** Who stands where, at any beat of a dance: played, moved through, and told in words beside it. */
const say = words.floor
const route = useRoute()
const id = String(route.params['id'])
const phone = usePhone()
const { sheet, failure, load } = useDerivedSheet(id, say.of)

/** Couples, lines and rings are seen as they usually stand, where the sheet does not say how. */
const track = computed(() => {
  if (!sheet.value) return null
  if (sheet.value.track) return sheet.value.track
  const places = usualPlaces(sheet.value.routine)
  return places && trackOf(sheet.value.timeline, places)
})
const isWalked = computed(() => track.value !== null && goesByStepsAlone(track.value))
/** A line dance travels over the floor: so much is shown round it. */
const margin = computed(() =>
  isWalked.value && sheet.value && track.value?.places.shape === 'lines'
    ? 115 + DANCED_STRIDE * farthestOf(walkOf(sheet.value.timeline))
    : 115,
)
const advanced = computed(() =>
  sheet.value && isWalked.value ? advancedAt(walkOf(sheet.value.timeline), tick.value) : 0,
)
const slots = computed(() => sheet.value?.timeline.slots ?? [])
const length = computed(() => sheet.value?.timeline.lengthTicks ?? 0)
const seenBy = ref<SeenBy>('dancers')
const SEEN = (Object.keys(say.seen) as SeenBy[]).map((value) => ({
  value,
  label: say.seen[value],
}))
const followed = ref<number | null>(null)
const tick = ref(0)
const clicks = ref(true)

const picture = useTemplateRef<InstanceType<typeof FloorPicture>>('picture')
const moment = computed(() =>
  track.value && sheet.value ? floorAt(track.value, sheet.value.timeline, tick.value) : null,
)
watch([moment, picture], () => moment.value && picture.value?.draw(moment.value.spots), {
  flush: 'post',
})

const player = useFloorPlayer({
  tick,
  lengthTicks: length,
  bpm: computed(() => sheet.value?.routine.bpm ?? 112),
  beatsPerBar: computed(() => sheet.value?.routine.metre.beatsPerBar ?? 4),
  clicks,
})

const slot = computed(() => moment.value?.slot ?? null)
const nameOf = (index: number): string | null => {
  const one = slots.value[index]
  if (!one) return null
  return one.figure?.name ?? (one.slot.content.type === 'words' ? one.slot.content.text : null)
}
const here = computed(() => (slot.value ? slots.value.indexOf(slot.value) : -1))
const part = computed(
  () => sheet.value?.routine.parts.find(({ id: own }) => own === slot.value?.partId)?.label ?? '',
)
const lines = computed(() => (slot.value ? track.value!.slots.get(slot.value.key)!.lines : []))
const now = computed(() => (slot.value ? tick.value - slot.value.start : 0))
const outs = computed(
  () =>
    moment.value?.standing.dancers.filter(({ group }) => group === null).map((one) => one.id) ?? [],
)
const told = computed(() =>
  slot.value
    ? [nameOf(here.value), lines.value.map(deedText).join('; ')].filter(Boolean).join('. ')
    : tick.value <= 0
      ? say.atStart
      : say.atEnd,
)
const trail = computed(() =>
  followed.value !== null && slot.value && track.value && sheet.value
    ? trailOf(track.value, sheet.value.timeline, followed.value, slot.value.start, slot.value.end)
    : [],
)
/** To where a figure begins: the one before, or the next. */
function step(by: 1 | -1): void {
  const starts = slots.value.map(({ start }) => start)
  const next =
    by === 1
      ? starts.find((start) => start > tick.value + 1)
      : starts.findLast((start) => start < tick.value - TICKS_PER_BEAT)
  tick.value = next ?? (by === 1 ? length.value : 0)
}
function key(event: KeyboardEvent): void {
  if (event.target instanceof HTMLElement && event.target.closest('input, .el-slider, button, a'))
    return
  if (event.key === ' ') void player.toggle()
  else if (event.key === 'ArrowRight') step(1)
  else if (event.key === 'ArrowLeft') step(-1)
  else return
  event.preventDefault()
}
const roles = computed(() =>
  sheet.value ? rolesTold(sheet.value.routine, sheet.value.school) : { lead: '', follow: '' },
)
const has = (role: string): boolean =>
  track.value?.first.dancers.some((one) => one.role === role) ?? false
const countTold = (value: number): string => `${Math.floor(value / TICKS_PER_BEAT) + 1}`
</script>

<template>
  <div v-if="failure" class="view" role="alert">
    <p>{{ failure }}</p>
    <el-button type="primary" @click="load">{{ words.app.again }}</el-button>
  </div>
  <div v-else-if="!sheet" class="view" role="status" :aria-label="words.app.loading">
    <el-skeleton :rows="8" animated />
  </div>
  <main v-else class="floor-view" @keydown="key">
    <header>
      <el-button tag="router-link" text :to="{ name: 'sheet', params: { id } }"
        ><ArrowLeft :size="18" aria-hidden="true" />{{ say.toSheet }}</el-button
      >
      <h1>{{ say.of(sheet.routine.title) }}</h1>
    </header>
    <el-empty v-if="!track" :description="say.none.title">
      <p>{{ say.none.text }}</p>
      <el-button
        type="primary"
        tag="router-link"
        :to="{ name: 'sheet', params: { id }, query: { tab: 'about' } }"
        >{{ say.places }}</el-button
      >
    </el-empty>
    <div v-else class="both">
      <div class="shown">
        <div class="stage" tabindex="0">
          <FloorPicture
            ref="picture"
            :standing="moment!.standing"
            :seen-by="seenBy"
            :label="say.picture(told)"
            :trail="trail"
            :followed="followed"
            :margin="margin"
          />
        </div>
        <div class="transport">
          <el-tooltip :content="say.back"
            ><el-button :aria-label="say.back" @click="step(-1)"
              ><SkipBack :size="18" aria-hidden="true" /></el-button
          ></el-tooltip>
          <el-button type="primary" size="large" class="play" @click="player.toggle"
            ><component
              :is="player.isPlaying.value ? Pause : Play"
              :size="20"
              aria-hidden="true"
            />{{ player.isPlaying.value ? say.pause : say.play }}</el-button
          >
          <el-tooltip :content="say.on"
            ><el-button :aria-label="say.on" @click="step(1)"
              ><SkipForward :size="18" aria-hidden="true" /></el-button
          ></el-tooltip>
          <el-slider
            v-model="tick"
            class="scrub"
            :min="0"
            :max="length"
            :step="TICKS_PER_BEAT / 4"
            :aria-label="say.scrub"
            :format-tooltip="countTold"
          />
        </div>
        <p v-if="player.failure.value" class="wrong" role="alert">{{ say.noSound }}</p>
        <div class="choices">
          <Labelled :label="say.seenBy"
            ><el-segmented
              v-model="seenBy"
              :options="SEEN"
              :direction="phone ? 'vertical' : 'horizontal'"
          /></Labelled>
          <Labelled :label="say.trail"
            ><el-select
              :model-value="followed ?? -1"
              @change="followed = $event < 0 ? null : $event"
              ><el-option :value="-1" :label="say.noTrail" /><el-option
                v-for="(dancer, i) in track.first.dancers"
                :key="dancer.id"
                :value="i"
                :label="dancer.id" /></el-select
          ></Labelled>
          <el-checkbox v-model="clicks">{{ say.clicks }}</el-checkbox>
        </div>
      </div>
      <aside class="words" :aria-label="say.title">
        <section class="now">
          <template v-if="slot">
            <p class="where">
              {{
                say.moment(
                  part,
                  Math.floor(now / TICKS_PER_BEAT) + 1,
                  slot.lengthTicks / TICKS_PER_BEAT,
                )
              }}
            </p>
            <h2>{{ nameOf(here) }}</h2>
            <ul>
              <li
                v-for="(line, i) in lines"
                :key="i"
                :class="{ on: line.from <= now && now < line.to }"
              >
                {{ deedText(line) }}
              </li>
            </ul>
            <p v-if="moment!.standing.isOpen && !isWalked" class="soft">{{ say.isOpen }}</p>
            <p v-if="nameOf(here + 1)" class="soft">{{ say.nextFigure(nameOf(here + 1)!) }}</p>
          </template>
          <p v-else>{{ told }}</p>
          <p v-if="outs.length > 0">{{ say.out(outs) }}</p>
        </section>
        <p class="legend soft">
          <span v-if="has('L')">{{ say.legend.lead(roles.lead) }}; </span>
          <span v-if="has('F')">{{ say.legend.follow(roles.follow) }}; </span>
          <span v-if="has('S')">{{ say.legend.second }}; </span>
          <span v-if="has('D')">{{ say.legend.alone }}; </span>
          {{ say.legend.more }}
        </p>
        <TimesThrough v-if="!isWalked" :track="track" :timeline="sheet.timeline" />
        <HallRoom :places="track.places" :timeline="sheet.timeline" :advanced="advanced" />
      </aside>
    </div>
  </main>
</template>

<style scoped src="./floorView.css"></style>
