<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import type { Repair } from '@dellop/core/check'
import type { Voice } from '@dellop/core/cue'
import type { Figure } from '@dellop/core/figure'
import { takeUp, type Part, type Pass, type Routine, type Scope } from '@dellop/core/routine'
import type { ListedFinding, Sheet } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import type { School } from '@dellop/core/school'
import { computed, nextTick, ref, toRaw, toRef } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import AboutPanel from './AboutPanel.vue'
import type { SheetCommands } from './commands.ts'
import CuesPanel from './CuesPanel.vue'
import FindingList from './FindingList.vue'
import FitPanel from './FitPanel.vue'
import HistoryPanel from './HistoryPanel.vue'
import PassPanel from './PassPanel.vue'
import type { SheetPage } from './sheetPage.ts'
import type { PageKey } from './pageCommands.ts'
import SlotPanel from './SlotPanel.vue'
import { useRepairs } from './useRepairs.ts'
import { repairWorker } from '../workers/repairing.ts'

/**
 * Beside the page: what is to mend and the figure that is chosen, its pass, the music, the heading,
 * the history.
 */
const props = defineProps<{
  sheet: Sheet
  page: SheetPage
  commands: SheetCommands
  voice: Voice
  tunes: readonly Tune[]
  schools: readonly School[]
  figures: readonly Figure[]
  saved: boolean
  run: (id: PageKey) => void
}>()
const scope = defineModel<Scope>('scope', { required: true })
const emit = defineEmits<{
  go: [key: string]
  see: [label: string, edits: readonly Edit[]]
  overrule: [finding: ListedFinding, reason: string]
  music: [tune: Tune]
  back: [routine: Routine]
}>()

const SIDES = ['figure', 'cues', 'pass', 'music', 'about', 'history'] as const
type Side = (typeof SIDES)[number]
const side = ref<Side>('figure')
const selected = computed(() => props.page.selected.value)
const selectedPass = computed(() => props.page.selectedPass.value)
const wrong = computed(
  () => props.page.open.value.filter(({ severity }) => severity !== 'note').length,
)

/** Arrow keys go from tab to tab, as in every row of tabs. */
function step(event: KeyboardEvent, by: number): void {
  event.preventDefault()
  event.stopPropagation()
  const at = (SIDES.indexOf(side.value) + by + SIDES.length) % SIDES.length
  side.value = SIDES[at]!
  void nextTick(() => document.getElementById(`side-${side.value}`)?.focus())
}
const library = useLibrary()
const { repairsOf, isSearching } = useRepairs(
  toRef(() => props.sheet),
  ({ routine }) => toRaw(library.inputFor(routine)),
  repairWorker,
)
const repair = (one: Repair): void => emit('see', words.finding.repair(one), one.edits)
defineExpose({ show: (wanted: Side) => (side.value = wanted) })
</script>

<template>
  <aside class="side" :aria-label="words.sheets.side.label">
    <slot />
    <div class="tabs" role="tablist" :aria-label="words.sheets.side.label">
      <button
        v-for="one in SIDES"
        :id="`side-${one}`"
        :key="one"
        role="tab"
        :aria-selected="side === one"
        aria-controls="side-panel"
        :tabindex="side === one ? 0 : -1"
        @click="side = one"
        @keydown.left="step($event, -1)"
        @keydown.right="step($event, 1)"
      >
        {{ words.sheets.side[one] }}
      </button>
    </div>
    <div id="side-panel" role="tabpanel" :aria-labelledby="`side-${side}`" class="panel">
      <template v-if="side === 'figure'">
        <FindingList
          :class="{ last: wrong === 0 }"
          :findings="sheet.findings"
          :repairs-of="repairsOf"
          :is-searching="isSearching"
          @go="emit('go', $event)"
          @see="repair"
          @overrule="(finding, reason) => emit('overrule', finding, reason)"
          @take-up="
            commands.take(takeUp(sheet.routine, $event.code, $event.subject), words.done.takeUp)
          "
        />
        <SlotPanel
          v-if="selected && selectedPass"
          v-model:scope="scope"
          :slot-danced="selected"
          :pass="selectedPass"
          :planned="page.planned.value"
          :sheet="sheet"
          :voice="voice"
          :commands="commands"
          :run="run"
        />
        <p v-else class="soft">{{ words.sheet.nothingSelected }}</p>
      </template>
      <CuesPanel
        v-else-if="side === 'cues'"
        :sheet="sheet"
        :page="page"
        @set="(field, value) => commands.heading(field, value)"
        @go="emit('go', $event)"
        @see="(label, edits) => emit('see', label, edits)"
      />
      <template v-else-if="side === 'pass'">
        <PassPanel
          v-if="selectedPass"
          :sheet="sheet"
          :pass="selectedPass"
          @pass="(pass: Pass, field, value) => commands.passField(pass, field, value)"
          @part="(part: Part, field, value) => commands.partField(part, field, value)"
          @edits="(edits, label) => commands.take(edits, label)"
          @go="emit('go', $event)"
        />
        <p v-else class="soft">{{ words.sheets.pass.none }}</p>
      </template>
      <FitPanel
        v-else-if="side === 'music'"
        :sheet="sheet"
        :tunes="tunes"
        @see="(label, offer) => emit('see', label, offer.edits)"
        @music="emit('music', $event)"
        @go="emit('go', $event)"
      />
      <AboutPanel
        v-else-if="side === 'about'"
        :routine="sheet.routine"
        :school="sheet.school"
        :schools="schools"
        @set="(field, value) => commands.heading(field, value)"
      />
      <HistoryPanel
        v-else
        :sheet="sheet"
        :figures="figures"
        :saved="saved"
        @back="emit('back', $event)"
        @away="commands.heading('archived', $event ? true : undefined)"
      />
    </div>
  </aside>
</template>

<style scoped>
.side {
  padding: 0.8rem 1.25rem 3rem;
  display: flex;
  flex-direction: column;
  gap: 1rem;
  position: sticky;
  top: 0;
  align-self: start;
  max-height: 100vh;
  overflow-y: auto;
}
.tabs {
  display: flex;
  border-bottom: 2px solid var(--rule-strong);
}
.tabs button {
  flex: auto;
  min-height: 38px;
  padding: 0 0.2rem;
  font-size: 0.95rem;
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
  cursor: pointer;
}
.tabs button[aria-selected='true'] {
  font-weight: 700;
  border-bottom-color: var(--music);
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 1.5rem;
}
.last {
  order: 1;
}
@media (max-width: 900px) {
  .side {
    position: static;
    max-height: none;
  }
}
</style>
