import { de } from './de/index.ts'
import { hall as germanHall } from './de/hall.ts'
import { en } from './en/index.ts'
import { hall } from './en/hall.ts'
import { language, speak, words } from './index.ts'

type Tree = Readonly<Record<string, unknown>>
/** Every text of a catalogue that has no values, and the name of every one that has, by its path. */
function leaves(of: unknown, path: string): [string, unknown][] {
  if (typeof of !== 'object' || of === null) return [[path, of]]
  return Object.entries(of as Tree).flatMap(([key, one]) => leaves(one, `${path}.${key}`))
}
/** Signs, formats, and what dancers and machines call the same in both languages. */
const SAME =
  /^(?:[^A-Za-z]*|Dellop|MIDI|WebVTT|SRT|LRC|CSV|Markdown|Text|Box, ltb, jazz box 1\/4 right …|waltz, line dance, jig, \.\.\.|Name|Alt|LR|L|R|Intro|Set|set|Neutral|Start|Pause|Tempo|tempo|Stop|A4|A5|2&|.*\.el-.*|.*\[data-tour.*|\.(?:long|bar|settings).*|1 left forward.*|Vine right \[.*|couples 2 3.*|Box \(half\).*|3 open.*|to open \|.*|look out \|.*|esc|enter|Esc|Enter)$/

describe('the catalogues of the screen', () => {
  const english = new Map([...leaves(en, 'en'), ...leaves(hall, 'en.hallScreen')])
  const german = new Map(
    [...leaves(de, 'en'), ...leaves(germanHall, 'en.hallScreen')].map(([path, one]) => [path, one]),
  )
  it('have the same keys, each a text in both or a function in both', () => {
    expect([...german.keys()].toSorted()).toEqual([...english.keys()].toSorted())
    for (const [path, one] of english)
      expect([path, typeof german.get(path)]).toEqual([path, typeof one])
  })
  it('leave no English in German', () => {
    const left = [...english].filter(
      ([path, text]) =>
        typeof text === 'string' &&
        german.get(path) === text &&
        !SAME.test(text) &&
        !path.endsWith('.id'),
    )
    expect(left).toEqual([])
  })
  it('are spoken one at a time, with the dates of their language', async () => {
    const day = Date.UTC(2026, 4, 7, 12)
    await speak('de')
    expect([language, words.format.date(day)]).toEqual(['de', '7. Mai 2026'])
    expect(words.nav.sheets).toBe('Blätter')
    await speak('en')
    expect([language, words.format.date(day)]).toEqual(['en', '7 May 2026'])
  })
})
