import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { readStepLine } from '../notation/stepLine.ts'
import { danceFrom, entryFeet, missingFoot } from './danceFrom.ts'
import { startingState } from './coupleState.ts'
import { applyVariation } from './vary.ts'
import { weightAfter, type Weight } from './weight.ts'

const named = (family: string, name: string) =>
  expectOk(
    applyVariation(SHIPPED_FIGURES.find((one) => one.family === family && one.name === name)!),
  )
/** Standing on the foot that the figure begins with. */
const onTheWrongFoot = () => ({
  ...startingState('two hands', 2),
  lead: { weight: 'left' as const, facing: 2 as const },
  follow: { weight: 'right' as const, facing: 6 as const },
})

describe('walked dances', () => {
  it('begin on either foot', () => {
    for (const [family, name] of [
      ['set dance', 'Forward and back'],
      ['mixer', 'Promenade eight'],
    ] as const) {
      const danced = named(family, name)
      for (const weight of ['left', 'right', 'both'] as const) {
        const state = {
          ...onTheWrongFoot(),
          lead: { weight, facing: 2 as const },
          follow: { weight, facing: 6 as const },
        }
        expect(danceFrom(state, danced).troubles).toEqual([])
        expect(missingFoot(state, danced)).toBeNull()
      }
      expect(entryFeet(danced).lead).toBeNull()
    }
  })
  it('but not where the foot is what the figure is about: a heel, a stamp', () => {
    const danced = named('mixer', 'Heel and toe')
    const { weight } = startingState('two hands', 2).lead
    const other: Weight = weight === 'left' ? 'right' : 'left'
    const state = { ...startingState('two hands', 2), lead: { weight: other, facing: 2 as const } }
    expect(danceFrom(state, danced).troubles).not.toEqual([])
  })
  it('are not what couples dance: there the foot matters', () => {
    const danced = named('waltz', 'Box')
    expect(danceFrom(onTheWrongFoot(), danced).troubles).not.toEqual([])
  })
})

describe('a recover after part of the weight', () => {
  const steps = (text: string) => expectOk(readStepLine(text))
  const troubles = (text: string) => {
    let weight: Weight = 'right'
    return steps(text).map((step) => {
      const next = weightAfter(weight, step)
      weight = next.weight
      return next.trouble
    })
  }
  it('is certain', () =>
    expect(troubles('1 left side part weight, 2 right recover, 3 left close')).toEqual([
      null,
      null,
      null,
    ]))
  it('another step after it is not', () =>
    expect(troubles('1 left side part weight, 2 right forward')).toEqual([null, 'unsure']))
})
