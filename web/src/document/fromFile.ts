/** Documents that a file is being joined with: what is asked about is then the file's, not one's own. */
const merged = new Set<string>()

export const mergedFromFile = (id: string): void => void merged.add(id)
export const isFromFile = (id: string): boolean => merged.has(id)
