import type { Step } from '../figure/index.ts'
import type { AroundWords } from './aroundWords.ts'

/**
 * Steps as rhythm: slow where it is at least a slow to the next step, or to the figure's end; quick
 * where it is less. A hold belongs to the step before it.
 *
 * @param steps Steps of the feet, in order.
 * @param lengthTicks Length of the figure.
 * @param slowTicks Length of a slow, above 0.
 */
export function rhythmOf(
  steps: readonly Step[],
  lengthTicks: number,
  slowTicks: number,
  { rhythm }: Pick<AroundWords, 'rhythm'>,
): { readonly step: Step; readonly text: string }[] {
  const heard = steps.filter(({ kind }) => kind !== 'hold')
  return heard.map((step, i) => {
    const lasts = (heard[i + 1]?.at ?? lengthTicks) - step.at
    return { step, text: lasts >= slowTicks ? rhythm.slow : rhythm.quick }
  })
}
