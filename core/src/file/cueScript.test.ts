import Papa from 'papaparse'
import { utterancesOf } from '../cue/index.ts'
import { cueLines, tempoWindow, planAt } from '../sheet/index.ts'
import { bpmAt, type TickPosition } from '../time/index.ts'
import { demoText, proved } from '../testing/typed.ts'
import { cuesCsv, cuesLrc, cuesSrt, cuesVtt } from './cueScript.ts'

const sheet = proved(demoText('combing-the-teasels'))
const cues = cueLines(sheet)
/** Seconds of a time as it is written, read without any of the code that wrote it. */
const seconds = (text: string): number =>
  text
    .replace(',', '.')
    .split(':')
    .reduce((sum, part) => sum * 60 + Number(part), 0)
const spans = (text: string): number[][] =>
  [...text.matchAll(/^(\S+) --> (\S+)$/gm)].map(([, start, end]) => [
    seconds(start!),
    seconds(end!),
  ])

describe('cues for other programs', () => {
  it('are all that is said, in order, with what they are for', () => {
    expect(cues.map(({ text }) => text)).toEqual(
      utterancesOf(sheet.plan).map(({ said }) => said.wording.text),
    )
    expect(cues.find(({ text }) => text === 'basic')).toMatchObject({
      text: 'basic',
      part: 'A',
      time: 1,
      figure: 'Basic',
      bar: 1,
      beat: 1,
    })
    for (const cue of cues) expect(cue.endSeconds).toBeLessThanOrEqual(cue.stepSeconds)
  })
  it.each([
    ['WebVTT', cuesVtt('Combing', cues)],
    ['SRT', cuesSrt(cues)],
  ])('agree with the plan within a millisecond in %s', (_name, text) => {
    const read = spans(text)
    expect(read).toHaveLength(cues.length)
    read.forEach(([start, end], i) => {
      expect(Math.abs(start! - cues[i]!.startSeconds)).toBeLessThanOrEqual(0.001)
      expect(Math.abs(end! - cues[i]!.endSeconds)).toBeLessThanOrEqual(0.001)
    })
  })
  it('start where they start in LRC, to the hundredth', () => {
    const read = [...cuesLrc('Combing', cues).matchAll(/^\[(\d\d:\d\d\.\d\d)\](.*)$/gm)]
    expect(read.map(([, , text]) => text)).toEqual(cues.map(({ text }) => text))
    read.forEach(([, time], i) =>
      expect(Math.abs(seconds(time!) - cues[i]!.startSeconds)).toBeLessThanOrEqual(0.0055),
    )
  })
  it('are a table with everything', () => {
    const { data } = Papa.parse<Record<string, string>>(cuesCsv(cues), {
      header: true,
      skipEmptyLines: true,
    })
    expect(data).toHaveLength(cues.length)
    data.forEach((row, i) => {
      expect([row['words'], row['part'], Number(row['bar'])]).toEqual([
        cues[i]!.text,
        cues[i]!.part,
        cues[i]!.bar,
      ])
      expect(Math.abs(Number(row['step']) - cues[i]!.stepSeconds)).toBeLessThanOrEqual(0.001)
    })
  })
  it('keep signs of their own out of the words', () => {
    const odd = [{ ...cues[0]!, text: 'box & <turn>\n--> now', part: 'A --> B' }]
    const [, , heading, , words] = cuesVtt('x', odd).split('\n')
    expect([heading, words]).toEqual(['1 A -> B 1, bar 1', 'box &amp; &lt;turn&gt; --&gt; now'])
  })
})

describe('how fast it can be called', () => {
  const quick = proved(demoText('pegs-on-a-line'))
  const found = tempoWindow(quick)
  const texts = (speed: number): (string | null)[] =>
    planAt(quick, speed).planned.map(({ said }) => said?.wording.text ?? null)
  const speedOf = (bpm: number): number =>
    bpm / bpmAt(quick.beatMap, quick.firstStep as number as TickPosition)

  it('is up to a tempo at which all is said as it stands, and not beyond', () => {
    expect(found.fastestBpm).not.toBeNull()
    expect(texts(speedOf(found.fastestBpm!))).toEqual(texts(1))
    expect(texts(speedOf(found.fastestBpm! + 2))).not.toEqual(texts(1))
  })
  it('is down to half the tempo where nothing breaks sooner', () => {
    expect(texts(speedOf(found.slowestBpm))).toEqual(texts(1))
    const least = Math.ceil(bpmAt(quick.beatMap, quick.firstStep as number as TickPosition) / 2)
    expect(
      found.slowestBpm === least ||
        JSON.stringify(texts(speedOf(found.slowestBpm - 2))) !== JSON.stringify(texts(1)),
    ).toBe(true)
  })
  it('names the first that no longer fits', () => {
    const broken = planAt(quick, speedOf(found.fastestBpm! + 2)).planned.findIndex(
      ({ said }, i) => (said?.wording.text ?? null) !== texts(1)[i],
    )
    expect(quick.plan.planned[broken]!.slot.key).toBe(found.firstToBreak!.slotKey)
    expect(found.firstToBreak!.text).not.toBe('')
  })
})
