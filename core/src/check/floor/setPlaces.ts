import { inPlaces, placeAt, progressionOf, type Standing } from '../../move/index.ts'
import { meetsOf, type Track } from '../../floor/index.ts'
import type { DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface SetPlacesFindings {
  readonly 'set.two-in-one': {
    readonly figure: string
    readonly dancer: string
    readonly otherDancer: string
    readonly place: string
  }
  readonly 'set.empty': { readonly part: string; readonly place: string }
  readonly 'set.not-home': { readonly away: readonly string[] }
  readonly 'set.neighbour': {
    readonly part: string
    readonly dancer: string
    /** Couples met, in their order, up to the one that is met again too soon. */
    readonly met: readonly number[]
  }
  readonly 'set.progress': { readonly part: string; readonly by: number; readonly becket: boolean }
}
type Found = FindingOf<SetPlacesFindings>

/** Two in one place, places that stay empty, sets that do not go on by one, dancers away from home. */
export function setPlaces(derived: Derived): Found[] {
  const { track, timeline } = derived
  if (!track) return []
  return [
    ...timeline.slots.flatMap((slot) => twoInOne(track, slot)),
    ...emptyPlaces(derived, track),
    ...progressions(derived, track),
    ...metAgain(derived, track),
    ...awayFromHome(derived, track),
  ]
}

function twoInOne(track: Track, slot: DancedSlot): Found[] {
  const { after, before, isOpen } = track.slots.get(slot.key)!
  if (isOpen || after.isOpen || after === before) return []
  const there = new Map<number, string>()
  const found: Found[] = []
  for (const dancer of after.dancers) {
    const place = placeAt(after.layout, dancer)
    if (place === null) continue
    const first = there.get(place)
    if (first === undefined) there.set(place, dancer.id)
    else {
      const { id } = after.layout.places[place]!
      found.push({
        ...aboutSlot(slot),
        subject: `${slot.slot.id} ${id}`,
        code: 'set.two-in-one',
        severity: 'stop',
        params: { figure: slotName(slot), dancer: first, otherDancer: dancer.id, place: id },
        repairs: [],
      })
    }
  }
  return found
}

/** Places in which somebody stands, by their index. */
const taken = ({ dancers, layout }: Standing): ReadonlySet<number | null> =>
  new Set(dancers.map((dancer) => placeAt(layout, dancer)))

function emptyPlaces({ timeline }: Derived, track: Track): Found[] {
  return timeline.passes.flatMap((pass, i): Found[] => {
    const { before, danced } = track.passes[i]!
    const last = pass.slots.at(-1)
    if (!last || before.isOpen || danced.isOpen) return []
    const [then, now] = [taken(before), taken(danced)]
    return [...then].flatMap((place) => {
      if (place === null || now.has(place)) return []
      const { id } = danced.layout.places[place]!
      return [
        {
          ...aboutSlot(last),
          subject: `${pass.part.id} ${id}`,
          at: pass.end,
          code: 'set.empty' as const,
          severity: 'mend' as const,
          params: { part: pass.part.label, place: id },
          repairs: [],
        },
      ]
    })
  })
}

/** Formations in which one meets other couples from one time through to the next. */
const goesOn = ({ places }: Derived['routine']): boolean =>
  places !== undefined &&
  ((places.shape === 'longways' && places.minor !== 'whole') || places.shape === 'facing')

/** Who dances on from neighbour to neighbour meets nobody again before the others. */
function metAgain(derived: Derived, track: Track): Found[] {
  const { timeline, routine } = derived
  if (!goesOn(routine) || progressions(derived, track).length > 0) return []
  // With fewer to meet there is nobody else.
  if (track.first.dancers.filter(({ role }) => role === 'L').length <= 4) return []
  for (const { id } of track.first.dancers) {
    const met = meetsOf(track, id, 'neighbours').slice(0, timeline.passes.length)
    const at = met.findIndex((one, i) => {
      const [before, first] = [met[i - 1], met[i - 2]]
      return one !== null && one === first && before !== null && before !== one
    })
    const pass = timeline.passes[at]
    const last = pass?.slots.at(-1)
    if (!pass || !last) continue
    const couples = met.slice(at - 2, at + 1).map((other) => Number(other!.slice(1)))
    return [
      {
        ...aboutSlot(last),
        subject: pass.part.id,
        at: pass.start,
        code: 'set.neighbour',
        severity: 'mend',
        params: { part: pass.part.label, dancer: id, met: couples },
        repairs: [],
      },
    ]
  }
  return []
}

/** Where a set is to go on after each time through, it goes on by one. */
function progressions({ timeline, routine }: Derived, track: Track): Found[] {
  const { places } = routine
  if (!places || !goesOn(routine)) return []
  return timeline.passes.flatMap((pass, i): Found[] => {
    const { before, danced } = track.passes[i]!
    const last = pass.slots.at(-1)
    if (!pass.pass.progress || !last || danced.isOpen || !inPlaces(danced)) return []
    const by = progressionOf(before, danced).find((amount) => amount !== 1)
    if (by === undefined) return []
    return [
      {
        ...aboutSlot(last),
        subject: pass.part.id,
        at: pass.end,
        code: 'set.progress',
        severity: 'mend',
        params: {
          part: pass.part.label,
          by,
          becket: places.shape === 'longways' && places.stand === 'becket',
        },
        repairs: [],
      },
    ]
  })
}

/** A set that is not divided, and that has danced all it has to, stands as it stood at first. */
function awayFromHome({ timeline, routine }: Derived, track: Track): Found[] {
  const { places } = routine
  const comesHome =
    places?.shape === 'square' || (places?.shape === 'longways' && places.minor === 'whole')
  const last = timeline.slots.at(-1)
  if (!comesHome || !last || timeline.slots.length < 2 || track.last.isOpen) return []
  const away = track.last.dancers.filter(({ x, y }, i) => {
    const home = track.first.dancers[i]!
    return Math.hypot(home.x - x, home.y - y) > 35
  })
  if (away.length === 0) return []
  return [
    {
      ...aboutSlot(last),
      subject: routine.id,
      at: timeline.lengthTicks,
      code: 'set.not-home',
      severity: 'mend',
      params: { away: away.map(({ id }) => id) },
      repairs: [],
    },
  ]
}
