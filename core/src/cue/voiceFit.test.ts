import fc from 'fast-check'
import { expectOk } from '../document/index.ts'
import { READINGS } from './readings.ts'
import { byFormula, DEFAULT_VOICES, plannedSeconds, spokenSeconds, type Voice } from './voice.ts'
import { fitVoice, LEAST_READINGS, withLength, type Reading } from './voiceFit.ts'

const readBy = (
  voice: Voice,
  language: 'en' | 'de' = 'en',
  noise: readonly number[] = [],
): Reading[] =>
  READINGS[language].map((text, i) => ({ text, seconds: byFormula(voice, text) + (noise[i] ?? 0) }))

describe('a voice fitted to what was read', () => {
  it.each(['en', 'de'] as const)(
    'is the usual voice where somebody reads just so, in %s',
    (language) => {
      const { voice, spreadSeconds } = expectOk(
        fitVoice(readBy(DEFAULT_VOICES[language], language), language),
      )
      expect(spreadSeconds).toBeCloseTo(0, 9)
      expect(voice.wordsPerMinute).toBeCloseTo(175, 6)
      expect(byFormula(voice, 'two right turns')).toBeCloseTo(
        byFormula(DEFAULT_VOICES[language], 'two right turns'),
        9,
      )
    },
  )

  it('follows a cuer who speaks faster or slower than usual, whatever the speed', () => {
    fc.assert(
      fc.property(fc.double({ min: 90, max: 300, noNaN: true }), (wordsPerMinute) => {
        const own = { ...DEFAULT_VOICES.en, wordsPerMinute }
        const { voice } = expectOk(fitVoice(readBy(own), 'en'))
        for (const text of ['two right turns', 'and back to the wall'])
          expect(spokenSeconds(voice, text)).toBeCloseTo(spokenSeconds(own, text), 6)
      }),
    )
  })

  it('misses less than the usual voice does, of readings that are not exact', () => {
    const drawl: Voice = {
      ...DEFAULT_VOICES.en,
      wordsPerMinute: 130,
      baseSeconds: 0.25,
      perLetterSeconds: 0.06,
      perFunctionWordSeconds: 0.02,
    }
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.1, max: 0.1, noNaN: true }), { minLength: 12, maxLength: 12 }),
        (noise) => {
          const readings = readBy(drawl, 'en', noise)
          const { spreadSeconds } = expectOk(fitVoice(readings, 'en'))
          const usual = Math.sqrt(
            readings.reduce(
              (sum, { text, seconds }) => sum + (seconds - byFormula(DEFAULT_VOICES.en, text)) ** 2,
              0,
            ) / readings.length,
          )
          expect(spreadSeconds).toBeLessThan(usual)
          expect(spreadSeconds).toBeLessThan(0.15)
        },
      ),
    )
  })

  it('plans without the margin for a voice nobody has measured', () => {
    const { voice } = expectOk(
      fitVoice(readBy({ ...DEFAULT_VOICES.en, wordsPerMinute: 200 }), 'en'),
    )
    expect(plannedSeconds(voice, 'left turning box')).toBe(spokenSeconds(voice, 'left turning box'))
  })

  it('is refused with too few readings, and with one that cannot be that text', () => {
    const readings = readBy(DEFAULT_VOICES.en)
    expect(fitVoice(readings.slice(0, LEAST_READINGS - 1), 'en')).toMatchObject({
      ok: false,
      problem: { message: 'At least 6 readings were expected; there are 5.' },
    })
    const wrong = readings.map((one, i) => (i === 4 ? { ...one, seconds: 9 } : one))
    expect(fitVoice(wrong, 'en')).toMatchObject({
      ok: false,
      problem: {
        message:
          '“left turning box” in 9.00 s cannot be right: about 1.0 s were expected. Read it again.',
      },
    })
  })

  it('keeps the length of one wording, and forgets it again', () => {
    const some = withLength(DEFAULT_VOICES.en, 'Twirl vine', 0.64)
    expect(spokenSeconds(some, 'twirl vine')).toBe(0.64)
    expect(withLength(some, 'twirl vine', null)).toEqual(DEFAULT_VOICES.en)
  })
})
