import {
  countedBar,
  figureOfWritten,
  UNWRITTEN,
  writtenOfFigure,
  type Figure,
  type Variation,
  type WrittenFigure,
} from '@dellop/core/figure'
import { computed, ref, watch } from 'vue'
import { randomId } from '../app/randomId.ts'

/**
 * What is written: something new, another from one there is, one made of a varied one, or a change
 * of one, from its version.
 */
export type DraftStart =
  | { readonly kind: 'new' }
  | { readonly kind: 'from'; readonly figure: Figure }
  | { readonly kind: 'part'; readonly figure: Figure; readonly variation: Variation }
  | { readonly kind: 'edit'; readonly figure: Figure; readonly version: number }

const EMPTY: WrittenFigure = { ...UNWRITTEN, family: 'waltz', holds: ['closed'] }
const MOST_KEPT = 200

interface Draft {
  readonly id: string
  readonly written: WrittenFigure
  /** The version a change starts from. */
  readonly version: number | null
}

const keyOf = (start: DraftStart): string =>
  `dellop-figure-draft:${start.kind === 'new' ? '' : `${start.kind}:${start.figure.id}${start.kind === 'part' ? JSON.stringify(start.variation) : ''}`}`

/**
 * What is kept in this browser under a key, or null where that is nothing, or nothing that is
 * understood.
 */
function keptDraft(key: string): Draft | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<Draft> | null
    return kept?.written && typeof kept.id === 'string'
      ? { id: kept.id, version: kept.version ?? null, written: { ...EMPTY, ...kept.written } }
      : null
  } catch {
    return null
  }
}

function freshDraft(start: DraftStart, figures: readonly Figure[]): WrittenFigure {
  if (start.kind === 'new') return EMPTY
  const written = writtenOfFigure(start.figure, {
    division: countedBar(start.figure.family).division,
    figures,
  })
  if (start.kind !== 'part') return written
  const made: Figure = {
    ...start.figure,
    parts: [{ figureId: start.figure.id, variation: start.variation }],
  }
  // What belongs to the one it is made of stays there; only how it is used is new.
  return {
    ...writtenOfFigure(made, { division: countedBar(made.family).division, figures }),
    name: '',
    aliases: '',
    endings: '',
    options: '',
    half: '',
    words: UNWRITTEN.words,
  }
}

/** A figure while it is written: kept in this browser at every change, with undo. */
export function useFigureDraft(start: DraftStart, figures: readonly Figure[]) {
  const key = keyOf(start)
  const kept = keptDraft(key)
  const fresh = freshDraft(start, figures)
  const id = start.kind === 'edit' ? start.figure.id : (kept?.id ?? randomId())
  const version = start.kind === 'edit' ? (kept?.version ?? start.version) : null
  const written = ref<WrittenFigure>(kept?.written ?? fresh)
  const before = ref<WrittenFigure[]>([])
  let lastField: keyof WrittenFigure | null = null

  const division = computed(() => countedBar(written.value.family).division)
  const others = figures.filter((figure) => figure.id !== id)
  const made = computed(() =>
    figureOfWritten(written.value, id, { division: division.value, figures: others }),
  )

  /** Writing on in one field is one step to take back. */
  function change<Field extends keyof WrittenFigure>(
    field: Field,
    value: WrittenFigure[Field],
  ): void {
    if (field !== lastField || before.value.length === 0)
      before.value = [...before.value.slice(1 - MOST_KEPT), written.value]
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
      const draft: Draft = { id, version, written: now }
      localStorage.setItem(key, JSON.stringify(draft))
    } catch {
      // A browser that keeps nothing still lets one write.
    }
  })
  return {
    start,
    version,
    written,
    made,
    division,
    change,
    undo,
    canUndo: computed(() => before.value.length > 0),
    startOver,
    forget,
    wasKept: kept !== null,
    isStale: start.kind === 'edit' && version !== start.version,
  }
}
export type FigureDraft = ReturnType<typeof useFigureDraft>
