import type { Relation, RelationKind } from '@dellop/core/routine'

/** English of how a dance stands to others. */
export const related = {
  title: 'Other dances',
  otherNames: 'Other names',
  kind: 'Relation',
  kinds: {
    same: 'the same dance as',
    part: 'shares a part with',
    version: 'a version of',
    lead: 'for the lead of',
    follow: 'for the follow of',
  } satisfies Record<RelationKind, string>,
  other: 'The other dance',
  own: 'Part of this one',
  theirs: 'Part of the other',
  whole: 'all of it',
  add: 'Add a relation',
  takeOut: (title: string) => (title ? `Take out: ${title}` : 'Take out'),
  told: ({ kind, own, theirs, isReversed }: Relation): string =>
    kind === 'part'
      ? `${own ? `Part ${own}` : 'It'} is ${theirs ? `part ${theirs} of` : 'the whole of'}`
      : {
          same: 'The same dance:',
          version: isReversed ? 'Another version:' : 'A version of',
          lead: isReversed ? 'For the lead:' : 'For the lead of',
          follow: isReversed ? 'For the follow:' : 'For the follow of',
        }[kind],
}
