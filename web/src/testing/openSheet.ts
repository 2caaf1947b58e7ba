import { acceptEdits, expectOk } from '@dellop/core/document'
import { routineShape, slotsBetween, type DancedSlot, type Routine } from '@dellop/core/routine'
import { deriveSheet } from '@dellop/core/sheet'
import { computed, shallowRef } from 'vue'
import { ManualTimers } from '../app/timers.ts'
import type { OpenKind } from '../document/kinds.ts'
import { openDocument } from '../document/openDocument.ts'
import type { SheetDocument } from '../routine/sheetDocument.ts'
import type { SheetPage } from '../routine/sheetPage.ts'
import { WALTZ } from './waltz.ts'

/** The demo's waltz, open: a document that saves to a server of its own, and its page. */
export async function openSheet(routine: Routine = WALTZ.routine) {
  let now = { document: routine, revision: 0 }
  const timers = new ManualTimers()
  const kind: OpenKind<Routine> = {
    kind: 'sheet',
    shape: routineShape,
    upgrade: (json) => json,
    read: async () => now,
    edit: async (_id, batch) => {
      const { document, revision, conflicts } = expectOk(
        acceptEdits(routineShape, now, now.document, batch.edits),
      )
      now = { document, revision }
      return { document, revision, conflicts }
    },
  }
  let ids = 0
  const opened = openDocument(kind, routine.id, {
    timers,
    drafts: { keep: () => undefined, left: async () => [] },
    news: { listen: () => () => undefined },
    tabId: async () => 'tab',
    newId: () => String(++ids),
  })
  await opened.open()
  const document = { ...opened, routine: opened.document } as unknown as SheetDocument
  const page = pageOf(document)
  const slot = (n: number): DancedSlot => page.slots.value[n]!
  const names = (): string[] =>
    page.slots.value.map((one) =>
      one.slot.content.type === 'words' ? one.slot.content.text : (one.figure?.name ?? ''),
    )
  return { document, page, timers, slot, names, saved: () => now.document }
}

/** As much of a page as its commands need, without a screen. */
function pageOf(document: SheetDocument): SheetPage {
  const sheet = computed(() => {
    const { book, school, voice, tune } = WALTZ
    return deriveSheet({ routine: document.routine.value!, book, school, voice, tune })
  })
  const slots = computed(() => sheet.value.timeline.slots)
  const selectedKey = shallowRef<string | null>(null)
  const anchorKey = shallowRef<string | null>(null)
  const index = computed(() => slots.value.findIndex(({ key }) => key === selectedKey.value))
  const page = {
    sheet,
    slots,
    selectedKey,
    selected: computed(() => slots.value[index.value] ?? null),
    range: computed(() =>
      anchorKey.value && selectedKey.value
        ? slotsBetween(slots.value, anchorKey.value, selectedKey.value)
        : [],
    ),
    select: (key: string | null) => {
      selectedKey.value = key
      anchorKey.value = null
    },
    extendTo: (key: string) => {
      anchorKey.value ??= selectedKey.value
      selectedKey.value = key
    },
    passOf: (slot: DancedSlot) =>
      sheet.value.timeline.passes.find(({ slots: own }) => own.includes(slot)) ?? null,
  }
  return page as unknown as SheetPage
}
