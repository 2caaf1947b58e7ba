<script setup lang="ts">
import { diff, type Edit } from '@dellop/core/document'
import { overrule, routineShape, type DancedPass, type DancedSlot, type Routine, type Scope } from '@dellop/core/routine'
import type { ListedFinding, PhraseRow } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import PhrasePage from '../page/PhrasePage.vue'
import { ALL_SHOWN, type Shown } from '../page/shown.ts'
import { words } from '../words/index.ts'
import { sheetCommands } from './commands.ts'
import ConflictNote from './ConflictNote.vue'
import FigurePicker from './FigurePicker.vue'
import { clipboard } from './clipboard.ts'
import KeysDialog from './KeysDialog.vue'
import OrderStrip from './OrderStrip.vue'
import PreviewBar from './PreviewBar.vue'
import RangeBar from './RangeBar.vue'
import { randomId } from '../app/randomId.ts'
import { useSheetDocument } from './sheetDocument.ts'
import SheetHead from './SheetHead.vue'
import { pageKey, type PageKey } from './sheetKeys.ts'
import { useSheetPage } from './sheetPage.ts'
import { useSheetPins } from './sheetPins.ts'
import { useSheetTelling } from './sheetTelling.ts'
import { useSheetWalk } from './sheetWalk.ts'
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
/** From so many times on everybody knows it. */
const MOST_KNOWN = 6
const keysShown = ref(false)
const textShown = ref(false)
const phrasePage = ref<InstanceType<typeof PhrasePage> | null>(null)
const { choose, step, rowStep, findingStep, extend } = useSheetWalk(page, (key, focus) => phrasePage.value?.reveal(key, focus))
/** What the picker is open for. */
const picking = ref<{ for: 'add'; after: DancedSlot | null; partId: string } | { for: 'replace'; slot: DancedSlot } | null>(null)
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

onMounted(() => {
  void load()
  window.addEventListener('keydown', onKey)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey)
  document_.close()
})
onBeforeRouteLeave(() => document_.saveNow())

// A slot that is gone is chosen no longer; a change for one pass only is a choice made anew for each figure.
watch(selected, (now) => {
  if (!now && selectedKey.value) page.select(null)
})
watch(selectedKey, () => (scope.value = 'part'))

function openAdd(after: DancedSlot | null, partId: string | null): void {
  const target = partId ?? after?.partId ?? sheet.value?.routine.parts[0]?.id
  if (target) picking.value = { for: 'add', after, partId: target }
}

function openReplace(key: string): void {
  choose(key)
  ACTIONS.replace()
}

function pick(figureId: string | null, text = ''): void {
  const now = picking.value
  picking.value = null
  if (now?.for === 'replace' && figureId) commands.replace(now.slot, figureId)
  if (now?.for === 'add') commands.add(figureId, text, now.after, now.partId)
  void nextTick(() => selectedKey.value && phrasePage.value?.reveal(selectedKey.value, true))
}

const fill = (row: PhraseRow): void => openAdd(row.pass?.slots.at(-1) ?? null, row.pass?.part.id ?? null)
const slotOf = (key: string): DancedSlot | undefined => page.slots.value.find((slot) => slot.key === key)

function drop(dragged: string, target: string, behind: boolean): void {
  const from = slotOf(dragged)
  const to = slotOf(target)
  if (from && to) commands.drop(from, to, behind)
}

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
const goBack = (routine: Routine): boolean => document_.edit(diff(routineShape, sheet.value!.routine, routine), words.done.back)
function chooseTune(tune: Tune): void {
  chooseMusic(musicChoices([tune], { ...sheet.value!.routine, tuneId: tune.id, recordingId: null })[0] ?? null)
}
const leaveSo = (finding: ListedFinding, reason: string): boolean => document_.edit(overrule(sheet.value!.routine, randomId(), finding.code, finding.subject, reason), words.done.overrule)

function chooseMusic(choice: MusicChoice | null): void {
  commands.setMusic(choice?.tune.id ?? null, choice?.recording?.id ?? null)
  musicSaid.value = musicTold(choice)
}

function travel(way: 'undo' | 'redo'): void {
  const label = document_[way]()
  if (label) told.value = way === 'undo' ? words.sheet.undone(label) : words.sheet.redone(label)
}

function useMine(index: number): void {
  const conflict = document_.conflicts.value[index]
  if (conflict?.type === 'field') document_.edit([{ type: 'set', id: conflict.id, field: conflict.field, from: conflict.kept, to: conflict.mine }], words.done.repair)
  document_.conflicts.value.splice(index, 1)
}

function goToPass(pass: DancedPass): void {
  const first = pass.slots[0]
  if (first) choose(first.key, true)
}

const { nudge } = useSheetPins(page, commands, choose, told)

const toLectern = (): void => void router.push({ name: 'lectern', params: { id } })

const NEEDS_SLOT: ReadonlySet<PageKey> = new Set([
  'replace',
  'remove',
  'move-before',
  'move-after',
  'halve',
  'more',
  'less',
  'reflect',
  'words',
  'extend-before',
  'extend-after',
  'copy',
  'cut',
  'duplicate',
  'cue-earlier',
  'cue-later',
  'cue-free',
])
const ACTIONS: Readonly<Record<PageKey, () => void>> = {
  before: () => step(-1),
  after: () => step(1),
  'row-before': () => rowStep(-1),
  'row-after': () => rowStep(1),
  add: () => openAdd(selected.value, null),
  replace: () => (picking.value = { for: 'replace', slot: selected.value! }),
  remove: () => commands.removeChosen(),
  'move-before': () => commands.move(selected.value!, -1),
  'move-after': () => commands.move(selected.value!, 1),
  halve: () => commands.halve(selected.value!),
  more: () => commands.repeat(selected.value!, 1),
  less: () => commands.repeat(selected.value!, -1),
  reflect: () => commands.reflect(selected.value!),
  words: () => document.getElementById('say-full')?.focus(),
  'next-finding': () => findingStep(1),
  'previous-finding': () => findingStep(-1),
  undo: () => travel('undo'),
  redo: () => travel('redo'),
  lectern: toLectern,
  keys: () => (keysShown.value = true),
  'extend-before': () => extend(-1),
  'extend-after': () => extend(1),
  copy: () => (told.value = words.sheets.range.copied(commands.copy())),
  cut: () => commands.cut(),
  paste: () => commands.paste(),
  duplicate: () => commands.duplicate(),
  'cue-earlier': () => nudge(-1),
  'cue-later': () => nudge(1),
  'cue-free': () => commands.pin(selected.value!, undefined),
  leave: () => {
    page.preview.value = null
    page.select(selectedKey.value)
  },
}
function onKey(event: KeyboardEvent): void {
  const key = pageKey(event)
  if (!key || !sheet.value || keysShown.value || (NEEDS_SLOT.has(key) && !selected.value)) return
  // Text that is marked with the mouse is copied as text.
  if (key === 'copy' && getSelection()?.isCollapsed === false) return
  event.preventDefault()
  ACTIONS[key]()
  if (['remove', 'move-before', 'move-after', 'halve', 'more', 'less', 'reflect'].includes(key)) void nextTick(() => selectedKey.value && phrasePage.value?.reveal(selectedKey.value, true))
}
</script>

<template>
  <Teleport defer to="#bar-action">
    <RouterLink class="button main" :to="{ name: 'lectern', params: { id } }">{{ words.sheet.toLectern }}</RouterLink>
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
      {{ musicSaid }} <button class="textlink" @click="musicSaid = ''">{{ words.app.close }}</button>
    </p>
    <div class="body" :class="{ texting: textShown }">
      <div class="paper">
        <ConflictNote :conflicts="document_.conflicts.value" @use-mine="useMine" @dismiss="document_.conflicts.value.splice($event, 1)" />
        <button class="button small beside" :aria-pressed="textShown" @click="textShown = !textShown">{{ words.sheetText.beside }}</button>
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
        <div class="laid" role="group" :aria-label="words.sheets.view.label">
          <button class="button small" :aria-pressed="page.laidBy.value === 'part'" @click="page.laidBy.value = 'part'">{{ words.sheets.view.part }}</button>
          <button class="button small" :aria-pressed="page.laidBy.value === 'music'" @click="page.laidBy.value = 'music'">{{ words.sheets.view.music }}</button>
          <button class="button small" :aria-pressed="stripShown" @click="stripShown = !stripShown">{{ words.sheets.view.strip }}</button>
          <span class="group" role="group" :aria-label="words.cues.shown">
            <button class="button small" :aria-pressed="shown.said" :disabled="shown.said && !shown.danced" @click="shown = { ...shown, said: !shown.said }">{{ words.cues.showSaid }}</button>
            <button class="button small" :aria-pressed="shown.danced" :disabled="shown.danced && !shown.said" @click="shown = { ...shown, danced: !shown.danced }">{{ words.cues.showDanced }}</button>
          </span>
          <label v-if="sheet.school.fading" class="known">
            {{ words.schools.known }}
            <span class="soft" aria-hidden="true">{{ words.schools.knownLeast }}</span>
            <input v-model.number="page.known.value" type="range" min="0" :max="MOST_KNOWN" :aria-valuetext="words.schools.knownTimes(page.known.value)" />
            <span class="soft" aria-hidden="true">{{ words.schools.knownMost }}</span>
          </label>
          <RangeBar :range="page.range.value" :copied="clipboard.length" @copy="commands.copy" @cut="commands.cut" @paste="commands.paste" @again="commands.duplicate" @remove="commands.removeChosen" />
        </div>
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
        <button v-if="page.slots.value.length === 0" class="button main" @click="openAdd(null, null)">{{ words.sheet.firstFigure }}</button>
      </div>
      <SheetTextPane v-if="textShown" class="text" :sheet="sheet" :figures="library.figures" :findings="page.open.value" :edit="(edits) => document_.edit(edits, words.done.text, 'text')" @go="choose($event)" @close="textShown = false" />
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
        :saved="document_.saving.value.state === 'saved'"
        @go="choose($event, true)"
        @see="see"
        @overrule="leaveSo"
        @add="openAdd($event, null)"
        @replace="openReplace($event.key)"
        @music="chooseTune"
        @back="goBack"
      >
        <FigurePicker
          v-if="picking"
          :suggest="(text) => page.suggest(text, picking!.for === 'add' ? picking!.after : page.neighbour(-1))"
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
.laid {
  margin-top: 0.5rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: center;
  margin-bottom: 0.4rem;
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
.known {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  margin-left: 0.6rem;
}
.known input {
  width: 7rem;
}
/* Small groups of what belongs together. */
.group {
  display: flex;
  gap: 0.3rem;
  margin-left: 0.6rem;
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
