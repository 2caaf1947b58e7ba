/** Words for a finding. `message` is one sentence in the cuer's words, `sum` shows why. */
export interface Sentence<Params> {
  readonly message: (params: Params) => string
  readonly sum: (params: Params) => string
}
/** What a language says of the findings that `Params` declares, every one of them. */
export type Sentences<Params> = { readonly [Code in keyof Params]: Sentence<Params[Code]> }
