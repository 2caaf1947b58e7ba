import { SHIPPED_FIGURES, startingState } from '../figure/index.ts'
import { jotted } from '../testing/jotted.ts'
import { standingAs, startJotted } from './startJotted.ts'

const COUPLE = startingState('butterfly', 2)
const says = (text: string): string => {
  const read = startJotted(text)
  if (!read) return 'not understood'
  const { hold, lead, follow } = standingAs(read, COUPLE)
  return `${hold} ${lead.facing}/${follow.facing} ${lead.weight}/${follow.weight}`
}

describe('a start as it is jotted down', () => {
  it.each([
    ['closed, man facing wall', 'closed 2/6 right/left'],
    ['CP WALL', 'closed 2/6 right/left'],
    ['closed, diagonal line and wall', 'closed 1/5 right/left'],
    ['closed position facing line of dance, lead foot free', 'closed 0/4 right/left'],
    ['BFLY fcg wall; trail feet free', 'butterfly 2/6 left/right'],
    ['open facing wall', 'open facing 2/6 right/left'],
    // Side by side, for who faces along the room.
    ['open facing line of dance', 'open 0/0 right/left'],
    ['SCP LOD', 'semi-closed 0/0 right/left'],
    ['semi-closed', 'semi-closed 0/0 right/left'],
    ['facing wall', 'butterfly 2/6 right/left'],
    ['man facing wall, butterfly, weight on left', 'butterfly 2/6 left/right'],
    ['man facing wall, lady facing reverse, handshake', 'handshake 2/4 right/left'],
    ['banjo DLW right foot free', 'banjo 1/5 left/right'],
  ])('“%s”', (text, stands) => {
    expect(says(text)).toBe(stands)
  })
  it.each(['', 'hug', 'closed, facing the moon', 'closed and ready to go'])(
    '“%s” is not understood, and not guessed',
    (text) => {
      expect(says(text)).toBe('not understood')
    },
  )
  it('all stand alike where the formation has them so', () => {
    const read = jotted(
      'dance: line dance\nstart: facing 3 o’clock, left foot free\npart A\n',
    ).start
    expect([read.lead, read.follow]).toEqual(Array(2).fill({ facing: 2, weight: 'right' }))
  })
  it('leaves to the first figure what it does not say', () => {
    const start = (said: string): string => {
      const { lead, hold } = jotted(`dance: foxtrot\n${said}part A\n  Feather\n`).start
      return `${hold} ${lead.weight}`
    }
    // A feather begins on the lead’s right foot.
    expect(start('')).toBe('butterfly left')
    expect(start('start: closed, facing wall\n')).toBe('closed left')
    expect(start('start: closed, facing wall, left foot free\n')).toBe('closed right')
    expect(start('start: facing wall\n')).toBe('butterfly left')
  })
  it('is read after the dance and its formation, wherever it stands', () => {
    const { start } = jotted('start: facing 6 o’clock\ndance: line dance\npart A\n')
    expect([start.hold, start.lead.facing, start.follow.facing]).toEqual(['none', 4, 4])
  })
  it('every hold of the book can be said with a facing', () => {
    for (const hold of new Set(SHIPPED_FIGURES.flatMap(({ entry }) => entry.holds)))
      expect(says(`${hold}, facing line of dance`)).not.toBe('not understood')
  })
})
