import { expectOk } from '../../document/index.ts'
import { checkBook } from '../checks/checkFigure.ts'
import { WALL, type Facing } from '../../move/index.ts'
import { familyTempo } from '../library/family.ts'
import { figureSchema } from '../model/figure.ts'
import { mirrorOf } from '../model/hold.ts'
import { reflectSteps } from '../model/reflect.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { danceFrom, entryFeet } from '../model/danceFrom.ts'
import { holdFits } from '../model/beginning.ts'
import { relationFits, startingState, type CoupleState } from '../model/coupleState.ts'
import { applyVariation } from '../model/vary.ts'
import { SHIPPED_FIGURES } from './index.ts'

const carrying = (foot: 'left' | 'right' | null) =>
  foot === 'left' ? 'right' : foot === 'right' ? 'left' : 'both'

describe('the book that ships', () => {
  it('has at least 330 figures in at least 24 families, with something for a first evening in most', () => {
    expect(SHIPPED_FIGURES.length).toBeGreaterThanOrEqual(330)
    const families = [...new Set(SHIPPED_FIGURES.map(({ family }) => family))]
    expect(families.length).toBeGreaterThanOrEqual(24)
    expect(
      families.filter((family) =>
        SHIPPED_FIGURES.some((figure) => figure.family === family && figure.level === 'first'),
      ).length,
    ).toBeGreaterThanOrEqual(24)
    for (const family of families) {
      const { range, metre } = familyTempo(family)!
      expect([family, range[0] < range[1], metre.beatsPerBar > 1]).toEqual([family, true, true])
    }
    expect(familyTempo('quadrille of nowhere')).toBeNull()
  })

  it('has words in English and German for every figure, the prompt never longer than the full', () => {
    for (const { id, wordings } of SHIPPED_FIGURES)
      expect([id, Object.keys(wordings)]).toEqual([id, ['en', 'de']])
    expect(
      checkBook(SHIPPED_FIGURES).filter(({ code }) => code === 'figure.wording-length'),
    ).toEqual([])
  })

  it('has nothing that stops and nothing to mend, by its own checker', () => {
    expect(checkBook(SHIPPED_FIGURES).filter(({ severity }) => severity !== 'note')).toEqual([])
  })

  it.each(SHIPPED_FIGURES.map((figure) => [`${figure.family}: ${figure.name}`, figure] as const))(
    '%s is danced from every hold it may begin in',
    (_name, figure) => {
      expect(figureSchema.safeParse(figure).error?.issues ?? []).toEqual([])
      const danced = expectOk(applyVariation(figure))
      const feet = entryFeet(danced)
      for (const hold of figure.entry.holds) {
        const start = startingState(hold, (figure.entry.facings[0] ?? WALL) as Facing)
        const before: CoupleState = {
          ...start,
          lead: { ...start.lead, weight: carrying(feet.lead) },
          follow: { ...start.follow, weight: carrying(feet.follow) },
        }
        const { after, troubles } = danceFrom(before, danced)
        expect(holdFits(before, danced)).toBe(true)
        expect(troubles.filter(({ trouble }) => trouble === 'taken')).toEqual([])
        expect([hold, after.hold, relationFits(after)]).toEqual([hold, after.hold, true])
      }
    },
  )

  it.each(SHIPPED_FIGURES.map((figure) => [`${figure.family}: ${figure.name}`, figure] as const))(
    '%s is danced mirrored from every mirrored hold, and mirrored twice is itself',
    (_name, figure) => {
      const danced = expectOk(applyVariation(figure))
      const mirror = expectOk(applyVariation(figure, { ...AS_WRITTEN, reflected: true }))
      expect(reflectSteps(mirror.steps.lead)).toEqual(danced.steps.lead)
      expect(reflectSteps(mirror.steps.follow)).toEqual(danced.steps.follow)
      const feet = entryFeet(mirror)
      for (const hold of figure.entry.holds.map(mirrorOf)) {
        const start = startingState(hold, WALL)
        const before: CoupleState = {
          ...start,
          lead: { ...start.lead, weight: carrying(feet.lead) },
          follow: { ...start.follow, weight: carrying(feet.follow) },
        }
        const { after, troubles } = danceFrom(before, mirror)
        expect(holdFits(before, mirror)).toBe(true)
        expect(troubles.filter(({ trouble }) => trouble === 'taken')).toEqual([])
        expect([hold, after.hold, relationFits(after)]).toEqual([hold, after.hold, true])
      }
    },
  )

  it.each(['en', 'de'] as const)(
    'two figures of a family never have the same words: %s',
    (language) => {
      const seen = new Map<string, string>()
      const alike: string[] = []
      for (const { family, name, wordings, countFrom } of SHIPPED_FIGURES) {
        // Counted from two the same figure is called as it is counted from one.
        const key = `${family} ${countFrom ?? 1}: ${wordings[language]!.full}`
        const before = seen.get(key)
        if (before) alike.push(`${key}: ${before}, ${name}`)
        seen.set(key, name)
      }
      expect(alike).toEqual([])
    },
  )

  it('no German wording has an English hold or direction in it', () => {
    // Names that German dancers use are capital; what is said of a way or a hold is not.
    const english = /\b(?:left|right|forward|back|closed|open|hands?|face|wall)\b/
    expect(
      SHIPPED_FIGURES.flatMap(({ name, wordings }) =>
        Object.values(wordings.de!)
          .filter((text) => english.test(text))
          .map((text) => `${name}: ${text}`),
      ),
    ).toEqual([])
  })
})
