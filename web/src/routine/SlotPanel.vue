<script setup lang="ts">
import type { Planned, Voice } from '@dellop/core/cue'
import { type DancedPass, type DancedSlot, type Scope } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { ticksPerBar, TICKS_PER_BEAT } from '@dellop/core/time'
import {
  ArrowLeft,
  ArrowRight,
  FlipHorizontal2,
  Minus,
  Plus,
  Repeat2,
  Replace,
  SquareSplitHorizontal,
  Trash2,
  VolumeX,
} from '@lucide/vue'
import { computed, type Component } from 'vue'
import BeatChart from '../beats/BeatChart.vue'
import VaryFields from '../beats/VaryFields.vue'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import type { PageKey } from './pageCommands.ts'
import SlotCalling from './SlotCalling.vue'
import SlotMarks from './SlotMarks.vue'
import StateAtBeat from './StateAtBeat.vue'
import WhyHere from './WhyHere.vue'
import MovesField from './MovesField.vue'
import WordingEditor from './WordingEditor.vue'

const props = defineProps<{
  slotDanced: DancedSlot
  pass: DancedPass
  planned: Planned | null
  sheet: Sheet
  voice: Voice
  commands: SheetCommands
  /** Does what a key of the page would do. */
  run: (id: PageKey) => void
}>()
const scope = defineModel<Scope>('scope', { required: true })

const name = computed(() =>
  words.format.slotName(props.slotDanced.slot.content, props.slotDanced.figure?.name ?? null),
)
const bar = computed(
  () =>
    Math.floor(
      (props.slotDanced.start - props.pass.start) / ticksPerBar(props.sheet.routine.metre),
    ) + 1,
)
const place = computed(() =>
  words.sheet.place(
    bar.value,
    props.pass.part.label,
    words.format.ordinal(props.pass.ordinal, props.pass.ordinals),
  ),
)
const isFigure = computed(() => props.slotDanced.slot.content.type === 'figure')
const variation = computed(() =>
  props.slotDanced.slot.content.type === 'figure' ? props.slotDanced.slot.content.variation : null,
)
const roles = computed(() => rolesTold(props.sheet.routine, props.sheet.school))
const isSettled = computed(
  () =>
    props.slotDanced.slot.content.type === 'words' &&
    props.slotDanced.slot.content.lengthTicks !== null,
)
const scopes = computed(() => [
  { value: 'part', label: words.sheet.scopePart(props.pass.part.label) },
  { value: 'pass', label: words.sheet.scopePass },
])
interface Action {
  readonly id: PageKey
  readonly label: string
  readonly icon: Component
  readonly pressed?: boolean
}
/** What is done to the figure most often, as icons with their names. */
const actions = computed((): readonly Action[] => {
  const { sheet: say } = words
  const half = variation.value?.cut?.type === 'half'
  return [
    { id: 'add', label: say.addAfter, icon: Plus },
    { id: 'replace', label: say.replace, icon: Replace },
    ...(isFigure.value
      ? ([
          {
            id: 'halve',
            label: half ? say.wholeAgain : say.halve,
            icon: SquareSplitHorizontal,
            pressed: half,
          },
          { id: 'more', label: say.more, icon: Repeat2 },
          ...((variation.value?.times ?? 1) > 1
            ? [{ id: 'less', label: say.less, icon: Minus } as const]
            : []),
          {
            id: 'reflect',
            label: say.reflect,
            icon: FlipHorizontal2,
            pressed: variation.value?.reflected === true,
          },
        ] as const)
      : []),
    ...(props.slotDanced.changed
      ? []
      : ([
          { id: 'move-before', label: say.earlierSlot, icon: ArrowLeft },
          { id: 'move-after', label: say.laterSlot, icon: ArrowRight },
        ] as const)),
    ...(props.slotDanced.slot.say === 'nothing'
      ? []
      : ([{ id: 'silence', label: say.silent, icon: VolumeX }] as const)),
    { id: 'remove', label: say.remove, icon: Trash2 },
  ]
})
const lengthBeats = computed(() => props.slotDanced.lengthTicks / TICKS_PER_BEAT)
</script>

<template>
  <div class="slot-panel">
    <div class="who">
      <h2>{{ name }}</h2>
      <el-segmented
        v-if="!slotDanced.changed"
        v-model="scope"
        size="small"
        :options="scopes"
        :aria-label="words.sheet.scope"
      />
    </div>
    <p class="soft place">{{ place }} · {{ words.format.counts(lengthBeats) }}</p>
    <div class="actions" role="group" :aria-label="words.sheet.actions">
      <el-tooltip v-for="one in actions" :key="one.id" :content="one.label">
        <el-button
          class="icon"
          :aria-label="one.label"
          :aria-pressed="one.pressed"
          @click="run(one.id)"
          ><component :is="one.icon" :size="17" aria-hidden="true"
        /></el-button>
      </el-tooltip>
    </div>
    <div v-if="!isFigure && (isSettled || slotDanced.open)" class="length">
      <label class="field-label" for="slot-beats">{{ words.sheet.length }}</label>
      <el-input-number
        id="slot-beats"
        :model-value="lengthBeats"
        :min="0"
        :max="4000"
        :aria-label="words.sheet.length"
        @change="commands.wordsLength(slotDanced, $event ?? 0)"
      />
    </div>
    <MovesField
      v-if="sheet.routine.places && slotDanced.slot.content.type === 'words' && isSettled"
      :key="slotDanced.slot.id"
      :moves="slotDanced.slot.content.moves ?? []"
      :length-ticks="slotDanced.lengthTicks"
      @change="commands.wordsMoves(slotDanced, $event)"
    />
    <WordingEditor
      :slot-danced="slotDanced"
      :voice="voice"
      :planned="planned"
      @word="(kind, text) => commands.word(slotDanced, kind, text)"
      @silence="commands.silence(slotDanced)"
    />
    <WhyHere
      v-if="planned"
      :planned="planned"
      :school="sheet.school"
      :measured="voice.measured"
      :pin="slotDanced.slot.pin"
      @pin="commands.pin(slotDanced, $event)"
    />
    <section v-if="slotDanced.danced" :aria-label="words.sheet.steps">
      <BeatChart
        :danced="slotDanced.danced"
        :beats-per-bar="sheet.routine.metre.beatsPerBar"
        :roles="roles"
        :beats-per-line="3"
      />
    </section>
    <template v-if="slotDanced.slot.caution !== 'hidden'">
      <p v-for="caution in slotDanced.figure?.cautions ?? []" :key="caution.text" class="caution">
        <strong>{{ words.caution[caution.kind] }}.</strong> {{ words.shipped.remark(caution.text) }}
      </p>
      <p v-if="(slotDanced.figure?.cautions.length ?? 0) > 0" class="soft">
        {{ words.sheets.print.defer }}
      </p>
    </template>
    <VaryFields
      v-if="variation && slotDanced.figure"
      :figure="slotDanced.figure"
      :variation="variation"
      :problem="slotDanced.problem ? words.problem(slotDanced.problem) : null"
      @change="commands.danceAs(slotDanced, $event)"
    />
    <SlotCalling
      :slot-danced="slotDanced"
      :roles="roles"
      @field="(field, value) => commands.slotField(slotDanced, field, value)"
    />
    <StateAtBeat :sheet="sheet" :slot-danced="slotDanced" />
    <div>
      <label class="field-label" for="slot-remark">{{ words.sheet.remark }}</label>
      <el-input
        id="slot-remark"
        :model-value="slotDanced.slot.remark"
        maxlength="500"
        @update:model-value="commands.remark(slotDanced, $event)"
      />
    </div>
    <SlotMarks
      :slot-danced="slotDanced"
      :roles="roles"
      @field="(field, value) => commands.slotField(slotDanced, field, value)"
      @content="commands.setContent(slotDanced, $event)"
    />
  </div>
</template>

<style scoped>
.slot-panel {
  display: flex;
  flex-direction: column;
  gap: 0.55rem;
}
.who {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  justify-content: space-between;
}
h2 {
  font-size: 1.15rem;
  min-width: 0;
}
.who :deep(.el-segmented) {
  flex: none;
}
.place {
  font-size: 0.85rem;
  margin-top: -0.45rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}
.icon {
  padding: 0;
  width: 31px;
  height: 31px;
}
.icon[aria-pressed='true'] {
  background: var(--feet-tint);
  border-color: var(--feet);
}
.caution {
  border: 2px solid var(--music);
  border-radius: 6px;
  padding: 0.5rem 0.7rem;
  font-size: 0.9rem;
}
</style>
