<script setup lang="ts">
import type { Move, Planned } from '@dellop/core/cue'
import type { Slot } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { computed } from 'vue'
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

/** Moments around the one it has: what the same words would cost there. */
const AROUND = 3
const around = computed((): readonly Move[] => {
  const { planned } = props
  if (!planned.said) return []
  const moves = planned.why.moves()
  const at = moves.findIndex(({ said }) => said.startTick === planned.said.startTick)
  return moves.slice(Math.max(0, at - AROUND), at + AROUND + 1)
})
const startOf = ({ said }: Move): number => said.startTick - props.planned.slot.stepTick
const isHere = ({ said }: Move): boolean => said.startTick === props.planned.said?.startTick
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
    <h3 id="why-head">{{ words.sheet.why }}</h3>
    <p v-for="sentence in sentences" :key="sentence" class="why">{{ sentence }}</p>
    <template v-if="around.length > 1">
      <p id="elsewhere" class="field-label">{{ words.cues.elsewhere }}</p>
      <div class="moves" role="group" aria-labelledby="elsewhere">
        <button
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
        </button>
      </div>
    </template>
    <p v-if="isPinned" class="why">{{ words.cues.pinnedHere }}</p>
    <div class="pins">
      <button v-if="isPinned" class="button small" @click="pinStart(undefined)">
        {{ words.cues.unpin }}
      </button>
      <button
        v-else-if="planned.said"
        class="button small"
        @click="pinStart(planned.said.startTick - planned.slot.stepTick)"
      >
        {{ words.cues.pinHere }}
      </button>
      <template v-if="planned.said || pin?.wording">
        <label for="pin-words">{{ words.cues.pinWording }}</label>
        <select
          id="pin-words"
          class="pick"
          :value="pin?.wording ?? 'free'"
          @change="pinWording(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="(label, kind) in words.cues.pinWordings" :key="kind" :value="kind">
            {{ label }}
          </option>
        </select>
      </template>
    </div>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1rem;
  margin-bottom: 0.35rem;
}
.why {
  border-left: 4px solid var(--voice-edge);
  background: var(--sheet);
  padding: 0.2rem 0.6rem;
  font-size: 0.9rem;
}
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
}
.move {
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  padding: 0.15rem 0.4rem;
  font-size: 0.85rem;
  cursor: pointer;
}
.move.here {
  background: var(--voice-tint);
  border-color: var(--voice-ink);
  font-weight: 700;
}
.pins {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1rem;
  margin-top: 0.5rem;
}
</style>
