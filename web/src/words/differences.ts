import type { Recording } from '@dellop/core/tune'
import { words } from './index.ts'

/** Where a recording differs from the one it was laid beside, in words; empty where it does not. */
export const differencesText = ({ differences }: Recording): string =>
  differences
    .map(({ bars, after, beforeBar }) => words.tunes.differs(bars, after, beforeBar))
    .join('; ')
