import type { DirectionFrame } from '../figure/index.ts'
import type { Facing } from '../move/index.ts'

/**
 * Every finding there is, by its stable code, with the values that its sentences are made of: plain
 * JSON, so that any language can word it. A name that is changed here no longer compiles where the
 * finding is made or worded.
 *
 * Beats, counts and times through are numbers as a person says them; seconds have two decimals.
 */
export interface FindingParams {
  /** `missing`: counts short of the phrase; past it where it is less than nothing. */
  readonly 'sums.phrase': {
    readonly part: string
    readonly terms: readonly number[]
    readonly total: number
    readonly wanted: number
    readonly missing: number
  }
  readonly 'sums.music-over': MusicFit
  readonly 'sums.music-short': MusicFit
  readonly 'sums.across-phrase': {
    readonly figure: string
    readonly before: number
    readonly after: number
    readonly total: number
  }
  readonly 'sums.tie': {
    readonly part: string
    readonly label: string
    readonly difference: number
    readonly early: boolean
    readonly begins: number
    readonly wanted: number
  }
  readonly 'sums.fill': {
    readonly part: string
    readonly gap: number
    readonly unit: number
    readonly times: number
    readonly left: number
    readonly least: number
    readonly most: number
  }
  readonly 'sums.said': {
    readonly figure: string
    readonly words: string
    readonly said: number
    readonly takes: number
  }
  readonly 'sums.addition': {
    readonly words: string
    readonly sum: number
    readonly total: number
  }
  readonly 'sums.versions': {
    readonly part: string
    readonly other: string
    readonly total: number
    readonly told: number
    readonly difference: number
  }
  readonly 'sums.metre': { readonly sheet: number; readonly music: number; readonly tune: string }
  readonly 'feet.not-free': Feet
  readonly 'feet.unsure': Feet
  readonly 'hold.mismatch': {
    readonly figure: string
    readonly hold: string
    readonly wanted: readonly string[]
    readonly previous: string | null
  }
  readonly 'facing.mismatch': {
    readonly figure: string
    readonly facing: Facing
    readonly wanted: number
    readonly turn: number
    readonly frame: DirectionFrame
  }
  readonly 'facing.hold': {
    readonly figure: string
    readonly hold: string
    readonly lead: Facing
    readonly follow: Facing
    readonly frame: DirectionFrame
  }
  readonly 'facing.rotated': {
    readonly part: string
    readonly facing: Facing
    readonly wanted: Facing
    readonly first: Facing
    readonly rotate: number
    readonly frame: DirectionFrame
  }
  readonly 'facing.contradiction': {
    readonly text: string
    readonly side: 'left' | 'right'
    readonly sense: 'clockwise' | 'anticlockwise'
  }
  readonly 'facing.said-other-way': {
    readonly figure: string
    readonly text: string
    readonly side: 'left' | 'right'
    readonly turned: 'left' | 'right'
  }
  readonly 'set.partner': {
    readonly couples: number
    readonly passes: number
    readonly apart: number
    readonly partner: number
    readonly every: number | null
    readonly relative: number
    readonly lead: string
    readonly follow: string
  }
  /** `role`: nobody's in particular, where all do the same. */
  readonly 'body.turns': {
    readonly role: string | null
    readonly turns: number
    readonly side: 'left' | 'right'
    readonly chain: readonly string[]
  }
  readonly 'body.pace': {
    readonly figure: string
    readonly rate: number
    readonly bpm: number
    readonly beats: number
  }
  readonly 'body.arms': { readonly figure: string }
  readonly 'body.caution': {
    readonly figure: string
    readonly group: string
    readonly text: string
  }
  readonly 'voice.no-room': Room
  readonly 'voice.crowded': Room
  readonly 'voice.sound-alike': {
    readonly first: string
    readonly second: string
    readonly differ: number
    readonly sounds: number
  }
  readonly 'voice.over-called': {
    readonly words: number
    readonly seconds: number
    readonly most: number
  }
  readonly 'voice.pin': {
    readonly figure: string
    readonly text: string
    readonly beats: number | null
    readonly wording: 'full' | 'short' | 'keyWord' | null
  }
  readonly 'voice.role': Beside
  readonly 'voice.no-gap': Beside
  readonly 'voice.early': Lead
  readonly 'voice.late': Lead
  readonly 'voice.breath': {
    readonly phrases: number
    readonly most: number
    readonly seconds: number
    readonly words: number
  }
  readonly 'voice.hard': {
    readonly text: string
    readonly words: string
    readonly seconds: number
  }
  readonly 'voice.numbers': { readonly text: string; readonly number: string }
  readonly 'missing.figure': { readonly id: string }
  readonly 'missing.unknown': { readonly text: string }
  readonly 'missing.length': { readonly text: string }
  readonly 'missing.wording': {
    readonly open: boolean
    readonly beats: number
    readonly figure: string | null
  }
  readonly 'missing.teach': {
    readonly figure: string
    readonly group: string
    readonly beyond: boolean
    readonly times: number
    readonly beats: number
    readonly level: string
    readonly reach: string
  }
  readonly 'missing.part': { readonly part: string }
  readonly 'missing.pass': { readonly part: string }
  readonly 'missing.section': {
    readonly part: string
    readonly to: 'section' | 'landmark'
    readonly label: string
    readonly known: readonly string[]
  }
  readonly 'figure.cut': { readonly figure: string; readonly why: string }
  readonly 'figure.order': {
    readonly figure: string
    readonly role: string
    readonly count: number
  }
}

interface MusicFit {
  readonly dance: number
  readonly music: number
  readonly difference: number
  readonly bpm: number
  readonly danceSeconds: number
  readonly musicSeconds: number
  /** The part in which the music stops. */
  readonly part: string | null
}
interface Feet {
  /** The part, where it is danced once more in a row and cannot be begun again. */
  readonly again: string | null
  readonly figure: string
  readonly previous: string | null
  /** Nobody's in particular, where all do the same. */
  readonly role: string | null
  readonly foot: string
  readonly chain: readonly string[]
  readonly beat: number
}
/** Seconds. */
interface Room {
  readonly figure: string
  readonly text: string
  readonly needs: number
  readonly lead: number
  readonly room: number
}
interface Beside {
  readonly figure: string
  readonly text: string
}
/** Beats before the step. */
interface Lead {
  readonly text: string
  readonly lead: number
  readonly target: number
  readonly most: number
}

export type FindingCode = keyof FindingParams

/** Every change that is offered for a finding, by its code, with the values of its label. */
export interface RepairParams {
  readonly accept: None
  readonly 'own-exit': { readonly figure: string }
  readonly 'add-open': { readonly beats: number }
  readonly 'add-figure': { readonly figure: string }
  readonly 'add-link': { readonly figure: string; readonly beats: number }
  readonly 'add-wait': { readonly beats: number }
  readonly 'add-pass': { readonly part: string }
  readonly 'drop-last': { readonly slot: string; readonly beats?: number }
  readonly replace: { readonly old: string; readonly figure: string }
  readonly 'reflect-rest': { readonly figure: string }
  readonly 'other-ending': { readonly figure: string; readonly ending: string }
  readonly split: { readonly figure: string; readonly beats: number }
  readonly 'from-the-line': { readonly figure: string; readonly beats: number }
  readonly 'half-last': { readonly figure: string }
  readonly 'end-in': { readonly figure: string; readonly hold: string }
  readonly 'shorter-wording': { readonly text: string }
  readonly 'say-nothing': None
  readonly 'say-instead': { readonly text: string }
  readonly 'set-length': { readonly beats: number }
  readonly 'drop-slot': None
  readonly 'drop-pass': { readonly part: string; readonly time: number }
  readonly 'repeat-pass': { readonly part: string }
  readonly 'whole-figure': None
  readonly untie: None
  readonly 'fill-more': None
  readonly 'fill-fewer': None
  readonly 'not-rotated': None
  readonly 'take-metre': { readonly beats: number }
  readonly 'mark-hard': None
  readonly 'hide-caution': None
  readonly 'loosen-pin': None
  readonly 'leave-unsaid': { readonly text: string }
  readonly 'words-only': None
}
type None = Readonly<Record<string, never>>
export type RepairCode = keyof RepairParams
