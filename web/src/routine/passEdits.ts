import {
  addPass,
  removePass,
  setField,
  usualKind,
  type Part,
  type Pass,
} from '@dellop/core/routine'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { routineOf, type SheetHands } from './hands.ts'

/** What is done to parts and their order. */
export function passEdits(hands: SheetHands) {
  const { document } = hands
  const routine = () => routineOf(hands)
  const say = words.done

  const labelOf = (partId: string): string =>
    routine().parts.find(({ id }) => id === partId)?.label ?? ''
  function passOver(partId: string, kind = usualKind(labelOf(partId))): void {
    document.edit(
      addPass(randomId(), partId, routine().passes.at(-1)?.id ?? null, kind),
      say.passAdded,
    )
  }

  function newPart(label: string): void {
    const part = { id: randomId(), label, slots: [] }
    const inserted = {
      type: 'insert',
      into: { owner: '', list: 'parts' },
      item: part,
      after: routine().parts.at(-1)?.id ?? null,
    } as const
    document.edit(
      [
        inserted,
        ...addPass(randomId(), part.id, routine().passes.at(-1)?.id ?? null, usualKind(label)),
      ],
      say.partAdded,
    )
  }

  const dropPass = (passId: string): boolean =>
    document.edit(removePass(routine(), passId), say.passRemoved)

  function movePass(passId: string, by: number): void {
    const { passes } = routine()
    const from = passes.findIndex((pass) => pass.id === passId)
    if (!passes[from + by]) return
    const others = passes.filter((pass) => pass.id !== passId)
    const place = (after: string | undefined) => ({
      owner: '',
      list: 'passes',
      after: after ?? null,
    })
    document.edit(
      [
        {
          type: 'move',
          id: passId,
          from: place(passes[from - 1]?.id),
          to: place(others[from + by - 1]?.id),
        },
      ],
      say.moved,
    )
  }

  const passField = (pass: Pass, field: keyof Pass & string, value: unknown): boolean =>
    document.edit(setField(pass, field, value as never), say.pass)
  const partField = (part: Part, field: keyof Part & string, value: unknown): boolean =>
    document.edit(setField(part, field, value as never), say.part)

  return { passOver, newPart, dropPass, movePass, passField, partField }
}
