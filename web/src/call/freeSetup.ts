import { bestStart, freeFigures } from '@dellop/core/call'
import { familyTempo } from '@dellop/core/figure'
import { knownFigures } from '@dellop/core/group'
import { usualFormation } from '@dellop/core/routine'
import { musicOn } from '@dellop/core/sheet'
import {
  layPhrases,
  ticksPerBar,
  USUAL_PHRASE_BARS,
  WALTZ_METRE,
  type Tick,
} from '@dellop/core/time'
import { computed, reactive, ref } from 'vue'
import { useLibrary } from '../app/library.ts'

/** Phrases of music without a tune. */
const PHRASES = 40

/** What is chosen before one calls without a sheet, and what follows from it. */
export function useFreeSetup() {
  const library = useLibrary()
  const dance = ref('waltz')
  const tuneId = ref('')
  const bpm = ref('')

  const dances = computed(() => [...new Set(library.figures.map(({ family }) => family))].sort())
  const tune = computed(() => library.tuneFor(tuneId.value || null))
  const metre = computed(() => tune.value?.metre ?? familyTempo(dance.value)?.metre ?? WALTZ_METRE)
  const usualBpm = computed(() => {
    const range = familyTempo(dance.value)?.range
    return range ? Math.round((range[0] + range[1]) / 2) : 100
  })
  /**
   * Those the chosen group has been taught; all of its level where nothing was; all where no group
   * is chosen.
   */
  const figures = computed(() => {
    const known = library.group && knownFigures(library.group)
    const covered = freeFigures(
      library.figures,
      dance.value,
      (figure) => known?.of(figure) === 'covered',
    )
    return covered.length > 0
      ? covered
      : freeFigures(
          library.figures,
          dance.value,
          (figure) => !known || known.of(figure) !== 'beyond',
        )
  })
  const formation = computed(() => usualFormation(dance.value))
  const start = computed(() =>
    bestStart(figures.value, formation.value, USUAL_PHRASE_BARS * ticksPerBar(metre.value)),
  )
  /** The tune's phrases, or usual ones. */
  const phrases = computed(() => {
    const own = tune.value ? musicOn(tune.value, null).music.phrases : []
    return own.length > 0
      ? own
      : layPhrases(metre.value, Array<number>(PHRASES).fill(USUAL_PHRASE_BARS), 0 as Tick)
  })
  return reactive({
    dance,
    tuneId,
    bpm,
    dances,
    tune,
    metre,
    usualBpm,
    figures,
    formation,
    start,
    phrases,
  })
}
export type FreeSetup = ReturnType<typeof useFreeSetup>
