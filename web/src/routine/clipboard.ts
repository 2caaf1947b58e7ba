import type { Clip } from '@dellop/core/routine'
import { shallowRef } from 'vue'

/**
 * Figures that were copied, to be put into this sheet or another one; kept until others are copied
 * or the page is left.
 */
export const clipboard = shallowRef<Clip>([])
