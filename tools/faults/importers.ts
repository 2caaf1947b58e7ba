import { beatMapOfScore, playScore, wavBytes, type Score } from '@dellop/core/band'
import { isDeepStrictEqual } from 'node:util'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { eveningSchema, eveningsCalendar, readCalendar } from '@dellop/core/evening'
import { validate, type Result } from '@dellop/core/document'
import {
  readAbc,
  readCues,
  readFigureFile,
  readMidi,
  readMusicXml,
  readSheetFile,
  sheetFileOfText,
  sheetFileSchema,
  sheetText,
  tuneOfScore,
  writeFigureFile,
  writeSheetFile,
  type SheetFile,
} from '@dellop/core/file'
import { figureCsv, figureSchema, readFigureCsv, SHIPPED_FIGURES } from '@dellop/core/figure'
import { readWav } from '@dellop/core/listen'
import { entrySchema, logbookCsv, readLogbookCsv } from '@dellop/core/logbook'
import { secondsAt, type Tick } from '@dellop/core/time'
import { tuneSchema } from '@dellop/core/tune'
import { packedImporters } from './packed.ts'

/** A kind of file that Dellop reads: whole ones, and what comes of one. */
export interface Importer {
  readonly name: string
  readonly samples: readonly Uint8Array[]
  /**
   * Reads a file as Dellop would: whether it was let in. Throws where it fails otherwise than by
   * a refusal, or lets in what cannot be read back.
   */
  readonly bring: (bytes: Uint8Array) => boolean | Promise<boolean>
}

let ids = 0
const newId = (): string => `id-${++ids}`
const textOf = (bytes: Uint8Array): string => new TextDecoder().decode(bytes)
const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text)

function same(what: string, a: unknown, b: unknown): void {
  // As it is kept: what JSON does not hold is not there.
  const kept = (value: unknown): unknown => JSON.parse(JSON.stringify(value))
  if (!isDeepStrictEqual(kept(a), kept(b))) throw new Error(`${what} is read back as another`)
}
function readBack<Value>(what: string, result: Result<Value>): Value {
  if (!result.ok) throw new Error(`${what} was let in and is refused: ${result.problem.message}`)
  return result.value
}
const sheetBack = (file: SheetFile): true => {
  sheetFileSchema.parse(JSON.parse(JSON.stringify(file)))
  same('A sheet', file, readBack('A sheet', readSheetFile(writeSheetFile(file))))
  return true
}
/** So much is played of what is let in: enough to fail, too little to take long. */
const MOST_PLAYED_SECONDS = 40
/** A score that is let in can be played; the tune is checked whole before it is kept. */
function scoreBack(score: Score): boolean {
  const seconds = secondsAt(beatMapOfScore(score, 0), score.end as Tick)
  if (!(seconds >= 0)) throw new Error(`A score that takes ${seconds} s was let in`)
  if (seconds > MOST_PLAYED_SECONDS) return true
  const performance = playScore(score)
  return validate(tuneSchema, tuneOfScore(score, performance, null, newId), 'The tune').ok
}

/** Every kind of file, with whole ones from the demo and from the book. */
export function importers(demoFolder: string): readonly Importer[] {
  const files = (folder: string, ending: RegExp): Uint8Array[] =>
    readdirSync(join(demoFolder, folder))
      .filter((name) => ending.test(name))
      .sort()
      .map((name) => new Uint8Array(readFileSync(join(demoFolder, folder, name))))
  const sheets = files('sheets', /\.json$/).slice(0, 8)
  const read = sheets.map((bytes) => readBack('A sheet of the demo', readSheetFile(textOf(bytes))))
  const season = JSON.parse(readFileSync(join(demoFolder, 'season.json'), 'utf8')) as {
    evenings: ({ day: number } & Record<string, unknown>)[]
    entries: ({ day: number; minute: number } & Record<string, unknown>)[]
  }
  // The season tells of days before today; here each is some day.
  const entries = season.entries
    .slice(0, 20)
    .map(({ day, minute, ...entry }) =>
      entrySchema.parse({ ...entry, atMs: (20_000 + day) * 86_400_000 + minute * 60_000 }),
    )
  const evenings = season.evenings.slice(0, 6).map(({ day, ...evening }) =>
    eveningSchema.parse({
      ...evening,
      format: 'dellop-evening',
      version: 1,
      zone: 'Europe/Berlin',
      date: new Date((20_000 + day) * 86_400_000).toISOString().slice(0, 10),
    }),
  )
  const some = SHIPPED_FIGURES.filter(({ parts }) => !parts).filter((_, i) => i % 40 === 0)
  const tones = Float32Array.from({ length: 4000 }, (_, i) => Math.sin(i / 9) / 2)
  const figuresBack = (figures: Result<readonly (typeof SHIPPED_FIGURES)[number][]>): boolean => {
    if (!figures.ok) return false
    for (const figure of figures.value)
      same('A figure', figure, figureSchema.parse(JSON.parse(JSON.stringify(figure))))
    readBack('Figures', readFigureFile(writeFigureFile(figures.value)))
    return true
  }
  return [
    {
      name: 'sheet file',
      samples: sheets,
      bring: (bytes) => {
        const file = readSheetFile(textOf(bytes))
        return file.ok && sheetBack(file.value)
      },
    },
    {
      name: 'sheet as text',
      samples: read.map(({ routine, figures }) =>
        bytesOf(sheetText(routine, [...SHIPPED_FIGURES, ...figures])),
      ),
      bring: (bytes) => {
        const options = { id: 'a-sheet', title: 'A sheet', figures: SHIPPED_FIGURES }
        const file = sheetFileOfText(textOf(bytes), options)
        return file.ok && sheetBack(file.value)
      },
    },
    {
      name: 'figure file',
      samples: [bytesOf(writeFigureFile(some))],
      bring: (bytes) => figuresBack(readFigureFile(textOf(bytes))),
    },
    {
      name: 'figures as a table',
      samples: [bytesOf(figureCsv(some))],
      bring: (bytes) => figuresBack(readFigureCsv(textOf(bytes), newId)),
    },
    {
      name: 'ABC',
      samples: files('tunes', /\.abc$/)
        .slice(0, 6)
        // Once through what can be played alone: heard in a moment.
        .flatMap((bytes) => {
          const short = textOf(bytes).replace(/^P:(\w{3})\w+$/m, 'P:$1')
          return readAbc(short).ok ? [bytesOf(short)] : []
        }),
      bring: (bytes) => {
        const score = readAbc(textOf(bytes))
        return score.ok && scoreBack(score.value)
      },
    },
    {
      name: 'MusicXML',
      samples: [bytesOf(MUSIC_XML)],
      bring: (bytes) => {
        const score = readMusicXml(bytes, 'A file')
        return score.ok && scoreBack(score.value)
      },
    },
    {
      name: 'MIDI',
      samples: [MIDI],
      bring: (bytes) => {
        const score = readMidi(bytes, 'A file')
        return score.ok && scoreBack(score.value)
      },
    },
    {
      name: 'cues',
      samples: [bytesOf(CUES), bytesOf('seconds,text\n1.5,Box\n4,Twirl vine\n')],
      bring: (bytes) => readCues(bytes).ok,
    },
    {
      name: 'calendar',
      samples: [bytesOf(eveningsCalendar(evenings, new Map(), 0))],
      bring: (bytes) => {
        const evenings = readCalendar(textOf(bytes), 'Europe/Berlin', newId)
        if (evenings.ok) for (const one of evenings.value) eveningSchema.parse(one)
        return evenings.ok
      },
    },
    {
      name: 'logbook as a table',
      samples: [bytesOf(logbookCsv(entries))],
      bring: (bytes) => {
        const read = readLogbookCsv(textOf(bytes), newId)
        if (read.ok) for (const one of read.value) entrySchema.parse(one)
        return read.ok
      },
    },
    {
      name: 'WAV',
      samples: [wavBytes(tones, 8000)],
      bring: (bytes) => {
        const sound = readWav(bytes)
        if (sound.ok && sound.value.samples.some((one) => !Number.isFinite(one)))
          throw new Error('A sound was let in with samples that are no numbers')
        return sound.ok
      },
    },
    ...packedImporters(MUSIC_XML, scoreBack),
  ]
}

const CUES = `WEBVTT Cues

1 Part A, bar 1
00:00:01.000 --> 00:00:02.000
Box

2 Part A, bar 3
00:00:04.000 --> 00:00:05.250
Twirl vine &amp; close
`

/** Four bars of a waltz, as a notation program writes them. */
const MUSIC_XML = `<?xml version="1.0" encoding="UTF-8"?>
<score-partwise version="3.1">
<work><work-title>Four bars</work-title></work>
<part-list><score-part id="P1"><part-name>Fiddle</part-name></score-part></part-list>
<part id="P1">
${[1, 2, 3, 4]
  .map(
    (bar) =>
      `<measure number="${bar}">${
        bar === 1
          ? '<attributes><divisions>2</divisions><key><fifths>1</fifths></key><time><beats>3</beats><beat-type>4</beat-type></time><clef><sign>G</sign><line>2</line></clef></attributes><direction><sound tempo="96"/></direction>'
          : ''
      }${['G', 'B', 'D']
        .map(
          (step, i) =>
            `<note><pitch><step>${step}</step><octave>${i === 2 ? 5 : 4}</octave></pitch><duration>2</duration><type>quarter</type></note>`,
        )
        .join('')}</measure>`,
  )
  .join('\n')}
</part>
</score-partwise>
`

/** One track: a waltz of twelve notes at 96. */
const MIDI = (() => {
  const notes = Array.from({ length: 12 }, (_, i) => 60 + (i % 5))
  const track = [
    [0, 0xff, 0x58, 4, 3, 2, 24, 8],
    [0, 0xff, 0x51, 3, 0x09, 0x89, 0x68],
    ...notes.flatMap((note) => [
      [0, 0x90, note, 80],
      [0x60, 0x80, note, 0],
    ]),
    [0, 0xff, 0x2f, 0],
  ].flat()
  const length = (n: number): number[] => [n >>> 24, (n >>> 16) & 255, (n >>> 8) & 255, n & 255]
  return Uint8Array.from([
    ...bytesOf('MThd'),
    ...length(6),
    ...[0, 0, 0, 1, 0, 96],
    ...bytesOf('MTrk'),
    ...length(track.length),
    ...track,
  ])
})()
