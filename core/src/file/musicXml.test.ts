import { strToU8, zipSync } from 'fflate'
import { expectOk } from '../document/index.ts'
import { readMusicXml } from './musicXml.ts'

const note = (step: string, duration: number, more = '') =>
  `<note>${more}<pitch><step>${step}</step><octave>4</octave></pitch><duration>${duration}</duration></note>`
const bar = (inside: string) => `<measure>${inside}</measure>`
const full = bar(note('C', 2) + note('E', 2) + note('G', 2))
const attributes = (time = '<time><beats>3</beats><beat-type>4</beat-type></time>') =>
  `<attributes><divisions>2</divisions>${time}</attributes>`
const file = (measures: string) =>
  strToU8(
    `<?xml version="1.0"?><score-partwise version="4.0"><work><work-title>Reeds</work-title></work><part id="P1">${measures}</part></score-partwise>`,
  )
const repeat = (direction: string, ending = '') =>
  `<barline>${ending}<repeat direction="${direction}"/></barline>`
const read = (measures: string) => expectOk(readMusicXml(file(measures), 'reeds.xml'))

describe('a MusicXML file', () => {
  it('gives notes, chords, tempo, a pick-up, rehearsal marks and directions', () => {
    const score = read(
      bar(
        attributes() +
          '<direction><direction-type><rehearsal>I</rehearsal></direction-type><sound tempo="96"/></direction>' +
          note('D', 2),
      ) +
        bar(
          '<harmony><root><root-step>G</root-step></root><kind>minor</kind></harmony>' +
            note('B', 3, '') +
            note('D', 3, '<chord/>') +
            note('A', 3),
        ) +
        bar(
          '<direction><direction-type><rehearsal>A</rehearsal></direction-type></direction><direction><direction-type><words>softer</words></direction-type></direction>' +
            note('C', 6),
        ) +
        full,
    )
    expect(score).toMatchObject({ title: 'Reeds', bpm: 96, start: -24, end: 3 * 72 })
    expect(
      score.notes.slice(0, 4).map(({ at, lengthTicks, midi }) => [at, lengthTicks, midi]),
    ).toEqual([
      [-24, 24, 62],
      [0, 36, 71],
      [0, 36, 62],
      [36, 36, 69],
    ])
    expect(score.chords).toEqual([{ at: 0, root: 7, tones: [7, 10, 2] }])
    expect(score.sections.map(({ label, bars }) => `${label} ${bars}`)).toEqual(['intro 1', 'A 2'])
    expect(score.landmarks).toEqual([{ at: 72, kind: 'character', text: 'softer' }])
  })
  it('plays its repeats and endings out', () => {
    const marked = (step: string, extra: string) => bar(note(step, 6) + extra)
    const score = read(
      bar(attributes() + note('C', 6)) +
        marked('D', repeat('forward')) +
        marked(
          'E',
          '<barline><ending number="1" type="start"/></barline>' +
            repeat('backward', '<ending number="1" type="stop"/>'),
        ) +
        marked(
          'F',
          '<barline><ending number="2" type="start"/></barline><barline><ending number="2" type="stop"/></barline>',
        ) +
        marked('G', ''),
    )
    expect(score.notes.map(({ midi }) => midi)).toEqual([60, 62, 64, 62, 65, 67])
  })
  it('with two voices in a bar has both', () => {
    const score = read(
      bar(
        attributes() +
          note('C', 6) +
          '<backup><duration>6</duration></backup>' +
          note('E', 2) +
          '<forward><duration>2</duration></forward>' +
          note('G', 2),
      ),
    )
    expect(score.notes.map(({ at, midi }) => [at, midi])).toEqual([
      [0, 60],
      [0, 64],
      [48, 67],
    ])
  })
  it('changes tempo in steps, counts cut time in minims', () => {
    const score = read(
      bar(
        attributes('<time><beats>2</beats><beat-type>2</beat-type></time>') +
          '<sound tempo="208"/>' +
          note('C', 8),
      ) + bar('<sound tempo="220"/>' + note('D', 8)),
    )
    expect([
      score.bpm,
      score.metre.beatNote,
      score.end,
      score.tempo.map(({ at, bpm }) => [at, bpm]),
    ]).toEqual([
      104,
      '1/2',
      96,
      [
        [0, 104],
        [47, 104],
        [48, 110],
      ],
    ])
  })
  it('packed is unpacked', () => {
    const packed = zipSync({
      'META-INF/container.xml': strToU8('<container/>'),
      'reeds.musicxml': file(bar(attributes() + note('C', 6))),
    })
    expect(expectOk(readMusicXml(packed, 'reeds.mxl')).end).toBe(72)
  })
  it.each([
    ['is cut off', file(full).subarray(0, 120), /no XML that can be read/],
    [
      'is a page of the web',
      strToU8('<html><body>reeds</body></html>'),
      /"score-partwise" was expected/,
    ],
    [
      'has an entity of its own',
      strToU8('<!DOCTYPE a [<!ENTITY b "c">]><score-partwise/>'),
      /no XML that can be read/,
    ],
    [
      'has a bar too long',
      file(bar(attributes() + note('C', 6)) + bar(note('C', 8)) + full),
      /bar 2 .* 4 beats; 3 were expected/,
    ],
    [
      'changes its metre',
      file(
        bar(attributes() + note('C', 6)) +
          bar(attributes('<time><beats>4</beats><beat-type>4</beat-type></time>') + note('C', 8)),
      ),
      /one metre throughout/,
    ],
    ['has no bars', file(''), /no bars/],
    ['has no notes', file(bar(attributes())), /no notes/],
    [
      'is a broken pack',
      Uint8Array.from([0x50, 0x4b, 3, 4, 9, 9]),
      /cannot be opened|no MusicXML in/,
    ],
  ])('that %s is refused in a sentence', (_name, bytes, sentence) => {
    const result = readMusicXml(bytes, 'reeds.xml')
    expect(result.ok ? '' : result.problem.message).toMatch(sentence)
  })
})
