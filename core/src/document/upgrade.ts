/** A document as it was read, before anybody knows that it is one. */
export type Unread = Readonly<Record<string, unknown>>

/** Whether a value is a plain record, and no list. */
export const isRecord = (value: unknown): value is Unread =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Brings a document of one version to the next; `version` itself is set by the upgrader. */
export type UpgradeStep = (document: Unread) => Unread

/**
 * Makes the function that brings a kind of document, written by any earlier Dellop, up to this
 * one's version, before it is validated. `steps[0]` goes from version 1 to 2, `steps[1]` from 2 to
 * 3, and so on, each from whatever the one before it gave. What is of another format, or of a
 * version nobody here knows, comes back as it is, for the validation to name.
 *
 * @param format What the document says it is, such as `dellop-figure`.
 * @param steps One a version, oldest first; none where there has only ever been one version.
 * @param formerly A format that the first versions called themselves by.
 */
export function upgrader(
  format: string,
  steps: readonly UpgradeStep[],
  formerly: string = format,
): (json: unknown) => unknown {
  return (json) => {
    if (!isRecord(json) || (json['format'] !== format && json['format'] !== formerly)) return json
    let document = json
    for (let version = json['version']; isStep(version, steps); version = document['version'])
      document = { ...steps[version - 1]!(document), format, version: version + 1 }
    return document
  }
}

const isStep = (version: unknown, steps: readonly UpgradeStep[]): version is number =>
  typeof version === 'number' &&
  Number.isInteger(version) &&
  version >= 1 &&
  version <= steps.length

/** Changes every record in a JSON value, the innermost first; lists and plain values stay. */
export function mapRecords(json: unknown, change: (record: Unread) => Unread): unknown {
  if (Array.isArray(json)) return json.map((one) => mapRecords(one, change))
  if (!isRecord(json)) return json
  return change(
    Object.fromEntries(Object.entries(json).map(([key, one]) => [key, mapRecords(one, change)])),
  )
}
