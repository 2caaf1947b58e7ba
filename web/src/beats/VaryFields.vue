<script setup lang="ts">
import {
  AS_WRITTEN,
  HOLD_IDS,
  variationText,
  type Figure,
  type Variation,
} from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'

/**
 * How a figure is looked at: mirrored, a half, with another ending or amount of turn. The figure
 * stays what it is.
 */
const props = defineProps<{ figure: Figure; variation: Variation; problem: string | null }>()
const emit = defineEmits<{ change: [variation: Variation] }>()
const say = words.figures.danceAs
const set = (change: Partial<Variation>): void => emit('change', { ...props.variation, ...change })
/** Leaves a choice out again where it is the figure's own. */
function setOrDrop<Key extends 'ending' | 'turn' | 'withoutPause' | 'countFrom' | 'options'>(
  key: Key,
  value: Variation[Key] | null,
): void {
  const { [key]: _, ...rest } = props.variation
  emit('change', (value === null ? rest : { ...rest, [key]: value }) as Variation)
}
const isWritten = computed(() => JSON.stringify(props.variation) === JSON.stringify(AS_WRITTEN))
const chosen = (name: string): boolean => props.variation.options?.includes(name) ?? false
function toggleOption(name: string): void {
  const options = chosen(name)
    ? props.variation.options!.filter((one) => one !== name)
    : [...(props.variation.options ?? []), name]
  setOrDrop('options', options.length === 0 ? null : options)
}
const TURNS = [-16, -12, -8, -6, -4, -3, -2, -1, 0, 1, 2, 3, 4, 6, 8, 12, 16]
const number = (event: Event): number => Number((event.target as HTMLSelectElement).value)
const text = (event: Event): string | null => (event.target as HTMLSelectElement).value || null
</script>

<template>
  <details class="vary-box" :open="!isWritten">
    <summary>{{ say.title }}: {{ isWritten ? say.written : variationText(variation) }}</summary>
    <fieldset class="vary">
      <legend class="unseen">{{ say.title }}</legend>
      <label
        ><input
          type="checkbox"
          :checked="variation.reflected"
          @change="set({ reflected: !variation.reflected })"
        />
        {{ say.mirrored }}</label
      >
      <label
        ><input
          type="checkbox"
          :checked="variation.cut !== null"
          @change="set({ cut: variation.cut ? null : { type: 'half' } })"
        />
        {{ say.half }}</label
      >
      <label
        ><input
          type="checkbox"
          :checked="variation.withoutPause === true"
          @change="setOrDrop('withoutPause', variation.withoutPause ? null : true)"
        />
        {{ say.noPause }}</label
      >
      <label v-for="option in figure.options ?? []" :key="option.name"
        ><input
          type="checkbox"
          :checked="chosen(option.name)"
          @change="toggleOption(option.name)"
        />
        {{ option.name }}</label
      >
      <label v-if="figure.endings"
        >{{ say.ending }}
        <select
          class="pick"
          :value="variation.ending ?? ''"
          @change="setOrDrop('ending', text($event))"
        >
          <option value="">{{ say.ownEnding }}</option>
          <option v-for="ending in figure.endings" :key="ending.name">{{ ending.name }}</option>
        </select></label
      >
      <label
        >{{ say.turning }}
        <select
          class="pick"
          :value="variation.turn === undefined ? '' : String(variation.turn)"
          @change="setOrDrop('turn', text($event) === null ? null : number($event))"
        >
          <option value="">{{ say.ownTurn }}</option>
          <option v-for="turn in TURNS" :key="turn" :value="String(turn)">
            {{ words.figures.turn(turn).replace('turns ', '') }}
          </option>
        </select></label
      >
      <label
        >{{ say.times }}
        <select class="pick" :value="variation.times" @change="set({ times: number($event) })">
          <option v-for="n in 8" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
      <label
        >{{ say.countFrom }}
        <select
          class="pick"
          :value="variation.countFrom ?? figure.countFrom ?? 1"
          @change="
            setOrDrop(
              'countFrom',
              number($event) === (figure.countFrom ?? 1) ? null : number($event),
            )
          "
        >
          <option v-for="n in 4" :key="n" :value="n">{{ n }}</option>
        </select></label
      >
      <label v-if="figure.dancers === 'couple'"
        >{{ say.hold }}
        <select
          class="pick"
          :value="variation.exitHold ?? ''"
          @change="set({ exitHold: text($event) })"
        >
          <option value="">{{ say.ownEnding }}</option>
          <option v-for="hold in HOLD_IDS" :key="hold">{{ hold }}</option>
        </select></label
      >
      <template v-if="!isWritten">
        <button class="textlink" type="button" @click="emit('change', AS_WRITTEN)">
          {{ say.reset }}
        </button>
        <slot v-if="problem === null" />
      </template>
      <p v-if="problem" class="wrong" role="alert">{{ say.refused }}{{ problem }}</p>
    </fieldset>
  </details>
</template>

<style scoped>
.vary {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.1rem;
  align-items: center;
  border: 0;
  margin: 0.4rem 0 0;
  padding: 0;
}
.vary-box {
  border: 1px solid var(--rule);
  border-radius: 6px;
  margin: 0 0 1rem;
  padding: 0.4rem 0.8rem 0.5rem;
}
summary {
  cursor: pointer;
}
.wrong {
  width: 100%;
  color: var(--wrong);
}
</style>
