<script setup lang="ts">
import { diff, sameValue, type Edit, type Problem } from '@dellop/core/document'
import {
  readSheetText,
  readSheetTextAsFar,
  sectionOf,
  sheetText,
  type SheetTextRead,
  type UnreadLine,
} from '@dellop/core/file'
import type { Figure } from '@dellop/core/figure'
import { adoptIds, routineShape, type Routine } from '@dellop/core/routine'
import type { ListedFinding, Sheet } from '@dellop/core/sheet'
import { beatsOfTicks, type Tick } from '@dellop/core/time'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { randomId } from '../app/randomId.ts'
import { browserTimers } from '../app/timers.ts'
import { language, words } from '../words/index.ts'
import { sheetOffers } from './sheetCompletion.ts'
import { createSheetEditor, type SheetEditor } from './sheetEditor.ts'
import { openTabs, tabId, tabLock } from '../document/tab.ts'
import { keepUnreadText, unreadText, type LeftUnread } from './unreadText.ts'

/**
 * The sheet as a text beside its page: what is typed is on the page at once, what is done on the
 * page is in the text.
 */
const props = defineProps<{
  sheet: Sheet
  figures: readonly Figure[]
  findings: readonly ListedFinding[]
  edit: (edits: readonly Edit[]) => boolean
}>()
const emit = defineEmits<{ go: [slotKey: string]; close: [] }>()
const say = words.sheetText
const host = ref<HTMLElement | null>(null)
const problem = ref('')
const told = ref('')
const READ_AFTER_MS = 200

let editor: SheetEditor | null = null
/** This tab, known in a moment. */
let tab = ''
/** The routine the text was last read as or written from, and where its lines are. */
let stands: { routine: Routine; read: SheetTextRead; text: string } | null = null
/** What could not be read of the text when the pane was last closed. */
const left = ref<LeftUnread | null>(null)
/** Calls off the reading that what was typed waits for. */
let callOff: (() => void) | null = null

const options = () => ({
  figures: props.figures,
  base: props.sheet.routine,
  newId: randomId,
})
const readText = (text: string) => readSheetText(text, options())

/** The text as the page has it. */
function showPage(): void {
  const { routine } = props.sheet
  const text = sheetText(routine, props.figures, language)
  editor!.replace(text)
  const read = readText(text)
  problem.value = read.ok ? '' : words.problem(read.problem)
  stands = read.ok ? { routine, read: read.value, text } : null
  mark()
}

function typed(): void {
  callOff?.()
  callOff = browserTimers.after(READ_AFTER_MS, take)
}

/** A text that is no sheet at all: it stays here and is kept, the page is as it was. */
function refuseAll(text: string, why: Problem): void {
  problem.value = words.problem(why)
  keepUnreadText(props.sheet.routine.id, tab, text)
  const from = Math.min(why.offset ?? 0, text.length)
  const end = /\n|$/.exec(text.slice(from))!.index + from
  editor!.setMarks([
    { from, to: Math.max(end, from), severity: 'error', message: words.problem(why) },
  ])
}
const markUnread = (unread: readonly UnreadLine[]): void => {
  if (unread.length > 0)
    editor!.setMarks(
      unread.map(({ from, to, problem: { message } }) => ({
        from,
        to,
        severity: 'error',
        message,
      })),
    )
}

/** Puts what was typed on the page, as far as it can be read. */
function take(): void {
  callOff = null
  if (!editor) return
  told.value = ''
  const text = editor.text()
  const read = readSheetTextAsFar(text, stands?.text ?? null, options())
  if (!read.ok) return refuseAll(text, read.problem)
  const { unread } = read.value
  problem.value = unread[0] ? words.problem(unread[0].problem) : ''
  keepUnreadText(props.sheet.routine.id, tab, unread.length > 0 ? text : null)
  markUnread(unread)
  const from = stands?.routine ?? props.sheet.routine
  const routine = adoptIds(from, read.value.read.routine)
  stands = { routine, read: read.value.read, text: read.value.readText }
  const edits = diff(routineShape, from, routine)
  if (edits.length > 0 && !props.edit(edits)) {
    told.value = say.refused
    showPage()
  }
}

watch(
  () => props.sheet,
  (now, before) => {
    if (!editor) return
    // What comes from the page is written here, unless something typed still waits to be read.
    if (now.routine !== before.routine && stands && !sameValue(now.routine, stands.routine)) {
      if (problem.value || callOff) told.value = say.outside
      else return showPage()
    }
    mark()
  },
)
watch(() => props.findings, () => mark()) // prettier-ignore

const counts = (ticks: number): string =>
  String(Math.round(beatsOfTicks(ticks as Tick) * 100) / 100)

/** Counts at the ends of lines, and findings under them. */
function mark(): void {
  if (!editor || !stands || problem.value) return
  const { routine, read } = stands
  const danced = new Map(props.sheet.timeline.slots.map((slot) => [slot.slot.id, slot]))
  const lineOfSlot = new Map(
    routine.parts.flatMap((part, p) =>
      part.slots.map((slot, s) => [slot.id, read.slotLines[p]![s]!] as const),
    ),
  )
  const ends = new Map<number, string>()
  routine.parts.forEach((part, p) => {
    let sum = 0
    part.slots.forEach((slot, s) => {
      const own = danced.get(slot.id)
      if (!own) return
      sum += own.lengthTicks
      ends.set(
        read.slotLines[p]![s]!,
        own.open ? say.open : say.counts(counts(own.lengthTicks), counts(sum)),
      )
    })
    if (sum > 0) ends.set(read.partLines[p]!, say.total(counts(sum)))
  })
  editor.setEnds(ends)
  const severity = { stop: 'error', mend: 'warning', note: 'info' } as const
  editor.setMarks(
    props.findings.flatMap((finding) => {
      const slot = props.sheet.timeline.slots.find(({ key }) => key === finding.slotKeys[0])
      const line = slot && lineOfSlot.get(slot.slot.id)
      return line === undefined
        ? []
        : [
            {
              ...withoutIndent(line),
              severity: severity[finding.severity],
              message: `${words.finding.message(finding)} ${words.finding.sum(finding)}`,
            },
          ]
    }),
  )
}
function withoutIndent(line: number): { from: number; to: number } {
  const { from, to } = editor!.offsetOf(line)
  const indent = /^\s*/.exec(editor!.text().slice(from, to))![0].length
  return { from: from + indent, to }
}

/** The figure of the line the cursor is put on is chosen on the page. */
function moved(line: number): void {
  if (!stands) return
  const { routine, read } = stands
  for (const [p, lines] of read.slotLines.entries()) {
    const s = lines.indexOf(line)
    const slot =
      s >= 0
        ? props.sheet.timeline.slots.find((one) => one.slot.id === routine.parts[p]!.slots[s]!.id)
        : undefined
    if (slot) emit('go', slot.key)
  }
}

const orderLine = (): number =>
  editor!
    .text()
    .split('\n')
    .findIndex((line) => sectionOf(line.trim()) === 'order') + 1

onMounted(() => {
  editor = createSheetEditor({
    host: host.value!,
    text: '',
    label: say.title,
    typed,
    moved,
    complete: (before, line) =>
      sheetOffers(
        before,
        orderLine() > 0 && line > orderLine(),
        props.sheet.routine,
        props.figures,
      ),
  })
  showPage()
  editor.focus()
  void lookForLeft()
})
async function lookForLeft(): Promise<void> {
  tab = await tabId()
  const open = await openTabs()
  const kept = unreadText(props.sheet.routine.id, tab, (one) => open.has(tabLock(one)))
  left.value = kept?.text === editor?.text() ? null : kept
}
/** The text that was left unread stands here again, and is read as far as it can be. */
function putBack(): void {
  editor!.replace(left.value!.text)
  throwLeft()
  take()
}
function throwLeft(): void {
  keepUnreadText(props.sheet.routine.id, left.value?.tab ?? tab, null)
  left.value = null
}
function throwAway(): void {
  throwLeft()
  if (problem.value) showPage()
}
onBeforeUnmount(() => {
  if (callOff) {
    callOff()
    take()
  }
  editor?.destroy()
})
</script>

<template>
  <section class="pane" :aria-label="say.title">
    <header>
      <h2>{{ say.title }}</h2>
      <el-button @click="emit('close')">{{ say.close }}</el-button>
    </header>
    <p class="soft help">{{ say.help }}</p>
    <p v-if="problem" class="failure" role="status">{{ say.unread }}{{ problem }}</p>
    <p v-if="problem" class="unread">
      <el-button link @click="throwAway">{{ say.throwAway }}</el-button>
    </p>
    <div v-if="left" class="told" role="status">
      {{ say.left }}
      <p class="answers">
        <el-button @click="putBack">{{ say.putBack }}</el-button>
        <el-button @click="throwAway">{{ say.throwAway }}</el-button>
      </p>
    </div>
    <p v-if="told" class="told" role="status">{{ told }}</p>
    <div ref="host" class="host" />
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  padding: 0.6rem 1rem;
  min-width: 0;
}
.answers {
  display: flex;
  gap: 0.5rem;
  margin-top: 0.4rem;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 0.75rem;
}
.help {
  font-size: 0.9rem;
  margin: 0.25rem 0 0.6rem;
}
.host {
  flex: 1;
  min-height: 20rem;
  overflow: hidden;
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
}
</style>
