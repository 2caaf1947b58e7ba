/** One click at a time of the context: a short tone, higher on a strong beat. */
export function click(
  context: BaseAudioContext,
  at: number,
  strong: boolean,
  destination: AudioNode = context.destination,
): void {
  const tone = new OscillatorNode(context, { type: 'sine', frequency: strong ? 1560 : 1040 })
  const gain = new GainNode(context, { gain: 0 })
  gain.gain.setValueAtTime(0, at)
  gain.gain.linearRampToValueAtTime(strong ? 0.5 : 0.32, at + 0.002)
  gain.gain.exponentialRampToValueAtTime(0.001, at + 0.06)
  tone.connect(gain).connect(destination)
  tone.start(at)
  tone.stop(at + 0.08)
}
