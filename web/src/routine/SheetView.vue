<script setup lang="ts">
import { diff, type Edit } from '@dellop/core/document'
import {
  overrule,
  routineShape,
  type DancedPass,
  type Routine,
  type Scope,
} from '@dellop/core/routine'
import type { ListedFinding } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import {
  computed,
  defineAsyncComponent,
  nextTick,
  onBeforeUnmount,
  onMounted,
  ref,
  watch,
} from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { sentenceOf } from '../app/api.ts'
import { useSlipMarks } from '../app/lastTime.ts'
import { useLibrary } from '../app/library.ts'
import PhrasePage from '../page/PhrasePage.vue'
import { ALL_SHOWN, type Shown } from '../page/shown.ts'
import { words } from '../words/index.ts'
import { sheetCommands } from './commands.ts'
import ConflictNote, { type FieldConflict } from '../document/ConflictNote.vue'
import { isFromFile } from '../document/fromFile.ts'
import FigurePicker from './FigurePicker.vue'
import KeysDialog from './KeysDialog.vue'
import OrderStrip from './OrderStrip.vue'
import PageView from './PageView.vue'
import RangeBar from './RangeBar.vue'
import PreviewBar from './PreviewBar.vue'
import { randomId } from '../app/randomId.ts'
import { keepRecent } from '../app/recent.ts'
import { useSheetActions } from './sheetActions.ts'
import { useSheetDocument } from './sheetDocument.ts'
import SheetBar, { type SheetMenu } from './SheetBar.vue'
import { useSheetPage } from './sheetPage.ts'
import { useSheetTelling } from './sheetTelling.ts'
import SheetSide from './SheetSide.vue'
import { useBesidePage } from './besidePage.ts'
import { clipboard } from './clipboard.ts'
import { provideSlips } from '../page/slips.ts'
import { provideSpoken } from '../page/spokenLanguage.ts'
import { DENSITIES, keepDensity, keptDensity } from '../page/density.ts'
import { tell } from '../ui/message.ts'
import { follow } from '../app/download.ts'
import { helpFor } from '../help/topicOf.ts'
import { musicChoices, musicTold, type MusicChoice } from './timedOn.ts'

/** The text editor is large and not always wanted. */
const SheetTextPane = defineAsyncComponent(() => import('./SheetTextPane.vue'))

const route = useRoute()
const router = useRouter()
const library = useLibrary()
const id = String(route.params['id'])
const document_ = useSheetDocument(id)
const page = useSheetPage(document_, id)
/** What was changed twice, as the history says it. */
const conflictName = ({ id: node, field, kept, mine }: FieldConflict): string => {
  const edit: Edit = { type: 'set', id: node, field, from: kept, to: mine }
  return words.changes(document_.routine.value!, [edit], library.book)[0]!
}
const scope = ref<Scope>('part')
const commands = sheetCommands(document_, page, () => scope.value)
const { sheet, rows, barsPerLine, selected, selectedKey, selectedPass, marks } = page

const failure = ref<string | null>(null)
const told = ref('')
const textShown = ref(false)
const phrasePage = ref<InstanceType<typeof PhrasePage> | null>(null)
const {
  choose,
  openAdd,
  openReplace,
  pickFigure,
  pickWords,
  picking,
  pickedTimes,
  leavePicker,
  fill,
  drop,
  travel,
  run,
  keysShown,
} = useSheetActions({
  document: document_,
  page,
  commands,
  told,
  reveal: (key, focus) => phrasePage.value?.reveal(key, focus),
  hear: () => {
    showSide('cues')
    page.hearsNext.value = true
  },
  toLectern: () => void router.push({ name: 'lectern', params: { id } }),
})
const shown = ref<Shown>(ALL_SHOWN)
const density = ref(keptDensity())
watch(density, keepDensity)
const { roundTold, counting, stripShown, strip } = useSheetTelling(sheet)
const view = ref<HTMLElement | null>(null)
const { side, drawer, narrow, showSide, select } = useBesidePage(page, view, () => phrasePage.value)
function fromMenu(what: SheetMenu): void {
  if (what === 'rehearse') void router.push({ name: 'sheet-rehearse', params: { id } })
  else if (what === 'floor') void router.push({ name: 'sheet-floor', params: { id } })
  else if (what === 'print') void router.push({ name: 'sheet-print', params: { id } })
  else if (what === 'file') follow(`/api/sheets/${id}/file`)
  else if (what === 'help') void router.push({ name: 'help', hash: `#${helpFor('sheet')}` })
  else if (what === 'text') textShown.value = true
  else if (what === 'keys') keysShown.value = true
  else showSide(what)
}
const spoken = computed(() => sheet.value?.routine.language ?? 'en')
provideSpoken(spoken)
provideSlips(useSlipMarks(id, () => sheet.value?.timeline.passes ?? []))
const voice = computed(() => library.voiceFor(spoken.value))
async function load(): Promise<void> {
  failure.value = null
  try {
    await library.load()
    await document_.open()
    const { title } = document_.routine.value!
    document.title = `${title} · Dellop`
    keepRecent({ path: `/sheets/${id}`, name: title })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}

onMounted(load)
onBeforeUnmount(() => document_.close())
onBeforeRouteLeave(() => document_.saveNow())

// A slot that is gone is chosen no longer; a change for one pass only is a choice made anew for
// each figure.
watch(selected, (now) => {
  if (!now && selectedKey.value) page.select(null)
})
watch(selectedKey, () => (scope.value = 'part'))

/** Shows what edits would make of the page, before they are made. */
function see(label: string, edits: readonly Edit[]): void {
  page.preview.value = { label, edits }
  const [first] = page.fresh.value
  if (first) void nextTick(() => phrasePage.value?.reveal(first, false))
}
function takePreview(): void {
  const now = page.preview.value
  page.preview.value = null
  if (now) document_.edit(now.edits, words.done.repair)
}
/** As it was: an edit like any other, that can be undone. */
const goBack = (routine: Routine): boolean =>
  document_.edit(diff(routineShape, sheet.value!.routine, routine), words.done.back)
function chooseTune(tune: Tune): void {
  chooseMusic(
    musicChoices([tune], { ...sheet.value!.routine, tuneId: tune.id, recordingId: null })[0] ??
      null,
  )
}
const leaveSo = (finding: ListedFinding, reason: string): boolean =>
  document_.edit(
    overrule(sheet.value!.routine, randomId(), finding.code, finding.subject, reason),
    words.done.overrule,
  )

function chooseMusic(choice: MusicChoice | null): void {
  commands.setMusic(choice?.tune.id ?? null, choice?.recording?.id ?? null)
  tell(musicTold(choice))
}

/** What the panel is given, wherever it stands: beside the page or over it. */
const panel = computed(() => ({
  sheet: page.standing.value ?? sheet.value!,
  page,
  commands,
  voice: voice.value,
  tunes: library.tunes,
  schools: library.schools,
  figures: library.figures,
  saved: document_.isSaved.value,
  run,
}))
const heard = {
  go: (key: string) => choose(key, true),
  see,
  overrule: leaveSo,
  tune: chooseTune,
  music: chooseMusic,
  back: goBack,
}

function goToPass(pass: DancedPass): void {
  const first = pass.slots[0]
  if (first) choose(first.key, true)
}
</script>

<template>
  <div v-if="failure" class="view" role="alert">
    <p>{{ failure }}</p>
    <p class="actions">
      <el-button type="primary" @click="load">{{ words.app.again }}</el-button>
      <el-button tag="router-link" :to="{ name: 'sheets' }">{{ words.sheet.back }}</el-button>
    </p>
  </div>
  <div v-else-if="!sheet" class="view" role="status" :aria-label="words.app.loading">
    <el-skeleton :rows="8" animated />
  </div>
  <div v-else ref="view" class="sheet" :class="{ low: narrow && drawer }">
    <SheetBar
      :sheet="sheet"
      :round="page.slots.value.length > 0 ? roundTold : ''"
      :saving="document_.saving.value"
      :is-saved="document_.isSaved.value"
      :can-undo="document_.canUndo.value"
      :can-redo="document_.canRedo.value"
      @title="commands.setHeader('title', $event)"
      @fix="showSide('fix')"
      @undo="travel('undo')"
      @redo="travel('redo')"
      @hear="run('hear')"
      @menu="fromMenu"
    />
    <div class="strip">
      <OrderStrip
        :passes="sheet.timeline.passes"
        :parts="sheet.routine.parts"
        :current-pass="selectedPass?.key ?? null"
        @go="goToPass"
        @add="commands.passOver"
        @new-part="commands.newPart"
        @remove="commands.dropPass"
        @move="commands.movePass"
      />
      <PageView
        v-model:laid-by="page.laidBy.value"
        v-model:known="page.known.value"
        v-model:shown="shown"
        v-model:strip="stripShown"
        v-model:text="textShown"
        v-model:density="density"
        :by-hand="page.isByHand.value"
        :fading="sheet.school.fading !== null"
        @go-by-logbook="page.goByLogbook"
      />
    </div>
    <p class="unseen" role="status">{{ told }}</p>
    <el-splitter class="body">
      <el-splitter-panel :min="320">
        <div class="paper">
          <ConflictNote
            :conflicts="document_.conflicts.value"
            :from-file="isFromFile(sheet.routine.id)"
            :name-of="conflictName"
            @use-mine="document_.takeMine($event, words.done.repair)"
            @dismiss="document_.settle($event)"
          />
          <PhrasePage
            ref="phrasePage"
            v-model:bars-per-line="barsPerLine"
            :rows="rows"
            :metre="sheet.routine.metre"
            :counting="counting"
            :selected-key="selectedKey"
            :marks="marks"
            :sums="page.sums.value"
            :in-range="page.rangeKeys.value"
            :fresh="page.fresh.value"
            :strip="strip"
            :shown="shown"
            :density="DENSITIES[density]"
            @select="select"
            @extend="page.extendTo"
            @drop-on="drop"
            @open="openReplace"
            @fill="fill"
          />
          <el-empty
            v-if="sheet.routine.passes.length === 0 && sheet.routine.parts.length > 0"
            :description="words.sheet.noOrder"
          >
            <el-button
              v-for="part in sheet.routine.parts"
              :key="part.id"
              type="primary"
              @click="commands.passOver(part.id)"
            >
              {{ words.sheet.putInOrder(part.label) }}
            </el-button>
          </el-empty>
          <el-empty v-else-if="page.slots.value.length === 0" :description="words.sheet.emptyPage">
            <el-button type="primary" size="large" @click="openAdd(null, null)">
              {{ words.sheet.firstFigure }}
            </el-button>
          </el-empty>
          <div class="over">
            <RangeBar :range="page.range.value" :copied="clipboard.length" :run="run" />
            <PreviewBar
              v-if="page.preview.value && page.previewed.value && page.standing.value"
              :label="page.preview.value.label"
              :before="page.standing.value"
              :after="page.previewed.value"
              @take="takePreview"
              @leave="page.preview.value = null"
            />
          </div>
        </div>
      </el-splitter-panel>
      <el-splitter-panel v-if="textShown" :size="narrow ? '60%' : 480" :min="280">
        <SheetTextPane
          class="text"
          :sheet="sheet"
          :figures="library.figures"
          :findings="page.open.value"
          :edit="(edits) => document_.edit(edits, words.done.text, 'text')"
          @go="choose($event)"
          @close="textShown = false"
        />
      </el-splitter-panel>
      <el-splitter-panel v-else-if="!narrow" :size="340" :min="290" :max="620">
        <SheetSide v-model:scope="scope" v-model:side="side" v-bind="panel" v-on="heard" />
      </el-splitter-panel>
    </el-splitter>
    <el-drawer
      v-if="narrow"
      v-model="drawer"
      direction="btt"
      size="55%"
      :modal="false"
      modal-penetrable
      :title="words.sheets.side.label"
      class="side-drawer"
    >
      <SheetSide v-model:scope="scope" v-model:side="side" v-bind="panel" v-on="heard" />
    </el-drawer>
    <FigurePicker
      v-if="picking"
      :key="pickedTimes"
      :again="pickedTimes > 0"
      :suggest="
        (text) => page.suggest(text, picking!.for === 'add' ? picking!.after : page.neighbour(-1))
      "
      :allow-words="picking.for === 'add'"
      @pick="pickFigure"
      @words="pickWords"
      @cancel="leavePicker"
    />
    <KeysDialog v-model="keysShown" />
  </div>
</template>

<style scoped src="./sheetView.css"></style>
