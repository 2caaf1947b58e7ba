/** English of what the server refuses, each by its name. */
export const REFUSALS = {
  'once.other': () =>
    'This request has the name of another one that was sent before. Nothing was changed.',
  'edits.other': () =>
    'These edits have the name of others that were sent before. Nothing was changed.',
  'disk.full': () =>
    'The disk is full, or cannot be written. Nothing of this was saved; make room, and it can be sent again.',
  'disk.held': () =>
    'Another program holds Dellop’s data. Nothing of this was saved; it can be sent again.',
  'disk.failed': () =>
    'Dellop’s data could not be written. Nothing of this was saved; it can be sent again.',
  'sheet.none': () => 'There is no such sheet.',
  'sheet.not-away': () => 'Only a sheet in the archive can be deleted: put it there first.',
  'school.none': () => 'There is no such school of your own.',
  'figure.none': () => 'There is no such figure in the book.',
  'figure.one': () => 'Two different figures were expected.',
  'tune.none': () => 'There is no such tune here.',
  'group.none': () => 'There is no such group.',
  'call.none': () => 'There is no such call.',
  'take.none': () => 'There is no such take.',
  'sound.none': () => 'There is no such sound here.',
  'screen.none': () => 'There is no such screen.',
  'record.none': () => 'There is no such record.',
  'demo.stays-out': () => 'There are sheets or tunes here already: the demo stays out.',
  'body.json': () => 'The request could not be read: complete JSON was expected.',
  'body.encoding': () =>
    'The request came in an encoding that is not read here; plain, gzip or br was expected.',
  'body.large': () => 'That is larger than this takes.',
  'sound.empty': () => 'The file is empty; a sound file was expected.',
  'sound.kind': () =>
    'This is no sound file that Dellop knows; WAV, MP3, Ogg, FLAC or M4A was expected.',
  'backup.newer': () => 'This backup was made by a newer Dellop; restore it with that one.',
  'backup.database': () => 'The database in this backup cannot be read.',
  failed: () =>
    'Something went wrong in Dellop. Whether this was saved is not known; it is safe to send it again.',
  'screens.off': () => 'Second screens are switched off.',
  'host.other': () => 'Dellop answers only to this machine’s own address.',
  'origin.other': () => 'Another site’s page may not use Dellop.',
  'figure.danced-in': ({ figure, sheet }: { figure: string; sheet: string }) =>
    `“${figure}” is danced in “${sheet}”; take it out there first.`,
  'figure.made-of': ({ whole, figure }: { whole: string; figure: string }) =>
    `“${whole}” is made of “${figure}”; change that first.`,
  'figure.not-one': ({ keep, drop }: { keep: string; drop: string }) =>
    `“${keep}” is made of “${drop}”; they cannot be one.`,
  'school.shipped': ({ name }: { name: string }) =>
    `“${name}” ships with Dellop and stays as it is; a copy of it can be changed.`,
  'figure.held': ({ name, id }: { name: string; id: string }) =>
    `The book already holds “${name}” under the id "${id}", and it was not said that it may be replaced. Nothing was brought in.`,
  'figure.twice': ({ id }: { id: string }) =>
    `The id "${id}" is there twice; every id may be used once. Nothing was brought in.`,
  'figure.id': ({ id }: { id: string }) => `The book already holds a figure with the id "${id}".`,
  'revision.none': ({ wanted, newest }: { wanted: string; newest: number }) =>
    `There is no revision ${wanted}; this sheet has 0 to ${newest}.`,
  'tune.id': ({ id }: { id: string }) => `There is a tune with the id "${id}" already.`,
  'school.id': ({ id }: { id: string }) => `There is a school with the id "${id}".`,
  'group.id': ({ id }: { id: string }) => `There is a group with the id "${id}".`,
  'sound.large': ({ most }: { most: string }) => `A sound file of at most ${most} was expected.`,
  'sound.larger': ({ most, has }: { most: string; has: string }) =>
    `A sound file of at most ${most} was expected; this one has ${has}.`,
  'body.larger': ({ most, sent }: { most: string; sent: string }) =>
    `This takes at most ${most}; ${sent} were sent.`,
  'address.other': ({ known }: { known: string }) =>
    `An address of this machine was expected: ${known}.`,
} as const satisfies Readonly<Record<string, (values: never) => string>>
export type Refusals = typeof REFUSALS
