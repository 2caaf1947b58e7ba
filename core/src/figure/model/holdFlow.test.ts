import { WALL } from '../../move/index.ts'
import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { danceFrom, entryHolds, holdBegun, startingState, type CoupleState } from './coupleState.ts'
import { HOLD_IDS, holdOf, mirrorOf } from './hold.ts'
import { AS_WRITTEN } from './variation.ts'
import { applyVariation } from './vary.ts'

const box = SHIPPED_FIGURES.find(({ id }) => id === 'left-turning-box')!
const begun = (hold: string, holds: readonly string[], reflected = false) => {
  const figure = { ...box, entry: { ...box.entry, holds: [...holds] } }
  const danced = expectOk(applyVariation(figure, { ...AS_WRITTEN, reflected }))
  return holdBegun(startingState(hold, WALL), danced)
}

describe('holds pass into one another on the way', () => {
  it.each([
    ['butterfly', 'closed'],
    ['closed', 'two hands'],
    ['open facing', 'butterfly'],
    ['semi-closed', 'open'],
    ['half open', 'open'],
  ])('%s into %s, as the two stand', (from, to) => expect(begun(from, [to])).toBe(to))
  it.each([
    ['closed', 'shadow'],
    ['open', 'skaters'],
    ['butterfly', 'wrap'],
    ['butterfly', 'varsouvienne'],
    ['two hands', 'hammerlock'],
    ['none', 'closed'],
    ['two hands', 'crossed hands'],
  ])('%s into %s is asked for beforehand', (from, to) => expect(begun(from, [to])).toBeNull())
  it('not where the two stand otherwise: face to face is not side by side', () =>
    expect(begun('closed', ['semi-closed'])).toBeNull())
  it('the one they have is kept where the figure begins in it', () =>
    expect(begun('butterfly', ['closed', 'butterfly'])).toBe('butterfly'))
  it('the figure is danced in the hold it was begun in', () => {
    const figure = { ...box, entry: { ...box.entry, holds: ['closed'] }, exitHold: null }
    const danced = expectOk(applyVariation(figure))
    const after = (state: CoupleState) => danceFrom(state, danced).after.hold
    expect(after(startingState('butterfly', WALL))).toBe('closed')
    expect(after(startingState('closed', WALL))).toBe('closed')
  })
  it('a mirrored figure begins in the mirror of its holds', () => {
    const danced = (reflected: boolean) =>
      expectOk(
        applyVariation(
          { ...box, entry: { ...box.entry, holds: ['banjo', 'open'] } },
          { ...AS_WRITTEN, reflected },
        ),
      )
    expect([entryHolds(danced(false)), entryHolds(danced(true))]).toEqual([
      ['banjo', 'open'],
      ['sidecar', 'left open'],
    ])
  })
})

describe('every hold', () => {
  it.each(HOLD_IDS)(
    '%s has a mirror, which joins the other hands and stands as its mirror',
    (id) => {
      const [one, other] = [holdOf(id)!, holdOf(mirrorOf(id))!]
      expect(other.mirror).toBe(id)
      expect(other.relation).toBe(one.relation && (8 - one.relation) % 8)
      expect(other.hands.length).toBe(one.hands.length)
    },
  )
})
