import { countingIds, succeed, type Result } from '../document/index.ts'
import type { Figure } from '../figure/index.ts'
import { emptyRoutine } from '../routine/index.ts'
import { takeFigureBlocks, type WithoutFigures } from './figureBlocks.ts'
import type { SheetFile } from './sheetFile.ts'
import { readSheetText } from './sheetText.ts'
import { usedFigures } from './usedFigures.ts'

/**
 * A sheet typed as text, with figures of one's own where it has them, as a sheet file with the
 * figures it uses. Ids are counted from the top, so
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
  const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n')
  const taken = takeFigureBlocks(plain, figures)
  if (!taken.ok) return taken
  const book = [...taken.value.figures, ...figures.filter(({ id: one }) => !isIn(taken.value, one))]
  const read = readSheetText(taken.value.text, {
    figures: book,
    base: emptyRoutine(id, title),
    newId: countingIds('n'),
  })
  if (!read.ok) return read
  const { routine } = read.value
  return succeed({
    format: 'dellop-sheet',
    version: 1,
    routine,
    figures: usedFigures(routine, book),
    tune: null,
    school: null,
  })
}

const isIn = ({ figures }: WithoutFigures, id: string): boolean =>
  figures.some((figure) => figure.id === id)
