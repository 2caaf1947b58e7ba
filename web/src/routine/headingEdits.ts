import { setHeading, type Routine } from '@dellop/core/routine'
import { words } from '../words/index.ts'
import { routineOf, type SheetHands } from './hands.ts'

/** What is done to the heading of a sheet: its names, its music, how it is counted. */
export function headingEdits(hands: SheetHands) {
  const { document } = hands
  const routine = () => routineOf(hands)
  const say = words.done

  const heading = (field: keyof Routine & string, value: unknown): boolean =>
    document.edit(setHeading(routine(), field, value as never), say.header)

  const setHeader = (field: 'title' | 'by' | 'remark', to: string): boolean =>
    document.edit(
      [{ type: 'set', id: '', field, from: routine()[field], to }],
      say.header,
      `header:${field}`,
    )
  function setMusic(tuneId: string | null, recordingId: string | null): void {
    const now = routine()
    const set = (field: 'tuneId' | 'recordingId', to: string | null) =>
      ({ type: 'set', id: '', field, from: now[field], to }) as const
    const edits = [
      ...(tuneId === now.tuneId ? [] : [set('tuneId', tuneId)]),
      ...(recordingId === now.recordingId ? [] : [set('recordingId', recordingId)]),
    ]
    if (edits.length > 0) document.edit(edits, say.tune)
  }

  return { heading, setHeader, setMusic }
}
