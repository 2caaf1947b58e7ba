import { FLOOR, SPIN, family, type Written } from './family.ts'

/** Two bars of three to a turn, at the speed of the music. */
const VIENNESE: readonly Written[] = [
  {
    name: 'Natural turn',
    beats: 6,
    from: 'closed',
    level: 'steady',
    lead: '1 right forward turn right 1/4, 2 left side turn right 1/4, 3 right close, 4 left back turn right 1/4, 5 right side turn right 1/4, 6 left close',
    follow:
      '1 left back turn right 1/4, 2 right side turn right 1/4, 3 left close, 4 right forward turn right 1/4, 5 left side turn right 1/4, 6 right close',
    say: 'natural turn, once round / natural turn / natural',
    de: 'Rechtsdrehung, ganz / Rechtsdrehung / rechts',
    cautions: [SPIN],
  },
  {
    name: 'Reverse turn',
    beats: 6,
    from: 'closed',
    level: 'steady',
    lead: '1 left forward turn left 1/4, 2 right side turn left 1/4, 3 left across, 4 right back turn left 1/4, 5 left side turn left 1/4, 6 right close',
    follow:
      '1 right back turn left 1/4, 2 left side turn left 1/4, 3 right close, 4 left forward turn left 1/4, 5 right side turn left 1/4, 6 left across',
    say: 'reverse turn, once round / reverse turn / reverse',
    de: 'Linksdrehung, ganz / Linksdrehung / links',
    cautions: [SPIN],
  },
  {
    name: 'Forward change',
    beats: 3,
    from: 'closed',
    lead: '1 right forward, 2 left side, 3 right close',
    say: 'forward change / forward change / change',
    de: 'Wechsel vorwärts / Wechsel vor / Wechsel',
  },
  {
    name: 'Back change',
    beats: 3,
    from: 'closed',
    lead: '1 left back, 2 right side, 3 left close',
    say: 'back change / back change / back change',
    de: 'Wechsel rückwärts / Wechsel rück / Wechsel rück',
  },
  {
    name: 'Balance left and right',
    beats: 6,
    from: 'closed, two hands, butterfly',
    level: 'first',
    lead: '1 left side, 2 right touch, 3 hold, 4 right side, 5 left touch, 6 hold',
    say: 'balance left and right / balance left, right / balance',
    de: 'Balance links und rechts / Balance beide Seiten / Balance',
  },
]
export const VIENNESE_FIGURES = family(
  { name: 'viennese waltz', from: 'closed', follow: 'opposite', level: 'easy' },
  VIENNESE,
)

/** A hop or a lift before the beat, and three quick steps. */
const POLKA: readonly Written[] = [
  {
    name: 'Polka step',
    beats: 2,
    from: 'open, half open',
    level: 'first',
    lead: '&1 right hop, 1 left forward, 1& right close, 2 left forward',
    follow: 'alike',
    say: 'polka step / polka / polka',
    de: 'Polkaschritt / Polka / Polka',
    cautions: [FLOOR],
  },
  {
    name: 'Four polka steps',
    beats: 8,
    from: 'open, half open',
    level: 'first',
    lead: '&1 right hop, 1 left forward, 1& right close, 2 left forward, 2& left hop, 3 right forward, 3& left close, 4 right forward, 4& right hop, 5 left forward, 5& right close, 6 left forward, 6& left hop, 7 right forward, 7& left close, 8 right forward',
    follow: 'alike',
    say: 'four polka steps / four polkas / four',
    de: 'vier Polkaschritte / vier Polka / vier',
    cautions: [FLOOR],
  },
  {
    name: 'Turning polka',
    beats: 4,
    from: 'closed',
    level: 'steady',
    lead: '&1 right hop, 1 left side, 1& right close, 2 left side turn right 1/2, 2& left hop, 3 right side, 3& left close, 4 right side turn right 1/2',
    follow:
      '&1 left hop, 1 right side, 1& left close, 2 right side turn right 1/2, 2& right hop, 3 left side, 3& right close, 4 left side turn right 1/2',
    say: 'turning polka, once round / turning polka / turn',
    de: 'Drehpolka, einmal herum / Drehpolka / drehen',
    cautions: [SPIN, FLOOR],
  },
  {
    name: 'Heel and toe polka',
    beats: 4,
    from: 'open, half open, two hands',
    level: 'first',
    lead: '1 left point "left heel forward", 2 left touch "left toe back", 3 left side, 3& right close, 4 left side',
    follow: 'alike',
    say: 'heel and toe polka / heel and toe / heel, toe',
    de: 'Ferse, Spitze, Polka / Ferse, Spitze / Ferse',
  },
  {
    name: 'Slide four',
    beats: 4,
    from: 'two hands, closed, butterfly',
    level: 'first',
    lead: '1 left side, 1& right close, 2 left side, 2& right close, 3 left side, 3& right close, 4 left side, 4& right close',
    say: 'slide four / slide four / slide',
    de: 'viermal Galopp / viermal Galopp / Galopp',
  },
]
export const POLKA_FIGURES = family(
  { name: 'polka', from: 'closed', follow: 'opposite', level: 'easy' },
  POLKA,
)

/** Three steps and a hop, and step hops. */
const SCHOTTISCHE: readonly Written[] = [
  {
    name: 'Basic forward',
    beats: 4,
    from: 'open, half open',
    level: 'first',
    lead: '1 left forward, 2 right forward, 3 left forward, 4 left hop',
    follow: 'alike',
    say: 'schottische forward / forward, hop / forward',
    de: 'Schottisch vorwärts / vorwärts, hüpf / vorwärts',
    cautions: [FLOOR],
  },
  {
    name: 'Basic to the side',
    beats: 4,
    from: 'two hands, butterfly, open facing',
    level: 'first',
    lead: '1 left side, 2 right behind, 3 left side, 4 left hop',
    follow: 'alike',
    say: 'schottische to the left / side, hop left / side left',
    de: 'Schottisch zur Seite links / Seite, hüpf links / Seite links',
    cautions: [FLOOR],
  },
  {
    name: 'Four step hops',
    beats: 8,
    from: 'open, half open',
    level: 'first',
    lead: '1 left forward, 2 left hop, 3 right forward, 4 right hop, 5 left forward, 6 left hop, 7 right forward, 8 right hop',
    follow: 'alike',
    say: 'four step hops / step hops / step hops',
    de: 'vier Hüpfschritte / Hüpfschritte / hüpfen',
    cautions: [FLOOR],
  },
  {
    name: 'Turning step hops',
    beats: 8,
    from: 'closed',
    level: 'steady',
    lead: '1 left side turn right 1/4, 2 left hop, 3 right side turn right 1/4, 4 right hop, 5 left side turn right 1/4, 6 left hop, 7 right side turn right 1/4, 8 right hop',
    follow:
      '1 right side turn right 1/4, 2 right hop, 3 left side turn right 1/4, 4 left hop, 5 right side turn right 1/4, 6 right hop, 7 left side turn right 1/4, 8 left hop',
    say: 'turning step hops, once round / turning step hops / turn',
    de: 'gedrehte Hüpfschritte / drehen und hüpfen / drehen',
    cautions: [SPIN, FLOOR],
  },
  {
    name: 'Step, hop',
    beats: 2,
    from: 'open, half open, two hands, butterfly',
    level: 'first',
    lead: '1 left forward, 2 left hop',
    follow: 'alike',
    say: 'step, hop / step, hop / step hop',
    de: 'Schritt, hüpf / Schritt, hüpf / hüpf',
    cautions: [FLOOR],
  },
]
export const SCHOTTISCHE_FIGURES = family(
  { name: 'schottische', from: 'open', follow: 'opposite', level: 'first' },
  SCHOTTISCHE,
)
