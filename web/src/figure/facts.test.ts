import { WALTZ_FIGURES, type Figure } from '@dellop/core/figure'
import { figureFacts } from './facts.ts'

const roles = { lead: 'lead', follow: 'follow' }
const factsOf = (id: string) =>
  figureFacts(
    WALTZ_FIGURES.find((figure) => figure.id === id)!,
    roles,
  )!

describe('what follows from a figure’s steps', () => {
  it('is where it begins and ends, by foot and hold', () => {
    const { begins, ends } = factsOf('manoeuvre')
    expect(begins).toEqual(['in semi-closed', 'lead’s right foot free', 'follow’s left foot free', 'meant to begin facing line of dance'])
    expect(ends).toEqual(['ends in closed', 'lead’s left foot free', 'follow’s right foot free'])
  })
  it('is how far each turns, and how often weight changes', () => {
    expect(factsOf('left-turning-box').turn).toEqual({ lead: 'turns once round to the left', follow: 'turns once round to the left' })
    expect(factsOf('twirl-vine').turn).toEqual({ lead: 'turns 1/4 to the left', follow: 'turns 1 1/4 to the right' })
    expect(factsOf('canter').steps).toEqual({ lead: 2, follow: 2 })
    expect(factsOf('side-draw-touch').ends).toContain('lead’s right foot free')
  })
  it('says so when a figure asks for no foot and keeps its hold', () => {
    const still: Figure = { ...WALTZ_FIGURES[0]!, lead: [], follow: [] }
    expect(figureFacts(still, roles)!.begins).toContain('lead: either foot')
    expect(figureFacts(still, roles)!.turn.lead).toBe('no turn')
  })
})
