<script setup lang="ts">
import {
  applyVariation,
  AS_WRITTEN,
  PICK_UP,
  type Figure,
  type Variation,
} from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'
import HoldSelect from '../ui/HoldSelect.vue'
import Labelled from '../ui/Labelled.vue'

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
/** Its own endings, and a pick up where they would end side by side. */
const endings = computed(() => [
  ...(props.figure.endings ?? []).map(({ name }) => name),
  ...(applyVariation(props.figure, { ...AS_WRITTEN, ending: PICK_UP }).ok ? [PICK_UP] : []),
])
const chosen = (name: string): boolean => props.variation.options?.includes(name) ?? false
function toggleOption(name: string): void {
  const options = chosen(name)
    ? props.variation.options!.filter((one) => one !== name)
    : [...(props.variation.options ?? []), name]
  setOrDrop('options', options.length === 0 ? null : options)
}
const TURNS = [-16, -12, -8, -6, -4, -3, -2, -1, 0, 1, 2, 3, 4, 6, 8, 12, 16]
const number = (value: string | number): number => Number(value)
</script>

<template>
  <Folded
    class="vary-box"
    :open="!isWritten"
    :title="`${say.title}: ${isWritten ? say.written : words.format.variation(variation)}`"
  >
    <fieldset class="vary">
      <legend class="unseen">{{ say.title }}</legend>
      <el-checkbox
        :model-value="variation.reflected"
        @change="set({ reflected: !variation.reflected })"
        >{{ say.mirrored }}</el-checkbox
      >
      <el-checkbox
        :model-value="variation.cut !== null"
        @change="set({ cut: variation.cut ? null : { type: 'half' } })"
        >{{ say.half }}</el-checkbox
      >
      <el-checkbox
        :model-value="variation.withoutPause === true"
        @change="setOrDrop('withoutPause', variation.withoutPause ? null : true)"
        >{{ say.noPause }}</el-checkbox
      >
      <el-checkbox
        v-for="option in figure.options ?? []"
        :key="option.name"
        :model-value="chosen(option.name)"
        @change="toggleOption(option.name)"
        >{{ option.name }}</el-checkbox
      >
      <Labelled v-if="endings.length > 0" :label="say.ending"
        ><el-select
          class="pick"
          :model-value="variation.ending ?? ''"
          @change="setOrDrop('ending', $event || null)"
          ><el-option value="" :label="say.ownEnding" />
          <el-option
            v-for="ending in endings"
            :key="ending"
            :value="ending"
            :label="ending" /></el-select
      ></Labelled>
      <Labelled :label="say.turning"
        ><el-select
          class="pick"
          :model-value="variation.turn === undefined ? '' : String(variation.turn)"
          @change="setOrDrop('turn', $event === '' ? null : number($event))"
          ><el-option value="" :label="say.ownTurn" />
          <el-option
            v-for="turn in TURNS"
            :key="turn"
            :value="String(turn)"
            :label="words.figures.turn(turn).replace('turns ', '')" /></el-select
      ></Labelled>
      <Labelled :label="say.times"
        ><el-select
          class="pick"
          :model-value="variation.times"
          @change="set({ times: number($event) })"
          ><el-option v-for="n in 8" :key="n" :value="n" :label="n" /></el-select
      ></Labelled>
      <Labelled :label="say.countFrom"
        ><el-select
          class="pick"
          :model-value="variation.countFrom ?? figure.countFrom ?? 1"
          @change="
            setOrDrop(
              'countFrom',
              number($event) === (figure.countFrom ?? 1) ? null : number($event),
            )
          "
          ><el-option v-for="n in 4" :key="n" :value="n" :label="n" /></el-select
      ></Labelled>
      <Labelled v-if="figure.dancers === 'couple'" :label="say.hold"
        ><HoldSelect
          class="pick"
          :value="variation.exitHold ?? ''"
          :empty="say.ownEnding"
          @change="set({ exitHold: $event || null })"
      /></Labelled>
      <template v-if="!isWritten">
        <el-button link @click="emit('change', AS_WRITTEN)">
          {{ say.reset }}
        </el-button>
        <slot v-if="problem === null" />
      </template>
      <p v-if="problem" class="wrong" role="alert">{{ say.refused }}{{ problem }}</p>
    </fieldset>
  </Folded>
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
.wrong {
  width: 100%;
  color: var(--wrong);
}
</style>
