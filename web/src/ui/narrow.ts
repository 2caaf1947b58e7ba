import { useMediaQuery } from '@vueuse/core'
import type { Ref } from 'vue'

/** Below this width a screen shows one thing at a time: panels become drawers. */
export const NARROW_PX = 900

/** Up to this width it is a phone, held upright. */
const PHONE_PX = 600

/** Whether the window is narrow, as it changes. */
export const useNarrow = (): Readonly<Ref<boolean>> => useMediaQuery(`(max-width: ${NARROW_PX}px)`)

/** Whether it is a phone's: lists say what they are of, and no more. */
export const usePhone = (): Readonly<Ref<boolean>> => useMediaQuery(`(max-width: ${PHONE_PX}px)`)
