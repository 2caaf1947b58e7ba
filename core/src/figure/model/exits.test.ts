import { expectOk } from '../../document/index.ts'
import { readVariation, variationText } from '../notation/variationText.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { danceFrom } from './danceFrom.ts'
import { relationFits, startingState } from './coupleState.ts'
import { holdOf } from './hold.ts'
import { applyVariation } from './vary.ts'

const COUPLES = SHIPPED_FIGURES.filter(({ dancers, set }) => dancers === 'couple' && !set)
const EXITS = ['semi-closed', 'open', 'butterfly', 'open facing', 'left open', 'closed', 'wrap']

describe('an exit', () => {
  it.each(EXITS)('to %s may end any figure, and leaves the two as it asks', (exit) => {
    let ended = 0
    for (const figure of COUPLES) {
      const [begun] = figure.entry.holds
      const known = new Set(figure.entry.holds.map((id) => holdOf(id)?.relation ?? null))
      const relation = begun === undefined ? null : holdOf(begun)!.relation
      if (known.size !== 1 || (relation !== 0 && relation !== 4)) continue
      for (const way of [`to ${exit}`, `mirrored, to ${exit}`]) {
        const danced = expectOk(applyVariation(figure, expectOk(readVariation(way))))
        const start = startingState(begun!, 2)
        const plain = danceFrom(start, expectOk(applyVariation(figure))).after
        // Where the figure itself leaves them at an angle no quarter helps.
        if ((plain.follow.facing - plain.lead.facing + 8) % 4 !== 0) continue
        const { after } = danceFrom(start, danced)
        expect([figure.id, way, after.hold, relationFits(after)]).toEqual([
          figure.id,
          way,
          exit,
          true,
        ])
        ended++
      }
    }
    expect(ended).toBeGreaterThan(100)
  })

  it('is written as dancers say it', () => {
    expect(expectOk(readVariation('to semi')).exitHold).toBe('semi-closed')
    expect(expectOk(readVariation('to face')).exitHold).toBe('open facing')
    const up = expectOk(readVariation('pick up'))
    expect(variationText(up)).toBe('pick up')
    expect(expectOk(readVariation(variationText(up)))).toEqual(up)
  })

  it('of a pick up has the follow before the lead, who goes on as before', () => {
    const walk = SHIPPED_FIGURES.find(({ id }) => id === 'two-step.walk-two')!
    const up = expectOk(applyVariation(walk, expectOk(readVariation('pick up'))))
    const { after } = danceFrom(startingState('semi-closed', 0), up)
    expect(after).toMatchObject({ hold: 'closed', lead: { facing: 0 }, follow: { facing: 4 } })
    const box = SHIPPED_FIGURES.find(({ id }) => id === 'box')!
    expect(applyVariation(box, expectOk(readVariation('pick up'))).ok).toBe(false)
  })
})
