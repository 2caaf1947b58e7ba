/** Everything in one file, and back. */
export const backup = {
  title: 'Backup',
  lead: 'Sheets, tunes with their sound, figures, evenings, the logbook and takes, in one file that another Dellop can read.',
  take: 'Take a backup',
  putBack: 'Put a backup back',
  putBackLead:
    'It is unpacked beside what is here and proved; it takes its place when Dellop is started again. What is here is kept aside, in a folder of its own.',
  choose: 'Choose a backup',
  restoring: 'Unpacking and proving it',
  restored: (files: number) =>
    `It is whole: ${files} files. It takes its place when Dellop is started again.`,
  copies: 'Copies made by themselves',
  copiesLead:
    'On each day of use, and before every new version, the database is copied; the last ten copies are kept in the folder backups.',
  none: 'There is no copy yet: the first is made tomorrow.',
  when: 'When',
  size: 'Size',
  file: 'File',
  megabytes: (n: string) => `${n} MB`,
}
