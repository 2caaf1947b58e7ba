import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with edits and what is read. */
export const PROBLEMS: typeof ENGLISH = {
  'input.no-json': () => 'Was davon aufbewahrt ist, ist kein lesbares JSON.',
  'edit.missing.target': ({ id }) => `Es gibt kein „${id}“ mehr, das zu ändern wäre.`,
  'edit.field': ({ id, field }) => `„${id}“ hat kein Feld „${field}“.`,
  'edit.stale.field': ({ field }) => `„${field}“ wurde seit dieser Änderung geändert.`,
  'edit.missing.list': ({ list, owner }) =>
    `Es gibt keine Liste „${list}“ von „${owner}“, zu der etwas käme.`,
  'edit.twice': ({ id }) => `„${id}“ ist schon da.`,
  'edit.missing.before': ({ after }) => `„${after}“, wonach das kommen sollte, gibt es nicht mehr.`,
  'edit.missing.item': ({ id }) => `„${id}“ gibt es nicht mehr.`,
  'edit.stale.item': ({ id }) => `„${id}“ wurde seit dieser Änderung geändert.`,
  'edit.missing.place': ({ id }) => `Die Stelle, an die „${id}“ sollte, gibt es nicht mehr.`,
  'input.invalid': ({ at, why }) => `${at}: ${why}.`,
  'input.not-json': ({ what, line }) =>
    `${what} ist ab Zeile ${line} nicht mehr lesbar: Erwartet wurde vollständiges JSON; vielleicht ist die Datei abgeschnitten.`,
}
