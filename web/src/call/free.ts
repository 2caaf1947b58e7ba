import {
  allOffers,
  callAt,
  calledId,
  freePlaceAt,
  freePositionAt,
  freeStep,
  isSamePlace,
  lastMoment,
  newFreeSession,
  offersOf,
  waysOf,
  type Call,
  type CallEvent,
  type FreeCommand,
  type FreeMusic,
  type FreeOffer,
  type FreePlace,
} from '@dellop/core/call'
import type { DancedFigure } from '@dellop/core/figure'
import type { TickPosition } from '@dellop/core/time'
import { computed, shallowRef } from 'vue'
import type { Clock } from '../sound/clock.ts'
import type { Player } from '../sound/player.ts'
import { callEffects } from './effects.ts'

/** What a free call sounds by, and who is told of it. */
export interface FreeSound {
  readonly clock: Clock
  readonly player: Player | null
  readonly onEvent: (event: CallEvent) => void
}

/** Calling without a sheet: what may come next from here, taken by a key in time for its cue. */
export function useFree(music: FreeMusic, { clock, player, onEvent }: FreeSound) {
  const session = shallowRef(newFreeSession(music, player !== null))
  const call = shallowRef<Call>(session.value.call)
  const position = shallowRef<TickPosition>(freePositionAt(session.value, music, clock.now()))
  const place = shallowRef<FreePlace | null>(null)
  const effects = callEffects({
    clock,
    player,
    onEvent,
    due: (key, due) => obey({ do: 'due', key, due }),
  })

  function obey(command: FreeCommand): void {
    const now = clock.now()
    const step = freeStep(session.value, music, command, now)
    session.value = step.session
    step.effects.forEach(effects.run)
    show(now)
  }

  function show(now: number): void {
    position.value = freePositionAt(session.value, music, now)
    call.value = callAt(session.value, now)
    const next = freePlaceAt(session.value, music, position.value)
    if (!isSamePlace(next, place.value)) place.value = next
  }

  const all = computed(() => allOffers(session.value, music, place.value))
  const taken = computed(() => session.value.taken)
  return {
    session,
    call,
    position,
    place,
    taken,
    typed: computed({
      get: () => session.value.typed,
      set: (text: string) => obey({ do: 'type', text }),
    }),
    surprise: computed({
      get: () => session.value.surprise,
      set: (isOn: boolean) => obey({ do: 'surprise', isOn }),
    }),
    offers: computed(() => offersOf(session.value, all.value)),
    ways: computed(() => waysOf(session.value, music, place.value)),
    /** What is danced now, and what was taken to come. */
    dancing: computed(
      () =>
        taken.value.find(
          ({ at, lengthTicks }) => position.value >= at && position.value < at + lengthTicks,
        ) ?? null,
    ),
    coming: computed(() => taken.value.filter(({ at }) => at > position.value)),
    get shown() {
      return session.value.shown
    },
    draw: () => obey({ do: 'tick' }),
    take: ({ danced }: FreeOffer) => obey({ do: 'take', id: calledId(danced) }),
    takeWay: (index: number) => obey({ do: 'take-way', index }),
    putBack: () => obey({ do: 'put-back' }),
    key: () => obey({ do: 'key' }),
    end: () => obey({ do: 'end' }),
    lastMoment: (danced: DancedFigure, at: number) => lastMoment(music, danced, at),
    close: () => {
      obey({ do: 'end' })
      effects.sleep()
    },
  }
}
export type FreeCall = ReturnType<typeof useFree>
