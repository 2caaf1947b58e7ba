import {
  autocompletion,
  completionKeymap,
  type Completion,
  type CompletionContext,
  type CompletionResult,
} from '@codemirror/autocomplete'
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands'
import { setDiagnostics, type Diagnostic } from '@codemirror/lint'
import {
  Annotation,
  EditorState,
  RangeSetBuilder,
  StateEffect,
  StateField,
} from '@codemirror/state'
import {
  Decoration,
  drawSelection,
  EditorView,
  keymap,
  lineNumbers,
  WidgetType,
  type DecorationSet,
} from '@codemirror/view'

/** What stands behind a line: the counts of a slot, or of a part. */
export type LineEnds = ReadonlyMap<number, string>

export interface SheetEditor {
  readonly text: () => string
  /** Puts another text in, as the page has it; the place of the cursor stays as near as it can. */
  readonly replace: (text: string) => void
  readonly setEnds: (ends: LineEnds) => void
  readonly setMarks: (marks: readonly Diagnostic[]) => void
  readonly offsetOf: (line: number) => { from: number; to: number }
  readonly focus: () => void
  readonly destroy: () => void
}

export interface SheetEditorOptions {
  readonly host: HTMLElement
  readonly text: string
  readonly label: string
  readonly typed: () => void
  readonly moved: (line: number) => void
  /** Completions for what stands before the cursor on its line, and where it begins. */
  readonly complete: (
    before: string,
    line: number,
  ) => { readonly from: number; readonly options: readonly Completion[] } | null
}

const FROM_PAGE = Annotation.define<true>()
const ENDS = StateEffect.define<LineEnds>()

class EndWidget extends WidgetType {
  constructor(readonly text: string) {
    super()
  }
  override eq(other: EndWidget): boolean {
    return other.text === this.text
  }
  override toDOM(): HTMLElement {
    const span = document.createElement('span')
    span.className = 'line-end'
    span.textContent = this.text
    span.setAttribute('aria-hidden', 'true')
    return span
  }
}

function endMarks(state: EditorState, ends: LineEnds): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>()
  for (const [number, text] of [...ends].sort((a, b) => a[0] - b[0])) {
    if (number > state.doc.lines) continue
    const { to } = state.doc.line(number)
    builder.add(to, to, Decoration.widget({ widget: new EndWidget(text), side: 1 }))
  }
  return builder.finish()
}

const endField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update: (marks, transaction) => {
    const set = transaction.effects.find((effect) => effect.is(ENDS))
    return set ? endMarks(transaction.state, set.value as LineEnds) : marks.map(transaction.changes)
  },
  provide: (field) => EditorView.decorations.from(field),
})

const LOOK = EditorView.theme({
  '&': {
    height: '100%',
    fontSize: '0.95rem',
    color: 'var(--ink)',
    backgroundColor: 'var(--sheet)',
  },
  '.cm-scroller': { fontFamily: 'var(--font-count)', lineHeight: '1.55' },
  '.cm-gutters': {
    backgroundColor: 'var(--paper)',
    color: 'var(--ink-soft)',
    borderRight: '1px solid var(--rule)',
  },
  '.cm-activeLine': { backgroundColor: 'var(--music-tint)' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)', borderLeftWidth: '2px' },
  '.line-end': {
    float: 'right',
    color: 'var(--feet-ink)',
    padding: '0 0.4rem 0 1rem',
    fontWeight: '600',
  },
  '.cm-tooltip': {
    backgroundColor: 'var(--sheet)',
    color: 'var(--ink)',
    border: '1px solid var(--rule-strong)',
  },
  '.cm-tooltip-autocomplete ul li[aria-selected]': {
    backgroundColor: 'var(--music-tint)',
    color: 'var(--ink)',
  },
})

/**
 * The text editor of a sheet. It lives in a shadow root, where its styles are allowed to be made.
 */
export function createSheetEditor({
  host,
  text,
  label,
  typed,
  moved,
  complete,
}: SheetEditorOptions): SheetEditor {
  const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' })
  // Keys typed here are text, not commands of the page behind it.
  host.addEventListener('keydown', (event) => event.stopPropagation())
  const completions = (context: CompletionContext): CompletionResult | null => {
    const line = context.state.doc.lineAt(context.pos)
    const found = complete(line.text.slice(0, context.pos - line.from), line.number)
    return found && (context.explicit || context.pos - line.from > found.from)
      ? { from: line.from + found.from, options: [...found.options], filter: false }
      : null
  }
  const view = new EditorView({
    root,
    parent: root,
    state: EditorState.create({
      doc: text,
      extensions: [
        lineNumbers(),
        history(),
        drawSelection(),
        EditorView.lineWrapping,
        EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'false' }),
        keymap.of([...completionKeymap, ...defaultKeymap, ...historyKeymap]),
        autocompletion({ override: [completions] }),
        endField,
        LOOK,
        EditorView.updateListener.of((update) => {
          if (update.docChanged && !update.transactions.some((one) => one.annotation(FROM_PAGE)))
            typed()
          if (update.selectionSet && !update.docChanged)
            moved(update.state.doc.lineAt(update.state.selection.main.head).number)
        }),
      ],
    }),
  })
  // What scrolls can be scrolled by keys.
  view.scrollDOM.tabIndex = 0
  return {
    text: () => view.state.doc.toString(),
    replace: (next) => {
      const now = view.state.doc.toString()
      if (now === next) return
      // Only what differs is replaced, so that the cursor stays where it is read.
      let from = 0
      while (from < Math.min(now.length, next.length) && now[from] === next[from]) from++
      let tail = 0
      while (
        tail < Math.min(now.length, next.length) - from &&
        now[now.length - 1 - tail] === next[next.length - 1 - tail]
      )
        tail++
      view.dispatch({
        changes: { from, to: now.length - tail, insert: next.slice(from, next.length - tail) },
        annotations: FROM_PAGE.of(true),
      })
    },
    setEnds: (ends) => view.dispatch({ effects: ENDS.of(ends) }),
    setMarks: (marks) => view.dispatch(setDiagnostics(view.state, [...marks])),
    offsetOf: (line) => {
      const { from, to } = view.state.doc.line(Math.min(Math.max(1, line), view.state.doc.lines))
      return { from, to }
    },
    focus: () => view.focus(),
    destroy: () => view.destroy(),
  }
}
