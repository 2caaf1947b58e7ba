export {
  wrapFacing,
  turned,
  turnTo,
  sideThrough,
  travelOfBody,
  mirrored,
  wallClock,
  LINE_OF_DANCE,
  WALL,
  REVERSE,
  CENTRE,
  type Facing,
} from './facing.ts'
export { along, distance, minus, ORIGIN, plus, toward, type FloorPoint } from './floorPoint.ts'
export {
  layoutOf,
  placeIdSchema,
  placesSchema,
  type Layout,
  type Place,
  type Places,
} from './places.ts'
export { placesText, readPlaces } from './placesText.ts'
export {
  facingSeen,
  firstStanding,
  inPlaces,
  placeAt,
  progressed,
  type Dancer,
  type Standing,
} from './standing.ts'
export { Reader } from './reader.ts'
export { SCOPES, whoSchema, type PairsWord, type Who } from './who/who.ts'
export { readWho, whoText } from './who/whoText.ts'
export { answerText, answerWho, type Answer } from './who/answer.ts'
export { pairOf } from './who/pairs.ts'
export {
  halvedLines,
  lineSchema,
  linesSchema,
  mirroredLines,
  repeatedLines,
  type Line,
} from './line/line.ts'
export { readStatedNet, statedNetSchema, statedNetText, type StatedNet } from './line/statedNet.ts'
export { deedText, linesText, lineText, movesTooLong, readLines } from './line/lineText.ts'
export {
  danceLines,
  notDanced,
  spotAt,
  type LinesDanced,
  type LineTrouble,
  type Span,
} from './danceLines.ts'
export {
  groupedKey,
  homeAfter,
  netOf,
  netText,
  placesKey,
  progressionOf,
  standingAlike,
} from './net.ts'
export { type Hand } from './verb/kernel.ts'
export { type Spot, type Way } from './way.ts'
export { type Do } from './verb/verbs.ts'
