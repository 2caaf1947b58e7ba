import { counts, often } from './counts.ts'
import type { RepairWords } from '../../finding.ts'
import type { RepairCode, RepairParams } from '../../repairParams.ts'

/** English words for repairs. */
export type RepairCatalogue = {
  readonly [Code in RepairCode]: (params: RepairParams[Code]) => string
}

const REPAIRS: RepairCatalogue = {
  accept: () => 'It is meant so',
  'own-exit': ({ figure }) => `Let ${figure} end as it usually does`,
  'add-open': ({ beats }) => `Leave ${counts(beats)} open`,
  'add-figure': ({ figure }) => `Add ${figure}`,
  'drop-last': ({ slot }) => `Take out ${slot || 'the last one'}`,
  'add-link': ({ figure, beats }) => `Put ${figure} between (${counts(beats)} more)`,
  'add-wait': ({ beats }) => `Wait ${counts(beats)}`,
  'add-pass': ({ part }) => `Dance ${part} at the end`,
  'reflect-rest': ({ figure }) => `Mirror ${figure} and all after it in this part`,
  'other-ending': ({ figure, ending }) => `End ${figure} ${ending}`,
  split: ({ figure, beats }) => `Split ${figure} after ${counts(beats)}`,
  'from-the-line': ({ figure, beats }) => `Begin ${figure} on the line: wait ${counts(beats)}`,
  'half-last': ({ figure }) => `Dance half of ${figure}`,
  'say-instead': ({ text }) => `Say “${text}”`,
  untie: () => 'Link it to no place in the music',
  'fill-more': () => 'Repeat it as often as there is room',
  'fill-fewer': () => 'Repeat it only as often as there is room',
  'not-rotated': () => 'Keep the facing they have',
  'take-metre': ({ beats }) => `Count ${beats} in a bar`,
  'mark-hard': () => 'Mark it as a hard spot, and leave it',
  'hide-caution': () => 'They know: hide the caution here',
  'loosen-pin': () => 'Let Dellop choose the moment again',
  replace: ({ old, figure }) => `${figure} instead of ${old}`,
  'end-in': ({ figure, hold }) => `End ${figure} in ${hold}`,
  'shorter-wording': ({ text }) => `Say “${text}”`,
  'leave-unsaid': ({ text }) => `Leave “${text}” unsaid`,
  mirror: ({ figure }) => `Mirror ${figure}`,
  'mirror-pass': ({ part }) => `Dance ${part} the other way this time`,
  'so-often': ({ figure, times }) => `Dance ${figure} ${often(times)}`,
  'pass-after': ({ part, after, time }) => `Dance ${part} after ${after}, time ${time}`,
  'pass-often': ({ part, times }) => `Dance ${part} ${often(times)} here`,
  'own-turn': ({ figure }) => `Turn ${figure} as it is written`,
  'other-turn': ({ figure }) => `Turn ${figure} the other way`,
  'only-once': ({ figure }) => `Dance ${figure} only once`,
  'take-out': ({ figure }) => `Take out ${figure}`,
  'once-more': ({ figure }) => `Dance ${figure} once more`,
  'move-later': ({ figure }) => `Dance ${figure} one figure later`,
  'move-earlier': ({ figure }) => `Dance ${figure} one figure earlier`,
  'other-start': () => 'Begin on the other foot',
  'book-words': () => 'Use the figure’s own words',
  'no-remark': () => 'Take the note out',
  'tell-as-danced': () => 'Tell the order as it is danced',
  'add-before': ({ figure, before }) => `Add ${figure} before ${before}`,
  'add-after': ({ figure, after }) => `Add ${figure} after ${after}`,
  'mirror-here': ({ figure }) => `Mirror ${figure}, only this time`,
  'end-in-here': ({ figure, hold }) => `End ${figure} in ${hold}, only this time`,
  'half-here': ({ figure }) => `Dance half of ${figure}, only this time`,
  'leave-out-here': ({ figure }) => `Leave out ${figure}, only this time`,
  'words-only': () => 'Speak no counts on this sheet',
  'say-nothing': () => 'Say nothing here',
  'set-length': ({ beats }) => `Make it ${counts(beats)}`,
  'drop-slot': () => 'Take it out',
  'drop-pass': ({ part, time }) => `Leave out ${part}, time ${time}`,
  'repeat-pass': ({ part }) => `Dance ${part} twice`,
  'whole-figure': ({ figure }) => `Dance all of ${figure}`,
}

/** What a repair's button says. */
export const repairLabel = ({ code, params }: RepairWords): string => REPAIRS[code](params as never)
