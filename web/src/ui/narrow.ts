import { useMediaQuery } from '@vueuse/core'
import type { Ref } from 'vue'

/** Below this width a screen shows one thing at a time: panels become drawers. */
export const NARROW_PX = 900

/** Whether the window is narrow, as it changes. */
export const useNarrow = (): Readonly<Ref<boolean>> => useMediaQuery(`(max-width: ${NARROW_PX}px)`)
