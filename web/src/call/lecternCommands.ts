import { onBeforeUnmount, ref } from 'vue'
import { words } from '../words/index.ts'
import {
  forgetSignals,
  HELD_COMMANDS,
  HOLD_MS,
  readSignals,
  teachSignal,
  type LecternKey,
} from './lecternKeys.ts'
import { listenForSignals } from './signals.ts'

export interface LecternCommandsOptions {
  /** While a floor dances, what moves the music has to be held. */
  readonly isMoving: () => boolean
  /** While a dialog is open nothing is commanded. */
  readonly isOff: () => boolean
}

/** From keys, pedals and buttons to what the lectern does. */
export function useLecternCommands(
  actions: Readonly<Record<LecternKey, () => void>>,
  { isMoving, isOff }: LecternCommandsOptions,
) {
  const signals = ref(readSignals())
  /** What is being held, and is done when it has been held long enough. */
  const holding = ref('')
  const timers = new Map<string, ReturnType<typeof setTimeout>>()

  function letGo(id: string): void {
    clearTimeout(timers.get(id))
    timers.delete(id)
    if (timers.size === 0) holding.value = ''
  }

  const stop = listenForSignals(({ id, isDown }) => {
    const command = signals.value[id]
    if (!isDown) letGo(id)
    if (!command || isOff()) return false
    if (!isDown) return false
    if (!HELD_COMMANDS.has(command) || !isMoving()) {
      actions[command]()
      return true
    }
    if (timers.has(id)) return true
    holding.value = words.lectern.holding(words.lectern.commands[command])
    timers.set(
      id,
      setTimeout(() => {
        letGo(id)
        actions[command]()
      }, HOLD_MS),
    )
    return true
  })
  onBeforeUnmount(() => {
    stop()
    for (const id of [...timers.keys()]) letGo(id)
  })

  return {
    signals,
    holding,
    run: (command: LecternKey) => actions[command](),
    teach: (signal: string, command: LecternKey) =>
      void (signals.value = teachSignal(signals.value, signal, command)),
    forget: () => void (signals.value = forgetSignals()),
  }
}
