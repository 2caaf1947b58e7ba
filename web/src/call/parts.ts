import type { Call, CallEvent, PreparedCall } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import type { Tick, TickPosition } from '@dellop/core/time'
import type { ShallowRef } from 'vue'
import type { Clock } from '../sound/clock.ts'

/** What the parts of a lectern work on together. */
export interface LecternParts {
  readonly sheet: Sheet
  readonly clock: Clock
  readonly call: ShallowRef<Call>
  readonly prepared: ShallowRef<PreparedCall>
  readonly position: ShallowRef<TickPosition>
  readonly heardAt: (now: number) => TickPosition
  readonly dispatch: (event: CallEvent) => void
  readonly giveFrom: (turnAt: Tick | null) => void
  readonly schedule: () => void
  readonly draw: () => void
}
