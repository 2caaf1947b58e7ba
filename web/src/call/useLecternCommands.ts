import { isMoving } from '@dellop/core/call'
import { onBeforeUnmount, ref } from 'vue'
import { browserTimers, type Timers } from '../app/timers.ts'
import { words } from '../words/index.ts'
import { commandOf, type LecternCommand, type LecternKey, type LecternStage } from './commands.ts'
import { forgetSignals, HOLD_MS, readSignals, teachSignal } from './lecternKeys.ts'
import { listenForSignals, type Signal } from './signals.ts'

/**
 * From keys, pedals and buttons to what the lectern does. While a dialog is open (`isOff`) nothing
 * is commanded.
 */
export function useLecternCommands(
  stage: LecternStage,
  isOff: () => boolean,
  timers: Timers = browserTimers,
) {
  const signals = ref(readSignals())
  /** What is being held, and is done when it has been held long enough. */
  const holding = ref('')
  const held = new Map<string, () => void>()

  /** Does it, where it means anything now. */
  function run(id: LecternKey): void {
    const one = commandOf(id)
    if (one.can?.(stage) ?? true) one.do(stage)
  }

  function letGo(signal: string): void {
    held.get(signal)?.()
    held.delete(signal)
    if (held.size === 0) holding.value = ''
  }

  function hold(signal: string, { id }: LecternCommand<LecternKey>): void {
    if (held.has(signal)) return
    holding.value = words.lectern.holding(words.lectern.commands[id])
    const done = (): void => {
      letGo(signal)
      run(id)
    }
    held.set(signal, timers.after(HOLD_MS, done))
  }

  /** Whether the signal was meant for the lectern. */
  function hear({ id: signal, isDown }: Signal): boolean {
    const id = signals.value[signal]
    if (!isDown) letGo(signal)
    if (!id || isOff() || !isDown) return false
    const one = commandOf(id)
    if (one.isHeld && isMoving(stage.lectern.call.value)) hold(signal, one)
    else run(id)
    return true
  }

  const stop = listenForSignals(hear)
  onBeforeUnmount(() => {
    stop()
    for (const signal of [...held.keys()]) letGo(signal)
  })

  return {
    signals,
    holding,
    run,
    teach: (signal: string, id: LecternKey) =>
      void (signals.value = teachSignal(signals.value, signal, id)),
    forget: () => void (signals.value = forgetSignals()),
  }
}

export type LecternCommands = ReturnType<typeof useLecternCommands>
