import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** What lines of a heading hold. */
const KEYS: Readonly<Record<string, string>> = {
  language: 'keine Sprache der Ansagen',
  formation: 'keine Aufstellung',
  level: 'keine Stufe',
  unit: 'keine Art zu zählen',
  dancers: 'keine Art von Tanzenden',
  frame: 'kein Bezug für Richtungen',
  hold: 'keine Haltung',
}
const NUMBERS: Readonly<Record<string, string>> = {
  bpm: 'kein Tempo; Schläge in der Minute',
  year: 'kein Jahr; eine Zahl',
  couples: 'keine Zahl von Paaren; eine',
  countFrom: 'kein Schlag eines Takts; einer',
}
/** What lines of marks in an ABC file hold. */
const MARKS: Readonly<Record<string, string>> = {
  landmark:
    'eine Stelle, eins von start, hit, character oder sung, und Worte, etwa "%%dellop-landmark 4.1 start pipes enter"',
  tempo: 'eine Stelle und 20 bis 400 Schläge in der Minute, etwa "2.1=104"',
  free: 'eine Stelle und bis zu 60 Sekunden, etwa "7.4=3.5"',
}

/** German sentences for what can be wrong with files that are read. */
export const PROBLEMS: typeof ENGLISH = {
  'sheet-text.line': ({ line, why }) => `Zeile ${line}: ${why.message}`,
  'sheet-text.figure-line': ({ text, known }) =>
    `„${text}“ ist keine Zeile einer Figur; erwartet wurde eins von ${known}, ein Doppelpunkt, und was es ist.`,
  'sheet-text.figure-again': ({ name }) =>
    `die Figur hat „${name}“ schon; erwartet wurde eine Zeile dafür.`,
  'sheet-text.figure-twice': ({ name }) =>
    `„${name}“ ist zweimal geschrieben; erwartet wurde eine Figur dieses Namens.`,
  'sheet-text.figure-here': () =>
    'Figuren werden gelesen, wo ein Blatt hereinkommt; auf der Seite stehen sie im Figurenbuch.',
  'sheet-text.too-long': ({ most, text }) =>
    `„${text}…“ ist zu viel; erwartet wurden höchstens ${most} Zeichen oder Zeilen.`,
  'sheet-text.value': ({ text }) =>
    `„${text}“ kann kein Blatt aufnehmen; erwartet wurden Worte von üblicher Länge.`,
  'sheet-text.slow': ({ value }) =>
    `„${value}“ ist keine Länge eines Langsam; erwartet wurden 0,5 bis 4 Schläge, etwa „2 beats“.`,
  'sheet-text.no-line': ({ part, name }) =>
    `Teil „${part}“ hat keine Zeile „${name}“; erwartet wurde eine seiner Zeilen, wie sie dort steht, oder ihre Nummer. Eine dort geänderte Zeile ist auch hier zu ändern.`,
  'sheet-text.which-line': ({ part, name }) =>
    `Teil „${part}“ hat „${name}“ mehr als einmal; erwartet wurde die Nummer.`,
  'sheet-text.word': ({ value, key, words }) =>
    `„${value}“ ist ${KEYS[key]}; erwartet wurde ${words.slice(0, -1).join(', ')} oder ${words.at(-1)}.`,
  'sheet-text.number': ({ value, key, least, most }) =>
    `„${value}“ ist ${NUMBERS[key]} von ${least} bis ${most} wurde erwartet.`,
  'abc.mark': ({ line, expected }) =>
    `Die Zeile „${line}“ ist nicht verständlich: Erwartet wurde ${MARKS[expected]}, mit einem Abschnitt und einem Takt, die es gibt.`,
  'abc.too-long': ({ thousands }) =>
    `Erwartet wurde ein Stück von höchstens ${thousands} tausend Zeichen.`,
  'abc.header': () =>
    'Das ist kein ABC-Stück: Erwartet wurden eine Zeile, die mit X: beginnt, und eine mit K:.',
  'abc.empty': () => 'In dieser ABC-Datei ist kein Stück.',
  'abc.metre': ({ num, den, known }) => `Die Taktart ${num}/${den} ist keine von ${known}.`,
  'abc.repeat': () =>
    'Wiederholungszeichen werden nicht gelesen: Geben Sie den Teilen Buchstaben und ihre Folge in einer Zeile P: vor K:.',
  'abc.duration': ({ place }) =>
    `In ${place} fällt eine Note nicht auf ein Vierundzwanzigstel eines Schlags.`,
  'abc.bar': ({ place, beats, beatsPerBar }) =>
    `In ${place} sind ${beats} Schläge; erwartet wurden ${beatsPerBar}.`,
  'file.tempo': ({ bpm, least, most }) =>
    `Ein Tempo von ${least} bis ${most} Schlägen in der Minute wurde erwartet; diese Musik hat ${bpm}.`,
  'abc.no-notes': () => 'In diesem ABC-Stück sind keine Noten.',
  'abc.order': ({ letter }) =>
    `Die Folge der Teile nennt ${letter}, und einen Teil ${letter} gibt es nicht.`,
  'abc.chord': ({ letter, unknown }) =>
    `In Teil ${letter} ist der Akkord „${unknown}“ nicht verständlich.`,
  'file.format.figures': ({ name, format }) =>
    `${name} nennt als Format ${format}; erwartet wurde "dellop-figures" oder "dellop-figure".`,
  'midi.broken': ({ name }) =>
    `„${name}“ ist keine lesbare MIDI-Datei; vielleicht ist sie abgeschnitten.`,
  'midi.frames': ({ name }) =>
    `„${name}“ zählt in Filmbildern; erwartet wurde eine MIDI-Datei, die in Schlägen zählt.`,
  'midi.metre.changes': ({ name, written, numerator, denominator }) =>
    `„${name}“ wechselt von ${written} zu ${numerator}/${denominator}; erwartet wurde durchweg eine Taktart.`,
  'midi.metre': ({ written, name }) =>
    `Die Taktart ${written} von „${name}“ ist keine, in der Tänze gezählt werden.`,
  'midi.empty': ({ name }) => `In „${name}“ sind keine Noten.`,
  'midi.long': ({ name }) => `„${name}“ ist länger als 20 Minuten; ein Tanz dauert Minuten.`,
  'musicxml.broken': ({ name }) =>
    `„${name}“ ist kein lesbares XML; vielleicht ist die Datei abgeschnitten.`,
  'musicxml.kind': ({ name }) =>
    `„${name}“ ist kein MusicXML, das Stimme für Stimme geschrieben ist; erwartet wurde "score-partwise".`,
  'musicxml.empty': ({ name }) => `In „${name}“ sind keine Takte.`,
  'musicxml.metre': ({ name }) =>
    `Die Taktart von „${name}“ ist keine, in der Tänze gezählt werden, oder sie wechselt; erwartet wurde durchweg eine.`,
  'musicxml.bar': ({ bar, name, beats, beatsPerBar }) =>
    `In Takt ${bar} von „${name}“ sind ${beats} Schläge; erwartet wurden ${beatsPerBar}.`,
  'musicxml.large': ({ name, megabytes }) => `„${name}“ ist größer als ${megabytes} MB.`,
  'musicxml.packed.none': ({ name }) => `In der gepackten Datei „${name}“ ist kein MusicXML.`,
  'musicxml.packed': ({ name }) =>
    `Die gepackte Datei „${name}“ lässt sich nicht öffnen; vielleicht ist sie abgeschnitten.`,
  'musicxml.long': ({ mostBars }) => `Erwartet wurden höchstens ${mostBars} Takte.`,
  'musicxml.no-notes': () => 'In der ersten Stimme dieser MusicXML-Datei sind keine Noten.',
  'cues.size': () => 'Erwartet wurde eine Datei mit Ansagen von höchstens 2 MB.',
  'cues.encoding': () =>
    'Die Datei ist anders kodiert als UTF-8 oder UTF-16. Speichern Sie sie als UTF-8 und holen Sie sie noch einmal.',
  'cues.none': () => 'In der Datei fand sich keine Ansage.',
  'cues.many': ({ mostCues, valueCount }) =>
    `Erwartet wurden höchstens ${mostCues} Ansagen; es sind ${valueCount}.`,
  'cues.vtt.time': ({ why }) =>
    `Die WebVTT-Datei ist nicht lesbar: ${why}. Über jeder Ansage wurde eine Zeit erwartet wie 00:01:02.500 --> 00:01:03.400.`,
  'cues.vtt': ({ why }) => `Die WebVTT-Datei ist nicht lesbar: ${why}.`,
  'cues.columns': () =>
    'Erwartet wurde eine WebVTT-Datei, oder eine Tabelle mit den Spalten „start“ und „words“.',
  'cues.time': ({ line, time }) =>
    `Zeile ${line}: „${time}“ ist keine Zeit; erwartet wurden Sekunden wie 62.5, oder 1:02.5.`,
  'sheet-text.slot-extra': ({ extra }) =>
    `„${extra}“ sagt über eine Figur nichts Bekanntes; erwartet wurde "voll" / "kurz" / "Stichwort", silent, note "...", for lead "...", for follow "...", hard, optional, caution shown, caution hidden, change roles, ahead, on the count, with the step, step by step, pinned 2.5 before, pinned short, tell lead "...", tell follow "...", follow first oder announce "...".`,
  'sheet-text.pin': ({ text }) =>
    `„${text}“ heftet nichts an; erwartet wurden Schläge vor dem Schritt, etwa pinned 2.5 before, oder full, short oder key word.`,
  'sheet-text.wordings': () =>
    'erwartet wurden Worte, wie man sie sagt: "voll" / "kurz" / "Stichwort", mit - für die der Figur.',
  'sheet-text.part-extra': ({ extra, units }) =>
    `„${extra}“ sagt über einen Teil nichts Bekanntes; erwartet wurde in ${units}, lesson 2, version of A, oder from "ein Blatt" mit seinen Kennungen.`,
  'sheet-text.hold': ({ hold, holdIds }) =>
    `„${hold}“ ist keine Haltung; erwartet wurde eine von diesen: ${holdIds}.`,
  'sheet-text.pass-extra': ({ extra }) =>
    `„${extra}“ sagt über einen Durchgang nichts Bekanntes; erwartet wurde rotated 4/8 right, ends in closed, at section "B", fill until the section, finish in a pose oder on by 0 / 1.`,
  'file.format.sheet': ({ name, format }) =>
    `${name} nennt als Format ${format}; erwartet wurde "dellop-sheet".`,
  'file.newer': ({ name, version }) =>
    `${name} stammt von einem neueren Dellop (Version ${version}); dieses liest Version 1.`,
  'file.twice': ({ name, id }) =>
    `${name} hat zwei Figuren mit der Kennung „${id}“; jede gilt nur einmal.`,
  'sheet-text.phrase': ({ value }) =>
    `„${value}“ ist keine Länge einer Phrase; erwartet wurde etwa „16 bars“ oder „32 counts“.`,
  'sheet-text.roles': ({ value }) =>
    `„${value}“ nennt nicht die beiden Rollen; erwartet wurde etwa: roles: "Herr" / "Dame".`,
  'sheet-text.calling': ({ word, known }) =>
    `„${word}“ sagt über das Ansagen nichts Bekanntes; erwartet wurden ${known}, mit ; dazwischen.`,
  'sheet-text.other-names': () => 'erwartet wurde ein Name, oder mehrere mit Strichpunkten.',
  'sheet-text.related': ({ text }) =>
    `„${text}“: erwartet wurde derselbe Tanz wie "…", Fassung von "…", für führend von "…", für folgend von "…" oder Teil "B" ist Teil "C" aus "…".`,
  'sheet-text.tags': () => 'erwartet wurde ein Schlagwort, oder mehrere mit Kommas.',
  'sheet-text.no-part': () =>
    'Erwartet wurde mindestens ein Teil: „part A“, und in den Zeilen darunter seine Figuren.',
  'sheet-text.part-label': () => 'ein Teil hat einen Namen von bis zu 30 Zeichen.',
  'sheet-text.heading': ({ text, known }) =>
    `„${text}“ ist keine Zeile des Kopfs; erwartet wurde eins von ${known} mit einem Doppelpunkt, oder „part A“.`,
  'sheet-text.length': ({ name, counts, written }) =>
    `${name} dauert hier ${counts} Schläge, und ${written} steht da; lassen Sie die Zahl weg, oder ändern Sie die Figur.`,
  'sheet-text.half': ({ label, counts }) =>
    counts === null
      ? `Wo „${label}“ halb ist, lässt sich nicht sagen: Nicht alles darin hat eine Länge. Erwartet wurde „von … bis …“.`
      : `In „${label}“ endet keine Figur nach der Hälfte der ${counts} Schläge; erwartet wurde „von … bis …“.`,
  'sheet-text.pass': ({ text }) =>
    `„${text}“ ist kein Durchgang; erwartet wurde der Name eines Teils, und danach x2, half, mirrored oder from 2 to 5.`,
  'sheet-text.times': () => 'ein Teil wird 1- bis 64-mal getanzt.',
  'sheet-text.unknown-part': ({ value, parts }) =>
    `einen Teil „${value}“ gibt es nicht; die Teile sind ${parts}.`,
  'sheet-text.line-number': ({ label, slotsCount, value }) =>
    `Teil „${label}“ hat ${slotsCount} Zeilen; erwartet wurde die Nummer einer davon, nicht „${value}“.`,
  'sheet-text.change': ({ text }) =>
    `„${text}“ ändert an einem Durchgang nichts Bekanntes; erwartet wurde darunter etwa „instead of Box: Hover“, „after 3: Hover“, „after end: Hover“ oder „without Box“.`,
  'sheet-text.overrule': ({ text }) =>
    `„${text}“ ist kein Befund, der so bleiben soll; erwartet wurde etwa „A.3 feet.not-free "sie wechseln"“.`,
  'sheet-text.pass-number': ({ pass, passesCount }) =>
    `einen Durchgang ${pass} gibt es nicht; der Ablauf hat ${passesCount}.`,
  'sheet-text.quoted': ({ text }) =>
    `${text} ist kein Text in Anführungszeichen; erwartet wurde "...".`,
  'sheet-text.start-hold': ({ hold, holdIds }) =>
    `„${hold}“ ist keine Haltung für den Anfang; erwartet wurde eine von diesen: ${holdIds}.`,
  'sheet-text.start-all': ({ piece }) =>
    `„${piece}“ sagt nicht, wie alle beginnen; etwa: all face 12 o'clock, right foot free.`,
  'sheet-text.start': () =>
    'Erwartet wurden eine Haltung, lead und follow, mit Strichpunkten dazwischen.',
  'sheet-text.start-role': ({ piece, role }) =>
    `„${piece}“ sagt nicht, wie ${role} beginnt; etwa: ${role} faces wall, left foot free.`,
  'sheet-text.bar': ({ text }) =>
    `„${text}“ ist kein Takt; erwartet wurde etwa „3 beats of 1/4 in quarters“.`,
}
