import { playScore } from '@dellop/core/band'
import { countingIds, succeed, validate, type Result } from '@dellop/core/document'
import { problem } from './problem.ts'
import { DEFAULT_VOICES, voiceSchema, type Voice } from '@dellop/core/cue'
import { bookOf, SHIPPED_FIGURES, type Figure } from '@dellop/core/figure'
import { readAbc, readSheetFile, sheetFileOfText, tuneOfScore } from '@dellop/core/file'
import { SHIPPED_SCHOOLS } from '@dellop/core/school'
import type { SheetInput } from '@dellop/core/sheet'
import type { Tune } from '@dellop/core/tune'
import { numberOption, type Arguments } from './arguments.ts'
import { readFigures } from './figures.ts'
import { readText } from './files.ts'

/**
 * What `check` and `plan` work on: the file's routine with its own figures (and those that ship,
 * for any it does not hold), its school or the named one, and its tune, or the one of an ABC file,
 * unless a tempo is given in its place.
 */
export function sheetInput(args: Arguments): Result<SheetInput> {
  if (args.words.length !== 1) return problem('usage.file')
  const text = readText(args.words[0]!)
  if (!text.ok) return text
  const own = figuresOption(args)
  if (!own.ok) return own
  const file = /\.txt$/i.test(args.words[0]!)
    ? sheetFileOfText(text.value, {
        id: 'text',
        title: args.words[0]!,
        figures: withOwn(own.value, SHIPPED_FIGURES),
      })
    : readSheetFile(text.value, `"${args.words[0]!}"`)
  if (!file.ok) return file
  const bpm = numberOption(args, 'bpm', 20, 400)
  if (!bpm.ok) return bpm
  const { routine, figures } = file.value
  const named = tuneOption(args)
  if (!named.ok) return named
  const tune = named.value ?? file.value.tune
  const wanted = args.options.get('school') ?? file.value.school?.id ?? routine.schoolId
  const school = [...(file.value.school ? [file.value.school] : []), ...SHIPPED_SCHOOLS].find(
    (one) => one.id === wanted,
  )
  if (!school)
    return problem('usage.school', {
      wanted,
      known: SHIPPED_SCHOOLS.map(({ id }) => id).join(', '),
    })
  const voice = voiceOption(args)
  if (!voice.ok) return voice
  const hall = numberOption(args, 'hall', 0, 2)
  if (!hall.ok) return hall
  const steady = bpm.value !== null
  return succeed({
    routine: steady ? { ...routine, bpm: bpm.value! } : routine,
    book: bookOf(withOwn([...figures, ...own.value], SHIPPED_FIGURES)),
    school,
    voice: voice.value ?? DEFAULT_VOICES[routine.language],
    tune: steady && tune ? { ...tune, recordings: [] } : tune,
    hallSeconds: hall.value ?? 0,
  })
}

/** Figures of one's own, and those of the book whose ids they have not. */
const withOwn = (own: readonly Figure[], book: readonly Figure[]): readonly Figure[] => {
  const ids = new Set(own.map(({ id }) => id))
  const once = own.filter(({ id }, i) => own.findIndex((one) => one.id === id) === i)
  return [...once, ...book.filter(({ id }) => !ids.has(id))]
}

/** The figures of `--figures FILE`, a table or a file of figures; none where none is named. */
function figuresOption({ options }: Arguments): Result<readonly Figure[]> {
  const path = options.get('figures')
  return path === undefined ? succeed([]) : readFigures(path)
}

/**
 * The voice of `--voice FILE.json`, as the application takes it along; null where none is named.
 */
function voiceOption({ options }: Arguments): Result<Voice | null> {
  const path = options.get('voice')
  if (path === undefined) return succeed(null)
  const text = readText(path)
  if (!text.ok) return text
  let written: unknown
  try {
    written = JSON.parse(text.value)
  } catch {
    return problem('voice.json', { path })
  }
  return validate(voiceSchema, written, `"${path}"`)
}

/**
 * The tune of `--tune FILE.abc`, with its beats as the house band plays it; null where none is
 * named.
 */
function tuneOption({ options }: Arguments): Result<Tune | null> {
  const path = options.get('tune')
  if (path === undefined) return succeed(null)
  const text = readText(path)
  if (!text.ok) return text
  const score = readAbc(text.value)
  if (!score.ok) return score
  // Without its notes: only the beats are wanted, not the sound.
  return succeed(
    tuneOfScore(
      score.value,
      playScore({ ...score.value, notes: [], chords: [] }, 1000),
      null,
      countingIds('t'),
    ),
  )
}
