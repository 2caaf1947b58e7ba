import type { Repair } from '@dellop/core/check'
import type { ListedFinding } from '@dellop/core/sheet'
import { shallowRef, watch } from 'vue'

/**
 * Repairs as they stand under a finger: while the pointer or the keyboard is among those of a
 * finding they stay as they were read, though better ones have been found meanwhile, so that a
 * press takes the one that it was meant for. With other findings they are let go.
 */
export function useHeldRepairs(
  findings: () => readonly ListedFinding[],
  repairsOf: (finding: ListedFinding) => readonly Repair[],
) {
  const held = shallowRef<{
    readonly finding: ListedFinding
    readonly repairs: readonly Repair[]
  } | null>(null)
  const letGo = (): void => {
    held.value = null
  }
  watch(findings, letGo)
  return {
    shown: (finding: ListedFinding): readonly Repair[] =>
      held.value?.finding === finding ? held.value.repairs : repairsOf(finding),
    hold(finding: ListedFinding): void {
      const repairs = repairsOf(finding)
      // Where none are there yet, there is nothing to keep.
      if (held.value?.finding !== finding && repairs.length > 0) held.value = { finding, repairs }
    },
    letGo,
  }
}
