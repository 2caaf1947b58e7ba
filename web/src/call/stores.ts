import { heldStore } from '../app/heldStore.ts'
import { useFree, type FreeCall } from './free.ts'
import { useLectern, type Lectern } from './lectern.ts'

/** The call at the lectern as a store; one at a time, until it is closed. */
export const lecternStore = (...call: Parameters<typeof useLectern>): Lectern =>
  heldStore('call', () => useLectern(...call))

/** Calling without a sheet as a store; one at a time, until it is closed. */
export const freeStore = (...call: Parameters<typeof useFree>): FreeCall =>
  heldStore('free-call', () => useFree(...call))
