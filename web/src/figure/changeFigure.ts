import { diff } from '@dellop/core/document'
import { figureShape, type Figure } from '@dellop/core/figure'
import { api, ApiProblem } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { tabId } from '../document/tab.ts'
import { words } from '../words/index.ts'

/** Batches that were sent and not answered, by what they do: sent again they keep their name. */
const names = new Map<string, string>()

/**
 * Changes a figure from one of its versions. Fields that others changed since and this change does
 * not touch stay theirs; where both changed the same, nothing is kept and it is said what.
 */
export async function changeFigure(next: Figure, version: number): Promise<Figure> {
  const { versions } = await api('figureHistory', { params: { id: next.id } })
  const base = versions.find((one) => one.version === version)?.figure
  const [newest] = versions
  if (!base || !newest) throw new ApiProblem('edit.refused', words.figures.edit.gone)
  const edits = diff(figureShape, base, next)
  if (edits.length === 0) return newest.figure
  const theirs = new Set(fieldsOf(diff(figureShape, base, newest.figure)))
  const both = fieldsOf(edits).filter((field) => theirs.has(field))
  if (both.length > 0) throw new ApiProblem('edit.refused', words.figures.edit.both(both))
  const asked = JSON.stringify([next.id, version, edits])
  const batchId = names.get(asked) ?? randomId()
  names.set(asked, batchId)
  const { document } = await api('editFigure', {
    params: { id: next.id },
    body: { clientId: await tabId(), batchId, base: version, edits },
  })
  names.delete(asked)
  return document
}

const fieldsOf = (edits: ReturnType<typeof diff>): string[] =>
  edits.flatMap((edit) => (edit.type === 'set' ? [edit.field] : []))
