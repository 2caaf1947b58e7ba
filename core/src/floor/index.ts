export { partnerAfter, passesUntilPartner, type MixerShift } from './mixer.ts'
export { linesOf, track, type Track, type TrackedPass, type TrackedSlot } from './track.ts'
export { meetsBy, meetsOf, passesOf, type PassRow, type Passes } from './passes.ts'
export { closeCalls, paceOf, stridesOf, type CloseCall, type Pace } from './closeness.ts'
export { wayHome, type HomeLink, type WayHome } from './wayHome.ts'
export {
  boxOf,
  driftOf,
  fitsIn,
  hallSchema,
  readHall,
  roomFor,
  strideIn,
  type Hall,
  type RoomFor,
} from './room.ts'
export { floorAt, trailOf, type DancerSpot, type FloorMoment } from './floorAt.ts'
export { formationsFor, onFloor, usualFormation, type FigureOnFloor } from './figureOnFloor.ts'
