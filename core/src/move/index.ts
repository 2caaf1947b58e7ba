export {
  wrapFacing,
  turned,
  turnTo,
  sideThrough,
  travelInFrame,
  travelOfBody,
  mirrored,
  hallDirection,
  wallClock,
  HALL_DIRECTIONS,
  LINE_OF_DANCE,
  WALL,
  REVERSE,
  CENTRE,
  type Facing,
  type HallDirection,
} from './facing.ts'
export { along, distance, minus, ORIGIN, plus, toward, type FloorPoint } from './floorPoint.ts'
