/** English sentences for what can be wrong with sound. */
export const PROBLEMS = {
  'listen.short': ({ seconds, shortestSeconds }: { seconds: string; shortestSeconds: number }) =>
    `The sound is ${seconds} s long; at least ${shortestSeconds} s are needed to hear a beat.`,
  'listen.weights': ({ bytes, wanted }: { bytes: number; wanted: number }) =>
    `What Dellop listens with was expected: a file of ${wanted} bytes that begins as it does. This one has ${bytes} bytes.`,
  'sound.too-long': ({ minutes, most }: { minutes: number; most: number }) =>
    `The sound is ${minutes} minutes long; at most ${most} are listened to.`,
  'listen.silent': () => 'There is nothing to hear in this sound: it is silent.',
  'listen.no-beat': () => 'No beat was found in this sound.',
  'sound.too-long.recording': ({ minutes, most }: { minutes: number; most: number }) =>
    `The recording is ${minutes} minutes long; at most ${most} were expected. A dance is minutes: cut it out first.`,
  'sound.cut-off': ({
    announcedSeconds,
    heldSeconds,
  }: {
    announcedSeconds: string
    heldSeconds: string
  }) =>
    `The recording breaks off: it says that it is ${announcedSeconds} s long, and ${heldSeconds} s of it are there. The whole file was expected.`,
  'wav.header': () => 'This is no WAV file: it does not begin with RIFF and WAVE.',
  'wav.order': () => 'The WAV file has its sound before its format.',
  'wav.no-sound': () => 'There is no sound in this WAV file; perhaps it was cut off.',
  'wav.format': ({ bits, kind }: { bits: number; kind: number }) =>
    `This WAV file holds ${bits}-bit sound of a kind (${kind}) that is not read; plain or floating-point samples were expected.`,
  'wav.empty': () => 'The WAV file holds no sound.',
}
