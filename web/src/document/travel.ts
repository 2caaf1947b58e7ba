import { tell } from '../ui/message.ts'
import { words } from '../words/index.ts'

/** What can be undone and done again. */
interface Travelled {
  readonly undo: () => string | null
  readonly redo: () => string | null
}

/** Undoes, or does again, and tells what that was. */
export function travel(document: Travelled, way: 'undo' | 'redo'): void {
  const label = document[way]()
  if (label) tell(way === 'undo' ? words.sheet.undone(label) : words.sheet.redone(label))
}
