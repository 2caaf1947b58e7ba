import type { related as ENGLISH } from '../en/related.ts'

/** Deutsch: wie ein Tanz zu anderen steht. */
export const related: typeof ENGLISH = {
  title: 'Andere Tänze',
  otherNames: 'Andere Namen',
  kind: 'Verhältnis',
  kinds: {
    same: 'derselbe Tanz wie',
    part: 'teilt einen Teil mit',
    version: 'eine Fassung von',
    lead: 'für Führende von',
    follow: 'für Folgende von',
  },
  other: 'Der andere Tanz',
  own: 'Teil von diesem',
  theirs: 'Teil des anderen',
  whole: 'der ganze Tanz',
  add: 'Verhältnis hinzufügen',
  takeOut: (title) => (title ? `Entfernen: ${title}` : 'Entfernen'),
  told: ({ kind, own, theirs, isReversed }) =>
    kind === 'part'
      ? `${own ? `Teil ${own}` : 'Er'} ist ${theirs ? `Teil ${theirs} aus` : 'der ganze Tanz'}`
      : {
          same: 'Derselbe Tanz:',
          version: isReversed ? 'Eine andere Fassung:' : 'Eine Fassung von',
          lead: isReversed ? 'Für Führende:' : 'Für Führende von',
          follow: isReversed ? 'Für Folgende:' : 'Für Folgende von',
        }[kind],
}
