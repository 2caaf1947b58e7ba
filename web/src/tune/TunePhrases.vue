<script setup lang="ts">
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import {
  sectionFacts,
  tuneBars,
  surenessBetween,
  tunePhrases,
  type SectionFacts,
  type Tune,
  type TunePhrase,
} from '@dellop/core/tune'
import { computed, ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { joined, renamed, resized, split } from './sections.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'

/**
 * The tune as phrases, one a row, under the section they belong to with its sums; and where the
 * dance starts.
 */
const props = defineProps<{
  tune: Tune
  timeOf: (tick: number) => number
  playable: boolean
  barTicks: number
}>()
const emit = defineEmits<{
  play: [seconds: number]
  loop: [from: number, to: number]
  change: [tune: Tune, label: string]
}>()
const together = ref(true)

const say = words.tunes.done
const phrases = computed(() => tunePhrases(props.tune))
const sections = computed(() =>
  sectionFacts(props.tune).map((facts) => ({
    ...facts,
    phrases: phrases.value.filter(({ sectionId }) => sectionId === facts.sectionId),
    others: othersOf(facts),
  })),
)
const sum = computed(() =>
  words.tunes.total(
    phrases.value.map((phrase) => phrase.bars).join(' + '),
    tuneBars(props.tune).bars,
  ),
)
/** The section in whose first phrase, counted from the first, the same music is. */
function othersOf({ label, sectionId }: SectionFacts): string {
  const numbers = props.tune.sections.flatMap((one, i) =>
    one.label === label && one.id !== sectionId ? [i + 1] : [],
  )
  return numbers.length > 0 ? words.tunes.sameAs(numbers.join(', ')) : ''
}
const sumOf = (facts: SectionFacts): string =>
  words.tunes.sectionSum(
    words.tunes.sumOf(facts.phraseBars),
    facts.bars,
    facts.beats,
    words.format.clock(facts.seconds),
  )
const tempoOf = ({ bpm, barsPerMinute }: SectionFacts): string =>
  words.tunes.tempo(Math.round(bpm * 10) / 10, Math.round(barsPerMinute * 10) / 10)

const change = (next: Tune['sections'], label: string): void =>
  emit('change', { ...props.tune, sections: next }, label)
function rename(sectionId: string, label: string): void {
  const next = label.trim().slice(0, 30)
  if (next !== '') change(renamed(props.tune.sections, sectionId, next, together.value), say.label)
}
const startAt = (tick: number): void =>
  emit('change', { ...props.tune, danceStart: tick as Tick }, say.start)

const holdsStart = ({ start, end }: TunePhrase): boolean =>
  props.tune.danceStart >= start && props.tune.danceStart < end
const startCount = ({ start }: TunePhrase): number =>
  (props.tune.danceStart - start) / TICKS_PER_BEAT + 1
/** How surely each phrase was heard, in percent; null where nobody knows. */
const sureness = computed(() =>
  phrases.value.map(({ start, end }) => {
    const heard = props.tune.recordings[0]?.heard ?? null
    const sure = surenessBetween(heard, props.timeOf(start), props.timeOf(end))
    return sure === null ? null : Math.round(sure * 100)
  }),
)
/** Below this a phrase is to be listened to. */
const DOUBTFUL = 70

const intro = computed(() => {
  const bars = Math.floor(props.tune.danceStart / props.barTicks)
  return words.tunes.waitHint(
    bars,
    Math.max(0, Math.round(props.timeOf(props.tune.danceStart) - props.timeOf(0))),
  )
})
</script>

<template>
  <section aria-labelledby="phrases-head">
    <h2 id="phrases-head">{{ words.tunes.phrases }}</h2>
    <el-checkbox v-model="together" class="together">{{ words.tunes.together }}</el-checkbox>
    <div v-for="(section, s) in sections" :key="section.sectionId" class="section">
      <div class="head">
        <span class="number count">{{ s + 1 }}</span>
        <EntryInput
          class="label"
          :value="section.label"
          :aria-label="words.tunes.name"
          maxlength="30"
          @change="rename(section.sectionId, $event)"
        />
        <span class="count soft">{{ sumOf(section) }}</span>
        <span class="count soft">{{ tempoOf(section) }}</span>
        <span v-if="section.others" class="soft">{{ section.others }}</span>
        <el-button
          v-if="s > 0"
          link
          class="quiet"
          :aria-label="words.tunes.joinName(s + 1, section.label)"
          @click="change(joined(tune.sections, section.sectionId), say.join)"
        >
          {{ words.tunes.join }}
        </el-button>
      </div>
      <ol>
        <li v-for="(phrase, n) in section.phrases" :key="phrase.index">
          <span class="bars" :style="{ '--bars': Math.min(phrase.bars, 12) }"
            ><span v-for="bar in phrase.bars" :key="bar" class="bar count">{{ bar }}</span></span
          >
          <el-button
            :disabled="phrase.bars <= 1"
            :aria-label="words.tunes.shorter(phrase.label)"
            @click="change(resized(tune.sections, phrase.index, -1), say.bars)"
          >
            −
          </el-button>
          <el-button
            :aria-label="words.tunes.longer(phrase.label)"
            @click="change(resized(tune.sections, phrase.index, 1), say.bars)"
          >
            +
          </el-button>
          <span class="count soft">{{ words.format.clock(timeOf(phrase.start)) }}</span>
          <el-button
            v-if="playable"
            link
            :aria-label="words.tunes.playFrom(phrase.label, phrase.start / barTicks + 1)"
            @click="emit('play', timeOf(phrase.start))"
          >
            {{ words.tunes.play }}
          </el-button>
          <el-button
            v-if="playable"
            link
            class="quiet"
            :aria-label="words.tunes.loopPhrase(phrase.label, phrase.start / barTicks + 1)"
            @click="emit('loop', timeOf(phrase.start), timeOf(phrase.end))"
          >
            {{ words.tunes.loop }}
          </el-button>
          <span
            v-if="sureness[phrase.index] !== null"
            :class="sureness[phrase.index]! < DOUBTFUL ? 'doubt' : 'soft'"
            class="count"
            >{{
              sureness[phrase.index]! < DOUBTFUL
                ? words.tunes.doubtful(sureness[phrase.index]!)
                : words.tunes.sure(sureness[phrase.index]!)
            }}</span
          >
          <strong v-if="holdsStart(phrase)" class="start"
            >{{ words.tunes.starts }}
            <Labelled :label="words.tunes.onCount"
              ><el-select
                class="pick"
                :model-value="startCount(phrase)"
                @change="startAt(phrase.start + (Number($event) - 1) * TICKS_PER_BEAT)"
                ><el-option
                  v-for="count in tune.metre.beatsPerBar"
                  :key="count"
                  :value="count"
                  :label="count" />
                <el-option
                  v-if="startCount(phrase) > tune.metre.beatsPerBar"
                  :value="startCount(phrase)"
                  :label="startCount(phrase)" /></el-select></Labelled
          ></strong>
          <el-button v-else link class="quiet" @click="startAt(phrase.start)">
            {{ words.tunes.playStart }}
          </el-button>
          <el-button
            v-if="n > 0"
            link
            class="quiet"
            :aria-label="words.tunes.splitName(phrase.label, n + 1)"
            @click="change(split(tune.sections, section.sectionId, n, randomId), say.split)"
          >
            {{ words.tunes.split }}
          </el-button>
        </li>
      </ol>
    </div>
    <p class="count soft total">{{ sum }}</p>
    <label class="field-label" for="waiting">{{ words.tunes.waitLabel }}</label>
    <EntryInput
      id="waiting"
      class="waiting"
      :value="tune.waiting"
      maxlength="200"
      :placeholder="words.tunes.waitExample"
      @change="emit('change', { ...tune, waiting: $event.trim() }, say.waiting)"
    />
    <span class="soft">{{ intro }}</span>
  </section>
</template>

<style scoped>
h2 {
  margin: 1.5rem 0 0.25rem;
}
.together {
  display: inline-block;
  margin-bottom: 0.5rem;
}
.section {
  border-left: 6px solid var(--music);
  padding-left: 0.75rem;
  margin-bottom: 0.75rem;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.25rem 1rem;
}
.number {
  color: var(--ink-soft);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3rem 0.6rem;
  padding: 0.2rem 0;
}
.label {
  width: 6rem;
  font-family: var(--font-head);
  font-weight: 800;
  font-size: 1.05rem;
  color: var(--music);
  border: 0;
  border-bottom: 1px dashed var(--rule-strong);
  background: transparent;
}
.bars {
  display: flex;
  min-width: 0;
  flex-basis: calc(var(--bars) * 5.6%);
}
@media (max-width: 700px) {
  .bars {
    flex-basis: min(100%, calc(var(--bars) * 12.5%));
    flex-wrap: wrap;
  }
}
.bar {
  flex: 1;
  min-width: 1.4rem;
  border-left: 3px solid var(--music);
  background: var(--music-tint);
  padding: 0.3rem 0.3rem;
  font-size: 0.85rem;
}
.start label {
  font-weight: 400;
}
.waiting {
  width: min(28rem, 100%);
  margin-right: 0.75rem;
}
.quiet {
  font-weight: 400;
  border-color: var(--rule-strong);
}
.doubt {
  font-weight: 700;
}
.total {
  margin: 0 0 0.75rem;
}
</style>
