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
import { useLibrary } from '../app/library.ts'
import PhrasePage from '../page/PhrasePage.vue'
import { ALL_SHOWN, type Shown } from '../page/shown.ts'
import { words } from '../words/index.ts'
import { sheetCommands } from './commands.ts'
import ConflictNote from '../document/ConflictNote.vue'
import FigurePicker from './FigurePicker.vue'
import KeysDialog from './KeysDialog.vue'
import OrderStrip from './OrderStrip.vue'
import PageToolbar from './PageToolbar.vue'
import PreviewBar from './PreviewBar.vue'
import { randomId } from '../app/randomId.ts'
import { useSheetActions } from './sheetActions.ts'
import { useSheetDocument } from './sheetDocument.ts'
import SheetHead from './SheetHead.vue'
import { useSheetPage } from './sheetPage.ts'
import { useSheetTelling } from './sheetTelling.ts'
import SheetSide from './SheetSide.vue'
import { musicChoices, musicTold, type MusicChoice } from './timedOn.ts'

/** The text editor is large and not always wanted. */
const SheetTextPane = defineAsyncComponent(() => import('./SheetTextPane.vue'))

const route = useRoute()
const router = useRouter()
const library = useLibrary()
const id = String(route.params['id'])
const document_ = useSheetDocument(id)
const page = useSheetPage(document_, id)
const scope = ref<Scope>('part')
const commands = sheetCommands(document_, page, () => scope.value)
const { sheet, rows, barsPerLine, selected, selectedKey, selectedPass, marks } = page

const failure = ref<string | null>(null)
const told = ref('')
const musicSaid = ref('')
const textShown = ref(false)
const phrasePage = ref<InstanceType<typeof PhrasePage> | null>(null)
const { choose, openAdd, openReplace, pick, picking, fill, drop, travel, run, keysShown } =
  useSheetActions({
    document: document_,
    page,
    commands,
    told,
    reveal: (key, focus) => phrasePage.value?.reveal(key, focus),
    toLectern: () => void router.push({ name: 'lectern', params: { id } }),
  })
const shown = ref<Shown>(ALL_SHOWN)
const { roundTold, counting, stripShown, strip } = useSheetTelling(sheet)
const voice = computed(() => library.voiceFor(sheet.value?.routine.language ?? 'en'))

async function load(): Promise<void> {
  failure.value = null
  try {
    await library.load()
    await document_.open()
    document.title = `${document_.routine.value!.title} · Dellop`
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
  musicSaid.value = musicTold(choice)
}

function goToPass(pass: DancedPass): void {
  const first = pass.slots[0]
  if (first) choose(first.key, true)
}
</script>

<template>
  <Teleport defer to="#bar-action">
    <RouterLink class="button main" :to="{ name: 'lectern', params: { id } }">{{
      words.sheet.toLectern
    }}</RouterLink>
  </Teleport>
  <div v-if="failure" class="view" role="alert">
    <p>{{ failure }}</p>
    <button class="button" @click="load">{{ words.app.again }}</button>
  </div>
  <p v-else-if="!sheet" class="view" role="status">{{ words.app.loading }}</p>
  <div v-else class="sheet">
    <SheetHead
      :sheet="sheet"
      :tunes="library.tunes"
      :saving="document_.saving.value"
      :can-undo="document_.canUndo.value"
      :can-redo="document_.canRedo.value"
      @title="commands.setHeader('title', $event)"
      @by="commands.setHeader('by', $event)"
      @music="chooseMusic"
      @undo="travel('undo')"
      @redo="travel('redo')"
      @keys="keysShown = true"
    />
    <p class="unseen" role="status">{{ told }}</p>
    <p v-if="musicSaid" class="told" role="status">
      {{ musicSaid }}
      <button class="textlink" @click="musicSaid = ''">{{ words.app.close }}</button>
    </p>
    <div class="body" :class="{ texting: textShown }">
      <div class="paper">
        <ConflictNote
          :conflicts="document_.conflicts.value"
          @use-mine="document_.takeMine($event, words.done.repair)"
          @dismiss="document_.settle($event)"
        />
        <button
          class="button small beside"
          :aria-pressed="textShown"
          @click="textShown = !textShown"
        >
          {{ words.sheetText.beside }}
        </button>
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
        <PageToolbar
          v-model:laid-by="page.laidBy.value"
          v-model:known="page.known.value"
          v-model:shown="shown"
          v-model:strip="stripShown"
          :range="page.range.value"
          :run="run"
          :fading="sheet.school.fading !== null"
        />
        <PreviewBar
          v-if="page.preview.value && page.previewed.value && page.standing.value"
          :label="page.preview.value.label"
          :before="page.standing.value"
          :after="page.previewed.value"
          @take="takePreview"
          @leave="page.preview.value = null"
        />
        <p v-if="page.slots.value.length > 0" class="soft round" role="status">{{ roundTold }}</p>
        <PhrasePage
          ref="phrasePage"
          v-model:bars-per-line="barsPerLine"
          :rows="rows"
          :metre="sheet.routine.metre"
          :counting="counting"
          :selected-key="selectedKey"
          :marks="marks"
          :in-range="page.rangeKeys.value"
          :fresh="page.fresh.value"
          :strip="strip"
          :shown="shown"
          @select="page.select"
          @extend="page.extendTo"
          @drop-on="drop"
          @open="openReplace"
          @fill="fill"
        />
        <button
          v-if="page.slots.value.length === 0"
          class="button main"
          @click="openAdd(null, null)"
        >
          {{ words.sheet.firstFigure }}
        </button>
      </div>
      <SheetTextPane
        v-if="textShown"
        class="text"
        :sheet="sheet"
        :figures="library.figures"
        :findings="page.open.value"
        :edit="(edits) => document_.edit(edits, words.done.text, 'text')"
        @go="choose($event)"
        @close="textShown = false"
      />
      <SheetSide
        v-else
        v-model:scope="scope"
        :sheet="page.standing.value ?? sheet"
        :page="page"
        :commands="commands"
        :voice="voice"
        :tunes="library.tunes"
        :schools="library.schools"
        :figures="library.figures"
        :saved="document_.isSaved.value"
        :run="run"
        @go="choose($event, true)"
        @see="see"
        @overrule="leaveSo"
        @music="chooseTune"
        @back="goBack"
      >
        <FigurePicker
          v-if="picking"
          :suggest="
            (text) =>
              page.suggest(text, picking!.for === 'add' ? picking!.after : page.neighbour(-1))
          "
          :allow-words="picking.for === 'add'"
          @pick="pick"
          @words="pick(null, $event)"
          @cancel="picking = null"
        />
      </SheetSide>
    </div>
    <KeysDialog v-model="keysShown" />
  </div>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
}
.paper {
  background: var(--sheet);
  padding: 1rem 1rem 4rem 1.5rem;
  border-right: 1px solid var(--rule);
  min-height: 70vh;
}
.body.texting {
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
}
.text {
  position: sticky;
  top: 0;
  align-self: start;
  max-height: 100vh;
}
.round {
  margin-bottom: 0.4rem;
}
.beside {
  float: right;
}
@media (max-width: 900px) {
  .body,
  .body.texting {
    grid-template-columns: minmax(0, 1fr);
  }
  .paper {
    padding: 0.75rem;
    border: 0;
  }
}
</style>
