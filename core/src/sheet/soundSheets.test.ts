import { findingMessage, findingSum } from '../check/index.ts'
import { MORE_SOUND_SHEETS } from '../testing/moreSoundSheets.ts'
import { SOUND_SHEETS } from '../testing/soundSheets.ts'
import { proved } from '../testing/typed.ts'

describe('a sheet that is danced soundly', () => {
  it.each(Object.entries({ ...SOUND_SHEETS, ...MORE_SOUND_SHEETS }))(
    '%s: nothing is to be put right',
    (_, text) => {
      const { findings, timeline } = proved(text)
      expect(timeline.lengthTicks).toBeGreaterThan(0)
      expect(
        findings
          .filter(({ severity }) => severity !== 'note')
          .map((finding) => `${finding.code}: ${findingMessage(finding)} ${findingSum(finding)}`),
      ).toEqual([])
    },
  )
})
