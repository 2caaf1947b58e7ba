/** What can be called without the server, told to views that are not about calling. */
export { keptSheets, type KeptSheet } from '../call/packStore.ts'
