import { fillEvening, type FillAnswer, type FillContext, type FillWish } from '@dellop/core/evening'

export interface FillRequest {
  readonly wish: FillWish
  readonly context: Omit<FillContext, 'knows'>
  /** Figures that the group knows; null where nobody in particular dances. */
  readonly known: readonly string[] | null
}
export type FillMessage =
  | { readonly type: 'progress'; readonly share: number }
  | { readonly type: 'done'; readonly answer: FillAnswer }

const post = (message: FillMessage): void => self.postMessage(message)

self.onmessage = ({ data: { wish, context, known } }: MessageEvent<FillRequest>) => {
  const knows = known && new Set(known)
  const answer = fillEvening(wish, { ...context, knows: (id) => knows?.has(id) ?? true }, (share) =>
    post({ type: 'progress', share }),
  )
  post({ type: 'done', answer })
}
