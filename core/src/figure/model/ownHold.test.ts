import fc from 'fast-check'
import { expectOk } from '../../document/index.ts'
import { readVariation, variationText } from '../notation/variationText.ts'
import { holdName, holdOf, HOLD_IDS, mirrorOf } from './hold.ts'
import { OWN_STANDINGS, ownHoldText, readOwnHold, type OwnHold } from './ownHold.ts'

const BASKET = 'basket [left-right right-left beside]'
const HAND = fc.constantFrom('left' as const, 'right' as const)
const OWN: fc.Arbitrary<OwnHold> = fc.record({
  name: fc.constantFrom(
    'basket',
    'left star',
    'right arch',
    'window',
    'old promenade',
    'a name of many letters a',
  ),
  hands: fc.array(fc.tuple(HAND, HAND), { maxLength: 4 }),
  standing: fc.constantFrom(null, ...OWN_STANDINGS),
})

describe('an own hold', () => {
  it('joins the hands that are written, stands as is written, and goes by its name', () => {
    expect(holdOf(BASKET)).toEqual({
      id: BASKET,
      relation: 0,
      hands: [
        ['left', 'right'],
        ['right', 'left'],
      ],
      mirror: BASKET,
    })
    expect(holdName(BASKET)).toBe('basket')
    expect(holdOf('window [left-left facing]')?.mirror).toBe('other window [right-right facing]')
    expect(holdOf('left star [left-left]')?.mirror).toBe('right star [right-right]')
  })

  it('is read as it is printed, and nothing else is one', () => {
    fc.assert(
      fc.property(OWN, (own) => {
        const text = ownHoldText(own)
        expect(ownHoldText(readOwnHold(text)!)).toBe(text)
        expect(mirrorOf(mirrorOf(text))).toBe(text)
      }),
    )
    const none = [
      'basket',
      'basket [',
      '[left-right]',
      'Basket []',
      'basket [right-left left-right]',
    ]
    for (const text of [...none, 'basket [left-foot]', 'basket  []', ...HOLD_IDS])
      expect(readOwnHold(text)).toBeNull()
  })

  it('may end a figure, as text too', () => {
    const variation = expectOk(readVariation(`mirrored, to ${BASKET}`))
    expect(variation.exitHold).toBe(BASKET)
    expect(expectOk(readVariation(variationText(variation)))).toEqual(variation)
  })
})
