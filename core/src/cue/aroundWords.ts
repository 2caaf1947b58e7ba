import { own } from '../document/index.ts'
import { holdName } from '../figure/index.ts'
import type { Facing } from '../move/index.ts'
import { LANGUAGES } from './language.ts'

/**
 * What is said around the figures: where everybody stands before the first step, where the order
 * turns, who moves on, and how it ends.
 */
export interface AroundWords {
  /** A hold by its name. */
  readonly hold: (hold: string) => string
  /** Facing a direction of the hall, or a wall of a line dance by its hour. */
  readonly facing: (facing: Facing, frame: 'hall' | 'clock') => string
  /** The foot that is free; of one role where the other has the other foot free. */
  readonly free: (foot: 'left' | 'right', role: string | null) => string
  readonly ready: string
  /** A long step and a short one, as rhythm. */
  readonly rhythm: { readonly slow: string; readonly quick: string }
  /** The wall at which a time through begins. */
  readonly wall: (facing: Facing) => string
  /** The last of all times of a part after which the dance goes on with others. */
  readonly lastTimeThrough: (part: string) => string
  /** Who moves on to a new partner, by how many places; by less than none: back. */
  readonly onToNext: (role: string, places: number) => string
  /** The dancers of a role. */
  readonly roles: (role: string) => string
  /** With the last figure before a part is broken off and begun anew. */
  readonly thenRestart: string
  readonly finish: Readonly<Record<'hold' | 'pose' | 'walk-off', string>>
  /** What a set, or a couple, does when all is over. */
  readonly bow: string
  readonly thanks: string
}

const EN_PLURALS: Readonly<Record<string, string>> = { man: 'men', woman: 'women' }
/** Roles as German callers name them, where a style names them in English. */
const DE_ROLES: Readonly<Record<string, string>> = {
  lead: 'Führende',
  follow: 'Folgende',
  man: 'Herr',
  lady: 'Dame',
  woman: 'Dame',
}
const DE_PLURALS: Readonly<Record<string, string>> = {
  lead: 'Führende',
  follow: 'Folgende',
  man: 'Herren',
  lady: 'Damen',
  woman: 'Damen',
  herr: 'Herren',
  dame: 'Damen',
  mann: 'Männer',
  frau: 'Frauen',
}

const enPlural = (role: string): string =>
  own(EN_PLURALS, role.toLowerCase()) ??
  (role.endsWith('y') ? `${role.slice(0, -1)}ies` : `${role}s`)
const deRole = (role: string): string => own(DE_ROLES, role.toLowerCase()) ?? role
const dePlural = (role: string): string => own(DE_PLURALS, role.toLowerCase()) ?? role

/** A direction as it stands behind "to face", or a clock's hour. */
const direction = (id: 'en' | 'de', facing: Facing, frame: 'hall' | 'clock'): string =>
  LANGUAGES[id].toFace(facing, frame).replace(/^(?:to face|auf) /, '')

export const AROUND: Readonly<Record<'en' | 'de', AroundWords>> = {
  en: {
    hold: holdName,
    facing: (facing, frame) => `facing ${direction('en', facing, frame)}`,
    free: (foot, role) => (role ? `${role}’s ${foot} foot free` : `${foot} foot free`),
    ready: 'ready',
    rhythm: { slow: 'slow', quick: 'quick' },
    wall: (facing) => direction('en', facing, 'clock'),
    lastTimeThrough: (part) => `last time through ${part}`,
    onToNext: (role, places) => {
      const far = Math.abs(places)
      const place = far === 1 ? 'the next' : `the ${EN_ORDINALS[far] ?? `${far}th`}`
      return `${enPlural(role)} ${places < 0 ? 'back' : 'on'} to ${place}`
    },
    roles: enPlural,
    thenRestart: 'then restart',
    finish: { hold: 'and hold', pose: 'and pose', 'walk-off': 'and walk off' },
    bow: 'bow to your partner',
    thanks: 'thank your partner',
  },
  de: {
    hold: (hold) => LANGUAGES.de.toHold(hold).replace(/^(?:in|zum|zur) /, ''),
    facing: (facing, frame) =>
      frame === 'clock'
        ? `Blick auf ${direction('de', facing, frame)}`
        : `Blick ${direction('de', facing, frame)}`,
    free: (foot, role) => {
      const side = foot === 'left' ? 'linker' : 'rechter'
      return role ? `${deRole(role)} ${side} Fuß frei` : `${side} Fuß frei`
    },
    ready: 'bereit',
    rhythm: { slow: 'lang', quick: 'kurz' },
    wall: (facing) => direction('de', facing, 'clock'),
    lastTimeThrough: (part) => `letztes Mal ${part}`,
    onToNext: (role, places) => {
      const far = Math.abs(places)
      const by = far === 1 ? 'eins' : LANGUAGES.de.number(far)
      return `${dePlural(role)} ${by} ${places < 0 ? 'zurück' : 'weiter'}`
    },
    roles: dePlural,
    thenRestart: 'dann Neustart',
    finish: { hold: 'und halten', pose: 'und Pose', 'walk-off': 'und abgehen' },
    bow: 'Verbeugung zum Partner',
    thanks: 'bedankt euch beim Partner',
  },
}

const EN_ORDINALS: Readonly<Record<number, string>> = { 2: 'second', 3: 'third', 4: 'fourth' }
