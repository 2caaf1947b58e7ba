import { proved } from '../testing/typed.ts'

const LINE = `dance: line dance
school: line
formation: lines
tempo: 104
unit: eights
start: none; all face 12 o'clock, right foot free
`
const ROUND = `dance: rumba
school: round
tempo: 100
start: butterfly; lead faces wall, left foot free; follow faces centre, right foot free
`
/** What is said, in order. */
const said = (text: string): string[] =>
  proved(text).plan.planned.flatMap(({ said: one }) => (one ? [one.wording.text] : []))

describe('a mirrored figure is called as it is danced', () => {
  it('sides of its words exchange', () => {
    expect(
      said(
        `${LINE}part A\n  Vine right, touch\n  Rocking chair\n  Vine right, touch (mirrored)\norder\n  A\n`,
      ),
    ).toEqual([expect.stringMatching(/right/), 'rocking chair', expect.stringMatching(/left/)])
  })
  it('in German as well', () => {
    const text = `${LINE}language: de\npart A\n  Vine right, touch\n  Vine right, touch (mirrored)\norder\n  A\n`
    const [right, left] = said(text)
    expect(right).toMatch(/rechts/)
    expect(left).toMatch(/links/)
  })
  it('words typed for it are for the side they are typed for', () => {
    const typed = 'Vine right, touch (mirrored) | say "vine left, clap" / - / -'
    expect(said(`${LINE}part A\n  ${typed}\norder\n  A\n`)[0]).toBe('vine left, clap')
  })
  it('in a mirrored time through, typed words exchange too, and so do plain words', () => {
    const part = `part A\n  "step left and clap" = 4\n  Vine right, touch | say "vine right, clap" / - / -\n`
    const [, , words, vine] = said(`${LINE}${part}order\n  A\n  A mirrored\n`)
    expect(words).toMatch(/step right and clap/)
    expect(vine).toMatch(/vine left/)
  })
  it('what goes straight is only begun on the other foot: it is given no side', () => {
    const clog = `dance: clogging\nschool: line\ntempo: 100\nstart: all face 12 o'clock, left foot free\n`
    const part = 'part A\n  Clog basic\n  Clog basic (mirrored)\norder\n  A\n'
    expect(said(`${clog}${part}`).join(' ')).not.toMatch(/left|right|other way/)
  })
  it('words that name no side are given one, where the sheet has its mirror', () => {
    const half = said(`${ROUND}part A\n  Half box\norder\n  A\n`)
    expect(half).toEqual(['half box'])
    const sides = said(`${ROUND}part A\n  Side walk\n  Side walk (mirrored)\norder\n  A\n`)
    expect(sides).toEqual([expect.stringMatching(/left$/), expect.stringMatching(/right$/)])
  })
})

describe('a figure called by another of its names', () => {
  const slot = (line: string, language = ''): string =>
    said(
      `dance: west coast swing\nschool: round\n${language}part A\n  ${line}\norder\n  A\n`,
    ).join()
  it('is said by that name', () => {
    expect(slot('Sugar push')).toContain('sugar push')
    expect(slot('Push basic')).toContain('push basic')
  })
  it('is not, where the name is of another language than is spoken', () =>
    expect(slot('Sugar push', 'language: de\n')).not.toMatch(/sugar/i))
  it('keeps its capitals in German', () => {
    const rumba = 'dance: rumba\nschool: round\nlanguage: de\npart A\n  Hip rocks\n  Wiegeschritt\n'
    expect(said(`${rumba}order\n  A\n`).join()).toContain('Wiegeschritt')
  })
  it('keeps the book’s words where they say all of the name and more', () => {
    const square = 'dance: square dance\npart A\n  Swing your partner\norder\n  A\n'
    expect(said(square).join()).toContain('swing your partner at home')
  })
  it('says where it ends once', () => {
    const text = `dance: two-step\nschool: round\nstart: open facing; lead faces wall, left foot free; follow faces centre, right foot free\npart A\n  Together, touch (to butterfly)\norder\n  A\n`
    expect(
      said(text)
        .join()
        .match(/butterfly/g),
    ).toHaveLength(1)
  })
})
