import type { Problem } from '../../../document/index.ts'

const itHas = (known: readonly string[]): string =>
  known.length === 0 ? 'it has none' : `it has ${known.map((one) => `“${one}”`).join(', ')}`

/** What a line of steps goes on with. */
const EXPECTED = {
  comma: 'a comma before the next step, or a way, a weight, a turn or words in quotes',
  'one-more': 'one more step after the comma',
  foot: 'a foot (left, right, both) or what is done without one (hold, clap ...)',
  quote: 'words that end with a quotation mark',
  end: 'nothing after the count',
  count: 'a count such as 1, 2& or &1, or S or Q',
  side: '“side left” or “side right”, as there is no one foot whose side it could be,',
  'turn-side': 'left or right after “turn”',
  'turn-amount': 'an amount of turn such as 1/4, 3/8 or 1',
} as const

/** English sentences for what can be wrong with figures as they are typed. */
export const PROBLEMS = {
  'direction.unknown': ({ text, known }: { text: string; known: string }) =>
    known === ''
      ? `From here nothing is known of “${text}”: say first where the dancer stands.`
      : `“${text}” is no direction here; one of these was expected: ${known}.`,
  'figure.no-ending': ({
    figure,
    name,
    known,
  }: {
    figure: string
    name: string
    known: string[]
  }) => `“${figure}” has no ending “${name}”; ${itHas(known)}.`,
  'figure.no-option': ({
    figure,
    name,
    known,
  }: {
    figure: string
    name: string
    known: string[]
  }) => `“${figure}” has no option “${name}”; ${itHas(known)}.`,
  'figure-text.piece': ({ character, why }: { character: number; why: Problem }) =>
    `At character ${character}: ${why.message}`,
  'step-line.expected': ({
    character,
    found,
    expected,
  }: {
    character: number
    found: string
    expected: keyof typeof EXPECTED
  }) =>
    `At character ${character} ${found === '' ? 'the line ends' : `“${found}” stands`}; ${EXPECTED[expected]} was expected.`,
  'table.row': ({ name, row, why }: { name: string; row: number; why: Problem }) =>
    `${name}, row ${row}: ${why.message}`,
  'figure.cyclic': ({ name, circle }: { name: string; circle: string }) =>
    `“${name}” is part of itself: ${circle}. A figure may only be made of others.`,
  'figure.no-part': ({ name, figureId }: { name: string; figureId: string }) =>
    `“${name}” is made of a figure that the book does not hold (${figureId}).`,
  'figure.long': ({ name, mostSteps }: { name: string; mostSteps: number }) =>
    `“${name}” would have more than ${mostSteps} steps; fewer or shorter parts were expected.`,
  'figure.turn-roles': ({ name }: { name: string }) =>
    `In “${name}” lead and follow turn by different amounts, so one other amount does not say what both do.`,
  'figure.cut-outside': ({
    name,
    counts,
    cutAt,
  }: {
    name: string
    counts: number
    cutAt: number
  }) => `"${name}" is ${counts} counts long; a cut at ${cutAt} leaves nothing to cut.`,
  'figure.cut-in-step': ({ name, count }: { name: string; count: number }) =>
    `"${name}" has no step on count ${count}, so it cannot be cut there.`,
  'figure.no-pause': ({ name }: { name: string }) =>
    `“${name}” has no pause at its end that could be left out.`,
  'alias.name': ({ one }: { one: string }) =>
    `“${one}” is no other name; a name was expected, and where it is said in brackets, such as Vine right [school line, region the north].`,
  'alias.where': ({ part, one }: { part: string; one: string }) =>
    `“${part}” in “${one}” says nothing known; a language such as de, “school …” or “region …” was expected.`,
  'table.quotes': ({ name, row }: { name: string; row: number }) =>
    `${name} has a quotation mark that is not closed in row ${row}.`,
  'table.column.unknown': ({
    name,
    unknown,
    columns,
  }: {
    name: string
    unknown: string
    columns: string
  }) => `${name} has a column “${unknown}”; the columns may be ${columns}.`,
  'table.column.missing': ({
    name,
    missing,
    needed,
  }: {
    name: string
    missing: string
    needed: string
  }) => `${name} has no column “${missing}”; at least ${needed} were expected.`,
  'table.long': ({
    name,
    rowsCount,
    mostFigures,
  }: {
    name: string
    rowsCount: number
    mostFigures: number
  }) => `${name} has ${rowsCount} rows; at most ${mostFigures} were expected.`,
  'table.twice': ({ name, row, id }: { name: string; row: number; id: string }) =>
    `${name}, row ${row}: the id “${id}” is there a second time; every id may be used once.`,
  'table.cell.parts': ({ name, row, why }: { name: string; row: number; why: Problem }) =>
    `${name}, row ${row}: column parts: ${why.message}`,
  'table.parts': ({ name, row, why }: { name: string; row: number; why: Problem }) =>
    `${name}, row ${row}: ${why.message}`,
  'table.formula': ({ cell, column }: { cell: string; column: string }) =>
    `“${cell}” in column ${column} looks like a formula; a text was expected.`,
  'table.caution': ({ cautionKinds }: { cautionKinds: string }) =>
    `a caution such as “spin: give room” was expected in column cautions, its kind one of ${cautionKinds}.`,
  'table.cell.field': ({ column, why }: { column: string; why: string }) =>
    `column ${column}: ${why}`,
  'table.cell.value': ({ path, why }: { path: string; why: string }) => `${path}: ${why}`,
  'figure-text.hold-change': ({ piece }: { piece: string }) =>
    `a count and the hold then taken was expected, such as 3 open, not “${piece}”.`,
  'figure-text.hold-before': () =>
    'hands change at the first count or later; before it is the figure before.',
  'figure-text.hold': ({ found, holdIds }: { found: string; holdIds: string }) =>
    `“${found}” is no hold; one of these was expected: ${holdIds}.`,
  'figure-text.couples': () =>
    'couples by their number and what they do was expected, such as “couples 2 3 lead: 1 left side, 2 right close” or “couple 4: stand”.',
  'figure-text.ending': () =>
    'a name, a hold, the count it begins on and steps was expected: to open | open | from 4 | lead: 4 left side | follow: opposite',
  'figure-text.ending-hold': ({ text, holdIds }: { text: string; holdIds: string }) =>
    `“${text}” is no hold; “own hold” or one of these was expected: ${holdIds}.`,
  'figure-text.option': () =>
    'a name and steps was expected: look left | lead: head:1 "look left" | follow: same',
  'figure-text.role': ({ text }: { text: string }) =>
    `“lead:” or “follow:” and steps was expected, not “${text}”.`,
  'figure.no-part.id': ({ text }: { text: string }) =>
    `the book holds no figure with the id ${text}.`,
  'figure.no-part.name': ({ text }: { text: string }) =>
    `the book holds no figure called “${text}”; the name of a figure was expected, with + between two.`,
  'figure.which': ({ text, answers }: { text: string; answers: string }) =>
    `the book holds several figures called “${text}”; say which: ${answers}.`,
  'step-line.foot': ({ character }: { character: number }) =>
    `At character ${character} a step has no foot; left, right or both was expected before it.`,
  'step-line.words': ({ mostText, wordsCount }: { mostText: number; wordsCount: number }) =>
    `The words of a step may have ${mostText} characters; these have ${wordsCount}.`,
  'step-line.syllable': ({ character, number }: { character: number; number: string }) =>
    `At character ${character} “${number}” has a syllable that a beat in three does not have; & or a was expected.`,
  'step-line.count': ({
    character,
    mostBeats,
    beat,
  }: {
    character: number
    mostBeats: number
    beat: string
  }) => `At character ${character} a count from 1 to ${mostBeats} was expected, not ${beat}.`,
  'step-line.unfaced': ({ character, aimed }: { character: number; aimed: string }) =>
    `At character ${character} “${aimed}” depends on where the dancer faces, and that is not said; say how the figure is meant to begin, or a way such as forward or side.`,
  'step-line.way': ({ character, why }: { character: number; why: Problem }) =>
    `At character ${character}: ${why.message}`,
  'step-line.size': ({ character, size }: { character: number; size: string }) =>
    `At character ${character} “${size}” is no size for this way; a number of strides from 0 to 4 after a direction was expected.`,
  'step-line.turn': ({ character, why }: { character: number; why: Problem }) =>
    `At character ${character}: ${why.message}`,
  'step-line.turn-most': ({ character }: { character: number }) =>
    `At character ${character} a turn of up to 3 whole turns was expected.`,
  'step-line.turn-amount': ({ character, amount }: { character: number; amount: string }) =>
    `At character ${character} “${amount}” is no amount of turn; eighths such as 1/8, 1/4, 3/8 up to 3 whole turns were expected.`,
  'turn.contradiction.sides': ({ text }: { text: string }) =>
    `"${text}" names both sides; left is anticlockwise, right is clockwise.`,
  'turn.eighths': ({ text }: { text: string }) =>
    `"${text}" is no whole number of eighths of a turn.`,
  'turn.amount': ({ text }: { text: string }) =>
    `"${text}" names no amount; a quarter, 3/4, 270 degrees or the like was expected.`,
  'turn.side': ({ text }: { text: string }) =>
    `"${text}" does not say which way; left or right was expected.`,
  'turn.from': ({ text }: { text: string }) =>
    `"${text}" depends on where it begins, and that is not known here; a side and an amount were expected.`,
  'turn.side.straight': ({ text }: { text: string }) =>
    `"${text}": that is straight ahead or behind, so it gives no side.`,
  'turn.contradiction.way': ({ text, side }: { text: string; side: string }) =>
    `"${text}" contradicts itself: from here that is to the ${side}.`,
  'turn.contradiction.amount': ({
    text,
    eighths,
    side,
  }: {
    text: string
    eighths: number
    side: string
  }) => `"${text}" contradicts itself: from here it is ${eighths}/8 to the ${side}.`,
  variation: ({ word }: { word: string }) =>
    `“${word}” is no way to vary a figure; half, first 6, after 3, x2, mirrored, no pause, turning 2/8 left, rotated 2/8 right, to butterfly, on count 2, ending = … or with = … was expected.`,
  'written.empty': () => 'A name was expected here.',
  'written.beats': ({ mostBeats }: { mostBeats: number }) =>
    `A number of counts up to ${mostBeats}, in quarters, was expected, such as 4 or 6.`,
  'written.count': () => 'The count of the bar on which it begins was expected, from 1 to 12.',
  'written.couples': () => 'The number of couples was expected, such as 3 or 2-4, up to 8.',
  'written.no-steps': () =>
    'Steps were expected, such as: 1 left forward, 2 right side, 3 left close; or “stand”',
}
