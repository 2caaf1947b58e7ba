import { validate } from '../document/index.ts'
import { SHIPPED_SCHOOLS } from '../school/index.ts'
import { houseWaltz } from '../testing/sheets.ts'
import { provedSheet } from '../testing/typed.ts'
import { DANCE_NAMES } from '../tune/index.ts'
import { freshRoutine, usualFormation, usualSchool } from './freshRoutine.ts'
import { routineSchema } from './routine.ts'

const ids = (): (() => string) => {
  let n = 0
  return () => `id-${++n}`
}

describe('a new sheet', () => {
  it.each([
    ['line dance', undefined, 'lines', 0, 'none'],
    ['waltz', undefined, undefined, 2, 'butterfly'],
    ['ring dance', undefined, 'ring', 6, 'ring'],
    ['waltz', 'lines', 'lines', 0, 'none'],
  ] as const)('of %s (%s) begins as such dances do', (dance, formation, shape, facing, hold) => {
    const sheet = freshRoutine({ title: 'Withies', dance, ...(formation && { formation }) }, ids())
    expect(validate(routineSchema, sheet, 'the sheet').ok).toBe(true)
    expect(sheet.formation).toBe(shape)
    expect(sheet.start.hold).toBe(hold)
    expect(sheet.start.lead.facing).toBe(facing)
  })

  it('takes metre and tempo from its dance', () => {
    const jig = freshRoutine({ title: 'Eel', dance: 'jig' }, ids())
    expect(jig.metre.division).toBe(3)
    expect(freshRoutine({ title: 'W', dance: 'waltz' }, ids()).metre.beatsPerBar).toBe(3)
  })

  it('knows how a dance is danced and called by its names, never by a word in it', () => {
    expect(usualFormation('Line dancing')).toBe('lines')
    expect(usualFormation('outlined waltz')).toBe('couples-round')
    expect(usualSchool('Line dancing')).toBe('line')
    expect(usualSchool('outlined waltz')).toBe('round')
    const schoolOf = (dance: string) => freshRoutine({ title: 'D', dance }, ids()).schoolId
    expect(['square', 'clogging', 'old time', 'waltz'].map(schoolOf)).toEqual([
      'square',
      'clog',
      'sequence',
      'round',
    ])
    expect(SHIPPED_SCHOOLS.map(({ id }) => id)).toEqual(
      expect.arrayContaining(DANCE_NAMES.map(schoolOf)),
    )
  })

  it('of no dance is anything to be put right, with a tune or without', () => {
    const tune = houseWaltz()
    for (const dance of DANCE_NAMES) {
      const sheet = freshRoutine({ title: 'New', dance }, ids())
      expect([dance, provedSheet(sheet).findings]).toEqual([dance, []])
    }
    const timed = {
      ...freshRoutine({ title: 'New', dance: 'waltz' }, ids()),
      tuneId: tune.id,
      recordingId: tune.recordings[0]!.id,
      metre: tune.metre,
    }
    expect(provedSheet(timed, tune).findings).toEqual([])
  })

  it('is danced and called otherwise where that is said', () => {
    const asked = {
      title: 'D',
      dance: 'line dance',
      schoolId: 'round',
      formation: 'couple',
    } as const
    expect(freshRoutine(asked, ids())).toMatchObject({ schoolId: 'round', formation: 'couple' })
  })
})
