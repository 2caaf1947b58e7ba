<script setup lang="ts">
import type { Move, Planned } from '@dellop/core/cue'
import type { Slot } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { computed } from 'vue'
import Folded from '../ui/Folded.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** Why a cue stands where it stands, what it would cost elsewhere, and the cuer's pin. */
const props = defineProps<{
  planned: Planned
  school: School
  measured: boolean
  pin: Slot['pin']
}>()
const emit = defineEmits<{ pin: [pin: Slot['pin']] }>()

const sentences = computed((): string[] => {
  const { why: text, format } = words
  if (!props.planned.said) return [text.silent[props.planned.reason]]
  const { said, why } = props.planned
  const room = why.room()
  const moved = why.runnerUp ? why.runnerUp.said.start - said.start : 0
  const small = 0.005
  return [
    text.lead(
      text.beats(said.leadBeats),
      format.seconds(said.leadSeconds),
      format.seconds(props.school.lead.minSeconds),
    ),
    room.earlierSeconds > small
      ? text.earlier(format.seconds(room.earlierSeconds), room.heldBy)
      : text.notEarlier(room.heldBy),
    ...(room.laterSeconds > small ? [text.later(format.seconds(room.laterSeconds))] : []),
    why.runnerUp
      ? text.runnerUp(
          why.runnerUp.said.wording.text,
          Math.abs(moved) < small
            ? text.same
            : moved > 0
              ? text.afterwards(format.seconds(moved))
              : text.sooner(format.seconds(-moved)),
          why.runnerUp.extraCost,
        )
      : text.alone,
    ...(props.measured ? [] : [text.unmeasured]),
  ]
})

/** Every moment at which these words could be said. */
const moves = computed((): readonly Move[] => (props.planned.said ? props.planned.why.moves() : []))
const at = computed(() => moves.value.findIndex(isHere))
/** Moments around the one it has: what the same words would cost there. */
const AROUND = 3
const around = computed(() =>
  moves.value.slice(Math.max(0, at.value - AROUND), at.value + AROUND + 1),
)
const leadOf = (i: number): string => {
  const move = moves.value[i]
  return move ? words.cues.ends(move.said.leadBeats) : ''
}
const startOf = ({ said }: Move): number => said.startTick - props.planned.slot.stepTick
function isHere({ said }: Move): boolean {
  return said.startTick === props.planned.said?.startTick
}
const isPinned = computed(() => props.pin?.startTicks !== undefined)

function pinStart(startTicks: number | undefined): void {
  const { startTicks: _, ...others } = props.pin ?? {}
  const next = startTicks === undefined ? others : { ...others, startTicks }
  emit('pin', Object.keys(next).length === 0 ? undefined : next)
}
function pinWording(value: string): void {
  const { wording: _, ...others } = props.pin ?? {}
  const next = value === 'free' ? others : { ...others, wording: value as 'full' }
  emit('pin', Object.keys(next).length === 0 ? undefined : next)
}
</script>

<template>
  <section aria-labelledby="why-head">
    <template v-if="moves.length > 1 && planned.said">
      <p class="field-label">
        {{ words.cues.lead(planned.said.leadBeats) }}
        <el-button v-if="isPinned" link class="unpin" @click="pinStart(undefined)">
          {{ words.cues.unpin }}
        </el-button>
      </p>
      <el-slider
        class="lead"
        :model-value="at"
        :min="0"
        :max="moves.length - 1"
        :aria-label="words.cues.leadSlider"
        :format-tooltip="leadOf"
        :format-value-text="leadOf"
        @change="pinStart(startOf(moves[$event as number]!))"
      />
    </template>
    <h3 id="why-head" class="unseen">{{ words.sheet.why }}</h3>
    <p class="why">{{ sentences[0] }}</p>
    <Folded :title="words.cues.more">
      <p v-for="sentence in sentences.slice(1)" :key="sentence">{{ sentence }}</p>
      <template v-if="around.length > 1">
        <p id="elsewhere" class="field-label">{{ words.cues.elsewhere }}</p>
        <div class="moves" role="group" aria-labelledby="elsewhere">
          <el-button
            v-for="move in around"
            :key="move.said.startTick"
            class="move count"
            :class="{ here: isHere(move) }"
            :aria-pressed="isHere(move) && isPinned"
            @click="pinStart(startOf(move))"
          >
            <span aria-hidden="true">{{
              words.cues.elsewhereOf(move.said.leadBeats, move.extraCost)
            }}</span><span class="unseen">{{
              words.cues.elsewhereLabel(move.said.leadBeats, move.extraCost)
            }}</span>
          </el-button>
        </div>
      </template>
      <p v-if="isPinned">{{ words.cues.pinnedHere }}</p>
      <div class="pins">
        <el-button
          v-if="!isPinned && planned.said"
          @click="pinStart(planned.said.startTick - planned.slot.stepTick)"
        >
          {{ words.cues.pinHere }}
        </el-button>
        <Labelled v-if="planned.said || pin?.wording" :label="words.cues.pinWording"
          ><el-select :model-value="pin?.wording ?? 'free'" @change="pinWording($event)"
            ><el-option
              v-for="(label, kind) in words.cues.pinWordings"
              :key="kind"
              :value="kind"
              :label="label" /></el-select
        ></Labelled>
      </div>
    </Folded>
  </section>
</template>

<style scoped>
.field-label {
  display: flex;
  justify-content: space-between;
  margin: 0;
  font-size: 0.85rem;
}
.unpin {
  font-size: 0.85rem;
}
.lead {
  height: 24px;
  padding: 0 8px;
  --el-slider-main-bg-color: var(--voice-edge);
  --el-slider-button-size: 16px;
}
.why {
  border-left: 4px solid var(--voice-edge);
  background: var(--voice-tint);
  padding: 0.3rem 0.6rem;
  font-size: 0.9rem;
}
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
}
.move {
  height: 28px;
  padding: 0 0.4rem;
  font-size: 0.85rem;
}
.move.here {
  background: var(--voice-tint);
  border-color: var(--voice-ink);
  font-weight: 700;
}
.pins {
  display: grid;
  gap: 0.5rem;
  margin-top: 0.5rem;
  justify-items: start;
}
.pins > :last-child {
  width: 100%;
}
</style>
