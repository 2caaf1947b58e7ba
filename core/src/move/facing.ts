/**
 * Facing is an angle in eighths of a turn, clockwise seen from above, in a named frame. In the
 * hall's frame 0 is line of dance (anticlockwise round the hall), so the wall is at 2, reverse at 4
 * and the centre at 6.
 */
export type Facing = 0 | 1 | 2 | 3 | 4 | 5 | 6 | 7

export const LINE_OF_DANCE: Facing = 0
export const WALL: Facing = 2
export const REVERSE: Facing = 4
export const CENTRE: Facing = 6

/**
 * Brings any whole number of eighths into 0..7.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export const wrapFacing = (eighths: number): Facing => (((eighths % 8) + 8) % 8) as Facing

/** The clock face of a line dance: 12 o'clock is the wall faced at the start, facing 0. */
export const wallClock = (facing: Facing): number => (((facing * 3) / 2 + 11) % 12) + 1

/**
 * Facing after a turn, clockwise positive.
 *
 * @param eighths Eighths of a turn, clockwise above 0.
 */
export const turned = (facing: Facing, eighths: number): Facing => wrapFacing(facing + eighths)

/** The shorter turn that ends at `target`: -3..4 eighths, a half turn given as +4. */
export function turnTo(from: Facing, target: Facing): number {
  const clockwise = wrapFacing(target - from)
  return clockwise > 4 ? clockwise - 8 : clockwise
}

/**
 * The side of a turn that goes through `through` on its way, without ending there: facing reverse,
 * through the centre is to the right; facing line of dance, to the left. Straight ahead or behind
 * there is no side, and 0 is returned.
 */
export function sideThrough(from: Facing, through: Facing): 1 | -1 | 0 {
  const clockwise = wrapFacing(through - from)
  return clockwise === 0 || clockwise === 4 ? 0 : clockwise < 4 ? 1 : -1
}

/** Travel in a frame as the body feels it: 0 forward, 2 right, 4 back, 6 left. */
export const travelOfBody = (facing: Facing, inFrame: Facing): Facing =>
  wrapFacing(inFrame - facing)

/** A mirrored direction: forward and back stay, left and right change. */
export const mirrored = (direction: Facing): Facing => wrapFacing(-direction)
