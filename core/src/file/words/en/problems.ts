import type { Problem } from '../../../document/index.ts'

/** What lines of a heading hold. */
const KEYS = {
  language: 'language of cues',
  formation: 'formation',
  level: 'level',
  unit: 'way of counting',
  dancers: 'kind of dancers',
  frame: 'frame of directions',
  hold: 'hold',
} as const
type WordKey = keyof typeof KEYS
const NUMBERS = {
  bpm: 'tempo; beats a minute',
  year: 'year; a number',
  couples: 'number of couples; one',
  countFrom: 'count of a bar; one',
} as const
/** What lines of marks in an ABC file hold. */
const MARKS = {
  landmark:
    'a place, one of start, hit, character or sung, and words such as "%%dellop-landmark 4.1 start pipes enter"',
  tempo: 'a place and beats a minute from 20 to 400 such as "2.1=104"',
  free: 'a place and up to 60 seconds such as "7.4=3.5"',
} as const

/** English sentences for what can be wrong with files that are read. */
export const PROBLEMS = {
  'sheet-text.line': ({ line, why }: { line: number; why: Problem }) =>
    `Line ${line}: ${why.message}`,
  'sheet-text.figure-line': ({ text, known }: { text: string; known: string }) =>
    `“${text}” is no line of a figure; one of ${known}, a colon and what it is was expected.`,
  'sheet-text.figure-again': ({ name }: { name: string }) =>
    `the figure has “${name}” already; one line for it was expected.`,
  'sheet-text.figure-twice': ({ name }: { name: string }) =>
    `“${name}” is written twice; one figure of a name was expected.`,
  'sheet-text.figure-here': () =>
    'figures are read where a sheet is brought in; on the page they are written in the book of figures.',
  'sheet-text.too-long': ({ most, text }: { most: number; text: string }) =>
    `“${text}…” has too much in it; at most ${most} characters or lines were expected.`,
  'sheet-text.value': ({ text }: { text: string }) =>
    `“${text}” is nothing that a sheet can hold; words of an ordinary length were expected.`,
  'sheet-text.slow': ({ value }: { value: string }) =>
    `“${value}” is no length of a slow; beats from 0.5 to 4, such as “2 beats”, were expected.`,
  'sheet-text.no-line': ({ part, name }: { part: string; name: string }) =>
    `part “${part}” has no line “${name}”; a line of it as it stands there, or its number, was expected. A line that was changed there is changed here too.`,
  'sheet-text.which-line': ({ part, name }: { part: string; name: string }) =>
    `part “${part}” has “${name}” more than once; its number was expected.`,
  'sheet-text.word': ({ value, key, words }: { value: string; key: WordKey; words: string[] }) =>
    `“${value}” is no ${KEYS[key]}; ${words.slice(0, -1).join(', ')} or ${words.at(-1)} was expected.`,
  'sheet-text.number': ({
    value,
    key,
    least,
    most,
  }: {
    value: string
    key: keyof typeof NUMBERS
    least: number
    most: number
  }) => `“${value}” is no ${NUMBERS[key]} from ${least} to ${most} were expected.`,
  'abc.mark': ({ line, expected }: { line: string; expected: keyof typeof MARKS }) =>
    `The line "${line}" is not understood: ${MARKS[expected]} was expected, with a section and a bar that the tune has.`,
  'file.tempo': ({ bpm, least, most }: { bpm: number; least: number; most: number }) =>
    `A tempo of ${least} to ${most} beats a minute was expected; this music has ${bpm}.`,
  'abc.too-long': ({ thousands }: { thousands: number }) =>
    `A tune of at most ${thousands} thousand characters was expected.`,
  'abc.header': () =>
    'This is no ABC tune: a line that begins with X: and one that begins with K: were expected.',
  'abc.empty': () => 'There is no tune in this ABC file.',
  'abc.metre': ({ num, den, known }: { num: number; den: number; known: string }) =>
    `The metre ${num}/${den} is not one of ${known}.`,
  'abc.repeat': () =>
    'Repeat signs are not read: give the parts letters and their order in a P: line before K:.',
  'abc.duration': ({ place }: { place: string }) =>
    `In ${place} a note does not fall on a twenty-fourth of a beat.`,
  'abc.bar': ({
    place,
    beats,
    beatsPerBar,
  }: {
    place: string
    beats: number
    beatsPerBar: number
  }) => `In ${place} there are ${beats} beats; ${beatsPerBar} were expected.`,
  'abc.no-notes': () => 'There are no notes in this ABC tune.',
  'abc.order': ({ letter }: { letter: string }) =>
    `The order of parts names ${letter}, and there is no part ${letter}.`,
  'abc.chord': ({ letter, unknown }: { letter: string; unknown: string }) =>
    `In part ${letter}, the chord "${unknown}" is not understood.`,
  'file.format.figures': ({ name, format }: { name: string; format: string }) =>
    `${name} says its format is ${format}; "dellop-figures" or "dellop-figure" was expected.`,
  'midi.broken': ({ name }: { name: string }) =>
    `"${name}" is no MIDI file that can be read; perhaps it was cut off.`,
  'midi.frames': ({ name }: { name: string }) =>
    `"${name}" counts in film frames; a MIDI file that counts in beats was expected.`,
  'midi.metre.changes': ({
    name,
    written,
    numerator,
    denominator,
  }: {
    name: string
    written: string
    numerator: number
    denominator: number
  }) =>
    `"${name}" changes from ${written} to ${numerator}/${denominator}; one metre throughout was expected.`,
  'midi.metre': ({ written, name }: { written: string; name: string }) =>
    `The metre ${written} of "${name}" is not one that dances are counted in.`,
  'midi.empty': ({ name }: { name: string }) => `There are no notes in "${name}".`,
  'midi.long': ({ name }: { name: string }) =>
    `"${name}" is longer than 20 minutes; a dance is minutes.`,
  'musicxml.broken': ({ name }: { name: string }) =>
    `"${name}" is no XML that can be read; perhaps it was cut off.`,
  'musicxml.kind': ({ name }: { name: string }) =>
    `"${name}" is no MusicXML written part by part; "score-partwise" was expected.`,
  'musicxml.empty': ({ name }: { name: string }) => `There are no bars in "${name}".`,
  'musicxml.metre': ({ name }: { name: string }) =>
    `The metre of "${name}" is not one that dances are counted in, or it changes; one metre throughout was expected.`,
  'musicxml.bar': ({
    bar,
    name,
    beats,
    beatsPerBar,
  }: {
    bar: number
    name: string
    beats: number
    beatsPerBar: number
  }) => `In bar ${bar} of "${name}" there are ${beats} beats; ${beatsPerBar} were expected.`,
  'musicxml.large': ({ name, megabytes }: { name: string; megabytes: number }) =>
    `"${name}" is larger than ${megabytes} MB.`,
  'musicxml.packed.none': ({ name }: { name: string }) =>
    `There is no MusicXML in the packed file "${name}".`,
  'musicxml.packed': ({ name }: { name: string }) =>
    `The packed file "${name}" cannot be opened; perhaps it was cut off.`,
  'musicxml.long': ({ mostBars }: { mostBars: number }) =>
    `At most ${mostBars} bars were expected.`,
  'musicxml.no-notes': () => 'There are no notes in the first part of this MusicXML file.',
  'cues.size': () => 'A file of cues of at most 2 MB was expected.',
  'cues.encoding': () =>
    'The file is in another encoding than UTF-8 or UTF-16. Save it as UTF-8 and bring it again.',
  'cues.none': () => 'No cue was found in the file.',
  'cues.many': ({ mostCues, valueCount }: { mostCues: number; valueCount: number }) =>
    `At most ${mostCues} cues were expected; there are ${valueCount}.`,
  'cues.vtt.time': ({ why }: { why: string }) =>
    `The WebVTT file cannot be read: ${why}. A time such as 00:01:02.500 --> 00:01:03.400 was expected above each cue.`,
  'cues.vtt': ({ why }: { why: string }) => `The WebVTT file cannot be read: ${why}.`,
  'cues.columns': () =>
    'A WebVTT file, or a table with the columns “start” and “words” was expected.',
  'cues.time': ({ line, time }: { line: number; time: string }) =>
    `Line ${line}: “${time}” is no time; seconds such as 62.5, or 1:02.5 was expected.`,
  'sheet-text.slot-extra': ({ extra }: { extra: string }) =>
    `“${extra}” says nothing known of a figure; say "full" / "short" / "key word", silent, note "...", for lead "...", for follow "...", hard, optional, caution shown, caution hidden, change roles, ahead, on the count, with the step, step by step, pinned 2.5 before, pinned short, tell lead "...", tell follow "...", follow first or announce "..." was expected.`,
  'sheet-text.pin': ({ text }: { text: string }) =>
    `“${text}” is no pin; beats before the step, such as pinned 2.5 before, or full, short or key word was expected.`,
  'sheet-text.wordings': () =>
    'words as they are said were expected: "full" / "short" / "key word", with - for the figure’s own.',
  'sheet-text.part-extra': ({ extra, units }: { extra: string; units: string }) =>
    `“${extra}” says nothing known of a part; in ${units}, lesson 2, version of A, or from "a sheet" with its ids was expected.`,
  'sheet-text.hold': ({ hold, holdIds }: { hold: string; holdIds: string }) =>
    `“${hold}” is no hold; one of these was expected: ${holdIds}.`,
  'sheet-text.pass-extra': ({ extra }: { extra: string }) =>
    `“${extra}” says nothing known of a pass; rotated 4/8 right, ends in closed, at section "B", fill until the section, finish in a pose or on by 0 / 1 was expected.`,
  'file.format.sheet': ({ name, format }: { name: string; format: string }) =>
    `${name} says its format is ${format}; "dellop-sheet" was expected.`,
  'file.newer': ({ name, version }: { name: string; version: number }) =>
    `${name} was written by a newer Dellop (version ${version}); this one reads version 1.`,
  'file.twice': ({ name, id }: { name: string; id: string }) =>
    `${name} has two figures with the id "${id}"; every id may be used once.`,
  'sheet-text.phrase': ({ value }: { value: string }) =>
    `“${value}” is no length of a phrase; such as “16 bars” or “32 counts” was expected.`,
  'sheet-text.roles': ({ value }: { value: string }) =>
    `“${value}” does not name the two roles; such as: roles: "gent" / "lady" was expected.`,
  'sheet-text.calling': ({ word, known }: { word: string; known: string }) =>
    `“${word}” says nothing known of how it is called; ${known} were expected, with ; between.`,
  'sheet-text.other-names': () => 'a name was expected, or several with semicolons between.',
  'sheet-text.related': ({ text }: { text: string }) =>
    `“${text}”: same dance as "…", version of "…", for lead of "…", for follow of "…", or part "B" is part "C" of "…" was expected.`,
  'sheet-text.tags': () => 'a tag was expected, or several with commas between.',
  'sheet-text.no-part': () =>
    'At least one part was expected: “part A”, and its figures on the lines below it.',
  'sheet-text.part-label': () => 'a part has a label of up to 30 characters.',
  'sheet-text.heading': ({ text, known }: { text: string; known: string }) =>
    `“${text}” is no line of a heading; one of ${known} with a colon, or “part A”, was expected.`,
  'sheet-text.length': ({
    name,
    counts,
    written,
  }: {
    name: string
    counts: string
    written: string
  }) =>
    `${name} takes ${counts} counts here, and ${written} is written; leave the number out, or vary the figure.`,
  'sheet-text.half': ({ label, counts }: { label: string; counts: string | null }) =>
    counts === null
      ? `Half of “${label}” cannot be told: not all of it has a length. “from … to …” was expected.`
      : `No figure of “${label}” ends at the half of its ${counts} counts; “from … to …” was expected.`,
  'sheet-text.pass': ({ text }: { text: string }) =>
    `“${text}” is no pass of the order; the label of a part was expected, and after it x2, half, mirrored, or from 2 to 5.`,
  'sheet-text.times': () => 'a part is danced from 1 to 64 times.',
  'sheet-text.unknown-part': ({ value, parts }: { value: string; parts: string }) =>
    `there is no part “${value}”; the parts are ${parts}.`,
  'sheet-text.line-number': ({
    label,
    slotsCount,
    value,
  }: {
    label: string
    slotsCount: number
    value: string
  }) =>
    `part “${label}” has ${slotsCount} lines; the number of one of them was expected, not “${value}”.`,
  'sheet-text.change': ({ text }: { text: string }) =>
    `“${text}” is no change of a pass; such as “instead of Box: Hover”, “after 3: Hover”, “after end: Hover” or “without Box” was expected below a pass.`,
  'sheet-text.overrule': ({ text }: { text: string }) =>
    `“${text}” is no finding that is left so; such as “A.3 feet.not-free "they change feet"” was expected.`,
  'sheet-text.pass-number': ({ pass, passesCount }: { pass: string; passesCount: number }) =>
    `there is no pass ${pass}; the order has ${passesCount}.`,
  'sheet-text.quoted': ({ text }: { text: string }) =>
    `${text} is no text in quotation marks; "..." was expected.`,
  'sheet-text.start-hold': ({ hold, holdIds }: { hold: string; holdIds: string }) =>
    `“${hold}” is no hold to start in; one of these was expected: ${holdIds}.`,
  'sheet-text.start-all': ({ piece }: { piece: string }) =>
    `“${piece}” does not say how all start; such as: all face 12 o'clock, right foot free.`,
  'sheet-text.start': () =>
    'A hold, the lead and the follow was expected, with semicolons between.',
  'sheet-text.start-role': ({ piece, role }: { piece: string; role: string }) =>
    `“${piece}” does not say how the ${role} starts; such as: ${role} faces wall, left foot free.`,
  'sheet-text.bar': ({ text }: { text: string }) =>
    `“${text}” is no bar; such as “3 beats of 1/4 in quarters” was expected.`,
}
