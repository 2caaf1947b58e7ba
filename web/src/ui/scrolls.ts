/** How far lists were scrolled, by their address, as long as the application is open. */
const tops = new Map<string, number>()
export const keptScroll = (address: string): number => tops.get(address) ?? 0
export const keepScroll = (address: string, top: number): void => void tops.set(address, top)
