import { isMoving } from '@dellop/core/call'
import type { Lectern } from './lectern.ts'

/** What a command of the lectern works on. */
export interface LecternStage {
  readonly lectern: Lectern
  /** The one key, with all that it does to the sound. */
  readonly press: () => void
  readonly fade: () => void
  readonly looks: {
    readonly nextLayout: () => void
    readonly nextParts: () => void
    readonly larger: () => void
    readonly smaller: () => void
  }
  readonly say: (told: 'marked') => void
  readonly open: (dialog: LecternDialog) => void
  readonly toggleWholeScreen: () => void
  /** What comes next in the evening, where one is being called. */
  readonly programme: { readonly hasNext: () => boolean; readonly goOn: () => void }
}
export type LecternDialog = 'delay' | 'keys' | 'sound' | 'screens'

/**
 * One thing that a key, a pedal or a button can do at the lectern. Its name on the screen stands in
 * the catalogue under its id; keys, buttons, the dialog of keys and what remotes may press all
 * derive from this.
 */
export interface LecternCommand<Id extends string = string> {
  readonly id: Id
  /** Signals as they ship. Page keys are those of pedals and presenters' clickers. */
  readonly signals: readonly string[]
  /** While the dancers dance it has to be held down: it moves or stops the music under them. */
  readonly isHeld?: true
  /** Whether it means anything now; always, where left out. */
  readonly can?: (stage: LecternStage) => boolean
  readonly do: (stage: LecternStage) => void
}

const command = <const Id extends string>(one: LecternCommand<Id>): LecternCommand<Id> => one

const isFollowing = ({ lectern }: LecternStage): boolean => lectern.isElsewhere
const isDancing = ({ lectern }: LecternStage): boolean =>
  isMoving(lectern.call.value) && lectern.call.value.state !== 'counting-in'

/** A digit answers what is asked, or takes a way back in. */
const digit =
  (index: number) =>
  ({ lectern }: LecternStage): void =>
    lectern.obey(lectern.asked.value ? { do: 'answer', index } : { do: 'rejoin', index })

const turn =
  (which: 'again' | 'restart' | 'skip' | 'end-soon') =>
  ({ lectern }: LecternStage): void =>
    lectern.obey({ do: 'turn', turn: which })

/** All that can be done at the lectern, in the order in which it is listed. */
export const LECTERN_COMMANDS = [
  command({
    id: 'main',
    signals: ['key: ', 'key:Enter', 'key:PageDown', 'midi:cc 64', 'pad:0'],
    do: ({ press }) => press(),
  }),
  command({
    id: 'hold',
    signals: ['key:h'],
    can: isDancing,
    do: ({ lectern }) => lectern.obey({ do: 'hold' }),
  }),
  command({
    id: 'lost',
    signals: ['key:x', 'key:PageUp', 'midi:cc 67', 'pad:1'],
    can: isDancing,
    do: ({ lectern }) => lectern.obey({ do: 'lose' }),
  }),
  command({
    id: 'other',
    signals: ['key:o'],
    can: isDancing,
    do: ({ lectern }) => lectern.obey({ do: 'ask', what: 'floor' }),
  }),
  command({
    id: 'wrong',
    signals: ['key:w'],
    can: isDancing,
    do: ({ lectern }) => lectern.obey({ do: 'ask', what: 'cuer' }),
  }),
  command({
    id: 'take-back',
    signals: ['key:z'],
    can: ({ lectern }) => lectern.call.value.before !== null,
    do: ({ lectern }) => lectern.obey({ do: 'take-back' }),
  }),
  command({
    id: 'carry-on',
    signals: ['key:Escape'],
    do: ({ lectern }) => lectern.obey({ do: 'carry-on' }),
  }),
  command({
    id: 'mark',
    signals: ['key:m'],
    do: ({ lectern, say }) => {
      lectern.obey({ do: 'mark' })
      say('marked')
    },
  }),
  command({ id: 'one-more', signals: ['key:a'], can: isDancing, do: turn('again') }),
  command({ id: 'start-over', signals: ['key:r'], can: isDancing, do: turn('restart') }),
  command({ id: 'skip', signals: ['key:n'], can: isDancing, do: turn('skip') }),
  command({ id: 'end-soon', signals: ['key:e'], can: isDancing, do: turn('end-soon') }),
  command({
    id: 'go-on',
    signals: ['key:g'],
    can: isDancing,
    do: ({ lectern }) => lectern.obey({ do: 'ask', what: 'go-on' }),
  }),
  command({ id: 'first', signals: ['key:1'], do: digit(0) }),
  command({ id: 'second', signals: ['key:2'], do: digit(1) }),
  command({ id: 'third', signals: ['key:3'], do: digit(2) }),
  command({ id: 'fourth', signals: ['key:4'], do: digit(3) }),
  command({
    id: 'tap',
    signals: ['key:t'],
    can: isFollowing,
    do: ({ lectern }) => lectern.obey({ do: 'tap' }),
  }),
  command({
    id: 'landmark',
    signals: ['key:l'],
    can: isFollowing,
    do: ({ lectern }) => lectern.landmark(),
  }),
  command({
    id: 'later',
    signals: ['key:.'],
    can: isFollowing,
    do: ({ lectern }) => lectern.obey({ do: 'nudge', beats: 0.5 }),
  }),
  command({
    id: 'sooner',
    signals: ['key:,'],
    can: isFollowing,
    do: ({ lectern }) => lectern.obey({ do: 'nudge', beats: -0.5 }),
  }),
  command({
    id: 'part',
    signals: ['key:b', 'key:Home'],
    isHeld: true,
    do: ({ lectern }) => lectern.obey({ do: 'back', kind: 'passes' }),
  }),
  command({
    id: 'phrase-before',
    signals: ['key:ArrowLeft'],
    isHeld: true,
    do: ({ lectern }) => lectern.obey({ do: 'back', kind: 'phrases' }),
  }),
  command({
    id: 'phrase-after',
    signals: ['key:ArrowRight'],
    isHeld: true,
    do: ({ lectern }) => lectern.obey({ do: 'forth' }),
  }),
  command({ id: 'slower', signals: ['key:-', 'key:_'], do: ({ lectern }) => lectern.slower() }),
  command({ id: 'faster', signals: ['key:+', 'key:='], do: ({ lectern }) => lectern.faster() }),
  command({ id: 'fade', signals: ['key:q'], isHeld: true, do: ({ fade }) => fade() }),
  command({
    id: 'loop',
    signals: ['key:p'],
    can: ({ lectern }) => !lectern.isElsewhere,
    do: ({ lectern }) => lectern.obey({ do: 'loop' }),
  }),
  command({
    id: 'next-item',
    signals: ['key:u'],
    can: ({ lectern, programme }) => programme.hasNext() && !isMoving(lectern.call.value),
    do: ({ programme }) => programme.goOn(),
  }),
  command({ id: 'layout', signals: ['key:v'], do: ({ looks }) => looks.nextLayout() }),
  command({ id: 'words', signals: ['key:c'], do: ({ looks }) => looks.nextParts() }),
  command({ id: 'larger', signals: ['key:ArrowUp'], do: ({ looks }) => looks.larger() }),
  command({ id: 'smaller', signals: ['key:ArrowDown'], do: ({ looks }) => looks.smaller() }),
  command({
    id: 'whole',
    signals: ['key:f'],
    do: ({ toggleWholeScreen }) => toggleWholeScreen(),
  }),
  command({ id: 'delay', signals: ['key:d'], do: ({ open }) => open('delay') }),
  command({ id: 'keys', signals: ['key:k', 'key:?'], do: ({ open }) => open('keys') }),
  command({ id: 'sound', signals: ['key:s'], do: ({ open }) => open('sound') }),
  command({ id: 'screens', signals: ['key:i'], do: ({ open }) => open('screens') }),
] as const

export type LecternKey = (typeof LECTERN_COMMANDS)[number]['id']
export const commandOf = (id: LecternKey): LecternCommand<LecternKey> =>
  LECTERN_COMMANDS.find((one) => one.id === id)!
