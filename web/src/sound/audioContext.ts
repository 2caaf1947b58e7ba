let shared: AudioContext | null = null

/**
 * The one audio context of the page: music, clicks and voice all sound on it, so that they share a
 * clock.
 */
export function audioContext(): AudioContext {
  shared ??= new AudioContext({ latencyHint: 'interactive' })
  return shared
}

/** Sound may only begin after a key or a click; call this from one. */
export async function wakeAudio(): Promise<AudioContext> {
  const context = audioContext()
  if (context.state !== 'running') await context.resume()
  return context
}
