import { HOLD_IDS } from '../figure/index.ts'
import { wrapFacing } from '../move/index.ts'
import { LANGUAGES } from './language.ts'

const ALL = [0, 1, 2, 3, 4, 5, 6, 7].map(wrapFacing)

describe('a direction to face, as it is said', () => {
  it('every hold is called in German, none by its English id alone', () => {
    for (const hold of HOLD_IDS) {
      const said = LANGUAGES.de.toHold(hold)
      expect([hold, said]).not.toEqual([hold, `in ${hold}`])
      expect(said).not.toMatch(/open|closed|facing|hand star/)
    }
  })
  it('is an hour of the clock face in a line dance, on the diagonals a half hour', () => {
    const said = (id: 'en' | 'de'): string[] => ALL.map((f) => LANGUAGES[id].toFace(f, 'clock'))
    expect(said('en')).toEqual([
      'to face twelve o’clock',
      'to face half past one',
      'to face three o’clock',
      'to face half past four',
      'to face six o’clock',
      'to face half past seven',
      'to face nine o’clock',
      'to face half past ten',
    ])
    expect(said('de')).toEqual([
      'auf zwölf Uhr',
      'auf halb zwei',
      'auf drei Uhr',
      'auf halb fünf',
      'auf sechs Uhr',
      'auf halb acht',
      'auf neun Uhr',
      'auf halb elf',
    ])
  })
  it('is another for each direction of the hall', () => {
    for (const language of Object.values(LANGUAGES)) {
      const said = ALL.map((facing) => language.toFace(facing, 'hall'))
      expect(new Set(said).size).toBe(8)
      expect(said.filter((one) => one === '' || one.includes('undefined'))).toEqual([])
    }
  })
})
