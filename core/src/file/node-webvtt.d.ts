declare module 'node-webvtt/lib/parser.js' {
  export interface VttCue {
    readonly identifier: string
    readonly start: number
    readonly end: number
    readonly text: string
  }
  const parser: {
    readonly parse: (
      text: string,
      options: { readonly meta: boolean; readonly strict: boolean },
    ) => {
      readonly cues: readonly VttCue[]
      readonly errors: readonly { readonly message: string }[]
    }
  }
  export default parser
}
