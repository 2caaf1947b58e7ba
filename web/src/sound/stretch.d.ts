declare module 'signalsmith-stretch' {
  export interface StretchNode extends AudioWorkletNode {
    addBuffers(buffers: Float32Array[]): Promise<number>
    dropBuffers(): Promise<unknown>
    schedule(change: {
      output?: number
      active?: boolean
      input?: number
      rate?: number
      semitones?: number
    }): Promise<unknown>
    stop(when?: number): Promise<unknown>
  }
  interface Create {
    (context: BaseAudioContext, options?: AudioWorkletNodeOptions): Promise<StretchNode>
    moduleUrl?: string
  }
  const create: Create
  export default create
}
