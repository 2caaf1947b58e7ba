import { SHIPPED_FIGURES } from '../book/index.ts'
import { followOns, mayFollow, stateAfter } from './followOn.ts'

const of = (family: string) => SHIPPED_FIGURES.filter((figure) => figure.family === family)
const named = (family: string, name: string) => of(family).find((figure) => figure.name === name)!
const listed = (family: string, name: string, hold?: string) =>
  followOns(named(family, name), of(family), { hold })
const can = (family: string, name: string, hold?: string) =>
  listed(family, name, hold).flatMap(({ figure, hindrances }) =>
    hindrances.length === 0 ? [figure.name] : [],
  )
const next = (family: string, name: string, wanted: string) =>
  listed(family, name).find(({ figure }) => figure.name === wanted)!

describe('what may follow', () => {
  it('needs the foot that is free and the hold that the couple is in', () => {
    // Three steps leave the lead’s right foot free.
    expect(can('slow foxtrot', 'Three step')).toEqual([
      'Back, side, close',
      'Feather',
      'Feather finish',
      'Forward, side, close',
      'Natural turn, first half',
      'Natural weave',
      'Side, draw, close',
      // These begin on whichever foot is free.
      'Three step',
      'Walk two',
      'Weave',
    ])
    expect(can('two-step', 'Forward two-step')).not.toContain('Two-step box')
    expect(can('cha-cha', 'Half basic', 'two hands')).toEqual([
      'Aida',
      'Back basic',
      'Break back to open',
      'Crab walk',
      'Crab walks',
      'Cuban breaks',
      'Cucaracha',
      'Cucarachas',
      'Fan',
      'Fence line',
      'Hand to hand',
      'New yorker',
      'New yorker in four',
      'Open break',
      'Side walks',
      'Spot turn',
      'Time step',
      'Travelling door',
      'Underarm turn',
      'Whip',
    ])
  })
  it('is the same whether reasons are asked for or not', () => {
    for (const figure of of('rumba')) {
      const asked = mayFollow(figure, of('rumba')).map(({ id }) => id)
      expect(
        followOns(figure, of('rumba'))
          .flatMap(({ figure: one, hindrances }) => (hindrances.length === 0 ? [one.id] : []))
          .sort(),
      ).toEqual(asked.sort())
    }
  })
  it('says which foot, which hands or which way of standing keeps another from it', () => {
    expect(next('slow foxtrot', 'Feather', 'Walk two').hindrances).toEqual([])
    expect(next('slow foxtrot', 'Feather', 'Three step').hindrances).toEqual([])
    expect(next('slow foxtrot', 'Three step', 'Twinkle').hindrances).toEqual([
      { why: 'foot', role: 'lead', foot: 'left' },
    ])
    expect(next('slow foxtrot', 'Whisk', 'Feather').hindrances.map(({ why }) => why)).toContain(
      'standing',
    )
    expect(next('rumba', 'Underarm turn', 'Box').hindrances).toEqual([])
    expect(
      next('mixer', 'Heel and toe', 'Star to the right hand').hindrances.map(({ why }) => why),
    ).toContain('hold')
  })
  it('names the shortest figure that links the two', () => {
    // After a three step the right foot is free, so back, side, close lets a twinkle begin on the
    // left.
    const { link } = next('slow foxtrot', 'Three step', 'Twinkle')
    expect(link?.name).toBe('Back, side, close')
    expect(can('slow foxtrot', 'Three step')).toContain(link!.name)
    expect(can('slow foxtrot', link!.name)).toContain('Twinkle')
  })
  it('goes through the hold it is begun in where the figure keeps its own', () => {
    expect([
      stateAfter(named('rumba', 'Box'))?.hold,
      stateAfter(named('rumba', 'Box'), 'butterfly')?.hold,
      stateAfter(named('slow foxtrot', 'Whisk'))?.hold,
    ]).toEqual(['closed', 'butterfly', 'semi-closed'])
  })
  it('comes in order: what goes, the cuer’s usual first, then one change of foot, of hold, of standing, then more', () => {
    for (const figure of of('tango')) {
      const kinds = followOns(figure, of('tango')).map(({ hindrances: [first, second] }) =>
        first === undefined
          ? 0
          : second !== undefined
            ? 4
            : ['foot', 'hold', 'standing'].indexOf(first.why) + 1,
      )
      expect(kinds).toEqual([...kinds].sort())
    }
    const usual = new Map([[named('slow foxtrot', 'Natural turn, first half').id, 3]])
    expect(
      followOns(named('slow foxtrot', 'Three step'), of('slow foxtrot'), { usual })[0],
    ).toMatchObject({ figure: { name: 'Natural turn, first half' }, usual: 3 })
  })
  it('lets in what is soft about its entry', () => {
    const feather = named('slow foxtrot', 'Feather')
    const step = named('slow foxtrot', 'Three step')
    const three = { ...step, entry: { ...step.entry, holds: ['tandem'] } }
    const soft = {
      ...three,
      entry: { ...three.entry, strictness: { ...three.entry.strictness, holds: 'soft' as const } },
    }
    expect([mayFollow(feather, [three]), mayFollow(feather, [soft])]).toEqual([[], [soft]])
  })
})
