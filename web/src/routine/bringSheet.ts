import { diff } from '@dellop/core/document'
import type { SheetFile } from '@dellop/core/file'
import { routineShape, type Routine } from '@dellop/core/routine'
import type { CommonSheet, SheetSummary } from '@dellop/wire'
import { ref, type Ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { browserDrafts } from '../document/drafts.ts'
import { mergedFromFile } from '../document/fromFile.ts'
import { words } from '../words/index.ts'

/** Reading files comes when the first is brought. */
const reading = () => import('./sheetReading.ts')

/** A dance that is to be brought in and is among the sheets already. */
export interface BroughtAgain {
  readonly file: SheetFile
  readonly there: Routine
  /** What is otherwise in the file, in words; empty where the two are the same. */
  readonly changes: readonly string[]
  /** What both grew from, where that is known; what was changed since in the file, and here. */
  readonly grown: {
    readonly from: NonNullable<CommonSheet['common']>
    readonly inFile: readonly string[]
    readonly here: readonly string[]
  } | null
}

/**
 * Brings sheets in from files: a sheet file, or a sheet typed as text, whose figures are looked up
 * in the book. A dance that is here already is set beside it first.
 *
 * @param changed Called when there is a sheet more.
 */
export function useBringSheet(
  sheets: Readonly<Ref<readonly SheetSummary[] | null>>,
  changed: () => Promise<void>,
) {
  const library = useLibrary()
  const failure = ref('')
  const told = ref('')
  const broughtIn = ref<{ readonly id: string; readonly title: string } | null>(null)
  const again = ref<BroughtAgain | null>(null)

  async function bring(file: File): Promise<void> {
    failure.value = told.value = ''
    broughtIn.value = again.value = null
    try {
      // The names of a text are looked up in the book: it must be here first.
      await library.load()
      const text = await file.text()
      const isText = /\.txt$/i.test(file.name)
      const { readSheetFile } = await reading()
      const read = isText ? await readText(text, file.name) : readSheetFile(text, `“${file.name}”`)
      if (!read.ok)
        return void (failure.value = words.shelf.notBrought + words.problem(read.problem))
      const there = await alreadyThere(read.value.routine)
      if (!there) return await takeIn(read.value)
      const brought = isText ? await asEditOf(there, text, read.value.routine) : read.value.routine
      again.value = {
        file: read.value,
        there,
        changes: changes(there, brought),
        grown: await grownFrom(read.value, there),
      }
    } catch (error) {
      failure.value = words.shelf.notBrought + sentenceOf(error)
    }
  }

  const changes = (before: Routine, after: Routine): readonly string[] =>
    words.changes(before, diff(routineShape, before, after), library.book)

  /** Whether the file is a copy of the sheet here that was changed elsewhere, and what since. */
  async function grownFrom(file: SheetFile, there: Routine): Promise<BroughtAgain['grown']> {
    if (!file.history?.length || file.routine.id !== there.id) return null
    const { common } = await api('commonSheet', {
      params: { id: there.id },
      body: { marks: [...file.history] },
    })
    return (
      common && {
        from: common,
        inFile: changes(common.routine, file.routine),
        here: changes(common.routine, there),
      }
    )
  }

  const readText = async (text: string, name: string) =>
    (await reading()).sheetFileOfText(text, {
      id: randomId(),
      title: name.replace(/\.txt$/i, '').slice(0, 120),
      figures: library.figures,
    })
  /** The text read onto the sheet that is here, so that what is the same is known for the same. */
  async function asEditOf(there: Routine, text: string, otherwise: Routine): Promise<Routine> {
    const { readSheetText } = await reading()
    const read = readSheetText(text, { figures: library.figures, base: there, newId: randomId })
    return read.ok ? read.value.routine : otherwise
  }

  /** The sheet of that id, else the one of that name. */
  async function alreadyThere({ id, title }: Routine): Promise<Routine | null> {
    const named = title.trim().toLowerCase()
    const found =
      sheets.value?.find((one) => one.id === id) ??
      sheets.value?.find((one) => one.title.trim().toLowerCase() === named)
    return found ? (await api('getSheet', { params: { id: found.id } })).routine : null
  }

  async function takeIn(file: SheetFile): Promise<void> {
    const answer = await api('importSheet', { body: { file } })
    if (file.school) await library.bringSchool(file.school.id)
    if (answer.tune?.isNew) await library.readTunes()
    broughtIn.value = { id: answer.id, title: answer.title }
    told.value = words.shelf.brought(answer.title, answer.newFigures.length, answer.tune)
    await changed()
  }

  /** Both stay: what comes in under the id of one that is here is called a copy of it. */
  async function keepBoth(): Promise<void> {
    const now = again.value
    again.value = null
    if (!now) return
    const routine = { ...now.file.routine, id: now.there.id }
    await takeIn({ ...now.file, routine }).catch((error: unknown) => {
      failure.value = words.shelf.notBrought + sentenceOf(error)
    })
  }

  /**
   * Puts both together: what the file has otherwise is left as something written without the
   * server, which the page of the sheet joins three ways when it opens, and asks about what both
   * changed. What the file needs of figures, tune and style comes along.
   */
  async function mergeIn(): Promise<Routine | null> {
    const now = again.value
    if (!now?.grown) return null
    again.value = null
    const { file, there, grown } = now
    try {
      await api('bringNeeds', { body: { file } })
      await library.load()
      const { archived: _, ...brought } = file.routine
      const { routine: base, revision } = grown.from
      const document = { ...brought, ...(base.archived ? { archived: true as const } : {}) }
      const place = { kind: 'sheet' as const, id: there.id, tab: `file-${randomId()}` }
      browserDrafts.keep(place, { base, revision, document, conflicts: [] })
      mergedFromFile(there.id)
      return there
    } catch (error) {
      failure.value = words.shelf.notBrought + sentenceOf(error)
      return null
    }
  }

  return { failure, told, broughtIn, again, bring, keepBoth, mergeIn }
}
