<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import { fitOffers, fitToMusic, tempoOffer } from '@dellop/core/routine'
import { shorterOffers, tempoWindow, tunesFor, type Sheet } from '@dellop/core/sheet'
import { bpmAt, type Seconds, type Tick } from '@dellop/core/time'
import type { Tune } from '@dellop/core/tune'
import { computed, ref, watch } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'

/**
 * The dance against its music: the sum, what would make it fit, and the tunes of the shelf that
 * would carry it.
 */
const props = defineProps<{ sheet: Sheet; tunes: readonly Tune[] }>()
const emit = defineEmits<{
  see: [label: string, offer: { readonly edits: readonly Edit[] }]
  music: [tune: Tune]
  go: [key: string]
}>()

const seconds = ref('')
const musicSeconds = computed(() => {
  const { musicEnd, clock } = props.sheet
  return musicEnd === null ? null : clock.heardAt(musicEnd) - clock.heardAt(0 as Tick)
})
const fit = computed(() => {
  const { timeline, musicEnd, beatMap, routine } = props.sheet
  if (musicEnd !== null)
    return fitToMusic(
      timeline,
      ((musicEnd / 24) * 60) / musicSeconds.value!,
      musicSeconds.value! as Seconds,
    )
  const given = Number(seconds.value.replace(',', '.'))
  return given > 0
    ? fitToMusic(timeline, routine.bpm || bpmAt(beatMap, 0 as Tick), given as Seconds)
    : null
})
const found = computed(() => {
  const { routine, timeline, book, music, musicEnd } = props.sheet
  if (musicEnd !== null)
    return fitOffers({ routine, timeline, book, music, musicTicks: musicEnd, newId: randomId })
  if (!fit.value || Math.abs(fit.value.overBeats) < 0.05) return { offers: [], isCut: false }
  const tempo = tempoOffer(routine, timeline.lengthTicks, fit.value.musicSeconds)
  const musicTicks = Math.round(((fit.value.musicSeconds * routine.bpm) / 60) * 24) as Tick
  const { offers, isCut } = fitOffers({
    routine,
    timeline,
    book,
    music,
    musicTicks,
    newId: randomId,
  })
  return { offers: tempo ? [tempo, ...offers] : offers, isCut }
})
const shelf = computed(() => tunesFor(props.sheet.routine, props.sheet.book, props.tunes))
const fastest = computed(() =>
  props.sheet.timeline.slots.length > 0 ? tempoWindow(props.sheet) : null,
)
/** Worked out when it is asked for: each offer plans the whole sheet anew at several tempi. */
const isWidening = ref(false)
watch(
  () => props.sheet,
  () => (isWidening.value = false),
)
const shorter = computed(() => (isWidening.value ? shorterOffers(props.sheet) : []))
const musicBeats = computed(() =>
  fit.value ? Math.round((fit.value.danceBeats - fit.value.overBeats) * 10) / 10 : 0,
)
const over = computed(() => (fit.value ? Math.round(Math.abs(fit.value.overBeats) * 10) / 10 : 0))
</script>

<template>
  <section aria-labelledby="fit-head">
    <h2 id="fit-head">{{ words.sheets.fit.title }}</h2>
    <template v-if="sheet.musicEnd === null">
      <p class="soft">{{ words.sheets.fit.noTune }}</p>
      <label class="field-label" for="fit-seconds">{{ words.sheets.fit.seconds }}</label>
      <el-input id="fit-seconds" v-model="seconds" inputmode="decimal" />
    </template>
    <p v-if="sheet.timeline.openFrom !== null" class="told">{{ words.sheets.fit.open }}</p>
    <template v-else-if="fit">
      <p class="count">
        {{ words.sheets.fit.sum(fit.danceBeats, musicBeats, fit.danceSeconds, fit.musicSeconds) }}
      </p>
      <p v-if="over < 0.05" class="well">{{ words.sheets.fit.exact }}</p>
      <template v-else>
        <p class="off">
          {{
            fit.overBeats > 0
              ? words.sheets.fit.over(over, fit.stopsIn?.part.label ?? null)
              : words.sheets.fit.short(over)
          }}
        </p>
        <h3>{{ words.sheets.fit.offers }}</h3>
        <p v-if="found.offers.length === 0">{{ words.sheets.fit.none }}</p>
        <ol class="offers">
          <li v-for="(offer, i) in found.offers" :key="i">
            <el-button
              text
              class="offer"
              :aria-label="words.sheets.preview.see(words.sheets.fit.offer(offer))"
              @click="emit('see', words.sheets.fit.offer(offer), offer)"
            >
              {{ words.sheets.fit.offer(offer) }}
            </el-button>
            <p class="soft">
              {{
                offer.kind === 'tempo'
                  ? words.sheets.fit.tempo(offer.bpm, offer.percent)
                  : words.sheets.fit.left(offer.leftTicks)
              }}<template v-if="offer.kind === 'passes' && offer.misplaced > 0">
                · {{ words.sheets.fit.misplaced(offer.misplaced) }}</template
              >
            </p>
          </li>
        </ol>
        <p v-if="found.isCut" class="told">{{ words.sheets.fit.cut }}</p>
        <p v-if="sheet.musicEnd !== null" class="soft">{{ words.sheets.fit.speed }}</p>
      </template>
    </template>
    <template v-if="fastest">
      <h3>{{ words.sheets.fit.tempoTitle }}</h3>
      <p v-if="fastest.fastestBpm === null || !fastest.firstToBreak">
        {{ words.sheets.fit.windowAll(fastest.slowestBpm) }}
      </p>
      <p v-else>
        {{
          words.sheets.fit.window(fastest.slowestBpm, fastest.fastestBpm, fastest.firstToBreak.text)
        }}
        <el-button link @click="emit('go', fastest.firstToBreak.slotKey)">
          {{ words.sheets.fit.windowGo }}
        </el-button>
      </p>
      <el-button v-if="fastest.firstToBreak && !isWidening" @click="isWidening = true">
        {{ words.sheets.fit.widenAsk }}
      </el-button>
      <p v-else-if="isWidening && shorter.length === 0" class="soft">
        {{ words.sheets.fit.widenNone }}
      </p>
      <template v-if="shorter.length > 0">
        <p>{{ words.sheets.fit.widen }}</p>
        <ul class="offers">
          <li v-for="offer in shorter" :key="offer.text">
            <el-button
              text
              class="offer"
              :aria-label="
                words.sheets.preview.see(words.sheets.fit.shorter(offer.text, offer.fastestBpm))
              "
              @click="emit('see', words.sheets.fit.shorter(offer.text, offer.fastestBpm), offer)"
            >
              {{ words.sheets.fit.shorter(offer.text, offer.fastestBpm) }}
            </el-button>
          </li>
        </ul>
      </template>
    </template>
    <h3>{{ words.sheets.fit.shelf }}</h3>
    <p v-if="shelf.length === 0" class="soft">{{ words.sheets.fit.shelfNone }}</p>
    <ol class="offers">
      <li v-for="one in shelf" :key="one.tune.id">
        <el-button
          v-if="one.tune.id !== sheet.routine.tuneId"
          text
          class="offer"
          :aria-label="words.sheets.fit.shelfTake(one.tune.title)"
          @click="emit('music', one.tune)"
        >
          {{ one.tune.title }}
        </el-button>
        <strong v-else>{{ one.tune.title }} ({{ words.sheets.fit.shelfNow }})</strong>
        <p class="soft">{{ words.sheets.fit.tune(one) }}</p>
      </li>
    </ol>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.6rem;
}
h3 {
  font-size: 1.05rem;
  margin-top: 0.4rem;
}
.well {
  border-left: 4px solid var(--feet);
  background: var(--feet-tint);
  padding: 0.4rem 0.7rem;
}
.off {
  border-left: 4px solid var(--wrong);
  background: var(--wrong-tint);
  padding: 0.4rem 0.7rem;
}
.offers {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.6rem;
}
.offer {
  border: 0;
  border-bottom: 2px solid var(--feet);
  background: none;
  padding: 0.1rem 0;
  text-align: left;
  font-weight: 600;
  cursor: pointer;
}
.offers .soft {
  font-size: 0.9rem;
}
</style>
