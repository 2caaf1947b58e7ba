import type { NewId } from '../document/index.ts'
import type { CoupleState, Variation } from '../figure/index.ts'
import {
  emptyRoutine,
  figureContent,
  freshPass,
  freshSlot,
  wordsContent,
  type Part,
  type Routine,
} from '../routine/index.ts'
import type { PhraseSpan, Tick } from '../time/index.ts'

/** A figure that was called without a sheet, and where in the music its first step lay. */
export interface CalledFigure {
  readonly figureId: string
  /** How it was danced; as it is written where that is left out. */
  readonly variation?: Variation
  readonly at: Tick
  readonly lengthTicks: Tick
}

export interface FreeSheetInput extends Pick<
  Routine,
  'title' | 'dance' | 'metre' | 'bpm' | 'schoolId' | 'tuneId' | 'recordingId' | 'language'
> {
  readonly id: string
  readonly start: CoupleState
  readonly formation: Routine['formation']
  readonly phrases: readonly PhraseSpan[]
  readonly called: readonly CalledFigure[]
  readonly newId: NewId
}

/**
 * What was called freely as a sheet: a part for each phrase, the same phrase twice the same part,
 * gaps kept open.
 */
export function sheetOfCalled({
  called,
  phrases,
  newId,
  start,
  formation,
  ...heading
}: FreeSheetInput): Routine {
  const parts = new Map<string, Part>()
  const passes: Routine['passes'][number][] = []
  const last = called.at(-1)
  for (const phrase of phrases.filter(
    (one) => last !== undefined && one.start < last.at + last.lengthTicks,
  )) {
    const inside = called.filter(({ at }) => at >= phrase.start && at < phrase.end)
    const stretches = inside.flatMap((one, i): Piece[] => {
      const before = i === 0 ? phrase.start : inside[i - 1]!.at + inside[i - 1]!.lengthTicks
      return [
        ...(one.at > before ? [{ open: one.at - before }] : []),
        { figureId: one.figureId, variation: one.variation },
      ]
    })
    const end = inside.length > 0 ? inside.at(-1)!.at + inside.at(-1)!.lengthTicks : phrase.start
    const all: Piece[] =
      end < phrase.end && phrase.end <= last!.at + last!.lengthTicks
        ? [...stretches, { open: phrase.end - end }]
        : stretches
    const key = JSON.stringify(all)
    const slots = () =>
      all.map((one) =>
        freshSlot(
          newId(),
          'open' in one ? wordsContent('', one.open) : figureContent(one.figureId, one.variation),
        ),
      )
    const part = parts.get(key) ?? { id: newId(), label: labelOf(parts.size), slots: slots() }
    parts.set(key, part)
    const before = passes.at(-1)
    if (before?.partId === part.id)
      passes[passes.length - 1] = { ...before, times: before.times + 1 }
    else passes.push(freshPass(newId(), part.id))
  }
  return {
    ...emptyRoutine(heading.id, heading.title),
    ...heading,
    start,
    ...(formation ? { formation } : {}),
    parts: [...parts.values()],
    passes,
  }
}

type Piece =
  | { readonly open: number }
  | { readonly figureId: string; readonly variation: Variation | undefined }

/** A to Z, then AA, AB. */
const labelOf = (index: number): string =>
  index < 26
    ? String.fromCharCode(65 + index)
    : labelOf(Math.floor(index / 26) - 1) + labelOf(index % 26)
