import { succeed, type Result } from '../../document/index.ts'
import { problem } from '../problem.ts'
import type { Alias } from '../model/figure.ts'

/** A name without the signs that stand for something among other names. */
export const plainName = (name: string): string => name.replace(/[;[\]|]/g, ',')

/**
 * Another name as it is typed: `Vine right`, `Grundschritt [de]`, `Twinkle [school round, region
 * the fens]`.
 */
export function aliasText({ name, school, region, language }: Alias): string {
  const whose = [
    language ?? '',
    school === undefined ? '' : `school ${school}`,
    region === undefined ? '' : `region ${region}`,
  ].filter(Boolean)
  return whose.length === 0 ? name : `${name} [${whose.join(', ')}]`
}

/** Other names, one after the other with semicolons between. */
export const aliasesText = (aliases: readonly Alias[]): string => aliases.map(aliasText).join('; ')

/** Reads other names; the problem says which of them it is and what was expected. */
export function readAliases(text: string): Result<Alias[]> {
  const aliases: Alias[] = []
  for (const one of text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean)) {
    // prettier-ignore
    const found = /^([^[\]|]+?)(?:\s*\[([^[\]|]*)\])?$/.exec(one)
    if (!found) return problem('alias.name', { one })
    const whose = (found[2] ?? '')
      .split(',')
      .map((part) => part.trim())
      .filter(Boolean)
    let alias: Alias = { name: found[1]! }
    for (const part of whose) {
      const owner = /^(school|region) +(.+)$/.exec(part)
      if (owner) alias = { ...alias, [owner[1]!]: owner[2]! }
      else if (/^[a-z]{2,3}$/.test(part)) alias = { ...alias, language: part }
      else return problem('alias.where', { part, one })
    }
    aliases.push(alias)
  }
  return succeed(aliases)
}
