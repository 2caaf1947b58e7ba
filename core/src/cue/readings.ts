/**
 * A dozen short cues to be read aloud, from one word to six, so that short and long ones, and words
 * that carry little, are all measured.
 */
export const READINGS: Readonly<Record<'en' | 'de', readonly string[]>> = {
  en: [
    'box',
    'hover',
    'twirl vine',
    'vine three and wrap',
    'left turning box',
    'through, face, close',
    'side, draw, touch',
    'two forward waltzes',
    'balance left and right',
    'change places to the wall',
    'roll to the centre and back',
    'grapevine right, then all the way round',
  ],
  de: [
    'Kreuz',
    'Drehung',
    'halb herum',
    'vor und zurück',
    'linke Drehung',
    'Seit, Schluss, Tipp',
    'Platzwechsel rechts',
    'vier Schritte in die Mitte',
    'alle klatschen',
    'in die Gegenrichtung',
    'Handtour rechts, ganz herum',
    'Promenade bis auf den eigenen Platz',
  ],
}
