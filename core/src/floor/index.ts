export { partnerAfter, passesUntilPartner, type MixerShift } from './mixer.ts'
export { linesOf, track } from './track.ts'
export type { Track, TrackedPass, TrackedSlot } from './tracked.ts'
export { meetsBy, meetsOf, passesOf, type PassRow, type Passes } from './passes.ts'
export {
  closeCalls,
  leftPassings,
  paceOf,
  STRIDE,
  stridesOf,
  type CloseCall,
  type LeftPassing,
  type Pace,
} from './closeness.ts'
export { wayHome, type HomeLink, type WayHome } from './wayHome.ts'
export {
  HALL_SIDES,
  hallSchema,
  hallText,
  placedIn,
  readHall,
  type Hall,
  type HallThing,
} from './hall.ts'
export {
  boxOf,
  driftOf,
  fitsIn,
  ringIn,
  roomFor,
  routeIn,
  routeLength,
  routePoint,
  setsIn,
  strideIn,
  type Fit,
  type FloorBox,
  type FloorRing,
  type RoomFor,
  type Route,
  type RoutePoint,
} from './room.ts'
export {
  advancedAt,
  DANCED_STRIDE,
  farthestOf,
  isWalked,
  travelOfPasses,
  usualPlaces,
  walkedAt,
  walkOf,
  type Walk,
} from './walk.ts'
export { floorAt, goesByStepsAlone, trailOf, type FloorMoment } from './floorAt.ts'
export type { DancerSpot } from './dancerSpot.ts'
export { formationsFor, onFloor, usualFormation, type FigureOnFloor } from './figureOnFloor.ts'
export { floorFrames, type FloorFrames } from './floorFrames.ts'
