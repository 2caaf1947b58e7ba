import { figureOfWritten, writtenOfFigure, type Figure, type WrittenFigure } from '@dellop/core/figure'
import { danceTempo } from '@dellop/core/tune'
import { computed, ref, watch } from 'vue'
import { randomId } from '../app/randomId.ts'

const EMPTY: WrittenFigure = { name: '', family: 'waltz', level: 'easy', beats: '', lead: '', followKind: 'opposite', follow: '', holds: ['closed'], exitHold: null, full: '', short: '', prompt: '', remarks: '', cautions: [] }
const MOST_KEPT = 200

interface Draft {
  readonly id: string
  readonly baseId: string | null
  readonly written: WrittenFigure
}

/** What is kept in this browser under a key, or null where that is nothing, or nothing that is understood. */
function keptDraft(key: string): Draft | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<Draft> | null
    return kept?.written && typeof kept.id === 'string' ? { id: kept.id, baseId: kept.baseId ?? null, written: { ...EMPTY, ...kept.written } } : null
  } catch {
    return null
  }
}

/** A new figure while it is written: kept in this browser at every change, with undo; `base` is the one it is made from, if any. */
export function useFigureDraft(base: Figure | null) {
  const key = `dellop-figure-draft:${base?.id ?? ''}`
  const kept = keptDraft(key)
  const fresh: WrittenFigure = base ? writtenOfFigure(base, danceTempo(base.family)?.metre.division === 3 ? 3 : 4) : EMPTY
  const id = kept?.id ?? randomId()
  const written = ref<WrittenFigure>(kept?.written ?? fresh)
  const before = ref<WrittenFigure[]>([])
  let lastField: keyof WrittenFigure | null = null

  const division = computed(() => (danceTempo(written.value.family)?.metre.division === 3 ? 3 : 4))
  const made = computed(() => figureOfWritten(written.value, id, base, division.value))

  /** Writing on in one field is one step to take back. */
  function change(field: keyof WrittenFigure, value: WrittenFigure[keyof WrittenFigure]): void {
    if (field !== lastField || before.value.length === 0) before.value = [...before.value.slice(1 - MOST_KEPT), written.value]
    lastField = field
    written.value = { ...written.value, [field]: value }
  }
  function undo(): void {
    const last = before.value.at(-1)
    if (!last) return
    before.value = before.value.slice(0, -1)
    lastField = null
    written.value = last
  }
  function startOver(): void {
    before.value = [...before.value, written.value]
    lastField = null
    written.value = fresh
  }
  const forget = (): void => localStorage.removeItem(key)

  watch(written, (now) => {
    try {
      const draft: Draft = { id, baseId: base?.id ?? null, written: now }
      localStorage.setItem(key, JSON.stringify(draft))
    } catch {
      // A browser that keeps nothing still lets one write.
    }
  })
  return { written, made, division, change, undo, canUndo: computed(() => before.value.length > 0), startOver, forget, wasKept: kept !== null }
}
export type FigureDraft = ReturnType<typeof useFigureDraft>
