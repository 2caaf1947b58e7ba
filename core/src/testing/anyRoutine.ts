// Any sheet at all, with all that a sheet can hold.
import fc from 'fast-check'
import { CUE_MODES } from '../school/index.ts'
import { HOLD_IDS, SHIPPED_FIGURES, type Variation } from '../figure/index.ts'
import type { Change, Pass, Routine, Slot } from '../routine/index.ts'
import { routineOf } from './sheets.ts'

const base = routineOf([], [])

const anyVariation: fc.Arbitrary<Variation> = fc.record({
  cut: fc.constantFrom(null, { type: 'half' as const }, { type: 'first' as const, ticks: 72 }),
  times: fc.constantFrom(1, 2, 3),
  reflected: fc.boolean(),
  exitHold: fc.option(fc.constantFrom(...HOLD_IDS)),
})
const anyText = fc.string({ maxLength: 30 })
const word = fc.string({ minLength: 1, maxLength: 20 })
const fields = {
  content: fc.oneof(
    fc.record({
      type: fc.constant('figure' as const),
      figureId: fc.oneof(
        fc.constantFrom(...SHIPPED_FIGURES).map(({ id }) => id),
        fc.constant('not-in-the-book'),
      ),
      variation: anyVariation,
    }),
    fc.record({
      type: fc.constant('words' as const),
      text: anyText,
      lengthTicks: fc.option(fc.integer({ min: 0, max: 400 })),
    }),
    fc.record({
      type: fc.constant('words' as const),
      text: anyText,
      lengthTicks: fc.constant(null),
      choices: fc.array(fc.constantFrom(96, 50, 192), { minLength: 2, maxLength: 4 }),
    }),
    fc.record({
      type: fc.constant('words' as const),
      text: anyText,
      lengthTicks: fc.constant(null),
      until: fc.constantFrom('phrase' as const, 'section' as const),
    }),
  ),
  wordings: fc.option(
    fc.record({ full: fc.option(anyText), short: fc.option(anyText), keyWord: fc.option(anyText) }),
  ),
  say: fc.constantFrom('cue' as const, 'nothing' as const),
  remark: anyText,
}
/** Fields that may be left out, any of them there or not. */
const some = <Model extends Record<string, fc.Arbitrary<unknown>>>(model: Model) =>
  fc.record(model, { requiredKeys: [] }) as unknown as fc.Arbitrary<object>
const slotExtras = some({
  hard: fc.constant(true),
  optional: fc.constant(true),
  caution: fc.constantFrom('shown', 'hidden'),
  // Remarks for neither are none.
  roleRemarks: fc
    .record({ lead: anyText, follow: anyText })
    .filter(({ lead, follow }) => lead !== '' || follow !== ''),
  swap: fc.constant(true),
  mode: fc.constantFrom(...CUE_MODES),
  pin: fc.oneof(
    fc.record({
      startTicks: fc.integer({ min: -200, max: 0 }).map((ticks) => (ticks === 0 ? 0 : ticks)),
    }),
    fc.record({ wording: fc.constantFrom('full', 'short') }),
    fc.constant({ startTicks: -61, wording: 'keyWord' }),
  ),
  roleCues: fc.record({ lead: anyText, follow: anyText, first: fc.constantFrom('lead', 'follow') }),
  announce: word,
})
const passExtras = some({
  rotate: fc.integer({ min: -7, max: 7 }),
  exitHold: fc.constantFrom(...HOLD_IDS),
  tie: fc.record({ to: fc.constantFrom('section', 'landmark'), label: word }),
  fill: fc.record({
    until: fc.constantFrom('section', 'released', 'end'),
    min: fc.integer({ min: 0, max: 4 }),
    max: fc.integer({ min: 4, max: 64 }),
  }),
  finish: fc.record({ how: fc.constantFrom('hold', 'pose', 'walk-off', 'music') }),
  shift: fc.record({
    lead: fc.integer({ min: -4, max: 4 }),
    follow: fc.integer({ min: -4, max: 4 }),
  }),
})
const headingExtras = some({
  year: fc.constantFrom(1897, 2026),
  otherNames: fc.constantFrom(['The Long Weir'], ['A, or "B"', 'Lamps; and more']),
  related: fc.constantFrom<NonNullable<Routine['related']>>(
    [{ kind: 'same', title: 'The Long; Weir' }],
    [
      { kind: 'part', title: 'Combing', sheetId: 'combing-the-teasels', own: 'B', theirs: '3' },
      { kind: 'part', title: 'A “B” "C"', theirs: 'of' },
      { kind: 'version', title: 'Other' },
    ],
    [
      { kind: 'lead', title: 'Pegs' },
      { kind: 'follow', title: 'Pegs', sheetId: 'pegs' },
    ],
  ),
  source: word,
  formation: fc.constantFrom('lines', 'set', 'couples-round'),
  couples: fc.integer({ min: 1, max: 9 }),
  level: fc.constantFrom('easy', 'advanced'),
  unit: fc.constantFrom('eights', 'words'),
  roleLabels: fc.record({ lead: word, follow: word }),
  calling: some({
    mode: fc.constantFrom(...CUE_MODES),
    mouth: fc.constantFrom('words', 'counts', 'both'),
    first: fc.constantFrom('words', 'counts'),
    halves: fc.constant(true),
    wholeBeats: fc.constant(true),
  }),
  tags: fc.array(word, { minLength: 1, maxLength: 3 }),
})
const partExtras = some({
  unit: fc.constantFrom('words', 'bars'),
  lesson: fc.integer({ min: 1, max: 9 }),
  origin: fc.record({ routineId: fc.constant('other'), partId: fc.constant('p9'), title: anyText }),
})
export const anyRoutine: fc.Arbitrary<Routine> = fc
  .record({
    heading: fc.record({
      title: word,
      by: anyText,
      dance: fc.constantFrom('waltz', 'slow waltz', 'tango', '', 'reel "of" five'),
      remark: anyText,
      tuneId: fc.option(fc.constant('some-tune')),
      bpm: fc.constantFrom(96, 104.5),
    }),
    parts: fc.array(
      fc.record({
        label: fc.oneof(fc.constantFrom('A', 'B', 'bridge', 'Verse 2', '"odd" |'), word),
        slots: fc.array(
          fc.tuple(fc.record(fields), slotExtras).map(([slot, extra]) => ({ ...slot, ...extra })),
          { maxLength: 5 },
        ),
        extra: partExtras,
        isVersion: fc.boolean(),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    passes: fc.array(
      fc.record({
        part: fc.nat(),
        kind: fc.constantFrom(
          'pass' as const,
          'bridge' as const,
          'ending' as const,
          'entrance' as const,
          'fill' as const,
        ),
        extra: passExtras,
        times: fc.integer({ min: 1, max: 4 }),
        reflected: fc.boolean(),
        isStretch: fc.boolean(),
        changes: fc.array(
          fc.record({
            ...fields,
            extra: slotExtras,
            type: fc.constantFrom('replace' as const, 'drop' as const, 'insert' as const),
            at: fc.nat(),
          }),
          { maxLength: 3 },
        ),
      }),
      { maxLength: 5 },
    ),
    extra: headingExtras,
    overrules: fc.array(
      fc.record({
        of: fc.constantFrom('slot', 'pass', 'other'),
        at: fc.nat(),
        code: fc.constantFrom('feet.not-free', 'sums.phrase'),
        reason: anyText,
      }),
      { maxLength: 2 },
    ),
  })
  .map(({ heading, extra, parts, passes, overrules }): Routine => {
    const own = parts.map((part, p) => ({
      id: `p${p}`,
      label: part.label,
      slots: part.slots.map((slot, s): Slot => ({ id: `p${p}s${s}`, ...slot })),
      ...part.extra,
      ...(part.isVersion ? { versionOf: `p${(p + 1) % parts.length}` } : {}),
    }))
    const danced = passes.map(({ part: n, isStretch, changes, extra: more, ...pass }, i): Pass => {
      const part = own[n % own.length]!
      const slotAt = (at: number): string | null => part.slots[at % part.slots.length]?.id ?? null
      return {
        ...pass,
        ...more,
        id: `d${i}`,
        partId: part.id,
        stretch:
          isStretch && part.slots.length > 0
            ? { from: part.slots[0]!.id, to: part.slots.at(-1)!.id }
            : null,
        changes: changes.flatMap(({ at, extra: own, ...change }, c): Change[] =>
          slotAt(at) === null && change.type !== 'insert'
            ? []
            : [{ ...change, ...own, id: `d${i}c${c}`, slotId: slotAt(at) }],
        ),
      }
    })
    const slots = own.flatMap((part) => part.slots)
    const subject = (of: string, at: number): string =>
      of === 'slot' && slots.length > 0
        ? slots[at % slots.length]!.id
        : of === 'pass' && danced.length > 0
          ? danced[at % danced.length]!.id
          : 'something else'
    return {
      ...base,
      ...heading,
      ...extra,
      parts: own,
      passes: danced,
      overrules: overrules.map(({ of, at, ...one }, i) => ({
        ...one,
        id: `o${i}`,
        subject: subject(of, at),
      })),
    }
  })
