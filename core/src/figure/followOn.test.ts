import { SHIPPED_FIGURES } from './book/index.ts'
import { followOns, stateAfter } from './followOn.ts'

const of = (family: string) => SHIPPED_FIGURES.filter((figure) => figure.family === family)
const named = (family: string, name: string) => of(family).find((figure) => figure.name === name)!
const listed = (family: string, name: string, hold?: string) => followOns(named(family, name), of(family), hold)
const can = (family: string, name: string, hold?: string) => listed(family, name, hold).flatMap(({ figure, refused }) => (refused === null ? [figure.name] : []))

describe('what may follow', () => {
  it('needs the foot that is free and the hold that the couple is in', () => {
    // Three steps leave the lead’s right foot free.
    expect(can('slow foxtrot', 'Three step')).toEqual(['Back, side, close', 'Feather', 'Natural turn, first half'])
    expect(can('two-step', 'Forward two-step')).not.toContain('Two-step box')
    expect(can('cha-cha', 'Half basic', 'two hands')).toEqual(['New yorker', 'Spot turn', 'Underarm turn'])
  })
  it('says which foot or which hold keeps another from it', () => {
    const refusals = new Map(listed('slow foxtrot', 'Feather').map(({ figure, refused }) => [figure.name, refused]))
    expect(refusals.get('Walk two')).toBeNull()
    expect(refusals.get('Three step')).toEqual({ why: 'hold', hold: 'banjo' })
    expect(new Map(listed('slow foxtrot', 'Three step').map(({ figure, refused }) => [figure.name, refused])).get('Twinkle')).toEqual({ why: 'foot', role: 'lead', foot: 'left' })
  })
  it('goes through the hold it is begun in where the figure keeps its own', () => {
    expect([stateAfter(named('rumba', 'Box'))?.hold, stateAfter(named('rumba', 'Box'), 'butterfly')?.hold, stateAfter(named('slow foxtrot', 'Whisk'))?.hold]).toEqual(['closed', 'butterfly', 'semi-closed'])
  })
  it('comes in order: what goes, then one change of foot, then of hold', () => {
    for (const figure of of('tango')) {
      const kinds = followOns(figure, of('tango')).map(({ refused }) => ['foot', 'hold'].indexOf(refused?.why ?? '') + 1)
      expect(kinds).toEqual([...kinds].sort())
    }
  })
})
