import { ORIGIN, plus, toward, type FloorPoint } from '../../move/index.ts'
import { bodyTurn } from '../model/turnAmount.ts'
import type { Foot, Step } from '../model/step.ts'

/** Where both feet and the body are after a step. */
export interface FeetAfter {
  readonly step: Step
  readonly left: FloorPoint
  readonly right: FloorPoint
  readonly body: FloorPoint
  /** Eighths clockwise from the first facing, whole turns kept. */
  readonly facing: number
}

/** Half of the way between two feet that stand together, in strides. */
export const HIP = 0.18

const BESIDE = /\b(?:close|together|draw|touch)\b/
/** Words of a step whose foot crosses the other. */
export const CROSSED = /\b(?:across|behind|through|lock)\b/

/**
 * Follows one dancer's feet over the floor. A step goes from where the body is; one without a way
 * comes beside the other foot (close, together, touch) or stays where that foot is (recover, in
 * place), and the weight goes back there.
 */
export function walkFeet(steps: readonly Step[]): FeetAfter[] {
  let facing = 0
  let body = ORIGIN
  /** Where the body is when it stands on that foot, and how far the foot is to the side of it. */
  const stand: Record<Foot, { at: FloorPoint; side: number; facing: number }> = {
    left: { at: ORIGIN, side: -HIP, facing: 0 },
    right: { at: ORIGIN, side: HIP, facing: 0 },
  }
  const placeOf = (foot: Foot): FloorPoint =>
    plus(stand[foot].at, toward(stand[foot].facing + 2, stand[foot].side))
  return [...steps]
    .filter(({ layer }) => layer === 'feet')
    .map((step): FeetAfter => {
      const moving: readonly Foot[] =
        step.foot === 'both' ? ['left', 'right'] : step.foot === null ? [] : [step.foot]
      const target = step.travel
        ? plus(body, toward(facing + step.travel.direction, step.travel.strides))
        : body
      for (const foot of moving) {
        const stays = step.travel === null && !BESIDE.test(step.text) && moving.length === 1
        const side = (foot === 'left' ? -1 : 1) * HIP * (CROSSED.test(step.text) ? -1 : 1)
        if (!stays) stand[foot] = { at: target, side, facing }
        if (step.weight !== 'none') body = stand[foot].at
      }
      facing += bodyTurn(step)
      return { step, left: placeOf('left'), right: placeOf('right'), body, facing }
    })
}
