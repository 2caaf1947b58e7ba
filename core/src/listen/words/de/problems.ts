import type { PROBLEMS as ENGLISH } from '../en/problems.ts'

/** German sentences for what can be wrong with sound. */
export const PROBLEMS: typeof ENGLISH = {
  'listen.short': ({ seconds, shortestSeconds }) =>
    `Der Klang ist ${seconds} s lang; mindestens ${shortestSeconds} s braucht es, um einen Schlag zu hören.`,
  'listen.weights': ({ bytes, wanted }) =>
    `Erwartet wurde, womit Dellop hört: eine Datei von ${wanted} Bytes, die so beginnt. Diese hat ${bytes} Bytes.`,
  'sound.too-long': ({ minutes, most }) =>
    `Der Klang ist ${minutes} Minuten lang; gehört werden höchstens ${most}.`,
  'listen.silent': () => 'In diesem Klang ist nichts zu hören: Er ist still.',
  'listen.no-beat': () => 'In diesem Klang fand sich kein Schlag.',
  'sound.too-long.recording': ({ minutes, most }) =>
    `Die Aufnahme ist ${minutes} Minuten lang; höchstens ${most} wurden erwartet. Ein Tanz dauert Minuten: Schneiden Sie ihn zuerst heraus.`,
  'sound.cut-off': ({ announcedSeconds, heldSeconds }) =>
    `Die Aufnahme bricht ab: Sie nennt ${announcedSeconds} s als Länge, und ${heldSeconds} s davon sind da. Erwartet wurde die ganze Datei.`,
  'wav.header': () => 'Das ist keine WAV-Datei: Sie beginnt nicht mit RIFF und WAVE.',
  'wav.order': () => 'In der WAV-Datei kommt der Klang vor seinem Format.',
  'wav.no-sound': () => 'In dieser WAV-Datei ist kein Klang; vielleicht ist sie abgeschnitten.',
  'wav.format': ({ bits, kind }) =>
    `Diese WAV-Datei enthält Klang mit ${bits} Bit von einer Art (${kind}), die nicht gelesen wird; erwartet wurden einfache Werte oder Gleitkommawerte.`,
  'wav.empty': () => 'Die WAV-Datei enthält keinen Klang.',
}
