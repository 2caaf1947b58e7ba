import type { VOICE as ENGLISH } from '../en/voice.ts'
import { number } from './counts.ts'

const WORDINGS: Readonly<Record<string, string>> = {
  full: 'volle',
  short: 'kurze',
  keyWord: 'als Stichwort gewählte',
}
const wordingOf = (wording: string | null): string => WORDINGS[wording ?? ''] ?? String(wording)

/** German sentences about what is said and when. */
export const VOICE: typeof ENGLISH = {
  'voice.no-room': {
    message: ({ figure, text }) => `Vor ${figure || 'dem Schritt'} ist keine Zeit für „${text}“.`,
    sum: ({ needs, room, lead }) =>
      `braucht ${number(needs)} s; frei sind ${number(room)} s, wenn ${number(lead)} s vor dem Schritt bleiben`,
  },
  'voice.crowded': {
    message: ({ figure, text }) =>
      `„${text}“ für ${figure || 'diesen Schritt'} stößt mit den Ansagen daneben zusammen.`,
    sum: ({ needs, room, lead }) =>
      `braucht ${number(needs)} s; nach der Ansage davor sind ${number(room)} s frei, wenn ${number(lead)} s vor dem Schritt bleiben`,
  },
  'voice.own-words': {
    message: ({ text, instead }) => `„${text}“ passt hier nie: Gesagt wird „${instead}“.`,
    sum: ({ needs }) => `es braucht ${number(needs)} s, mehr als in irgendeinem Durchgang da sind`,
  },
  'voice.step': {
    message: ({ text, figure }) =>
      `Für „${text}“ ist auf seinem Schritt keine Zeit${figure ? ` (${figure})` : ''}.`,
    sum: () => 'die Worte der Schritte daneben nehmen sie ganz',
  },
  'voice.pin': {
    message: ({ text, beats, wording }) =>
      beats === null
        ? `Der angeheftete, ${wordingOf(wording)} Wortlaut passt nicht; gesagt wird „${text}“.`
        : `„${text}“ lässt sich dort, wo es angeheftet ist, nicht sagen.`,
    sum: ({ beats, wording }) =>
      beats === null
        ? `mit dem ${wordingOf(wording).replace(/e$/, 'en')} Wortlaut hält kein Moment die Regeln`
        : `angeheftet ${number(beats)} Schläge vor dem Schritt`,
  },
  'voice.role': {
    message: ({ text, figure }) =>
      `Vor ${figure || 'dem Schritt'} ist keine Zeit, „${text}“ zu einer Rolle zu sagen.`,
    sum: () => 'was beiden gesagt wird, geht vor',
  },
  'voice.no-gap': {
    message: ({ text, figure }) =>
      `Für „${text}“ gibt es keine Lücke${figure ? `, während ${figure} getanzt wird` : ''}.`,
    sum: () => 'die Ansagen daneben nehmen alles',
  },
  'voice.early': {
    message: ({ text, lead }) =>
      `„${text}“ endet ${number(lead)} Schläge vor dem Schritt: Manche könnten zu früh beginnen.`,
    sum: ({ lead, most }) =>
      `${number(lead)} Schläge vor dem Schritt, höchstens ${number(most)} sind gut`,
  },
  'voice.late': {
    message: ({ text }) => `„${text}“ kommt spät.`,
    sum: ({ lead, target }) =>
      `${number(lead)} Schläge vor dem Schritt, angestrebt sind ${number(target)}`,
  },
  'voice.breath': {
    message: ({ phrases }) => `Von hier an ${number(phrases)} Phrasen lang kein Atem.`,
    sum: ({ words, seconds, most }) =>
      `${words} Wörter ohne eine Pause von ${number(seconds)} s; nach ${number(most)} Phrasen braucht man eine`,
  },
  'voice.hard': {
    message: ({ words }) => `„${words}“ ist schwer schnell zu sagen.`,
    sum: ({ text, seconds }) => `„${text}“ in ${number(seconds)} s`,
  },
  'voice.numbers': {
    message: ({ number: said, text }) => `„${said}“ in „${text}“ klingt wie ein Zählen.`,
    sum: () => 'gleich daneben wird gezählt',
  },
  'voice.same-words': {
    message: ({ text, first, second }) => `„${text}“ wird für ${first} und für ${second} gesagt.`,
    sum: ({ first, second }) => `${first} ≠ ${second}; die Worte sind gleich`,
  },
  'voice.sound-alike': {
    message: ({ first, second }) =>
      `„${second}“ kommt bald nach „${first}“, und sie klingen ähnlich.`,
    sum: ({ differ, sounds }) => `${differ} von ${sounds} Lauten sind anders`,
  },
  'voice.over-called': {
    message: ({ words, seconds }) =>
      `${words} Wörter in ${number(seconds)} Sekunden: mehr, als man beim Tanzen aufnimmt.`,
    sum: ({ words, most }) => `${words} gesagt, ${most} reichen`,
  },
}
