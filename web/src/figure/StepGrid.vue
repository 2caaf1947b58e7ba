<script setup lang="ts">
import {
  momentText,
  piecesOutsideQuotes,
  readMomentText,
  readStepLine,
  stepLineText,
  type Step,
} from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, ref, watch } from 'vue'
import { words } from '../words/index.ts'
import EntryInput from '../ui/EntryInput.vue'
import Labelled from '../ui/Labelled.vue'

/**
 * The same steps as the line, count by count: what is typed under a count is written into the line.
 */
const props = defineProps<{ label: string; text: string; beats: number; division: 4 | 3 }>()
const emit = defineEmits<{ change: [text: string] }>()
const say = words.figures.write.grid
const LAYERS = ['feet', 'arms', 'head'] as const
type Layer = Step['layer']
interface Cell {
  readonly at: number
  readonly layer: Layer
  readonly text: string
}

const cells = ref<readonly Cell[]>([])
const extra = ref<readonly number[]>([])
const asked = ref<readonly Layer[]>([])
const added = ref('')
const problem = ref('')

function typedCells(text: string): Cell[] {
  return piecesOutsideQuotes(text, ',').flatMap((piece): Cell[] => {
    const [, layer = 'feet', count, rest] =
      /^\s*(?:(arms|head|feet):)?(\S+)\s*(.*?)\s*$/s.exec(piece.text) ?? []
    const at = readMomentText(count ?? '', { division: props.division })
    return at.ok ? [{ at: at.value, layer: layer as Layer, text: rest ?? '' }] : []
  })
}
/** Whether what stands under a count can be read by itself. */
const isWrong = (layer: Layer, at: number): boolean => {
  const text = textAt(layer, at)
  return (
    text !== '' &&
    !readStepLine(`${layer === 'feet' ? '' : `${layer}:`}1 ${text}`, { division: props.division })
      .ok
  )
}
/** What a step says after its count. */
const rest = (step: Step): string =>
  stepLineText([step], props.division).replace(/^(?:arms:|head:)?\S+ ?/, '')
watch(
  () => [props.text, props.division] as const,
  ([text]) => {
    const steps = /^\s*stand\s*$/i.test(text)
      ? null
      : readStepLine(text, { division: props.division })
    // Of a line that cannot be read as a whole, each step is taken as it was typed.
    cells.value = steps?.ok
      ? steps.value.map((step) => ({ at: step.at, layer: step.layer, text: rest(step) }))
      : typedCells(text)
  },
  { immediate: true },
)
const moments = computed(() =>
  [
    ...new Set([
      ...cells.value.map(({ at }) => at),
      ...extra.value,
      ...Array.from({ length: Math.min(props.beats, 32) }, (_, i) => i * TICKS_PER_BEAT),
    ]),
  ].sort((a, b) => a - b),
)
const layers = computed(() =>
  LAYERS.filter(
    (layer) =>
      layer === 'feet' ||
      asked.value.includes(layer) ||
      cells.value.some((cell) => cell.layer === layer),
  ),
)
const textAt = (layer: Layer, at: number): string =>
  cells.value.find((cell) => cell.layer === layer && cell.at === at)?.text ?? ''
const name = (layer: Layer, at: number): string =>
  say.cell(
    props.label,
    layer === 'feet' ? '' : words.beats.layer[layer],
    momentText(at, props.division),
  )

function type(layer: Layer, at: number, typed: string): void {
  const text = typed.trim()
  const others = cells.value.filter((cell) => cell.layer !== layer || cell.at !== at)
  cells.value = (text === '' ? others : [...others, { layer, at, text }]).sort(
    (a, b) => LAYERS.indexOf(a.layer) - LAYERS.indexOf(b.layer) || a.at - b.at,
  )
  emit(
    'change',
    cells.value
      .map(
        (cell) =>
          `${cell.layer === 'feet' ? '' : `${cell.layer}:`}${momentText(cell.at, props.division)} ${cell.text}`,
      )
      .join(', '),
  )
}
function add(): void {
  const at = readMomentText(added.value.trim(), { division: props.division })
  problem.value = at.ok ? '' : say.noCount
  if (!at.ok) return
  extra.value = [...extra.value, at.value]
  added.value = ''
}
</script>

<template>
  <div class="grid-box">
    <!-- A grid of fields, counts across and layers down: no list of records. -->
    <table>
      <caption class="unseen">
        {{
          say.title(label)
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col" class="soft">{{ label }}</th>
          <th v-for="at in moments" :key="at" scope="col" class="count">
            {{ momentText(at, division) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="layer in layers" :key="layer">
          <th scope="row" class="soft">{{ words.beats.layer[layer] }}</th>
          <td v-for="at in moments" :key="at">
            <EntryInput
              :value="textAt(layer, at)"
              :aria-label="name(layer, at)"
              :aria-invalid="isWrong(layer, at)"
              spellcheck="false"
              maxlength="120"
              @change="type(layer, at, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <div class="more">
      <Labelled :label="say.add"
        ><el-input
          v-model="added"
          class="added count"
          :placeholder="say.example"
          maxlength="8"
          @keydown.enter.prevent="add"
      /></Labelled>
      <el-button :disabled="added.trim() === ''" @click="add">
        {{ say.addIt }}
      </el-button>
      <el-button
        v-for="layer in (['arms', 'head'] as const).filter((one) => !layers.includes(one))"
        :key="layer"
        @click="asked = [...asked, layer]"
      >
        {{ say.layer(words.beats.layer[layer]) }}
      </el-button>
      <span v-if="problem" class="wrong" role="status">{{ problem }}</span>
    </div>
  </div>
</template>

<style scoped>
.grid-box {
  overflow-x: auto;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  padding: 0.4rem 0.6rem;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 600;
  font-size: 0.85rem;
  padding: 0 0.3rem 0 0;
}
td {
  padding: 0.1rem;
}
td .el-input {
  width: 7.5rem;
}
td .el-input:has([aria-invalid='true']) :deep(.el-input__wrapper) {
  box-shadow: inset 0 0 0 2px var(--wrong);
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.75rem;
  align-items: center;
  margin-top: 0.4rem;
  font-size: 0.9rem;
}
.added {
  width: 6rem;
}
.wrong {
  color: var(--wrong);
}
</style>
