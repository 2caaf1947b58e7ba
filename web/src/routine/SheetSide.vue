<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import type { Repair } from '@dellop/core/check'
import type { Voice } from '@dellop/core/cue'
import type { Figure } from '@dellop/core/figure'
import { takeUp, type Part, type Pass, type Routine, type Scope } from '@dellop/core/routine'
import type { ListedFinding, Sheet } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import type { School } from '@dellop/core/school'
import { MoreHorizontal } from '@lucide/vue'
import { computed, defineAsyncComponent, toRaw, toRef } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import type { SheetCommands } from './commands.ts'
import FindingList from './FindingList.vue'
import type { SheetPage } from './sheetPage.ts'
import type { PageKey } from './pageCommands.ts'
import { ALWAYS_THERE, ON_ASKING, type Side } from './sides.ts'
import SlotPanel from './SlotPanel.vue'
import TimedOn from './TimedOn.vue'
import type { MusicChoice } from './timedOn.ts'
import { useRepairs } from './useRepairs.ts'
import { repairWorker } from '../workers/repairing.ts'

/** What does not stand there at first comes when it is asked for. */
const AboutPanel = defineAsyncComponent(() => import('./AboutPanel.vue'))
const CuesPanel = defineAsyncComponent(() => import('./CuesPanel.vue'))
const FitPanel = defineAsyncComponent(() => import('./FitPanel.vue'))
const HandOn = defineAsyncComponent(() => import('./HandOn.vue'))
const HistoryPanel = defineAsyncComponent(() => import('./HistoryPanel.vue'))
const PassPanel = defineAsyncComponent(() => import('./PassPanel.vue'))

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
const side = defineModel<Side>('side', { required: true })
const emit = defineEmits<{
  go: [key: string]
  see: [label: string, edits: readonly Edit[]]
  overrule: [finding: ListedFinding, reason: string]
  tune: [tune: Tune]
  music: [choice: MusicChoice | null]
  back: [routine: Routine]
}>()

const selected = computed(() => props.page.selected.value)
const selectedPass = computed(() => props.page.selectedPass.value)
const wrong = computed(
  () => props.page.open.value.filter(({ severity }) => severity !== 'note').length,
)

const tabs = computed(() =>
  ALWAYS_THERE.some((one) => one === side.value) ? ALWAYS_THERE : [...ALWAYS_THERE, side.value],
)
const library = useLibrary()
const { repairsOf, isSearching } = useRepairs(
  toRef(() => props.sheet),
  ({ routine }) => toRaw(library.inputFor(routine)),
  repairWorker,
)
const repair = (one: Repair): void => emit('see', words.finding.repair(one), one.edits)
</script>

<template>
  <aside class="side" :aria-label="words.sheets.side.label">
    <div class="head">
      <el-tabs v-model="side" class="tabs">
        <el-tab-pane v-for="one in tabs" :key="one" :name="one">
          <template #label
            >{{ words.sheets.side[one]
            }}<el-badge v-if="one === 'fix' && wrong > 0" class="badge" :value="wrong"
          /></template>
        </el-tab-pane>
      </el-tabs>
      <el-dropdown trigger="click" @command="side = $event">
        <el-button class="more" text :aria-label="words.sheets.side.more"
          ><MoreHorizontal :size="18" aria-hidden="true"
        /></el-button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="one in ON_ASKING" :key="one" :command="one">{{
              words.sheets.side[one]
            }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <div class="panel">
      <template v-if="side === 'figure'">
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
      <FindingList
        v-else-if="side === 'fix'"
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
      <template v-else-if="side === 'music'">
        <TimedOn
          :routine="sheet.routine"
          :tunes="tunes"
          @choose="(choice) => emit('music', choice)"
        />
        <FitPanel
          :sheet="sheet"
          :tunes="tunes"
          @see="(label, offer) => emit('see', label, offer.edits)"
          @music="emit('tune', $event)"
          @go="emit('go', $event)"
        />
      </template>
      <AboutPanel
        v-else-if="side === 'about'"
        :routine="sheet.routine"
        :school="sheet.school"
        :schools="schools"
        @set="(field, value) => commands.heading(field, value)"
      />
      <HistoryPanel
        v-else-if="side === 'history'"
        :sheet="sheet"
        :saved="saved"
        @back="emit('back', $event)"
      />
      <HandOn
        v-else
        :sheet="sheet"
        :figures="figures"
        @away="commands.heading('archived', $event ? true : undefined)"
      />
    </div>
  </aside>
</template>

<style scoped>
.side {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
}
.head {
  display: flex;
  align-items: center;
  padding: 0 6px 0 14px;
}
.tabs {
  flex: 1;
  min-width: 0;
}
.tabs :deep(.el-tabs__header) {
  margin: 0;
}
.tabs :deep(.el-tabs__content) {
  display: none;
}
.tabs :deep(.el-tabs__item) {
  height: 40px;
  padding: 0 9px;
}
.badge {
  margin-left: 4px;
}
.more {
  padding: 0 6px;
}
.panel {
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
  padding: 10px 14px 3rem;
  overflow-y: auto;
}
</style>
