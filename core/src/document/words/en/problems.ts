/** English sentences for what can be wrong with edits and what is read. */
export const PROBLEMS = {
  'input.no-json': () => 'What is kept of it is no readable JSON.',
  'edit.missing.target': ({ id }: { id: string }) => `There is no "${id}" to change any more.`,
  'edit.field': ({ id, field }: { id: string; field: string }) =>
    `"${id}" has no field "${field}".`,
  'edit.stale.field': ({ field }: { field: string }) =>
    `"${field}" has changed since this edit was made.`,
  'edit.missing.list': ({ list, owner }: { list: string; owner: string }) =>
    `There is no list "${list}" of "${owner}" to add to.`,
  'edit.twice': ({ id }: { id: string }) => `"${id}" is there already.`,
  'edit.missing.before': ({ after }: { after: string }) =>
    `"${after}", which this was to follow, is not there any more.`,
  'edit.missing.item': ({ id }: { id: string }) => `"${id}" is not there any more.`,
  'edit.stale.item': ({ id }: { id: string }) => `"${id}" has changed since this edit was made.`,
  'edit.missing.place': ({ id }: { id: string }) =>
    `The place "${id}" was to move to is not there any more.`,
  'input.invalid': ({ at, why }: { at: string; why: string }) => `${at}: ${why}.`,
  'input.not-json': ({ what, line }: { what: string; line: number }) =>
    `${what} stops being readable at line ${line}: complete JSON was expected, perhaps the file was cut off.`,
}
