import type { Line, LinesDanced, Standing } from '../move/index.ts'
import type { PassDanced, TrackedSlot } from './tracked.ts'

/** What was danced once, told of others who began it in the same shape. */
export function again(
  once: PassDanced & { readonly before: Standing },
  before: Standing,
  order: readonly number[],
): PassDanced {
  const others = new Others(once.before, before, once.order, order)
  return {
    slots: once.slots.map((slot) => new SlotAgain(slot, others)),
    end: others.standing(once.end),
    order,
  }
}

/** Who takes whose place, where two times through begin in the same shape. */
class Others {
  readonly dancerThere: number[] = []
  readonly #dancerHere: number[] = []
  readonly #before: Standing
  readonly #phases: number

  constructor(
    there: Standing,
    here: Standing,
    orderThere: readonly number[],
    orderHere: readonly number[],
  ) {
    this.#before = here
    this.#phases = here.phase - there.phase
    orderHere.forEach((own, place) => {
      const other = orderThere[place]!
      this.dancerThere[own] = other
      this.#dancerHere[other] = own
    })
  }

  here(there: number): number {
    return this.#dancerHere[there]!
  }

  standing(there: Standing): Standing {
    return {
      ...there,
      phase: there.phase + this.#phases,
      dancers: this.#before.dancers.map(({ id, role, couple }, i) => {
        const { x, y, facing, number, group, partner } = there.dancers[this.dancerThere[i]!]!
        const met = partner === null ? null : this.here(partner)
        return { id, role, couple, x, y, facing, number, group, partner: met }
      }),
    }
  }

  danced(there: LinesDanced, before: Standing, after: Standing): LinesDanced {
    return {
      as: { danced: there, dancerThere: this.dancerThere },
      before,
      after,
      lines: there.lines,
      spans: there.spans.map((span) => ({
        ...span,
        dancer: this.here(span.dancer),
        with: span.with.map((index) => this.here(index)),
      })),
      troubles: there.troubles.map((one) => ({
        ...one,
        dancer: one.dancer === null ? null : this.here(one.dancer),
      })),
    }
  }
}

/** A slot told of others, worked out when somebody asks: most are not looked at. */
class SlotAgain implements TrackedSlot {
  readonly #slot: TrackedSlot
  readonly #others: Others
  #made: Pick<TrackedSlot, 'before' | 'after' | 'danced'> | null = null

  constructor(slot: TrackedSlot, others: Others) {
    this.#slot = slot
    this.#others = others
  }

  get #all(): Pick<TrackedSlot, 'before' | 'after' | 'danced'> {
    if (this.#made) return this.#made
    const [slot, others] = [this.#slot, this.#others]
    const [before, after] = [others.standing(slot.before), others.standing(slot.after)]
    return (this.#made = { before, after, danced: others.danced(slot.danced, before, after) })
  }

  get lines(): readonly Line[] {
    return this.#slot.lines
  }
  get isOpen(): boolean {
    return this.#slot.isOpen
  }
  get unknownPlaces(): readonly string[] {
    return this.#slot.unknownPlaces
  }
  get before(): Standing {
    return this.#all.before
  }
  get after(): Standing {
    return this.#all.after
  }
  get danced(): LinesDanced {
    return this.#all.danced
  }
}
