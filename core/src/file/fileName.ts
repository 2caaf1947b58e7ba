/** Signs that some file system does not take in a name. */
const NOT_IN_NAMES = /[\\/:*?"<>|\u0000-\u001f\u007f]+/g
const LONGEST = 80

/**
 * What a file is called after the dance it holds: its name as it is written, without the signs that
 * file systems refuse; `dance` where nothing is left of it.
 *
 * @param ending What comes behind the name, with its dot.
 */
export function fileName(title: string, ending: string): string {
  const name = title
    .normalize('NFC')
    .replace(NOT_IN_NAMES, ' ')
    .replace(/\s+/g, ' ')
    .slice(0, LONGEST)
    .replace(/^[\s.]+|[\s.]+$/g, '')
  return (name || 'dance') + ending
}
