import type { DancedSlot } from '../routine/index.ts'
import type { Tick } from '../time/index.ts'
import type { Turn } from './call.ts'
import { reentries, type Reentry } from './reentry.ts'
import { askedOf, coupleBefore, standbyAt, standbyPlace, waysBackAt } from './session.ts'
import type { DanceCommand } from './sessionCommands.ts'
import { CueSteps } from './sessionCues.ts'
import { endSoon, oneMore, release, skipNext, startOver, type CourseTurn } from './turns.ts'

const TURNS = { again: oneMore, restart: startOver, skip: skipNext, 'end-soon': endSoon } as const

/** Where the dance goes on: lost and found again, held, let go, turned another way. */
export class DanceSteps extends CueSteps {
  protected turnDance(command: DanceCommand): void {
    switch (command.do) {
      case 'lose':
        return this.lose()
      case 'ask':
        if (this.canDance) this.apply({ type: 'asked', at: this.at, what: command.what })
        return
      case 'answer':
        return this.answer(command.index)
      case 'carry-on':
        return this.carryOn()
      case 'rejoin':
        return this.rejoin(command.index)
      case 'take-back':
        if (this.call.before) this.apply({ type: 'take-back', at: this.at })
        return
      case 'hold':
        return this.hold()
      case 'let-go':
        return this.letGo()
      case 'turn':
        if (this.canDance)
          this.take(command.turn, TURNS[command.turn](this.prepared, this.position))
    }
  }

  protected lose(): void {
    if (!this.canDance || this.call.state === 'lost') return
    this.loseAs(coupleBefore(this.prepared, this.position), this.here)
  }

  protected loseAs(couple: ReturnType<typeof coupleBefore>, until: Tick, neutral = false): void {
    const { at, here } = this
    const lost = { type: 'lose' as const, at, from: here, couple, until }
    this.apply(neutral ? { ...lost, neutral } : lost)
  }

  /** Takes what was asked by its number; past the last: hold until all may come in. */
  protected answer(index: number): void {
    const question = askedOf(this.session, this.prepared)
    if (question?.what === 'other') {
      const other = question.offers[index]
      if (other) this.loseAs(other.couple, other.until)
      else if (index === question.offers.length)
        this.loseAs(this.prepared.written.routine.start, this.here, true)
    } else if (question) {
      const turn = question.offers[index]
      if (turn) this.take('go-on', turn)
    }
  }

  /** As if nothing had been: the dance goes on where the music is. */
  protected carryOn(): void {
    const { state } = this.call
    if (state === 'lost' || state === 'holding') this.apply({ type: 'carry-on', at: this.at })
    else if (this.session.asked) this.apply({ type: 'unasked', at: this.at })
  }

  /** Takes a way back in; one of those that stand by, where nothing was said to be lost. */
  protected rejoin(index: number): void {
    const wanted = (this.waysBack() ?? this.standby())[index]
    if (!wanted) return
    this.lose()
    // A line that has come too near since is waited for once more.
    const ways = this.waysBack() ?? []
    const way =
      ways.find(({ at, slot }) => at === wanted.at && slot === wanted.slot) ??
      ways.find(({ slot }) => slot === wanted.slot) ??
      this.wayWith(wanted.slot)
    if (way) this.turnTo('rejoin', way.course, way.at)
  }
  /** What stood by a moment ago is kept to, also where something else would be nearer by now. */
  protected wayWith(wanted: DancedSlot): Reentry | undefined {
    const { call } = this
    if (call.state !== 'lost') return undefined
    const [way] = reentries(this.prepared, call.couple, this.position, {
      lostFrom: call.from,
      isWanted: ({ slot }) => slot === wanted,
    })
    return way
  }
  protected waysBack() {
    return waysBackAt(this.session, this.prepared, this.position)
  }
  protected standby() {
    const place = standbyPlace(this.call, this.prepared, this.position)
    return place === null ? [] : standbyAt(this.prepared, place)
  }

  protected take(turn: Turn, to: CourseTurn | null): void {
    if (to) this.turnTo(turn, to.course, to.at)
    else this.apply({ type: 'not-possible', at: this.at, turn })
  }

  protected turnTo(turn: Turn, course: CourseTurn['course'], tick: Tick): void {
    this.apply({ type: 'turn', at: this.at, turn, course, tick })
  }

  /** Cues wait, the music goes on; pressed again they go on with the next phrase. */
  protected hold(): void {
    if (this.call.state === 'holding') return this.letGo()
    if (!this.canDance || this.call.state === 'lost') return
    this.apply({ type: 'hold', at: this.at, from: this.here })
  }

  /** What waits for a key goes on. */
  protected letGo(): void {
    const { call, prepared } = this
    const held = call.state === 'holding' ? call.from : null
    const to = release(prepared, this.position, held)
    if (!to && held !== null) return this.carryOn()
    if (to && to.course === prepared.course) return this.carryOn()
    this.take('release', to)
  }

  /** The one key where the dance waits for one; false where it does not. */
  protected takeFirst(): boolean {
    if (this.session.asked) this.answer(0)
    else if (this.call.state === 'lost') {
      if ((this.waysBack() ?? []).length > 0) this.rejoin(0)
      else this.carryOn()
    } else if (this.call.state === 'holding' || this.call.state === 'free-time') this.letGo()
    else return false
    return true
  }
}
