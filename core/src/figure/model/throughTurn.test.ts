import { expectOk } from '../../document/index.ts'
import { CENTRE, LINE_OF_DANCE, REVERSE, WALL, type Facing } from '../../move/index.ts'
import { readStepLine } from '../notation/stepLine.ts'
import { stepLineText } from '../notation/stepLineText.ts'
import { reflectSteps } from './reflect.ts'
import { sidedSteps } from './throughTurn.ts'

const LINE = '1 left forward turn 1/2 through the centre, 2 right forward, 3 left forward'
const steps = expectOk(readStepLine(LINE))
const turnsFrom = (begun: Facing): number[] => sidedSteps(steps, begun).map(({ turn }) => turn)

describe('a turn told by what it goes through', () => {
  it('takes the side on which that lies, from wherever it is begun', () => {
    expect(turnsFrom(LINE_OF_DANCE)).toEqual([-4, 0, 0])
    expect(turnsFrom(REVERSE)).toEqual([4, 0, 0])
  })

  it('stays a rule: printed, read again and mirrored it is the same', () => {
    expect(stepLineText(steps)).toBe(LINE)
    expect(expectOk(readStepLine(stepLineText(steps)))).toEqual(steps)
    const told = { facing: REVERSE, frame: 'hall' as const }
    expect(expectOk(readStepLine(LINE, { begun: told }))).toEqual(steps)
    const [mirrored] = sidedSteps(reflectSteps(steps), LINE_OF_DANCE)
    expect(mirrored!.turn).toBe(-4)
  })

  it('is as written where that lies straight ahead or behind', () => {
    expect(turnsFrom(CENTRE)).toEqual([4, 0, 0])
    expect(turnsFrom(WALL)).toEqual([4, 0, 0])
  })
})
