import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { countingIds, expectOk } from '../document/index.ts'
import { SHIPPED_FIGURES } from '../figure/index.ts'
import { emptyRoutine } from '../routine/index.ts'
import { SOUND_SHEETS } from '../testing/soundSheets.ts'
import { lineIn, sheetWordIn } from './germanSheet.ts'
import { readSheetText, sheetText } from './index.ts'

const demo = (name: string): string =>
  readFileSync(join(__dirname, '../../../demo/sheets', name), 'utf8')
const routineOf = (text: string) =>
  expectOk(
    readSheetText(text, {
      figures: SHIPPED_FIGURES,
      base: emptyRoutine('base', 'base'),
      newId: countingIds('n'),
    }),
  ).routine
const DEMO = [
  'am-deich-entlang',
  'combing-the-teasels',
  'eel-pots',
  'eight-for-the-geese',
  'four-lamps-square',
  'goosefoot-ring',
  'pegs-on-a-line',
  'reedcutters-line',
  'sluice-gate-two-step',
  'tar-barrel-steps',
  'the-tide-table',
  'withy-bend',
]

it.each([
  ['mirrored', 'gespiegelt'],
  ['to closed', 'zu geschlossen'],
  ['first ', 'die ersten '],
  ['note "', 'Bemerkung "'],
  ['ends in ', 'endet in '],
  ['lesson ', 'Stunde '],
  ['fill until released, 1 to 16', 'füllen bis zur Taste, 1 bis 16'],
  ['x2', 'x2'],
])('“%s” is offered as “%s”', (english, german) => {
  expect(sheetWordIn('de', english)).toBe(german)
  expect(sheetWordIn('en', english)).toBe(english)
})

describe('a sheet as a German text', () => {
  it.each(DEMO)('%s is the same dance, written and read again', (name) => {
    const routine = routineOf(demo(`${name}.txt`))
    const german = sheetText(routine, SHIPPED_FIGURES, 'de')
    expect(routineOf(german)).toEqual(routine)
    expect(german).toMatch(/^Titel: /)
    expect(german).toMatch(/\nTeil /)
    expect(german).toMatch(/\nAblauf\n/)
  })
  it.each(Object.entries(SOUND_SHEETS).filter(([, text]) => !/^figure /m.test(text)))(
    '%s loses nothing by it',
    (_, text) => {
      const routine = routineOf(text)
      expect(routineOf(sheetText(routine, SHIPPED_FIGURES, 'de'))).toEqual(routine)
    },
  )
  it('is read as the description of the format has it', () => {
    const described = readFileSync(join(__dirname, '../../../docs/formats/sheet-text.md'), 'utf8')
    const [, text = ''] = /## In German[\s\S]*?```\n([\s\S]*?)```/.exec(described) ?? []
    const routine = routineOf(text)
    expect(routine.parts[0]!.slots.map(({ content }) => content.type)).toEqual(
      Array.from({ length: 3 }, () => 'figure'),
    )
    expect(routine).toMatchObject({ phraseBeats: 64, passes: [{ times: 3 }] })
  })
  it('is read as a person would type it, mixed with English, whatever its capitals', () => {
    const routine = routineOf(
      [
        'Titel: Deichlauf',
        'tanz: waltz',
        'Takt: 3 Schläge zu 1/4',
        'Sprache: Deutsch',
        'Beginn: Butterfly; führend Blick zur Wand, linker Fuß frei; folgend Blick zur Mitte, rechter Fuß frei',
        'Stufe: Anfänger',
        'Phrase: 8 Takte',
        '',
        'Teil A | in Takten | Stunde 2',
        '  Box (halb, gespiegelt) | still',
        '  Left turning box | schwierig | angeheftet 2.5 vorher',
        '  "halten" = bis zur Phrase',
        '',
        'Ablauf',
        '  A x2 gespiegelt | Ende in einer Pose',
        '    ohne 1',
      ].join('\n'),
    )
    expect(routine).toMatchObject({
      title: 'Deichlauf',
      language: 'de',
      level: 'easy',
      phraseBeats: 24,
      start: { hold: 'butterfly', lead: { facing: 2, weight: 'right' } },
      parts: [{ label: 'A', lesson: 2, unit: 'bars' }],
      passes: [{ times: 2, reflected: true, finish: { how: 'pose' }, changes: [{ type: 'drop' }] }],
    })
    const [box, turning, hold] = routine.parts[0]!.slots
    expect(box).toMatchObject({
      say: 'nothing',
      content: { variation: { cut: { type: 'half' }, reflected: true } },
    })
    expect(turning).toMatchObject({ hard: true, pin: { startTicks: -60 } })
    expect(hold!.content).toMatchObject({ text: 'halten', until: 'phrase' })
  })
  it.each([
    ['heading', 0, 'remark: by the wall: half of it', 'Bemerkung: by the wall: half of it'],
    ['heading', 0, 'other names: "The Long Weir"', 'andere Namen: "The Long Weir"'],
    [
      'heading',
      0,
      'related: same dance as "A; B"; part "B" is part "C" of "D" (d); for lead of "E"',
      'verwandt: derselbe Tanz wie "A; B"; Teil "B" ist Teil "C" aus "D" (d); für führend von "E"',
    ],
    ['part', 1, 'Box (x2, to closed)', 'Box (x2, zu geschlossen)'],
    ['part', 1, 'Half box | note "after half"', 'Half box | Bemerkung "after half"'],
    ['order', 1, 'bridge Tag x2 | on by 0 / 1', 'Brücke Tag x2 | weiter um 0 / 1'],
    ['order', 2, 'instead of Box (half): Hover (mirrored)', 'statt Box (halb): Hover (gespiegelt)'],
    ['left', 1, 'A.3 feet.not-free "so"', 'A.3 feet.not-free "so"'],
  ] as const)(
    'in the %s, at %d, “%s” is “%s”, there and back',
    (section, depth, english, german) => {
      expect(lineIn('de', english, section, depth)).toBe(german)
      expect(lineIn('en', german, section, depth)).toBe(english)
      expect(lineIn('en', english, section, depth)).toBe(english)
    },
  )
})
