/**
 * Something was pressed or let go: a key, a pedal, a button. The id names which: `key:x`, `midi:cc
 * 64`, `pad:0`.
 */
export interface Signal {
  readonly id: string
  readonly isDown: boolean
}
type OnSignal = (signal: Signal) => boolean

/**
 * A MIDI message as a signal: a controller is down from 64 on, a note while it sounds. Null for
 * what no pedal sends.
 */
export function midiSignal([status = 0, number = 0, value = 0]: ArrayLike<number> &
  Iterable<number>): Signal | null {
  const kind = status & 0xf0
  if (kind === 0xb0) return { id: `midi:cc ${number}`, isDown: value >= 64 }
  if (kind === 0x90 || kind === 0x80)
    return { id: `midi:note ${number}`, isDown: kind === 0x90 && value > 0 }
  if (kind === 0xc0) return { id: `midi:program ${number}`, isDown: true }
  return null
}

/** A MIDI foot switch to try all with that needs no pedal: it sends the bytes that one would. */
export const pretendPedal = {
  listeners: new Set<(bytes: readonly number[]) => void>(),
  send: (bytes: readonly number[]): void =>
    pretendPedal.listeners.forEach((listen) => listen(bytes)),
}

/** Keys go to the field or the button they are pressed in, where it has a use for them. */
function isTaken(event: KeyboardEvent): boolean {
  const target = event.target instanceof HTMLElement ? event.target : null
  if (target?.closest('input:not([type=range]), textarea, select, [role=dialog]')) return true
  return (event.key === ' ' || event.key === 'Enter') && target?.closest('.own-key') != null
}

const keyId = (event: KeyboardEvent): string =>
  `key:${event.key.length === 1 ? event.key.toLowerCase() : event.key}`

/**
 * Listens to keys, to the pretended pedal, to gamepads, and to MIDI where it was allowed. The
 * answer ends it. What is answered with true is not used for anything else.
 */
export function listenForSignals(onSignal: OnSignal): () => void {
  const onKey = (event: KeyboardEvent): void => {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey || isTaken(event)) return
    if (onSignal({ id: keyId(event), isDown: event.type === 'keydown' })) event.preventDefault()
  }
  const onBytes = (bytes: ArrayLike<number> & Iterable<number>): void => {
    const signal = midiSignal(bytes)
    if (signal) onSignal(signal)
  }
  window.addEventListener('keydown', onKey)
  window.addEventListener('keyup', onKey)
  pretendPedal.listeners.add(onBytes)
  const endPads = watchGamepads(onSignal)
  const endMidi = watchMidi(onBytes)
  return () => {
    window.removeEventListener('keydown', onKey)
    window.removeEventListener('keyup', onKey)
    pretendPedal.listeners.delete(onBytes)
    endPads()
    endMidi()
  }
}

/** Buttons of gamepads have no events: they are looked at each frame while one is there. */
function watchGamepads(onSignal: OnSignal): () => void {
  const down = new Set<string>()
  let frame = 0
  const look = (): void => {
    const pads = navigator.getGamepads().filter((pad) => pad !== null)
    for (const pad of pads)
      pad.buttons.forEach((button, i) => {
        const id = `pad:${i}`
        if (button.pressed === down.has(id)) return
        if (button.pressed) down.add(id)
        else down.delete(id)
        onSignal({ id, isDown: button.pressed })
      })
    frame = pads.length > 0 ? requestAnimationFrame(look) : 0
  }
  const begin = (): void => void (frame ||= requestAnimationFrame(look))
  window.addEventListener('gamepadconnected', begin)
  if (navigator.getGamepads().some((pad) => pad !== null)) begin()
  return () => {
    window.removeEventListener('gamepadconnected', begin)
    cancelAnimationFrame(frame)
  }
}

const MIDI_ALLOWED = 'dellop-midi'
export const midiIsPossible = (): boolean => 'requestMIDIAccess' in navigator
export const midiIsAllowed = (): boolean => localStorage.getItem(MIDI_ALLOWED) === 'yes'

/**
 * Asks the browser for MIDI; false where it is refused. From then on it is listened to each time.
 */
export async function allowMidi(): Promise<boolean> {
  try {
    await navigator.requestMIDIAccess()
    localStorage.setItem(MIDI_ALLOWED, 'yes')
    return true
  } catch {
    return false
  }
}

function watchMidi(onBytes: (bytes: Uint8Array) => void): () => void {
  if (!midiIsPossible() || !midiIsAllowed()) return () => undefined
  let ended = false
  let access: MIDIAccess | null = null
  const attach = (): void =>
    access?.inputs.forEach(
      (input) => (input.onmidimessage = ended ? null : ({ data }) => data && onBytes(data)),
    )
  void navigator.requestMIDIAccess().then(
    (given) => {
      access = given
      access.onstatechange = attach
      attach()
    },
    () => undefined,
  )
  return () => {
    ended = true
    attach()
  }
}
