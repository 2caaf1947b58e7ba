import { plainName } from './aliasText.ts'

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * Families of the first book whose figures were danced without a partner, or in a set; they were
 * not told apart then.
 */
const SOLO = new Set(['line', 'line dance', 'clog', 'ring dance'])
const SET = new Set(['set dance'])

/**
 * Brings a figure written by an earlier Dellop up to this one's form, before it is validated. What
 * is no figure, or one of a form this Dellop does not know, comes back as it is, for the validation
 * to name.
 *
 * 1 to 2: names and words got a language, holds, feet and facings each their own strictness, and
 * who dances it is said.
 */
export function upgradeFigure(json: unknown): unknown {
  if (!isRecord(json) || json['format'] !== 'dellop-figure' || json['version'] !== 1) return json
  const { aliases, wordings, entry, family, follow, ...rest } = json
  const dancers =
    follow !== 'same'
      ? 'couple'
      : SET.has(String(family))
        ? 'set'
        : SOLO.has(String(family))
          ? 'solo'
          : 'couple'
  return {
    ...rest,
    version: 2,
    family,
    follow,
    dancers,
    ...(dancers === 'set' ? { set: { couples: [2, 4], others: [] } } : {}),
    aliases: Array.isArray(aliases)
      ? aliases.map((name: unknown) => ({
          name: typeof name === 'string' ? plainName(name) : name,
        }))
      : aliases,
    wordings: isRecord(wordings) && 'full' in wordings ? { en: wordings } : wordings,
    entry:
      isRecord(entry) && typeof entry['strictness'] === 'string'
        ? { ...entry, strictness: { feet: 'hard', holds: entry['strictness'], facings: 'soft' } }
        : entry,
  }
}

/** A document that holds figures in a list, with each of them brought up to this form. */
export const upgradeFiguresIn = (json: unknown): unknown =>
  isRecord(json) && Array.isArray(json['figures'])
    ? { ...json, figures: json['figures'].map(upgradeFigure) }
    : json
