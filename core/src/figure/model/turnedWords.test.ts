import fc from 'fast-check'
import { turnedWords } from './turnedWords.ts'

describe('facings in words', () => {
  it.each([
    ['box, face the wall', 4, 'box, face the centre'],
    ['box, facing line of dance', -2, 'box, facing the centre'],
    ["jazz box to 3 o'clock", 2, "jazz box to 6 o'clock"],
    ['look in', 4, 'look out'],
    ['look in', 2, 'look in'],
    ['vine along the wall', 4, 'vine along the wall'],
    ['step in place', 4, 'step in place'],
    ['to closed', 4, 'to closed'],
  ])('%s, %s eighths on: %s', (text, by, now) => expect(turnedWords(text, by, 'en')).toBe(now))
  it.each([
    ['Blick zur Wand', 4, 'Blick zur Mitte'],
    ['Blick nach innen', 4, 'Blick nach außen'],
    ['Schritt zur Wand', 4, 'Schritt zur Wand'],
  ])('%s, %s eighths on: %s', (text, by, now) => expect(turnedWords(text, by, 'de')).toBe(now))
  it('come round after a whole turn', () => {
    fc.assert(
      fc.property(fc.constantFrom('face the wall', 'facing reverse', "to 9 o'clock"), (text) => {
        let now: string = text
        for (let i = 0; i < 4; i++) now = turnedWords(now, 2, 'en')
        expect(now.replace('the ', '')).toBe(text.replace('the ', ''))
      }),
    )
  })
})
