import { WALL, type Facing } from '../../move/index.ts'
import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { beginning, entryHolds, holdBegun } from './beginning.ts'
import { danceFrom } from './danceFrom.ts'
import { startingState, type CoupleState } from './coupleState.ts'
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

describe('a figure is begun', () => {
  const begins = (
    standing: CoupleState,
    holds: readonly string[],
    facings: readonly number[] = [],
  ) => {
    const figure = { ...box, entry: { ...box.entry, holds: [...holds], facings: [...facings] } }
    const { state, takes } = beginning(standing, expectOk(applyVariation(figure)))
    return [takes, state.hold, state.lead.facing, state.follow.facing]
  }
  const toward = (hold: string, lead: number, follow: number): CoupleState => {
    const state = startingState(hold, lead as Facing)
    return { ...state, follow: { ...state.follow, facing: follow as Facing } }
  }
  it('turned out to where a hold side by side points, a quarter each', () => {
    expect(begins(startingState('closed', WALL), ['semi-closed'])).toEqual([
      'turned',
      'semi-closed',
      0,
      0,
    ])
    expect(begins(startingState('butterfly', WALL), ['left open'])).toEqual([
      'turned',
      'left open',
      4,
      4,
    ])
  })
  it('turned to each other from side by side, or picked up where it goes along the hall', () => {
    expect(begins(toward('open', 0, 0), ['closed'])).toEqual(['turned', 'closed', 2, 6])
    expect(begins(toward('semi-closed', 0, 0), ['closed'], [0])).toEqual(['turned', 'closed', 0, 4])
  })
  it('with hands that are taken as they stand, or as they turn to each other', () => {
    expect(begins(toward('none', 2, 6), ['butterfly'])).toEqual(['taken', 'butterfly', 2, 6])
    expect(begins(toward('none', 0, 0), ['two hands'])).toEqual(['taken', 'two hands', 2, 6])
  })
  it('out of a fan, the follow turning to the lead', () =>
    expect(begins(toward('fan', 2, 4), ['open facing'])).toEqual(['turned', 'open facing', 2, 6]))
  it('side by side in whatever hold they walk, where they only walk', () => {
    const walk = SHIPPED_FIGURES.find(({ id }) => id === 'two-step.two-forward-two-steps')!
    const of = (hold: string) => beginning(toward(hold, 0, 0), expectOk(applyVariation(walk))).takes
    expect([of('wrap'), of('skaters'), of('tandem')]).toEqual(['fits', 'fits', 'asked'])
  })
  it('in a ring again by those who let it go, though all stand alike', () => {
    const one = { weight: 'left', facing: 6 } as const
    const alone = { lead: one, follow: one, hold: 'none' } as CoupleState
    expect(begins(alone, ['ring'])).toEqual(['taken', 'ring', 6, 6])
  })
  it('with hands let go by themselves', () =>
    expect(begins(startingState('two hands', WALL), ['none'])).toEqual(['fits', 'none', 2, 6]))
  it('as if arms had been brought where they have to be asked there', () =>
    expect(begins(toward('tandem', 2, 2), ['closed'])).toEqual(['asked', 'closed', 2, 6]))
  it('as all stand, where all do the same and have no partner', () => {
    const one = { weight: 'left', facing: 0 } as const
    const alone = { lead: one, follow: one, hold: 'none' }
    expect(begins(alone as CoupleState, ['butterfly'])).toEqual(['asked', 'none', 0, 0])
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
