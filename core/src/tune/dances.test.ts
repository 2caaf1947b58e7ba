import { DANCE_NAMES, danceName, figureFamily, keptDanceName } from './index.ts'

describe('the name of a dance', () => {
  it.each([
    ['Rumba', 'rumba'],
    ['Two Step', 'two-step'],
    ['CHA  CHA', 'cha-cha'],
    ['Walzer', 'waltz'],
    ['Line Dance', 'line dance'],
    // Another name of a dance, or a dance nobody here knows, is somebody's own word.
    ['social foxtrot', 'social foxtrot'],
    ['Viennese waltz', 'Viennese waltz'],
    [' Heron step ', 'Heron step'],
  ])('%s is kept as %s', (typed, kept) => {
    expect(keptDanceName(typed)).toBe(kept)
  })

  it('is itself in either language, and has the figures it had', () => {
    for (const name of DANCE_NAMES) {
      expect(keptDanceName(name)).toBe(name)
      expect(keptDanceName(danceName(name, 'de'))).toBe(name)
      expect(figureFamily(keptDanceName(name.toUpperCase()))).toBe(figureFamily(name))
    }
  })
})
