import {
  applyVariation,
  followOns,
  measureFigure,
  SHIPPED_FIGURES,
  WALTZ_FIGURES,
  type Figure,
} from '@dellop/core/figure'
import { figureFacts, hardFacts, hindranceWords, performerFacts } from './facts.ts'

const roles = { lead: 'lead', follow: 'follow' }
const factsOf = (id: string) =>
  figureFacts(
    WALTZ_FIGURES.find((figure) => figure.id === id)!,
    roles,
  )!

describe('what follows from a figure’s steps', () => {
  it('is where it begins and ends, by foot and hold', () => {
    const { begins, ends } = factsOf('manoeuvre')
    expect(begins).toEqual([
      'in semi-closed',
      'lead’s right foot free',
      'follow’s left foot free',
      'meant to begin facing line of dance',
    ])
    expect(ends).toEqual(['ends in closed', 'lead’s left foot free', 'follow’s right foot free'])
  })
  it('is how far each turns, and how often weight changes', () => {
    expect(factsOf('left-turning-box').turn).toEqual({
      lead: 'turns once round to the left',
      follow: 'turns once round to the left',
    })
    expect(factsOf('twirl-vine').turn).toEqual({
      lead: 'turns 1/4 to the left',
      follow: 'turns 1 1/4 to the right',
    })
    expect(factsOf('canter').steps).toEqual({ lead: 2, follow: 2 })
    expect(factsOf('side-draw-touch').ends).toContain('lead’s right foot free')
  })
  it('says so when a figure asks for no foot and keeps its hold', () => {
    const still: Figure = { ...WALTZ_FIGURES[0]!, lead: [], follow: [] }
    expect(figureFacts(still, roles)!.begins).toContain('lead: either foot')
    expect(figureFacts(still, roles)!.turn.lead).toBe('no turn')
  })
})

describe('every figure of the book', () => {
  const bad = /undefined|NaN|null|\[object|\$\{/
  const dances = [...new Set(SHIPPED_FIGURES.map(({ family }) => family))]

  it.each(dances)(
    'of %s is told in whole sentences: feet, turns, pace, and what makes it hard',
    (dance) => {
      for (const figure of SHIPPED_FIGURES.filter(({ family }) => family === dance)) {
        const danced = applyVariation(figure)
        if (!danced.ok) throw new Error(`${figure.name}: ${danced.problem.message}`)
        const { begins, ends, turn } = figureFacts(figure, roles)!
        const measured = measureFigure(danced.value).performers.flatMap((one) =>
          performerFacts(danced.value, one, 100),
        )
        const { hints, spot } = hardFacts(danced.value, roles)
        const all = [...begins, ...ends, turn.lead, turn.follow, ...measured, ...hints, spot ?? '']
        expect(all.filter((text) => bad.test(text))).toEqual([])
        expect(measured.filter((text) => text === '')).toEqual([])
      }
    },
  )
  it.each(['waltz', 'two-step', 'rumba'])(
    'of %s says why another may not come after it: a foot, a hold with its hands, or the way they stand',
    (dance) => {
      const figures = SHIPPED_FIGURES.filter(({ family }) => family === dance)
      const reasons = figures.flatMap((figure) =>
        followOns(figure, figures, {}).flatMap(({ hindrances }) =>
          hindrances.map((one) => hindranceWords(one, roles)),
        ),
      )
      expect(reasons.length).toBeGreaterThan(0)
      expect(reasons.filter((text) => text === '' || bad.test(text))).toEqual([])
    },
  )
})
