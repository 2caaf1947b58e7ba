import { memoised } from '@dellop/core/document'
import { meetsBy, meetsOf, type Track } from '@dellop/core/floor'
import { words } from '../words/index.ts'

/** Whom the first lead meets in each time through; it is asked for at every frame. */
const met = memoised((track: Track): readonly (string | null)[] => {
  const first = track.first.dancers[0]
  return first ? meetsOf(track, first.id, meetsBy(track.places)) : []
})

/**
 * In a set: whom the first lead meets in a time through and the next, and who is out.
 *
 * @param pass Which time through, from 0.
 */
export function setTold({ track }: { readonly track: Track | null }, pass: number): string {
  if (!track) return ''
  const before = track.passes[pass]?.before ?? track.first
  const outs = before.dancers.filter(({ group }) => group === null).map(({ id }) => id)
  const first = track.first.dancers[0]?.id ?? ''
  // Who always meets the same need not be told.
  const goesOn = new Set(met(track)).size > 1
  const [now, next] = [met(track)[pass], met(track)[pass + 1]]
  return [
    goesOn && now ? words.lectern.meets(first, now, next ?? null) : '',
    outs.length > 0 ? words.lectern.outs(outs.join(' ')) : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
