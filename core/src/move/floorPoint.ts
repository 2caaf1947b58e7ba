/**
 * A place on the floor in strides: forward (back is less than nothing) and to the right of where a
 * dancer stood and faced at first.
 */
export interface FloorPoint {
  readonly forward: number
  readonly right: number
}

export const ORIGIN: FloorPoint = { forward: 0, right: 0 }
const EIGHTH = Math.PI / 4
/** Two ways on the floor, one after the other. */
export const plus = (a: FloorPoint, b: FloorPoint): FloorPoint => ({
  forward: a.forward + b.forward,
  right: a.right + b.right,
})
/** The way from the second point to the first. */
export const minus = (a: FloorPoint, b: FloorPoint): FloorPoint => ({
  forward: a.forward - b.forward,
  right: a.right - b.right,
})
/**
 * A way told from a facing (eighths clockwise), told from the first facing instead.
 *
 * @param facing Eighths of a turn, clockwise.
 */
export function along({ forward, right }: FloorPoint, facing: number): FloorPoint {
  const [cos, sin] = [Math.cos(facing * EIGHTH), Math.sin(facing * EIGHTH)]
  return { forward: forward * cos - right * sin, right: forward * sin + right * cos }
}
/**
 * So many strides in a direction, in eighths.
 *
 * @param eighths Direction, in eighths of a turn, clockwise.
 * @param strides How far, in strides.
 */
export const toward = (eighths: number, strides: number): FloorPoint =>
  along({ forward: strides, right: 0 }, eighths)
/** How far two points are from each other, in strides. */
export const distance = (a: FloorPoint, b: FloorPoint): number =>
  Math.hypot(a.forward - b.forward, a.right - b.right)
