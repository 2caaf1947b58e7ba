<script setup lang="ts">
import type { Planned, Voice } from '@dellop/core/cue'
import { rolesOf, type DancedPass, type DancedSlot, type Scope } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { ticksPerBar, TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import BeatChart from '../beats/BeatChart.vue'
import VaryFields from '../beats/VaryFields.vue'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import type { PageKey } from './pageCommands.ts'
import SlotCalling from './SlotCalling.vue'
import SlotMarks from './SlotMarks.vue'
import StateAtBeat from './StateAtBeat.vue'
import WhyHere from './WhyHere.vue'
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
const roles = computed(() => rolesOf(props.sheet.routine, props.sheet.school))
const isSettled = computed(
  () =>
    props.slotDanced.slot.content.type === 'words' &&
    props.slotDanced.slot.content.lengthTicks !== null,
)
const lengthBeats = computed(() => props.slotDanced.lengthTicks / TICKS_PER_BEAT)
</script>

<template>
  <div class="panel">
    <h2>{{ name }}</h2>
    <p class="soft">{{ place }} · {{ words.format.counts(lengthBeats) }}</p>
    <fieldset v-if="!slotDanced.changed" class="scope">
      <legend class="unseen">{{ words.sheet.scope }}</legend>
      <el-radio-group v-model="scope">
        <el-radio value="part">{{ words.sheet.scopePart(pass.part.label) }}</el-radio>
        <el-radio value="pass">{{ words.sheet.scopePass }}</el-radio>
      </el-radio-group>
    </fieldset>
    <div class="actions">
      <button class="button small" @click="run('add')">{{ words.sheet.addAfter }}</button>
      <button class="button small" @click="run('replace')">{{ words.sheet.replace }}</button>
      <template v-if="isFigure">
        <button
          class="button small"
          :aria-pressed="variation?.cut?.type === 'half'"
          @click="run('halve')"
        >
          {{ variation?.cut?.type === 'half' ? words.sheet.wholeAgain : words.sheet.halve }}
        </button>
        <button class="button small" @click="run('more')">{{ words.sheet.more }}</button>
        <button v-if="(variation?.times ?? 1) > 1" class="button small" @click="run('less')">
          {{ words.sheet.less }}
        </button>
        <button class="button small" :aria-pressed="variation?.reflected" @click="run('reflect')">
          {{ words.sheet.reflect }}
        </button>
      </template>
      <template v-if="!slotDanced.changed">
        <button class="button small" @click="run('move-before')">
          {{ words.sheet.earlierSlot }}
        </button>
        <button class="button small" @click="run('move-after')">{{ words.sheet.laterSlot }}</button>
      </template>
      <button class="button small" @click="commands.remove(slotDanced)">
        {{ words.sheet.remove }}
      </button>
    </div>
    <VaryFields
      v-if="variation && slotDanced.figure"
      :figure="slotDanced.figure"
      :variation="variation"
      :problem="slotDanced.problem?.message ?? null"
      @change="commands.danceAs(slotDanced, $event)"
    />
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
    <SlotCalling
      :slot-danced="slotDanced"
      :roles="roles"
      @field="(field, value) => commands.slotField(slotDanced, field, value)"
    />
    <section v-if="slotDanced.danced" :aria-label="words.sheet.steps">
      <BeatChart
        :danced="slotDanced.danced"
        :beats-per-bar="sheet.routine.metre.beatsPerBar"
        :roles="roles"
        :beats-per-line="3"
      />
    </section>
    <StateAtBeat :sheet="sheet" :slot-danced="slotDanced" />
    <template v-if="slotDanced.slot.caution !== 'hidden'">
      <p v-for="caution in slotDanced.figure?.cautions ?? []" :key="caution.text" class="caution">
        <strong>{{ words.caution[caution.kind] }}.</strong> {{ caution.text }}
      </p>
      <p v-if="(slotDanced.figure?.cautions.length ?? 0) > 0" class="soft">
        {{ words.sheets.print.defer }}
      </p>
    </template>
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
.panel {
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
}
.panel > p:first-of-type {
  margin-top: -0.7rem;
  font-size: 0.95rem;
}
.scope {
  border: 0;
  padding: 0;
  margin: 0;
}
.scope :deep(.el-radio) {
  height: 28px;
  margin-right: 1.25rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
}
.actions .button {
  padding: 0 0.55rem;
  font-size: 0.9rem;
}
.actions .button[aria-pressed='true'] {
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
