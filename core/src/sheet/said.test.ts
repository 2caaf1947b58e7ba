import { applyEdits, expectOk } from '../document/index.ts'
import { cuesMarkdown } from '../file/index.ts'
import { routineShape, type Calling } from '../routine/index.ts'
import { demoText, proved, provedSheet, SHEET_NAMES, typedRoutine } from '../testing/typed.ts'
import { wordsHeard } from '../check/index.ts'
import { isAroundTheDance, utterancesOf } from '../cue/index.ts'
import { cueLines } from './cueLines.ts'
import { releasedByHand } from './byHand.ts'
import { spokenCounts } from './countLane.ts'
import { densityOf } from './density.ts'
import { shorterOffers } from './shorterOffers.ts'
import { tempoWindow } from './tempoWindow.ts'

const called = (name: string, calling: Calling) =>
  provedSheet({ ...typedRoutine(demoText(name)), calling })

describe('counts that are spoken', () => {
  it.each(SHEET_NAMES)('in %s are every beat that no words cover, and no other', (name) => {
    const sheet = called(name, { mouth: 'both' })
    const said = utterancesOf(sheet.plan).map((one) => one.said)
    const covered = (at: number) =>
      said.some(({ startTick, endTick }) => at >= startTick && at < endTick)
    const counts = spokenCounts(sheet).filter(({ at }) => at >= 0)
    expect(counts.every(({ at }) => !covered(at))).toBe(true)
    expect(counts.length).toBe(
      Array.from({ length: sheet.timeline.lengthTicks / 24 }, (_, i) => i * 24).filter(
        (at) => !covered(at),
      ).length,
    )
  })
  it('are all there are where only counts are spoken, and none in words only', () => {
    const only = called('sluice-gate-two-step', { mouth: 'counts' })
    expect(utterancesOf(only.plan)).toEqual([])
    expect(spokenCounts(only).filter(({ at }) => at >= 0)).toHaveLength(
      only.timeline.lengthTicks / 24,
    )
    expect(spokenCounts(called('sluice-gate-two-step', {}))).toEqual([])
  })
  it('keep half beats out of the mouth unless the sheet wants them', () => {
    const texts = (calling: Calling) =>
      new Set(spokenCounts(called('sluice-gate-two-step', calling)).map(({ text }) => text))
    expect(texts({ mouth: 'counts' }).has('&')).toBe(false)
    expect(texts({ mouth: 'counts', halves: true }).has('&')).toBe(true)
  })
  it('cover fewer where they come first: the words make room', () => {
    const kept = (first: Calling['first']) =>
      spokenCounts(called('pegs-on-a-line', { mouth: 'both', ...(first ? { first } : {}) })).length
    expect(kept('counts')).toBeGreaterThanOrEqual(kept('words'))
  })
  it('lead in as the school counts in', () => {
    const counts = spokenCounts(called('pegs-on-a-line', { mouth: 'both' })).filter(
      ({ at }) => at < 0,
    )
    expect(counts.every(({ text }) => '5678'.includes(text))).toBe(true)
  })
})

describe('words along the dance', () => {
  it('are as many in twenty seconds as begin in them', () => {
    const sheet = proved(demoText('eight-for-the-geese'))
    const all = utterancesOf(sheet.plan)
      .filter(({ slot }) => !isAroundTheDance(slot))
      .map(({ said }) => said)
    for (const { seconds, words } of densityOf(sheet.plan, 40))
      expect(words).toBe(
        all
          .filter(({ start }) => Math.abs(start - seconds) <= 10)
          .reduce((sum, { wording }) => sum + wordsHeard(wording.text), 0),
      )
    expect(densityOf({ planned: [], extras: [], cost: 0 }, 40)).toEqual([])
  })
})

describe('cues that wait for a hand', () => {
  it('are those of what follows a fill that is released', () => {
    const text =
      'dance: two-step\nbar: 2 beats of 1/4\ntempo: 90\nstart: butterfly; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Vine four\n  Limp four\npart W\n  Vine four\norder\n  A\n  fill W | fill until released, 1 to 8\n  A\n'
    const sheet = proved(text)
    const keys = releasedByHand(sheet)
    expect([...keys]).toEqual([sheet.timeline.passes.at(-1)!.slots[0]!.key])
    expect(
      cueLines(sheet)
        .filter(({ byHand }) => byHand)
        .map(({ part }) => part),
    ).toEqual(['A'])
  })
  it('are those on which the beats come back after free time', () => {
    const sheet = proved(demoText('combing-the-teasels'))
    const map = {
      segments: [
        {
          anchors: [
            { beat: 0, seconds: 0 },
            { beat: 64, seconds: 40 },
          ],
        },
        {
          anchors: [
            { beat: 64, seconds: 46 },
            { beat: 200, seconds: 130 },
          ],
        },
      ],
    }
    const found = releasedByHand({
      ...sheet,
      beatMap: map,
      firstStep: (64 * 24 - sheet.timeline.slots[3]!.start) as typeof sheet.firstStep,
    })
    expect([...found]).toEqual([sheet.timeline.slots[3]!.key])
  })
})

describe('what to shorten to go faster', () => {
  it('is the first cue that breaks, in a wording that truly carries further', () => {
    const offers = SHEET_NAMES.flatMap((name) => {
      const sheet = proved(demoText(name))
      return shorterOffers(sheet).map((offer) => ({ sheet, offer }))
    })
    expect(offers.length).toBeGreaterThan(0)
    for (const { sheet, offer } of offers) {
      const then = tempoWindow(
        provedSheet(expectOk(applyEdits(routineShape, sheet.routine, offer.edits))),
      )
      expect(then.fastestBpm).toBe(offer.fastestBpm)
      expect(then.fastestBpm ?? Infinity).toBeGreaterThan(tempoWindow(sheet).fastestBpm!)
    }
  })
})

describe('the cue script as Markdown', () => {
  it('is a table for each pass with every cue once', () => {
    const sheet = proved(demoText('pegs-on-a-line'))
    const text = cuesMarkdown('Pegs | lines', cueLines(sheet))
    expect(text.match(/^## /gm)).toHaveLength(sheet.timeline.passes.length)
    expect(
      [...text.matchAll(/^\| \d\d:\d\d\.\d \| \d+ \| \d+ \| (.*) \|$/gm)].map(([, said]) => said),
    ).toEqual(cueLines(sheet).map((cue) => cue.text))
  })
})
