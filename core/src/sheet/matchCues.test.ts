import { applyEdits, countingIds, expectOk } from '../document/index.ts'
import { cuesCsv, cuesVtt, readCues } from '../file/index.ts'
import { routineShape } from '../routine/index.ts'
import { demoText, proved, provedSheet, SHEET_NAMES } from '../testing/typed.ts'
import { cueLines } from './cueLines.ts'
import { matchCues, type OutsideCue } from './matchCues.ts'

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text)
const sheet = proved(demoText('sluice-gate-two-step'))
const cues = (): OutsideCue[] =>
  cueLines(sheet).map(({ startSeconds, endSeconds, text }) => ({
    start: startSeconds,
    end: endSeconds,
    text,
  }))
const changed = (edits: Parameters<typeof applyEdits>[2]) =>
  provedSheet(expectOk(applyEdits(routineShape, sheet.routine, edits)))

describe('cues laid onto a sheet', () => {
  it.each(SHEET_NAMES)(
    'of %s are all found again from WebVTT and CSV, and change nothing',
    (name) => {
      const one = proved(demoText(name))
      for (const text of [cuesVtt(one.routine.title, cueLines(one)), cuesCsv(cueLines(one))]) {
        const { matches, unplaced, edits } = matchCues(
          one,
          expectOk(readCues(bytes(text))),
          countingIds('m'),
        )
        expect(unplaced).toEqual([])
        // Without a recording what is said before the dance has no time to be written at.
        const written = cueLines(one).filter(
          ({ purpose, startSeconds }) => purpose !== 'gap' || startSeconds >= 0,
        )
        expect(matches).toHaveLength(written.length)
        expect(edits).toEqual([])
      }
    },
  )

  it('move those that are said at another moment, every time through where all agree', () => {
    const isVine = (text: string): boolean => text.startsWith('vine')
    const beat = 60 / sheet.routine.bpm
    const earlier = cueLines(sheet).map(
      ({ startSeconds, endSeconds, stepSeconds, text }): OutsideCue =>
        isVine(text)
          ? { start: stepSeconds - 2.25 * beat, end: null, text }
          : { start: startSeconds, end: endSeconds, text },
    )
    const { edits, unplaced } = matchCues(sheet, earlier, countingIds('m'))
    expect(unplaced).toEqual([])
    expect(edits).toHaveLength(2)
    const moved = cueLines(changed(edits)).filter(({ text }) => isVine(text))
    const wanted = earlier.filter(({ text }) => isVine(text))
    expect(moved.map(({ text }) => text)).toEqual(wanted.map(({ text }) => text))
    moved.forEach((cue, i) =>
      expect(Math.abs(cue.startSeconds - wanted[i]!.start)).toBeLessThan(0.04),
    )
  })

  it('take over words that are none of the figure’s own, in that pass alone', () => {
    const all = cues()
    const last = all.find(({ text }) => text === 'acknowledge your partner')!
    const worded = all.map((cue) =>
      cue === last ? { ...cue, text: 'bow to your partner now' } : cue,
    )
    const { edits, unplaced } = matchCues(sheet, worded, countingIds('m'))
    expect(unplaced).toEqual([])
    expect(cueLines(changed(edits)).map(({ text }) => text)).toEqual(worded.map(({ text }) => text))
  })

  it('tell of what is said so only some of the times of a pass', () => {
    const all = cues()
    const [first] = all.filter(({ text }) => text === 'limp four')
    const worded = all.map((cue) => (cue === first ? { ...cue, text: 'limp, four of them' } : cue))
    expect(matchCues(sheet, worded, countingIds('m'))).toMatchObject({
      edits: [],
      unplaced: [{ why: 'not-every-time', cue: { text: 'limp, four of them' } }],
    })
  })

  it('tell what lies past the end, overlaps, or names nothing here', () => {
    const all = cues()
    const odd: OutsideCue[] = [
      ...all.slice(0, 2),
      { start: all[1]!.start + 0.1, end: all[1]!.end, text: 'and smile' },
      ...all.slice(2),
      { start: all.at(-1)!.start + 900, end: null, text: 'good night' },
    ]
    expect(
      matchCues(sheet, odd, countingIds('m')).unplaced.map(({ why, cue }) => `${why} ${cue.text}`),
    ).toEqual(['overlaps and smile', 'past-end good night'])
    const strange = all.map((cue, i) => (i === 3 ? { ...cue, text: 'heron glide sideways' } : cue))
    expect(
      matchCues(
        sheet,
        [{ ...strange[3]!, start: strange[3]!.start - 2.5, end: null }],
        countingIds('m'),
      ).unplaced.map(({ why }) => why),
    ).toEqual(['no-figure'])
  })
})

describe('a file of cues', () => {
  const told = (data: Uint8Array): string => {
    const read = readCues(data)
    return read.ok ? 'read' : read.problem.message
  }
  it('is read in UTF-8 and in UTF-16, and in no other encoding', () => {
    const vtt = 'WEBVTT\n\n1\n00:00:01.500 --> 00:00:02.000\nGrüße &amp; box\n'
    const wide = new Uint8Array([
      0xff,
      0xfe,
      ...new Uint8Array(Uint16Array.from(vtt, (letter) => letter.charCodeAt(0)).buffer),
    ])
    expect(expectOk(readCues(wide))).toEqual([{ start: 1.5, end: 2, text: 'Grüße & box' }])
    expect(expectOk(readCues(bytes(vtt)))).toEqual(expectOk(readCues(wide)))
    expect(
      told(
        Uint8Array.from('WEBVTT\n\n00:01.000 --> 00:02.000\nGr\xfc\xdfe', (letter) =>
          letter.charCodeAt(0),
        ),
      ),
    ).toBe(
      'The file is in another encoding than UTF-8 or UTF-16. Save it as UTF-8 and bring it again.',
    )
  })
  it('may be a table, with seconds or with minutes', () => {
    expect(expectOk(readCues(bytes('Time;Text\n1:02,5;hover\n3;box\n')))).toEqual([
      { start: 3, end: null, text: 'box' },
      { start: 62.5, end: null, text: 'hover' },
    ])
  })
  it.each([
    ['', 'A WebVTT file, or a table with the columns “start” and “words” was expected.'],
    ['a,b\n1,2\n', 'A WebVTT file, or a table with the columns “start” and “words” was expected.'],
    [
      'start,words\nsoon,box\n',
      'Line 2: “soon” is no time; seconds such as 62.5, or 1:02.5 was expected.',
    ],
    ['WEBVTT\n\n', 'No cue was found in the file.'],
  ])('%j is refused in a sentence', (text, expected) => expect(told(bytes(text))).toBe(expected))
  it('that is no real WebVTT says where', () =>
    expect(told(bytes('WEBVTT\n\n1\nlater\nbox\n'))).toMatch(
      /^The WebVTT file cannot be read: .* was expected above each cue\.$/,
    ))
})
