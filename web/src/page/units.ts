import type { Counting } from '@dellop/core/routine'
import type { Metre } from '@dellop/core/time'

/** Whether what is counted so is told in bars; else in counts. */
export const isInBars = (counting: Counting, metre: Metre): boolean =>
  counting.by === 'numbers' &&
  counting.style.ones === 'numbered' &&
  counting.style.beatsPerGroup === metre.beatsPerBar
