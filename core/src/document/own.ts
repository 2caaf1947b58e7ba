/**
 * What a table holds under a name that a person wrote: nothing of what every object has besides, such
 * as "constructor".
 */
export const own = <Value>(
  table: Readonly<Record<string, Value>>,
  name: string,
): Value | undefined => (Object.hasOwn(table, name) ? table[name] : undefined)
