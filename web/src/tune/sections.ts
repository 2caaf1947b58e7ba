import type { NewId } from '@dellop/core/document'
import type { Layout, Section } from '@dellop/core/tune'

/** Changes to a tune's sections; each gives new ones. Phrases are numbered over all sections. */

/** One phrase longer or shorter by some bars. */
export function resized(sections: Layout['sections'], index: number, by: number): Section[] {
  let n = -1
  return sections.map((section) => ({
    ...section,
    phrases: section.phrases.map((phrase) =>
      ++n === index ? { ...phrase, bars: phrase.bars + by } : phrase,
    ),
  }))
}

/** A section by another name; together with all of its name, or alone, which unlinks it. */
export function renamed(
  sections: Layout['sections'],
  sectionId: string,
  label: string,
  together: boolean,
): Section[] {
  const old = sections.find(({ id }) => id === sectionId)?.label
  return sections.map((section) =>
    section.id === sectionId || (together && section.label === old)
      ? { ...section, label }
      : section,
  )
}

/** The section in two, the second beginning at its phrase `at` (from 1). */
export function split(
  sections: Layout['sections'],
  sectionId: string,
  at: number,
  newId: NewId,
): Section[] {
  return sections.flatMap((section) => {
    if (section.id !== sectionId || at <= 0 || at >= section.phrases.length) return [section]
    return [
      { ...section, phrases: section.phrases.slice(0, at) },
      { id: newId(), label: section.label, phrases: section.phrases.slice(at) },
    ]
  })
}

/** The section and the one before it as one, by the name of the earlier. */
export function joined(sections: Layout['sections'], sectionId: string): Section[] {
  const index = sections.findIndex(({ id }) => id === sectionId)
  if (index <= 0) return [...sections]
  const before = sections[index - 1]!
  return [
    ...sections.slice(0, index - 1),
    { ...before, phrases: [...before.phrases, ...sections[index]!.phrases] },
    ...sections.slice(index + 1),
  ]
}
