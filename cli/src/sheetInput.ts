import { countingIds, problem, succeed, type Result } from '@dellop/core/document'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { bookOf, SHIPPED_FIGURES } from '@dellop/core/figure'
import { readSheetFile, readSheetText, type SheetFile } from '@dellop/core/file'
import { emptyRoutine } from '@dellop/core/routine'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import type { SheetInput } from '@dellop/core/sheet'
import { numberOption, type Arguments } from './arguments.ts'
import { readText } from './files.ts'

/**
 * What `check` and `plan` work on: the file's routine with its own figures (and those that ship, for any it does not
 * hold), its school or the named one, and its tune unless a tempo is given in its place.
 */
export function sheetInput(args: Arguments): Result<SheetInput> {
  if (args.words.length !== 1) return problem('usage.file', 'One sheet file was expected.')
  const text = readText(args.words[0]!)
  if (!text.ok) return text
  const file = /\.txt$/i.test(args.words[0]!) ? readTextFile(text.value) : readSheetFile(text.value, `"${args.words[0]!}"`)
  if (!file.ok) return file
  const bpm = numberOption(args, 'bpm', 20, 400)
  if (!bpm.ok) return bpm
  const { routine, figures, tune } = file.value
  const wanted = args.options.get('school') ?? file.value.school?.id ?? routine.schoolId
  const school = [...(file.value.school ? [file.value.school] : []), ...SHIPPED_SCHOOLS].find((one) => one.id === wanted)
  if (!school) return problem('usage.school', `There is no school "${wanted}"; one of ${SHIPPED_SCHOOLS.map((one) => one.id).join(', ')} was expected.`)
  const steady = bpm.value !== null
  return succeed({
    routine: steady ? { ...routine, bpm: bpm.value! } : routine,
    book: new Map([...bookOf(SHIPPED_FIGURES), ...bookOf(figures)]),
    school,
    voice: DEFAULT_VOICES[routine.language],
    tune: steady && tune ? { ...tune, recordings: [] } : tune,
  })
}

/** A sheet as text, with the figures that ship and no tune. */
function readTextFile(text: string): Result<SheetFile> {
  const read = readSheetText(text, { figures: SHIPPED_FIGURES, base: emptyRoutine('text'), newId: countingIds('n') })
  return read.ok ? succeed({ format: 'dellop-sheet', version: 1, routine: read.value.routine, figures: [], tune: null, school: null }) : read
}
