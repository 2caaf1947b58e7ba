/** Every change that is offered for a finding, by its code, with the values of its label. */
export interface RepairParams {
  readonly accept: None
  readonly 'own-exit': { readonly figure: string }
  readonly 'add-open': { readonly beats: number }
  readonly 'add-figure': { readonly figure: string }
  readonly 'add-before': { readonly figure: string; readonly before: string }
  readonly 'add-after': { readonly figure: string; readonly after: string }
  readonly 'add-link': { readonly figure: string; readonly beats: number }
  readonly 'add-wait': { readonly beats: number }
  readonly 'add-pass': { readonly part: string }
  readonly 'drop-last': { readonly slot: string; readonly beats?: number }
  readonly replace: { readonly old: string; readonly figure: string }
  readonly 'reflect-rest': { readonly figure: string }
  readonly 'other-ending': { readonly figure: string; readonly ending: string }
  readonly split: { readonly figure: string; readonly beats: number }
  readonly 'from-the-line': { readonly figure: string; readonly beats: number }
  readonly 'half-last': { readonly figure: string }
  readonly 'end-in': { readonly figure: string; readonly hold: string }
  readonly 'shorter-wording': { readonly text: string }
  readonly 'say-nothing': None
  readonly 'say-instead': { readonly text: string }
  readonly 'set-length': { readonly beats: number }
  readonly 'drop-slot': None
  readonly 'drop-pass': { readonly part: string; readonly time: number }
  readonly 'repeat-pass': { readonly part: string }
  readonly 'whole-figure': { readonly figure: string }
  readonly untie: None
  readonly 'fill-more': None
  readonly 'fill-fewer': None
  readonly 'not-rotated': None
  readonly 'take-metre': { readonly beats: number }
  readonly 'mark-hard': None
  readonly 'hide-caution': None
  readonly 'loosen-pin': None
  readonly 'leave-unsaid': { readonly text: string }
  readonly 'book-words': None
  readonly 'no-remark': None
  readonly 'tell-as-danced': None
  readonly 'mirror-here': { readonly figure: string }
  readonly 'end-in-here': { readonly figure: string; readonly hold: string }
  readonly 'half-here': { readonly figure: string }
  readonly 'leave-out-here': { readonly figure: string }
  readonly 'words-only': None
  readonly mirror: { readonly figure: string }
  readonly 'mirror-pass': { readonly part: string }
  readonly 'so-often': { readonly figure: string; readonly times: number }
  readonly 'pass-after': { readonly part: string; readonly after: string; readonly time: number }
  readonly 'pass-often': { readonly part: string; readonly times: number }
  readonly 'own-turn': { readonly figure: string }
  readonly 'other-turn': { readonly figure: string }
  readonly 'only-once': { readonly figure: string }
  readonly 'take-out': { readonly figure: string }
  readonly 'once-more': { readonly figure: string }
  readonly 'move-later': { readonly figure: string }
  readonly 'move-earlier': { readonly figure: string }
  readonly 'change-line': { readonly line: string; readonly instead: string }
  readonly 'drop-line': { readonly line: string }
  readonly 'other-start': None
}
type None = Readonly<Record<string, never>>
export type RepairCode = keyof RepairParams
