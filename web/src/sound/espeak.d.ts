declare module '@echogarden/espeak-ng-emscripten/espeak-ng.js' {
  export interface SpeechEngine {
    set_voice(name: string): void
    set_rate(wordsPerMinute: number): void
    /** Chunks of 16-bit samples at 22,050 a second; answering `true` stops. */
    synthesize(
      text: string,
      take: (chunk: ArrayBuffer | Int16Array | null, events: readonly unknown[]) => boolean,
    ): void
  }
  const create: (options: {
    getPreloadedPackage?: () => ArrayBuffer
  }) => Promise<{ eSpeakNGWorker: new () => SpeechEngine }>
  export default create
}
