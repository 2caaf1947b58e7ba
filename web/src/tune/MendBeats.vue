<script setup lang="ts">
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** What can be done to the beats, each one click and most one key. */
defineProps<{
  beatsPerBar: number
  chosenBeat: number | null
  taps: number
  tapsNeeded: number
  listening: boolean
  choosingEnd: boolean
  free: readonly { readonly index: number; readonly atBeat: number; readonly text: string }[]
}>()
const emit = defineEmits<{
  half: []
  double: []
  one: []
  off: []
  nudge: [seconds: number]
  metre: [beats: number]
  tap: []
  listenNear: []
  retap: []
  anchor: []
  letGo: []
  free: []
  freeStop: []
  countAgain: [index: number, atBeat: number]
}>()
const anyKey = defineModel<boolean>('anyKey', { required: true })
const METRES = [2, 3, 4, 5, 6, 8, 9, 12]
</script>

<template>
  <section class="mend" :aria-label="words.tunes.mend">
    <div>
      <h3>{{ words.tunes.tempo_ }}</h3>
      <el-button @click="emit('half')">{{ words.tunes.half }}</el-button>
      <el-button @click="emit('double')">{{ words.tunes.double }}</el-button>
      <el-button @click="emit('off')">{{ words.tunes.off }}</el-button>
    </div>
    <div>
      <h3>{{ words.tunes.bars_ }}</h3>
      <el-button :disabled="chosenBeat === null" @click="emit('one')">
        {{ words.tunes.one }}
      </el-button>
      <Labelled class="metre" :label="words.tunes.metre"
        ><el-select class="pick" :model-value="beatsPerBar" @change="emit('metre', Number($event))"
          ><el-option v-for="n in METRES" :key="n" :value="n" :label="n" /></el-select
      ></Labelled>
    </div>
    <div>
      <h3>{{ words.tunes.tapping }}</h3>
      <el-button
        class="tap"
        @pointerdown.prevent="emit('tap')"
        @keydown.enter.prevent="emit('tap')"
      >
        {{ words.tunes.tap }}
      </el-button>
      <el-checkbox v-model="anyKey">{{ words.tunes.anyKey }}</el-checkbox>
      <el-button :disabled="taps < tapsNeeded || listening" @click="emit('listenNear')">
        {{ words.tunes.useTaps(taps, tapsNeeded) }}
      </el-button>
      <el-button :disabled="taps < tapsNeeded || listening" @click="emit('retap')">
        {{ words.tunes.retap(taps, tapsNeeded) }}
      </el-button>
    </div>
    <div>
      <h3>{{ words.tunes.anchors }}</h3>
      <el-button :disabled="chosenBeat === null" @click="emit('anchor')">
        {{ words.tunes.anchorHere }}
      </el-button>
      <el-button :disabled="chosenBeat === null" @click="emit('letGo')">
        {{ words.tunes.anchorFree }}
      </el-button>
      <span class="soft">{{ words.tunes.anchorHelp }}</span>
    </div>
    <div>
      <h3>{{ words.tunes.freeTime }}</h3>
      <el-button
        :class="{ main: choosingEnd }"
        :disabled="chosenBeat === null"
        @click="emit('free')"
      >
        {{ choosingEnd ? words.tunes.freeEnd : words.tunes.freeStart }}
      </el-button>
      <el-button v-if="choosingEnd" @click="emit('freeStop')">
        {{ words.tunes.freeStop }}
      </el-button>
      <span v-for="one in free" :key="one.index" class="one">
        {{ one.text }}
        <el-button link @click="emit('countAgain', one.index, one.atBeat)">
          {{ words.tunes.freeCount }}
        </el-button>
      </span>
    </div>
    <div>
      <h3>{{ words.tunes.place_ }}</h3>
      <el-button @click="emit('nudge', -0.01)">
        {{ words.tunes.nudgeBack }}
      </el-button>
      <el-button @click="emit('nudge', 0.01)">{{ words.tunes.nudgeOn }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.mend {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 30rem), 1fr));
  gap: 0.75rem 2rem;
  margin: 0.9rem 0;
}
.mend > div {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  align-items: center;
  align-content: start;
}
h3 {
  width: 100%;
  font-size: 0.95rem;
  color: var(--ink-soft);
}
.tap {
  touch-action: manipulation;
}
.one {
  width: 100%;
}
</style>
