import { XMLParser, XMLValidator } from 'fast-xml-parser'

/** An element with what is in it, in order. */
export interface XmlNode {
  readonly name: string
  readonly attributes: Readonly<Record<string, string>>
  readonly children: readonly XmlNode[]
  readonly text: string
}

type Parsed = Record<string, unknown> & { ':@'?: Record<string, string> }

/**
 * Reads XML in the order it is written; null when it is not well formed. Entities of the file's own
 * are not expanded.
 */
export function parseXml(text: string): XmlNode | null {
  if (/<!ENTITY/i.test(text) || XMLValidator.validate(text) !== true) return null
  try {
    const parsed = new XMLParser({
      preserveOrder: true,
      ignoreAttributes: false,
      attributeNamePrefix: '',
      parseTagValue: false,
      parseAttributeValue: false,
    }).parse(text) as Parsed[]
    return { name: '', attributes: {}, children: parsed.flatMap(nodeOf), text: '' }
  } catch {
    return null
  }
}

function nodeOf(parsed: Parsed): XmlNode[] {
  const name = Object.keys(parsed).find((key) => key !== ':@')
  if (name === undefined || name === '#text' || name.startsWith('?')) return []
  const inside = parsed[name] as Parsed[]
  const text = inside
    .filter((one) => '#text' in one)
    .map((one) => String(one['#text']))
    .join('')
    .trim()
  return [{ name, attributes: parsed[':@'] ?? {}, children: inside.flatMap(nodeOf), text }]
}

export const child = (node: XmlNode, name: string): XmlNode | null =>
  node.children.find((one) => one.name === name) ?? null
export const children = (node: XmlNode, name: string): XmlNode[] =>
  node.children.filter((one) => one.name === name)

/** Text of the element at the end of a path of names; null where there is none, or it is empty. */
export function textIn(node: XmlNode, ...path: readonly string[]): string | null {
  const end = path.reduce<XmlNode | null>((at, name) => at && child(at, name), node)
  return end && end.text !== '' ? end.text : null
}

export function numberIn(node: XmlNode, name: string): number | null {
  const text = textIn(node, name)
  return text === null || !Number.isFinite(Number(text)) ? null : Number(text)
}
