<script setup lang="ts">
import { calledAs, calledId, isMoving, type FreePhrase } from '@dellop/core/call'
import type { DancedFigure } from '@dellop/core/figure'
import { countLabel, phraseAt, TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import type { FreeCall } from './free.ts'
import type { FreeSetup } from './freeSetup.ts'

/** The face of a call without a sheet: what is said next, what may be called, the ways home. */
const props = defineProps<{ free: FreeCall; setup: FreeSetup }>()
defineEmits<{ sheet: [] }>()
const { call, coming, dancing, offers, place, position, surprise, taken, typed, ways } = props.free

const phrase = computed(() => phraseAt(props.setup.phrases, position.value))
const count = computed(() => {
  const whole = (Math.floor(position.value / TICKS_PER_BEAT) * TICKS_PER_BEAT) as Tick
  return (
    countLabel(
      {
        beatsPerGroup: props.setup.metre.beatsPerBar,
        ones: 'plain',
        countFrom: 1,
        division: props.setup.metre.division,
      },
      whole,
    )?.text ?? '·'
  )
})
/** A whole figure by its name, part of one as it is called. */
const nameOf = (danced: DancedFigure): string =>
  calledId(danced) === danced.figure.id ? danced.figure.name : calledAs(danced)
const beats = (ticks: number): number => Math.max(0, Math.ceil(ticks / TICKS_PER_BEAT))
const next = computed(() => coming.value[0] ?? null)
const moving = computed(() => isMoving(call.value))
const over = computed(() => call.value.state === 'ended')
const nextText = computed(() => {
  if (next.value) return words.lectern.sayIn(beats(next.value.sayAt - position.value))
  return place.value ? words.lectern.free.take(beats(place.value.at - position.value)) : ''
})
const cautionsOf = ({ figures: list }: FreePhrase) => [
  ...new Set(list.flatMap(({ figure }) => figure.cautions.map(({ kind }) => kind))),
]
</script>

<template>
  <header class="top">
    <span class="pass">{{ words.lectern.free.called(words.dance(setup.dance)) }}</span>
    <span class="numbers count"
      ><template v-if="phrase">{{
        words.lectern.free.phrase(phrase.index + 1, beats(phrase.end - position))
      }}</template></span
    >
  </header>
  <div class="cue" :class="{ speak: next && position >= next.sayAt }" data-testid="free-cue">
    <strong>{{
      next ? calledAs(next.danced) : over ? words.lectern.theEnd : words.lectern.free.choose
    }}</strong>
    <span>{{ next && position >= next.sayAt ? words.lectern.sayNow : nextText }}</span>
  </div>
  <div class="middle">
    <div>
      <p class="big count">{{ count }}</p>
      <p class="dancing">{{ dancing ? calledAs(dancing.danced) : '' }}</p>
    </div>
    <section class="offers" :aria-label="words.lectern.free.offers">
      <h2>
        {{ typed === '' ? words.lectern.free.offers : words.lectern.free.typed(typed) }}
      </h2>
      <ol>
        <li v-for="(offer, i) in offers" :key="calledId(offer.danced)">
          <button class="offer" @click="free.take(offer)">
            <kbd class="count">{{ i + 1 }}</kbd> {{ nameOf(offer.danced) }}
            <small>{{ words.format.counts(offer.danced.lengthTicks / TICKS_PER_BEAT) }}</small>
            <small
              v-for="caution in offer.danced.figure.cautions"
              :key="caution.kind"
              class="caution"
              :title="words.shipped.remark(caution.text)"
              >{{ words.caution[caution.kind] }}</small
            >
          </button>
        </li>
      </ol>
      <p v-if="offers.length === 0">{{ words.lectern.free.none }}</p>
    </section>
    <section class="offers" :aria-label="words.lectern.free.ways">
      <h2>{{ words.lectern.free.ways }}</h2>
      <ol>
        <li v-for="(way, i) in ways.phrases" :key="i">
          <button class="offer" @click="free.takeWay(i)">
            <kbd class="count">{{ i + 7 }}</kbd>
            {{ way.figures.map(({ figure }) => figure.name).join(' · ') }}
            <small v-for="kind in cautionsOf(way)" :key="kind" class="caution">{{
              words.caution[kind]
            }}</small>
          </button>
        </li>
      </ol>
      <p v-if="ways.isCut" class="soft">{{ words.lectern.free.cut }}</p>
    </section>
  </div>
  <p class="taken" :aria-label="words.lectern.free.taken">
    {{ coming.map(({ danced }) => calledAs(danced)).join(' · ') }}
  </p>
  <footer class="foot">
    <button class="main-key" @click="free.key()">
      {{ moving ? words.lectern.pause : over ? words.lectern.theEnd : words.lectern.start }}
    </button>
    <el-checkbox v-model="surprise" class="check"
      >{{ words.lectern.free.surprise }} (0)</el-checkbox
    >
    <el-button @click="free.putBack()">
      {{ words.lectern.free.putBack }}
    </el-button>
    <el-button :disabled="taken.length === 0" @click="$emit('sheet')">
      {{ words.lectern.free.toSheet }}
    </el-button>
    <RouterLink :to="{ name: 'sheets' }">{{ words.lectern.free.leave }}</RouterLink>
    <p class="soft">{{ words.lectern.free.keys }}</p>
  </footer>
</template>

<style scoped src="./controls.css"></style>
<style scoped src="./free.css"></style>
