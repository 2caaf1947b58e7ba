import { countingIds, succeed, type Result } from '../document/index.ts'
import type { Figure } from '../figure/index.ts'
import { emptyRoutine } from '../routine/index.ts'
import type { SheetFile } from './sheetFile.ts'
import { readSheetText } from './sheetText.ts'

/**
 * A sheet typed as text, as a sheet file with the figures it uses. Ids are counted from the top, so
 * that the same text gives the same file; `id` is the sheet's own, and `title` what it is called
 * where the text does not say.
 */
export function sheetFileOfText(
  text: string,
  {
    id,
    title,
    figures,
  }: { readonly id: string; readonly title: string; readonly figures: readonly Figure[] },
): Result<SheetFile> {
  const read = readSheetText(text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n'), {
    figures,
    base: emptyRoutine(id, title),
    newId: countingIds('n'),
  })
  if (!read.ok) return read
  const { routine } = read.value
  const used = new Set(
    [
      ...routine.parts.flatMap(({ slots }) => slots),
      ...routine.passes.flatMap(({ changes }) => changes),
    ].flatMap(({ content }) => (content.type === 'figure' ? [content.figureId] : [])),
  )
  return succeed({
    format: 'dellop-sheet',
    version: 1,
    routine,
    figures: withParts(figures, used),
    tune: null,
    school: null,
  })
}

/** The figures of those ids, with the ones that composites among them are made of. */
function withParts(figures: readonly Figure[], ids: ReadonlySet<string>): Figure[] {
  const wanted = new Set(ids)
  for (let grown = true; grown;) {
    const before = wanted.size
    for (const figure of figures)
      if (wanted.has(figure.id)) for (const { figureId } of figure.parts ?? []) wanted.add(figureId)
    grown = wanted.size > before
  }
  return figures.filter(({ id }) => wanted.has(id))
}
