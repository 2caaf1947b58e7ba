import { isRecord, mapRecords, upgrader, type Unread } from '../document/index.ts'

/** The shortest wording is called a key word: words on a slot, and a pin that asks for them. */
function keyWord(record: Unread): Unread {
  if ('prompt' in record && 'full' in record && 'short' in record) {
    const { prompt, ...others } = record
    return { ...others, keyWord: prompt }
  }
  return record['wording'] === 'prompt' ? { ...record, wording: 'keyWord' } : record
}

const keyWordsIn = (json: unknown): unknown => mapRecords(json, keyWord)

/** Brings a routine written by an earlier Dellop up to this one's form. */
export const upgradeRoutine = upgrader('dellop-routine', [
  (routine) => keyWordsIn(routine) as Unread,
])

/**
 * Brings the edits of a routine of version 1 to what they are of a routine of this one's, so that a
 * sheet can still be walked back over them. Edits that need nothing are the same.
 */
export const upgradeRoutineEdits = (edits: unknown): unknown => keyWordsIn(edits)

/** A record that holds a routine under `routine`, with that brought up to this form. */
export const upgradeRoutineIn = (json: unknown): unknown =>
  isRecord(json) && 'routine' in json ? { ...json, routine: upgradeRoutine(json['routine']) } : json
