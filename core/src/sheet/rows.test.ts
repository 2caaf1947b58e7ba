import { utterancesOf } from '../cue/index.ts'
import { applyEdits, expectOk } from '../document/index.ts'
import { freshSlot, routineShape, setWording } from '../routine/index.ts'
import { demoRoutine, houseWaltz, inputOf } from '../testing/sheets.ts'
import { deriveSheet, sheetCache, type Sheet } from './derive.ts'
import { phraseRows, type PhraseRow } from './rows.ts'

const tune = houseWaltz()
const rowsOf = (
  sheet: Sheet,
  before: readonly PhraseRow[] = [],
  barsPerLine = 4,
  by: 'part' | 'music' = 'part',
) =>
  phraseRows(
    {
      timeline: sheet.timeline,
      plan: sheet.plan,
      phrases: sheet.phrases,
      metre: sheet.routine.metre,
      firstStep: sheet.firstStep,
      barsPerLine,
      by,
    },
    before,
  )
const cache = sheetCache()
const lanterns = deriveSheet(inputOf(demoRoutine('lanterns-at-the-weir'), tune), cache)
const beats = (ticks: number) => ticks / 24

describe('the page of phrases', () => {
  const rows = rowsOf(lanterns)

  it('has a row for each phrase of each pass, behind the introduction', () => {
    expect(
      rows.map((row) => `${row.pass?.part.label ?? row.key} ${beats(row.phraseTicks)}`),
    ).toEqual([
      'introduction 12',
      'A 24',
      'B 24',
      'C 24',
      'A 24',
      'Bridge 6',
      'A 24',
      'B 24',
      'C 24',
      'A 24',
      'Ending 6',
      'after 6',
    ])
    expect(rows.every((row) => row.holeTicks === 0 && row.overTicks === 0)).toBe(true)
  })

  it('breaks a phrase into lines of whole bars, and shows each slot and each cue once', () => {
    expect(rows[1]!.lines.map((line) => [beats(line.start), beats(line.end)])).toEqual([
      [0, 12],
      [12, 24],
    ])
    const blocks = rows.flatMap((row) =>
      row.lines.flatMap((line) => line.blocks.map((block) => block.slot.key)),
    )
    expect(blocks).toEqual(lanterns.timeline.slots.map((slot) => slot.key))
    const ribbons = rows.flatMap((row) =>
      row.lines.flatMap((line) => line.ribbons.map((ribbon) => ribbon.key)),
    )
    expect(ribbons).toEqual(utterancesOf(lanterns.plan).map(({ slot }) => slot.key))
  })

  it('puts the first cue of a pass at the end of the row before, where it is spoken', () => {
    expect(rows[0]!.lines[0]!.ribbons.map((ribbon) => ribbon.said.wording.text)).toEqual([
      'wait four bars',
      'butterfly, facing the wall, lead’s left foot free',
      'ready',
      'balance left and right',
    ])
    expect(rows[1]!.lines[1]!.ribbons.at(-1)!.said.wording.text).toBe('half a left turning box')
  })

  it('marks a figure that goes on on the next line', () => {
    const [first, second] = rowsOf(lanterns, [], 1)[1]!.lines
    expect([
      first!.blocks[0]!.toNext,
      second!.blocks[0]!.fromBefore,
      second!.blocks[0]!.slot.key,
    ]).toEqual([true, true, first!.blocks[0]!.slot.key])
  })

  it('leaves a hole where a part is short', () => {
    const draft = rowsOf(deriveSheet(inputOf(demoRoutine('rushlight-waltz-first-draft'), tune)))
    expect(
      draft
        .filter((row) => row.holeTicks > 0)
        .map((row) => `${row.pass!.part.label} ${beats(row.holeTicks)}`),
    ).toEqual(['B 6', 'B 6'])
  })

  it('puts what sticks out on a line of its own, begun at the phrase line, where there is no room beside it', () => {
    const draft = demoRoutine('rushlight-waltz-first-draft')
    const long = {
      ...draft,
      parts: draft.parts.map((part) =>
        part.label === 'B'
          ? {
              ...part,
              slots: [
                ...part.slots,
                { ...part.slots[0]!, id: 'more' },
                { ...part.slots[0]!, id: 'most' },
              ],
            }
          : part,
      ),
    }
    const row = rowsOf(deriveSheet(inputOf(long, tune))).find(({ overTicks }) => overTicks > 0)!
    expect([beats(row.phraseTicks), beats(row.overTicks)]).toEqual([24, 6])
    expect(
      row.lines.map((line) => [beats(line.start - row.start), beats(line.end - row.start)]),
    ).toEqual([
      [0, 12],
      [12, 24],
      [24, 30],
    ])
    expect(row.lines.at(-1)!.blocks.map(({ slot }) => slot.slot.id)).toEqual(['most'])
  })

  it.each(['part', 'music'] as const)(
    'shows words whose length is not known at the very end of the dance, by %s',
    (by) => {
      const { routine } = lanterns
      const last = lanterns.timeline.passes.at(-1)!.part.id
      const open = freshSlot('open', { type: 'words', text: 'bow', lengthTicks: null })
      const sheet = deriveSheet(
        inputOf(
          {
            ...routine,
            parts: routine.parts.map((part) =>
              part.id === last ? { ...part, slots: [...part.slots, open] } : part,
            ),
          },
          tune,
        ),
      )
      const blocks = rowsOf(sheet, [], 4, by).flatMap((row) =>
        row.lines.flatMap((line) => line.blocks.map((block) => block.slot.key)),
      )
      expect([...new Set(blocks)]).toEqual(sheet.timeline.slots.map((slot) => slot.key))
    },
  )

  it('keeps rows that show the same as the very same value', () => {
    const { routine } = lanterns
    const slot = routine.parts[2]!.slots[6]!
    const changed = deriveSheet(
      inputOf(expectOk(applyEdits(routineShape, routine, setWording(slot, 'full', 'box')!)), tune),
      cache,
    )
    const again = rowsOf(changed, rows)
    expect(again.map((row, i) => row === rows[i] || row.pass?.part.label)).toEqual([
      true,
      true,
      true,
      'C',
      true,
      true,
      true,
      true,
      'C',
      true,
      true,
      true,
    ])
  })
})
