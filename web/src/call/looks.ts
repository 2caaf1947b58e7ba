import { onBeforeUnmount, ref, watch } from 'vue'

export const LAYOUTS = ['full', 'words', 'pocket'] as const
export type Layout = (typeof LAYOUTS)[number]
/** What is large on the screen. */
export const SHOWN_PARTS = ['both', 'words', 'counts'] as const
export type ShownParts = (typeof SHOWN_PARTS)[number]

const STORED = 'dellop-lectern-looks'
const LEAST_SCALE = 0.7
const MOST_SCALE = 1.6
const SCALE_STEP = 0.1
const USUAL_PX = 16

interface Looks {
  layout: Layout
  parts: ShownParts
  scale: number
}

function kept(): Looks {
  try {
    const found = JSON.parse(localStorage.getItem(STORED) ?? '{}') as Partial<Looks>
    return {
      layout: LAYOUTS.find((one) => one === found.layout) ?? 'full',
      parts: SHOWN_PARTS.find((one) => one === found.parts) ?? 'both',
      scale:
        typeof found.scale === 'number'
          ? Math.min(MOST_SCALE, Math.max(LEAST_SCALE, found.scale))
          : 1,
    }
  } catch {
    return { layout: 'full', parts: 'both', scale: 1 }
  }
}

/** How the lectern looks on this machine: layout, words or counts, size of the text. Kept. */
export function useLooks() {
  const before = kept()
  const layout = ref<Layout>(before.layout)
  const parts = ref<ShownParts>(before.parts)
  const scale = ref(before.scale)
  const next = <One>(all: readonly One[], now: One): One =>
    all[(all.indexOf(now) + 1) % all.length]!
  const size = (by: number): void =>
    void (scale.value =
      Math.round(Math.min(MOST_SCALE, Math.max(LEAST_SCALE, scale.value + by)) * 10) / 10)
  watch(
    [layout, parts, scale],
    () => {
      localStorage.setItem(
        STORED,
        JSON.stringify({ layout: layout.value, parts: parts.value, scale: scale.value }),
      )
      document.documentElement.style.fontSize = `${USUAL_PX * scale.value}px`
    },
    { immediate: true },
  )
  onBeforeUnmount(() => (document.documentElement.style.fontSize = ''))
  return {
    layout,
    parts,
    scale,
    nextLayout: () => void (layout.value = next(LAYOUTS, layout.value)),
    nextParts: () => void (parts.value = next(SHOWN_PARTS, parts.value)),
    larger: () => size(SCALE_STEP),
    smaller: () => size(-SCALE_STEP),
  }
}
