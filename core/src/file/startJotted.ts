import {
  heldAs,
  HOLD_WORDS,
  holdOf,
  otherWeight,
  readDirection,
  startingState,
  type CoupleState,
  type RoleState,
} from '../figure/index.ts'
import { LINE_OF_DANCE, wrapFacing, type Facing } from '../move/index.ts'

/**
 * How a dance starts as it is jotted down, `closed, diagonal line and wall`: any of hold, facing and
 * free foot, in whatever order. What is not said is null.
 */
export interface JottedStart {
  readonly hold: string | null
  /** The lead's. */
  readonly facing: Facing | null
  /** The follow's, where the sheet tells it beside the lead's. */
  readonly followFacing: Facing | null
  /** The lead's free foot. */
  readonly freeFoot: 'left' | 'right' | null
}
const NOTHING: JottedStart = { hold: null, facing: null, followFacing: null, freeFoot: null }

/** A word for facing is none for a hold here: what is faced stands behind it. */
const HOLDS = HOLD_WORDS.filter((word) => word !== 'face' && word !== 'facing')
/** Words that say nothing of their own here. */
const FILLING = /\b(?:position|pos|loose|low|in a|in|start|starting|begin|with)\b\.?/g
const FACING = /\b(?:facing|faces|face|fcg|looking)\b/g
const LEADS = /\b(?:man|men|m|leads?|leaders?|gents?|gentlem[ae]n|lords?)(?:'s)?\b/g
const FOLLOWS =
  /\b(?:lady|ladies|wom[ae]n|w|follows?|followers?)(?:'s)?\b(?= (?:facing|faces|face|fcg))/
const FREE_FOOT = /\b(lead(?:ing)?|trail(?:ing)?|left|right) (?:foot|feet)(?: is| are)?(?: free)?\b/
const WEIGHT_ON = /\b(?:weight|wt) on (?:the )?(left|right)(?: foot| feet)?\b/

/** Reads a start as it is jotted down; null where something in it is not understood. */
export function startJotted(text: string): JottedStart | null {
  let read = NOTHING
  const plain = text
    .toLowerCase()
    .replaceAll('’', "'")
    .replace(WEIGHT_ON, (_, on: string) => `${on === 'left' ? 'right' : 'left'} foot free`)
  for (const piece of plain.split(/[;,]/)) {
    const next = withPiece(read, piece)
    if (!next) return null
    read = next
  }
  return Object.values(read).every((one) => one === null) ? null : read
}

function withPiece(soFar: JottedStart, piece: string): JottedStart | null {
  let read = soFar
  let rest = piece.replace(FREE_FOOT, (_, which: string) => {
    read = { ...read, freeFoot: /^(?:left|lead)/.test(which) ? 'left' : 'right' }
    return ' '
  })
  const isFollow = FOLLOWS.test(rest)
  rest = spaced(rest.replace(FOLLOWS, ' ').replaceAll(FILLING, ' '))
  const found = HOLDS.find((said) => rest === said || rest.startsWith(`${said} `))
  if (found && read.hold === null) {
    read = { ...read, hold: heldAs(found) }
    rest = spaced(rest.slice(found.length).replace(/^ hold\b/, ' '))
  }
  rest = spaced(
    rest
      .replaceAll(FACING, ' ')
      .replaceAll(LEADS, ' ')
      .replace(/^(?:and|&) /, ''),
  )
  if (rest === '') return read
  const facing = facingOf(rest)
  if (facing === null) return null
  if (isFollow) return { ...read, followFacing: facing }
  // Who opens out to face along the room stands side by side.
  const isAlong = found !== undefined && read.hold === 'open facing' && facing % 4 === 0
  return { ...read, facing, hold: isAlong ? 'open' : read.hold }
}

const spaced = (text: string): string => text.replaceAll(/\s+/g, ' ').trim()

const FRAMES = ['hall', 'walls', 'ring', 'set'] as const
function facingOf(words: string): Facing | null {
  for (const frame of FRAMES) {
    const facing = readDirection(words, frame)
    if (facing.ok) return facing.value
  }
  return /^(?:the )?front(?: wall)?$/.test(words) ? 0 : null
}

/** The start that a jotted one means; what it leaves open is as the formation usually has it. */
export function standingAs(jotted: JottedStart, usual: CoupleState): CoupleState {
  const { hold, facing, followFacing, freeFoot } = jotted
  const relation = hold === null ? null : holdOf(hold)!.relation
  const held =
    relation === null
      ? { ...usual, hold: hold ?? usual.hold }
      : startingState(hold!, relation === 0 ? LINE_OF_DANCE : usual.lead.facing)
  const turn = facing === null ? 0 : facing - held.lead.facing
  const lead: RoleState = {
    facing: wrapFacing(held.lead.facing + turn),
    weight: freeFoot === null ? held.lead.weight : otherWeight(freeFoot),
  }
  const isAlike = held.lead.weight === held.follow.weight
  return {
    ...held,
    lead,
    follow: {
      facing: followFacing ?? wrapFacing(held.follow.facing + turn),
      weight: isAlike ? lead.weight : otherWeight(lead.weight),
    },
  }
}
