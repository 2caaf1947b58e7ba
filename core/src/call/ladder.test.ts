import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import { heardClock, spokenSeconds } from '../cue/index.ts'
import type { TickPosition } from '../time/index.ts'
import { rungAt } from './ladder.ts'
import { lecternAt } from './moment.ts'
import { prepareCall } from './prepare.ts'

describe('a cue that is late', () => {
  it.each(SHEET_NAMES)(
    'in %s is offered in the longest words that still fit, then let go',
    (name) => {
      const sheet = proved(demoText(name))
      for (const speed of [0.8, 1, 1.2]) {
        const clock = heardClock(sheet.beatMap, sheet.firstStep, speed)
        for (const cue of prepareCall(sheet, speed).cues) {
          const lead =
            cue.slot.slot.mode === 'on-count' || sheet.school.mode === 'on-count'
              ? 0
              : sheet.school.lead.minSeconds
          // The planned words were planned with a margin: at their own moment they are in time.
          expect(rungAt(cue.ladder, cue.startTick).text).toBe(cue.text)
          cue.ladder.forEach(({ text, lastTick }, k) => {
            if (text === null) return expect(k).toBe(cue.ladder.length - 1)
            expect(lastTick).toBeGreaterThan(cue.ladder[k - 1]?.lastTick ?? -Infinity)
            // Around free time a tick is two moments: what comes behind it waits for a hand.
            if (cue.byHand) return
            const ends = clock.heardAt(lastTick) + spokenSeconds(sheet.voice, text)
            expect(ends).toBeLessThanOrEqual(clock.heardAt(cue.stepTick) + 1e-9)
            if (cue.purpose === 'cue' && lead > 0 && sheet.school.mode === 'ahead')
              expect(ends).toBeCloseTo(clock.heardAt(cue.stepTick) - lead, 6)
          })
        }
      }
    },
  )

  it('is told as late only once its own words no longer fit, and never while they do', () => {
    const sheet = proved(demoText('pegs-on-a-line'))
    const call = prepareCall(sheet, 1)
    const late = (at: number) => lecternAt(call, at as TickPosition).late
    let told = 0
    call.cues.forEach((cue, i) => {
      const next = call.cues[i + 1]?.startTick ?? Infinity
      const [own, shorter] = cue.ladder
      expect(late(cue.startTick)).toBeNull()
      if (own!.lastTick < next) expect(late(own!.lastTick)).toBeNull()
      if (!shorter?.text || own!.lastTick + 1 >= next || own!.lastTick + 1 > shorter.lastTick)
        return
      told++
      expect(late(own!.lastTick + 1)).toEqual(shorter)
    })
    expect(told).toBeGreaterThan(5)
  })
})
