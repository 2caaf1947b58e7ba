import fc from 'fast-check'
import { mirroredWords, namesSide } from './mirroredWords.ts'

describe('words of a mirrored figure', () => {
  it.each([
    ['vine to the right', 'vine to the left'],
    ['Left-turning box', 'Right-turning box'],
    ['right-hand star, then left hands across', 'left-hand star, then right hands across'],
    ['turn clockwise', 'turn anticlockwise'],
    ['spin anti-clockwise', 'spin clockwise'],
    ['LEFT foot', 'RIGHT foot'],
    ['right shoulder, left elbow', 'left shoulder, right elbow'],
    ['go right away to the right', 'go right away to the left'],
    ['all right, circle left', 'all right, circle right'],
    ['box', 'box'],
    ['upright and bright', 'upright and bright'],
  ])('%s: %s', (text, other) => expect(mirroredWords(text, 'en')).toBe(other))
  it.each([
    ['Grapevine nach rechts', 'Grapevine nach links'],
    ['rechte Hand, linker Fuß', 'linke Hand, rechter Fuß'],
    ['Linksdrehung', 'Rechtsdrehung'],
    ['halb linksherum', 'halb rechtsherum'],
    ['im Uhrzeigersinn', 'gegen den Uhrzeigersinn'],
    ['mit dem linken Arm', 'mit dem rechten Arm'],
    ['aufrecht', 'aufrecht'],
  ])('%s: %s', (text, other) => expect(mirroredWords(text, 'de')).toBe(other))

  it('mirrored twice are as they were', () => {
    const word = fc.constantFrom(
      ...'left right Left LEFT hand clockwise anticlockwise foot vine'.split(' '),
    )
    fc.assert(
      fc.property(fc.array(word, { maxLength: 8 }), (words) => {
        const text = words.join(' ')
        expect(mirroredWords(mirroredWords(text, 'en'), 'en')).toBe(text)
      }),
    )
  })
  it('say which side is meant, or do not', () => {
    expect(namesSide('cucaracha', 'en')).toBe(false)
    expect(namesSide('cucaracha left', 'en')).toBe(true)
    expect(namesSide('we go right now', 'en')).toBe(false)
    expect(namesSide('linke Hand', 'de')).toBe(true)
  })
})
