import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { callLogSchema, replay, upgradeCallLog } from '../call/index.ts'
import { applyEdits, expectOk, invertEdits, type Edit } from '../document/index.ts'
import { groupSchema, knownFigures, upgradeGroup } from '../group/index.ts'
import { routineShape, setWording, upgradeRoutineEdits, type Slot } from '../routine/index.ts'
import { schoolSchema, upgradeSchool } from '../school/index.ts'
import { tuneSchema, upgradeTune } from '../tune/index.ts'
import { readFigureFile, readSheetFile } from './index.ts'

const FIXTURES = join(__dirname, '../testing/fixtures')
const text = (name: string): string => readFileSync(join(FIXTURES, name), 'utf8')
const json = (name: string): unknown => JSON.parse(text(name))

/** What every version of every kind of document is read with; a fixture of each is kept. */
const READERS: Readonly<Record<string, (name: string) => unknown>> = {
  sheet: (name) => expectOk(readSheetFile(text(name))),
  figures: (name) => expectOk(readFigureFile(text(name))),
  tune: (name) => tuneSchema.parse(upgradeTune(json(name))),
  school: (name) => schoolSchema.parse(upgradeSchool(json(name))),
  group: (name) => groupSchema.parse(upgradeGroup(json(name))),
  call: (name) => callLogSchema.parse(upgradeCallLog(json(name))),
}

describe('documents of every version there ever was', () => {
  const kept = readdirSync(FIXTURES).filter((name) => !name.startsWith('settings'))
  it.each(kept)('%s is read in today’s form', (name) => {
    const kind = name.slice(0, name.lastIndexOf('-'))
    expect(READERS[kind]?.(name)).toBeTruthy()
  })

  it('are all kept: of each kind at least the first', () => {
    for (const kind of Object.keys(READERS)) expect(kept).toContain(`${kind}-1.json`)
  })

  it('come back the same when they are brought up to this form once more', () => {
    const group = upgradeGroup(json('group-1.json'))
    expect(upgradeGroup(group)).toBe(group)
    const call = upgradeCallLog(json('call-1.json'))
    expect(upgradeCallLog(call)).toBe(call)
  })

  it('that are of another format, or still to come, are left for the validation to name', () => {
    for (const one of [
      null,
      7,
      'text',
      [],
      { format: 'other' },
      { format: 'dellop-group', version: 9 },
    ])
      expect(upgradeGroup(one)).toBe(one)
  })
})

describe('what a step does', () => {
  it('a floor of people is a group, with what it was taught by the figures’ own ids', () => {
    const group = groupSchema.parse(upgradeGroup(json('group-1.json')))
    expect(group).toMatchObject({ format: 'dellop-group', version: 2 })
    expect(knownFigures(group).times('box')).toBe(14)
  })

  it('a call’s floor is its group, and who was lost is the couple', () => {
    const log = callLogSchema.parse(upgradeCallLog(json('call-1.json')))
    expect(log.groupId).toBe('wednesdays')
    const lost = log.events.find((event) => event.type === 'lose')
    expect(lost).toMatchObject({ couple: { hold: 'butterfly' } })
    expect(replay(log).state).toBe('ended')
  })

  it('the shortest words are key words: in figures, on slots, in pins, and in what was edited', () => {
    const { routine, figures } = expectOk(readSheetFile(text('sheet-1.json')))
    const old = JSON.parse(text('sheet-1.json')) as {
      figures: { id: string; wordings: { prompt?: string; en?: { prompt: string } } }[]
    }
    for (const { id, wordings } of old.figures)
      expect(figures.find((figure) => figure.id === id)!.wordings.en!.keyWord).toBe(
        (wordings.en ?? wordings).prompt,
      )
    const slot = routine.parts.flatMap(({ slots }) => slots)[0]!
    const written = setWording(slot as Slot, 'keyWord', 'now')!
    const inOldWords = JSON.parse(JSON.stringify(written).replaceAll('keyWord', 'prompt')) as Edit[]
    const edits = upgradeRoutineEdits(inOldWords) as Edit[]
    expect(edits).toEqual(written)
    const after = expectOk(applyEdits(routineShape, routine, edits))
    expect(expectOk(applyEdits(routineShape, after, invertEdits(edits)))).toEqual(routine)
    expect(upgradeRoutineEdits([{ field: 'pin', to: { wording: 'prompt' } }])).toEqual([
      { field: 'pin', to: { wording: 'keyWord' } },
    ])
  })
})
