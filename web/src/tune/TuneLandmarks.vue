<script setup lang="ts">
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import type { Landmark, Tune } from '@dellop/core/tune'
import { computed, ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'

/** Moments to hear, named, in order. */
const props = defineProps<{
  tune: Tune
  timeOf: (tick: number) => number
  playable: boolean
  chosenBeat: number | null
}>()
const emit = defineEmits<{ play: [seconds: number]; change: [tune: Tune, label: string] }>()
const text = ref('')
const kind = ref<Landmark['kind']>('start')
const KINDS = Object.keys(words.tunes.kinds) as Landmark['kind'][]

const landmarks = computed(() => [...props.tune.landmarks].sort((a, b) => a.at - b.at))
const change = (next: readonly Landmark[], label: string): void =>
  emit('change', { ...props.tune, landmarks: next }, label)
function add(): void {
  const named = text.value.trim()
  if (named === '' || props.chosenBeat === null) return
  change(
    [
      ...landmarks.value,
      {
        id: randomId(),
        kind: kind.value,
        at: (props.chosenBeat * TICKS_PER_BEAT) as Tick,
        text: named,
      },
    ],
    words.tunes.done.landmark,
  )
  text.value = ''
}
function placeOf({ at }: Landmark): string {
  const beat = Math.floor(at / TICKS_PER_BEAT)
  const bar = Math.floor(beat / props.tune.metre.beatsPerBar)
  return words.tunes.landmarkAt(bar + 1, beat - bar * props.tune.metre.beatsPerBar + 1)
}
</script>

<template>
  <section aria-labelledby="landmarks-head">
    <h2 id="landmarks-head">{{ words.tunes.landmarks }}</h2>
    <p v-if="landmarks.length === 0" class="soft">{{ words.tunes.landmarkEmpty }}</p>
    <ul v-else>
      <li v-for="one in landmarks" :key="one.id">
        <strong>{{ one.text }}</strong>
        <span>{{ words.tunes.kinds[one.kind] }}</span>
        <span class="count soft"
          >{{ placeOf(one) }} · {{ words.format.clock(timeOf(one.at)) }}</span
        >
        <el-button
          v-if="playable"
          link
          :aria-label="`${words.tunes.play} ${one.text}`"
          @click="emit('play', timeOf(one.at) - 2)"
        >
          {{ words.tunes.play }}
        </el-button>
        <el-button
          v-if="one.kind === 'start' && one.at !== tune.danceStart"
          link
          class="quiet"
          @click="emit('change', { ...tune, danceStart: one.at }, words.tunes.done.start)"
        >
          {{ words.tunes.landmarkStart }}
        </el-button>
        <strong v-else-if="one.at === tune.danceStart">{{ words.tunes.starts }}</strong>
        <el-button
          link
          class="quiet"
          :aria-label="`${words.tunes.takeOut} ${one.text}`"
          @click="
            change(
              landmarks.filter(({ id }) => id !== one.id),
              words.tunes.done.landmarkGone,
            )
          "
        >
          {{ words.tunes.takeOut }}
        </el-button>
      </li>
    </ul>
    <form @submit.prevent="add">
      <el-input
        v-model="text"
        :aria-label="words.tunes.landmarkText"
        :placeholder="words.tunes.landmarkText"
        maxlength="120"
      />
      <el-select v-model="kind" :aria-label="words.tunes.landmarkKind"
        ><el-option v-for="one in KINDS" :key="one" :value="one" :label="words.tunes.kinds[one]"
      /></el-select>
      <el-button native-type="submit" :disabled="text.trim() === '' || chosenBeat === null">
        {{ words.tunes.landmarkAdd }}
      </el-button>
      <span v-if="chosenBeat === null" class="soft">{{ words.tunes.landmarkNeeds }}</span>
    </form>
  </section>
</template>

<style scoped>
h2 {
  margin: 1.5rem 0 0.5rem;
}
ul {
  list-style: none;
  margin: 0 0 0.5rem;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  align-items: baseline;
  padding: 0.3rem 0 0.3rem 0.75rem;
  border-left: 6px solid var(--voice);
  margin-bottom: 0.25rem;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}
form .el-input {
  width: 18rem;
}
form .el-select {
  width: 14rem;
}
.quiet {
  font-weight: 400;
  border-color: var(--rule-strong);
}
</style>
