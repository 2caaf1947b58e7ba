import fc from 'fast-check'
import { spokenText, wordsOf } from './language.ts'
import { DEFAULT_VOICES, marginSeconds, plannedSeconds, spokenSeconds } from './voice.ts'

const { en, de } = DEFAULT_VOICES

describe('the length of a cue', () => {
  it('in English is 0.093 + 0.0674 a letter - 0.0407 a function word, at 175 words a minute', () => {
    expect(spokenSeconds(en, 'box')).toBeCloseTo(0.093 + 3 * 0.0674, 9)
    expect(spokenSeconds(en, 'hover to semi')).toBeCloseTo(0.093 + 11 * 0.0674 - 0.0407, 9)
  })

  it('in German is 0.042 + 0.0572 a letter + 0.0858 a function word', () => {
    expect(spokenSeconds(de, 'Drehung in die Mitte')).toBeCloseTo(
      0.042 + 17 * 0.0572 + 2 * 0.0858,
      9,
    )
  })

  it('grows with the speed of speech turned down, and never falls below a syllable', () => {
    expect(spokenSeconds({ ...en, wordsPerMinute: 87.5 }, 'twirl vine')).toBeCloseTo(
      2 * spokenSeconds(en, 'twirl vine'),
      9,
    )
    expect(spokenSeconds({ ...en, wordsPerMinute: 350 }, 'a')).toBeGreaterThanOrEqual(0.12)
    expect(spokenSeconds(en, '  ')).toBe(0)
  })

  it('does not depend on punctuation or case', () => {
    expect(spokenSeconds(en, 'Through, FACE; close!')).toBe(spokenSeconds(en, 'through face close'))
  })

  it('is planned with the larger of 15 % and 0.15 s until the voice is measured', () => {
    const long = 'left turning box, three quarters, then balance'
    expect(marginSeconds(en, 'box')).toBeCloseTo(0.15, 9)
    expect(marginSeconds(en, long)).toBeCloseTo(0.15 * spokenSeconds(en, long), 9)
    expect(plannedSeconds({ ...en, measured: true }, 'box')).toBe(spokenSeconds(en, 'box'))
  })

  it('of a wording that was measured by itself is that length, without margin, however it is written', () => {
    const some = { ...en, lengths: { 'twirl vine': 0.71 } }
    expect([spokenSeconds(some, 'Twirl, vine!'), plannedSeconds(some, 'twirl vine')]).toEqual([
      0.71, 0.71,
    ])
    expect(plannedSeconds(some, 'box')).toBe(plannedSeconds(en, 'box'))
  })

  it('is never shorter for more words', () => {
    const words = fc.array(fc.constantFrom('left', 'turn', 'box', 'through', 'face', 'hover'), {
      minLength: 1,
      maxLength: 8,
    })
    fc.assert(
      fc.property(words, fc.constantFrom('canter', 'vine'), (list, more) =>
        expect(spokenSeconds(en, [...list, more].join(' '))).toBeGreaterThan(
          spokenSeconds(en, list.join(' ')),
        ),
      ),
    )
  })
})

describe('what is written as digits and signs', () => {
  it.each([
    ['en', '3/4 right', 'three quarters right'],
    ['en', '1/2 box', 'one half box'],
    ['en', 'vine 3 & wrap', 'vine three and wrap'],
    ['en', 'wait 16', 'wait sixteen'],
    ['en', '270°', 'two hundred and seventy degrees'],
    ['en', '105', 'one hundred and five'],
    ['de', '3/4 rechts', 'drei Viertel rechts'],
    ['de', '21 Schritte', 'einundzwanzig Schritte'],
    ['de', '1/4 & Schluss', 'ein Viertel und Schluss'],
    ['de', '340', 'dreihundertvierzig'],
  ] as const)('in %s, "%s" is said "%s"', (language, text, said) =>
    expect(spokenText(text, language)).toBe(said),
  )

  it('counts as the words it is said in', () => {
    expect(spokenSeconds(en, '3/4')).toBe(spokenSeconds(en, 'three quarters'))
    expect(wordsOf('don’t turn it')).toEqual(['don’t', 'turn', 'it'])
  })
})
