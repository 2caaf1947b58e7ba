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
