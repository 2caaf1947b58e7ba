import type { DancedSlot } from '@dellop/core/routine'
import { clipboard } from './clipboard.ts'

/** What is done to what is chosen: as much of the sheet's edits as keys need. */
export interface ChosenEdits {
  readonly removeChosen: () => void
  readonly move: (slot: DancedSlot, by: 1 | -1) => void
  readonly halve: (slot: DancedSlot) => void
  readonly repeat: (slot: DancedSlot, by: 1 | -1) => void
  readonly reflect: (slot: DancedSlot) => void
  readonly pin: (slot: DancedSlot, to: undefined) => void
  readonly silence: (slot: DancedSlot) => void
  /** How many were copied. */
  readonly copy: () => number
  readonly cut: () => void
  readonly paste: () => void
  readonly duplicate: () => void
}

/** What a command of the page works on. */
export interface PageStage {
  readonly commands: ChosenEdits
  /** The figure that is chosen; the last of several. */
  readonly selected: () => DancedSlot | null
  readonly step: (by: 1 | -1) => void
  readonly rowStep: (by: 1 | -1) => void
  readonly extend: (by: 1 | -1) => void
  readonly findingStep: (by: 1 | -1) => void
  readonly nudge: (by: 1 | -1) => void
  readonly openAdd: () => void
  readonly openReplace: (slot: DancedSlot) => void
  readonly toWords: () => void
  readonly travel: (way: 'undo' | 'redo') => void
  readonly canTravel: (way: 'undo' | 'redo') => boolean
  /** Sounds the cues from what is chosen; stops them where they sound. */
  readonly hear: () => void
  readonly toLectern: () => void
  readonly showKeys: () => void
  /** Leaves a preview, or a choice of several. */
  readonly leave: () => void
  readonly tellCopied: (slots: number) => void
}

/**
 * One thing that can be done on the page of a sheet. Its name on the screen stands in the catalogue
 * under its id; what keys do, the dialog of keys, buttons and their being enabled derive from this.
 */
export interface PageCommand<Id extends string = string> {
  readonly id: Id
  /** As `shift+ArrowLeft`, `ctrl+z`, `a`; ctrl is the command key of other machines too. */
  readonly keys: readonly string[]
  /** The chosen figure stands elsewhere afterwards, or looks otherwise: it is brought into view. */
  readonly moves?: true
  readonly can: (stage: PageStage) => boolean
  readonly do: (stage: PageStage) => void
}

const always = (): boolean => true
const isChosen = ({ selected }: PageStage): boolean => selected() !== null

const command = <const Id extends string>(
  id: Id,
  keys: readonly string[],
  act: (stage: PageStage) => void,
  can: (stage: PageStage) => boolean = always,
): PageCommand<Id> => ({ id, keys, can, do: act })

/** Of the figure that is chosen. */
const ofChosen = <const Id extends string>(
  id: Id,
  keys: readonly string[],
  act: (commands: ChosenEdits, slot: DancedSlot) => void,
): PageCommand<Id> => command(id, keys, (s) => act(s.commands, s.selected()!), isChosen)
const moving = <const Id extends string>(one: PageCommand<Id>): PageCommand<Id> => ({
  ...one,
  moves: true,
})

/** All that can be done on the page, in the order in which it is listed. */
export const PAGE_COMMANDS = [
  command('before', ['ArrowLeft'], ({ step }) => step(-1)),
  command('after', ['ArrowRight'], ({ step }) => step(1)),
  command('row-before', ['ArrowUp'], ({ rowStep }) => rowStep(-1)),
  command('row-after', ['ArrowDown'], ({ rowStep }) => rowStep(1)),
  command('add', ['a'], ({ openAdd }) => openAdd()),
  command('replace', ['Enter'], (s) => s.openReplace(s.selected()!), isChosen),
  moving(ofChosen('remove', ['Delete', 'Backspace'], (commands) => commands.removeChosen())),
  moving(ofChosen('move-before', ['alt+ArrowLeft'], (commands, slot) => commands.move(slot, -1))),
  moving(ofChosen('move-after', ['alt+ArrowRight'], (commands, slot) => commands.move(slot, 1))),
  moving(ofChosen('halve', ['h'], (commands, slot) => commands.halve(slot))),
  moving(ofChosen('more', ['r'], (commands, slot) => commands.repeat(slot, 1))),
  moving(ofChosen('less', ['shift+r'], (commands, slot) => commands.repeat(slot, -1))),
  moving(ofChosen('reflect', ['o'], (commands, slot) => commands.reflect(slot))),
  ofChosen('silence', ['s'], (commands, slot) => commands.silence(slot)),
  command('words', ['w'], ({ toWords }) => toWords(), isChosen),
  command('cue-earlier', ['['], ({ nudge }) => nudge(-1), isChosen),
  command('cue-later', [']'], ({ nudge }) => nudge(1), isChosen),
  ofChosen('cue-free', ['u'], (commands, slot) => commands.pin(slot, undefined)),
  command('next-finding', ['n'], ({ findingStep }) => findingStep(1)),
  command('previous-finding', ['p'], ({ findingStep }) => findingStep(-1)),
  command('extend-before', ['shift+ArrowLeft'], ({ extend }) => extend(-1), isChosen),
  command('extend-after', ['shift+ArrowRight'], ({ extend }) => extend(1), isChosen),
  command('copy', ['ctrl+c'], (s) => s.tellCopied(s.commands.copy()), isChosen),
  ofChosen('cut', ['ctrl+x'], (commands) => commands.cut()),
  command(
    'paste',
    ['ctrl+v'],
    ({ commands }) => commands.paste(),
    () => clipboard.value.length > 0,
  ),
  ofChosen('duplicate', ['ctrl+d'], (commands) => commands.duplicate()),
  command('leave', ['Escape'], ({ leave }) => leave()),
  command(
    'undo',
    ['ctrl+z'],
    ({ travel }) => travel('undo'),
    ({ canTravel }) => canTravel('undo'),
  ),
  command(
    'redo',
    ['ctrl+y', 'ctrl+shift+z'],
    ({ travel }) => travel('redo'),
    ({ canTravel }) => canTravel('redo'),
  ),
  command('hear', ['v'], ({ hear }) => hear()),
  command('lectern', ['l'], ({ toLectern }) => toLectern()),
  command('keys', ['?'], ({ showKeys }) => showKeys()),
] as const

export type PageKey = (typeof PAGE_COMMANDS)[number]['id']
export const pageCommand = (id: PageKey): PageCommand<PageKey> =>
  PAGE_COMMANDS.find((one) => one.id === id)!

const BY_KEY: ReadonlyMap<string, PageKey> = new Map(
  PAGE_COMMANDS.flatMap(({ id, keys }) => keys.map((key) => [key, id] as const)),
)

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
/** Enter and space on a button of its own belong to that button. */
const isOtherButton = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('button, a, [role=menuitem], [role=radio]') !== null &&
  target.closest('.block') === null

/** What is walked with the arrow keys itself: tabs, sliders, choices of one, lists. */
const walksItself = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('[role=tab], [role=slider], [role=radiogroup], [role=menu], [role=listbox]') !==
    null

const heldKeys = (event: KeyboardEvent): string =>
  [
    event.ctrlKey || event.metaKey ? 'ctrl+' : '',
    event.altKey ? 'alt+' : '',
    event.shiftKey ? 'shift+' : '',
  ].join('')

/** The command of a key press, or null when the key belongs to something else. */
export function pageKey(event: KeyboardEvent): PageKey | null {
  if (isTyping(event.target)) return null
  if (event.key === 'Enter' && isOtherButton(event.target)) return null
  if (event.key.startsWith('Arrow') && walksItself(event.target)) return null
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  // Some keyboards write [ and ] with AltGr, which counts as Ctrl and Alt.
  const isWritten = event.getModifierState?.('AltGraph') ?? false
  const held = isWritten ? '' : heldKeys(event)
  // Shift is part of how a sign such as ? is typed.
  const plain = held === 'shift+' ? BY_KEY.get(key) : undefined
  const isSign = key.length === 1 && !/[a-z0-9]/.test(key)
  return BY_KEY.get(held + key) ?? (isSign || key === 'Enter' ? plain : undefined) ?? null
}
