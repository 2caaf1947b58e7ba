import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expectOk } from '../../document/index.ts'
import { readFigureFile } from '../../file/index.ts'
import { figureSchema } from './figure.ts'
import { upgradeFigure } from './upgrade.ts'

const text = readFileSync(join(__dirname, '../../testing/fixtures/figures-1.json'), 'utf8')

describe('a file of figures of form 1', () => {
  const figures = expectOk(readFigureFile(text))
  it('is read whole, in today’s form', () => {
    expect(figures.map(({ id, version }) => [id, version])).toEqual([
      ['box', 3],
      ['basic', 3],
      ['set', 3],
      ['side', 3],
    ])
    expect(figures[0]).toMatchObject({
      aliases: [{ name: 'Forward box' }],
      wordings: { en: { full: 'forward box' } },
      dancers: 'couple',
      entry: { strictness: { feet: 'hard', holds: 'soft', facings: 'soft' } },
    })
    expect(figures.map(({ dancers }) => dancers)).toEqual(['couple', 'solo', 'set', 'couple'])
  })
  it('is written in today’s form and read again the same', () => {
    const again = JSON.stringify({ format: 'dellop-figures', version: 1, figures })
    expect(expectOk(readFigureFile(again))).toEqual(figures)
  })
  it('of a form still to come is refused, and what is no figure stays what it is', () => {
    expect(
      figureSchema.safeParse(upgradeFigure({ format: 'dellop-figure', version: 4 })).success,
    ).toBe(false)
    expect(upgradeFigure('a text')).toBe('a text')
  })
})
