import { ApiProblem } from '../app/api.ts'
import type { OpenDocument } from './openDocument.ts'
import { words } from '../words/index.ts'
import { readable } from './readable.ts'
import { whenSaved } from './saved.ts'

/**
 * Puts a changed document in place of an open one: shown at once, sent at once, merged with what
 * others changed; where they changed the same, theirs stays and that is said. Where the server refuses
 * it, it is taken back; where it is not reached, it is kept, sent when it is, and the failure is told
 * all the same. What is not open cannot be changed: that fails, and is never dropped in silence.
 */
export async function editAtOnce<Document extends object>(
  opened: OpenDocument<Document>,
  next: Document,
): Promise<void> {
  if (!opened.sync.value) throw new ApiProblem('offline', words.trouble.offline)
  opened.change(next, '')
  opened.saveNow()
  try {
    await whenSaved(opened.sync)
  } catch (error) {
    if (error instanceof ApiProblem && !error.isUnheard) opened.giveUp()
    throw error
  }
  tellConflicts(opened)
}

/** What somebody else has set meanwhile stays, and is said beside what was wanted here. */
function tellConflicts({
  conflicts,
  settle,
}: Pick<OpenDocument<object>, 'conflicts' | 'settle'>): void {
  const told = conflicts.value.flatMap((conflict) =>
    conflict.type === 'field'
      ? [words.trouble.both(readable(conflict.mine), readable(conflict.kept))]
      : [],
  )
  while (conflicts.value.length > 0) settle(0)
  if (told.length > 0) throw new ApiProblem('edit.refused', told.join(' '))
}
