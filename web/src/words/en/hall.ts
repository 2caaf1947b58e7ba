import type { HallCommand } from '@dellop/wire'

/** English of the second screens: they load nothing but this. */
export const hall = {
  display: 'A display for the hall',
  remote: 'A remote for the calling screen',
  code: 'The six digits on the calling screen',
  enter: 'Join',
  coming: 'One moment',
  away: '· the calling screen is away, it is looked for',
  intro: 'Introduction',
  after: 'Music goes on',
  next: (text: string) => `next: ${text}`,
  floor: (figure: string) => `The floor from above: ${figure}`,
  onlySee: 'This screen can only see.',
  done: (what: string) => `Sent: ${what}.`,
  refused: 'The calling screen was not reached.',
  commands: {
    main: 'Start, stop, take the first',
    hold: 'Hold the cues',
    lost: 'They are lost',
    'take-back': 'Wrong key',
    mark: 'Mark this place',
    first: 'The first',
    second: 'The second',
    third: 'The third',
  } satisfies Record<HallCommand, string>,
}
export type HallWords = typeof hall
