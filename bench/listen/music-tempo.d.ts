declare module 'music-tempo' {
  export default class MusicTempo {
    constructor(
      samples: Float32Array,
      options?: { bufferSize?: number; hopSize?: number; timeStep?: number },
    )
    readonly beats: number[]
    readonly tempo: number
  }
}
