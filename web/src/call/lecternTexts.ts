import { isMoving } from '@dellop/core/call'
import type { Sheet } from '@dellop/core/sheet'
import { TICKS_PER_BEAT, type Tick } from '@dellop/core/time'
import { toldBpm } from '@dellop/core/tune'
import { computed } from 'vue'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'
import type { Lectern } from './lectern.ts'
import { setTold } from './setTold.ts'
import { linkName } from './wayWords.ts'

/** What the lectern has to say of where the call stands, in words and numbers. */
export function useLecternTexts(lectern: Lectern, sheet: Sheet) {
  const { call, moment, position, prepared, counting, lost, asked, waiting, waitingCue, coming } =
    lectern
  const moving = computed(() => isMoving(call.value))
  const waits = computed(
    () =>
      call.value.state === 'holding' ||
      call.value.state === 'free-time' ||
      waitingCue.value !== null,
  )
  const waitingName = computed(
    () =>
      waitingCue.value?.text ??
      (waiting.value
        ? words.format.slotName(waiting.value.slot.content, waiting.value.figure?.name ?? null)
        : ''),
  )
  const mainText = computed(() => {
    if (lost.value) return lost.value.length > 0 ? words.lectern.takeFirst : words.lectern.carryOn
    if (asked.value) return words.lectern.takeFirst
    if (waits.value) return waitingCue.value ? words.lectern.byHandKey : words.lectern.letGoKey
    if (moving.value) return words.lectern.pause
    return (
      { paused: words.lectern.goOn, ended: words.lectern.again }[call.value.state as string] ??
      words.lectern.start
    )
  })
  const over = computed(() => call.value.state === 'ended' || moment.value.beatsLeft === 0)
  const part = computed(() => {
    const { pass } = moment.value
    if (pass) return words.format.passName(pass)
    return position.value < 0 ? words.lectern.intro : words.lectern.after
  })
  const nextPass = computed(() => {
    const { passes } = prepared.value.sheet.timeline
    const next =
      passes[
        moment.value.pass
          ? passes.indexOf(moment.value.pass) + 1
          : position.value < 0
            ? 0
            : passes.length
      ]
    if (!next) return ''
    const shift = moment.value.pass?.pass.shift
    return [
      next.ordinals > 1 && next.ordinal === next.ordinals
        ? words.lectern.lastNext(next.part.label)
        : words.lectern.nextPass(words.format.passName(next)),
      shift ? words.lectern.shiftNext(shift.lead, shift.follow) : '',
    ]
      .filter(Boolean)
      .join(' · ')
  })
  /** In a set: who is out, and whom the first lead meets in this time through and the next. */
  const inSet = computed(() => {
    const { track, timeline } = prepared.value.sheet
    if (!track) return null
    const at = moment.value.pass ? timeline.passes.indexOf(moment.value.pass) : -1
    return setTold({ track }, Math.max(0, at))
  })
  const stance = computed(() => {
    if (inSet.value !== null) return inSet.value
    const state = moment.value.dancing?.before ?? sheet.routine.start
    return words.lectern.facing(
      facingWords(sheet.routine, state.lead.facing),
      words.hold(state.hold),
    )
  })
  const bpm = computed(() =>
    Math.round(
      toldBpm(sheet.beatMap, sheet.firstStep + Math.max(0, position.value)) * call.value.speed,
    ),
  )
  const secondsLeft = computed(() =>
    Math.max(
      0,
      (sheet.clock.heardAt(prepared.value.sheet.timeline.lengthTicks) -
        sheet.clock.heardAt(Math.max(0, Math.floor(position.value)) as Tick)) /
        call.value.speed,
    ),
  )
  const dancingName = computed(() => {
    const { dancing } = moment.value
    return dancing ? words.format.slotName(dancing.slot.content, dancing.figure?.name ?? null) : ''
  })
  const comingText = computed(() => {
    if (!coming.value) return ''
    const { slot, at, link: between } = coming.value
    return words.lectern.coming(
      words.format.slotName(slot.slot.content, slot.figure?.name ?? null),
      Math.max(0, Math.ceil((at - position.value) / TICKS_PER_BEAT)),
      between && linkName(between),
    )
  })
  const big = computed(() => counting.value?.text ?? (moment.value.count || '·'))
  const started = computed(() => call.value.state !== 'waiting')

  return {
    moving,
    waits,
    waitingName,
    mainText,
    over,
    part,
    nextPass,
    stance,
    bpm,
    secondsLeft,
    dancingName,
    comingText,
    big,
    started,
  }
}
