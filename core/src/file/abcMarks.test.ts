import { expectOk } from '../document/index.ts'
import { readAbc } from './abc.ts'

const tune = (marks: string) =>
  `X:1\nT:Marks\nM:3/4\nL:1/4\nQ:1/4=96\nP:AB\n${marks}\nK:C\nP:A\nC D E | F G A |\nP:B\nG F E | D3 |\n`

describe('how an ABC tune is played', () => {
  it('is said by places in the order that is played', () => {
    const score = expectOk(
      readAbc(
        tune(
          '%%dellop-tempo 1.1=96 2.1=88.5\n%%dellop-free 2.1=2\n%%dellop-landmark 2.2 start pipes enter',
        ),
      ),
    )
    expect(score.tempo).toEqual([{ at: 0, bpm: 96 }, { at: 144, bpm: 88.5 }]) // prettier-ignore
    expect(score.free).toEqual([{ at: 216, seconds: 2 }])
    expect(score.landmarks).toEqual([{ at: 216, kind: 'start', text: 'pipes enter' }])
  })
  it.each([
    '%%dellop-tempo 3.1=96',
    '%%dellop-tempo 1.3=96',
    '%%dellop-tempo 1.1=fast',
    '%%dellop-tempo 1.1=900',
    '%%dellop-free 1.1=0',
    '%%dellop-landmark 1.1 loud bang',
    '%%dellop-landmark start',
  ])('%s is not understood, and that is said', (line) => {
    const result = readAbc(tune(line))
    expect(result.ok ? '' : result.problem.message).toContain(
      `The line "${line}" is not understood`,
    )
  })
})
