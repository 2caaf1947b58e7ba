/** English sentences for what can be wrong with a command line and the files it names. */
export const PROBLEMS = {
  'usage.option': ({ word, may }: { word: string; may: string }) =>
    `There is no option "${word}" here; ${may} may be given.`,
  'floor.no-places': () =>
    'This sheet does not say how they stand: a line such as “places: longways of 4, whole set” or “places: square” was expected in its heading.',
  'usage.value': ({ word }: { word: string }) => `The option "${word}" needs a value behind it.`,
  'usage.number': ({
    name,
    least,
    most,
    text,
  }: {
    name: string
    least: number
    most: number
    text: string
  }) => `--${name} takes a number from ${least} to ${most}, not "${text}".`,
  'sound.kind': ({ path }: { path: string }) =>
    `"${path}" is no sound file that is read here; WAV, MP3, Ogg or FLAC was expected.`,
  'file.large': ({ path, megabytes }: { path: string; megabytes: number }) =>
    `"${path}" is larger than ${megabytes} MB.`,
  'file.empty': ({ path }: { path: string }) => `"${path}" is empty.`,
  'file.missing': ({ path }: { path: string }) => `There is no file "${path}".`,
  'sound.empty': ({ path }: { path: string }) =>
    `No sound could be read from "${path}"; perhaps it was cut off.`,
  'sound.broken': ({ path }: { path: string }) =>
    `"${path}" begins like a sound file, but it could not be decoded; perhaps it was cut off.`,
  'file.unreadable': ({ path }: { path: string }) => `"${path}" cannot be read as a file.`,
  'usage.range': ({ text }: { text: string }) =>
    `--range takes two tempi such as 84-96, not "${text}".`,
  'usage.file': () => 'One sheet file was expected.',
  'usage.school': ({ wanted, known }: { wanted: string; known: string }) =>
    `There is no school "${wanted}"; one of ${known} was expected.`,
  'evening.file': () => 'One programme was expected, as the application takes it along.',
  'evening.none': ({ path }: { path: string }) =>
    `"${path}" is no programme; one such as {"date": "2026-12-02", "startsAt": "19:30", "endsAt": "22:00", "items": [...]} was expected.`,
  'backup.file': () => 'The file to write the backup to was expected, such as dellop.zip.',
  'backup.none': ({ path }: { path: string }) =>
    `"${path}" is no backup of Dellop, or it is damaged. Nothing was written.`,
  'backup.damaged': ({ path, file }: { path: string; file: string }) =>
    `"${path}" is damaged: ${file} is not as it was packed. Nothing was written.`,
  'restore.what': () => 'A backup and a folder were expected: FILE.zip --into FOLDER.',
  'restore.full': ({ folder }: { folder: string }) =>
    `"${folder}" is not empty: a folder that is empty, or not there yet, was expected.`,
  'restore.write': ({ folder }: { folder: string }) =>
    `"${folder}" could not be written; nothing was left in it.`,
  'log.export': () => 'What to do with the logbook was expected: export.',
  'log.since': ({ text }: { text: string }) =>
    `--since takes a day such as 2026-09-01, not "${text}".`,
  'log.none': ({ address }: { address: string }) =>
    `No Dellop answered at ${address}; one that runs was expected.`,
  'rehearse.what': () =>
    'What was said was expected: --plan for all as it is planned, or --spans with a file of it.',
  'rehearse.spans': ({ path }: { path: string }) =>
    `"${path}" does not tell what was said: a list such as [{"start": 1.5, "end": 2.1}] was expected, in seconds from the first step.`,
  'rehearse.group': ({ path }: { path: string }) =>
    `"${path}" is no group; one as the application takes it along was expected.`,
  'voice.json': ({ path }: { path: string }) =>
    `"${path}" is no JSON; a voice as the application takes it along was expected.`,
}
