import type { Figure } from '../model/figure.ts'

/** What figures are called as well, by their ids: as cue sheets and teachers name them. */
const OTHER_NAMES: Readonly<Record<string, readonly string[]>> = {
  manoeuvre: ['Manoeuvre, side, close'],
  'waltz.change-of-sides-twinkle-through': ['Twinkle through', 'Through twinkle'],
  'waltz.change-sides-under-the-arch': ['California twirl'],
  'waltz.pick-up-side-close': ['Pick up'],
  'waltz.hesitation-change': ['Hesitation'],
  'waltz.progressive-twinkles': ['Two progressive twinkles'],
  'two-step.turning-two-steps': ['Two turning two-steps', 'Two right turning two-steps'],
  'two-step.left-turning-two-steps': ['Two left turning two-steps'],
  'two-step.circle-away-two-two-steps': ['Circle away'],
  'two-step.circle-together-two-two-steps': ['Circle together'],
  'two-step.walk-and-pick-up': ['Walk two and pick up', 'Walk two to pick up'],
  'two-step.strut-four': ['Strut', 'Strut together'],
  'line-dance.vine-right-touch': ['Vine right', 'Grapevine right', 'Grapevine right, touch'],
  'line-dance.vine-left-touch': ['Vine left', 'Grapevine left', 'Grapevine left, touch'],
  'line-dance.step-half-pivot': ['Half pivot', 'Step, pivot half turn', 'Pivot half turn'],
  'line-dance.step-quarter-pivot': [
    'Quarter pivot',
    'Step, pivot quarter turn',
    'Pivot quarter turn',
  ],
  'line-dance.rock-forward-recover': ['Forward rock'],
  'line-dance.rock-back-recover': ['Back rock'],
  'line-dance.side-shuffle-right': ['Side chasse right', 'Shuffle right'],
  'line-dance.side-touch-right': ['Side, touch', 'Step touch', 'Step touch right'],
  'line-dance.full-turn-forward': ['Full turn'],
  'line-dance.lock-step-forward': ['Forward lock', 'Forward lock step'],
  'sequence-dance.chasse-left': ['Side, close, side, touch'],
  'jive.basic-rock': ['Jive basic', 'Basic'],
  'quickstep.quarter-turn-to-the-right': ['Quarter turn'],
  'samba.basic-forward-and-back': ['Basic', 'Samba basic'],
  'samba.travelling-voltas': ['Voltas'],
  'mambo.mambo-basic': ['Basic'],
  'bolero.bolero-basic': ['Basic'],
  'bachata.side-basic': ['Basic', 'Bachata basic', 'Side step with a tap', 'Side step with tap'],
  'night-club-two-step.night-club-basic': ['Basic'],
  'west-coast-swing.push-basic': ['Sugar push', 'Push break'],
  'west-coast-swing.left-side-pass': ['Left pass'],
  'west-coast-swing.underarm-pass': ['Right side pass'],
  'square-dance.grand-chain-home': ['Grand right and left'],
  'square-dance.promenade-home': ['Promenade', 'Promenade your partner'],
  'square-dance.partners-swing-at-home': ['Swing your partner', 'Partner swing', 'Swing'],
  'square-dance.corners-swing-at-home': ['Swing your corner', 'Corner swing'],
  'longways.chain-across': ['Ladies chain'],
  'longways.neighbours-balance-and-swing': ['Balance and swing your neighbour'],
  'longways.lead-down-the-middle-and-back': [
    'Down the middle and back',
    'Actives down the centre and back',
  ],
  'ring-dance.grapevine-to-the-right': ['Grapevine', 'Grapevine right'],
  'ring-dance.grapevine-to-the-left': ['Grapevine left'],
  'line-dance.monterey-half': ['Monterey turn', 'Monterey half turn'],
  'line-dance.monterey-quarter': ['Monterey quarter turn'],
  'line-dance.jazz-box-quarter-right': ['Jazz box with a quarter turn', 'Jazz box, quarter turn'],
  'line-dance.walk-three-kick': ['Walk forward three, kick'],
  'line-dance.back-three-touch': ['Walk back three, touch'],
  'line-dance.rolling-vine-right': ['Rolling vine right, touch', 'Rolling vine'],
  'two-step.vine-three-touch': ['Vine three'],
  'two-step.twirl-two': ['Twirl vine two', 'Twirl vine'],
  'samba.samba-walk': ['Promenade samba walk', 'Promenade walk'],
  'samba.stationary-samba-walk': ['Stationary walk'],
  'bachata.right-turn-for-the-follow': ['Lady turns', "Lady's right turn"],
  'bachata.box-step': ['Box'],
  'viennese-waltz.forward-change': ['Change step'],
  'longways.partners-swing-facing-across': ['Swing your partner', 'Partner swing', 'Swing'],
  'ring-dance.mayim-step-to-the-right': ['Mayim step right', 'Mayim-Schritt rechts'],
  'mixer.swing-the-new-partner': ['Swing your corner'],
  'mixer.back-to-back-with-the-new-partner': ['Do-si-do your corner', 'Do-si-do your new partner'],
  'set-dance.forward-and-back': ['Long lines forward and back'],
  'quickstep.forward-lock': ['Forward lock forward', 'Forward, lock, forward'],
  'two-step.vine-apart-together': ['Vine apart and together'],
  'line-dance.cross-rock-side': ['Cross rock and side'],
  'set-dance.left-hand-star': ['Left hand star back', 'Star left'],
  'set-dance.right-hand-star': ['Star right'],
  'square-dance.corner-turn-left': ['Corner allemande left', 'Allemande left your corner'],
  'mixer.into-the-ring-and-out': ['Into the centre and back', 'Forward and back'],
  'jive.link': ['Link rock'],
  'merengue.side-steps': ['Basic'],
}

/** A figure with what else it is called behind its own other names. */
export function withOtherNames(figure: Figure): Figure {
  const names = OTHER_NAMES[figure.id]
  return names
    ? { ...figure, aliases: [...figure.aliases, ...names.map((name) => ({ name }))] }
    : figure
}

/** Ids that have other names here, so that none stands for a figure that is no longer there. */
export const NAMED_OTHERWISE: readonly string[] = Object.keys(OTHER_NAMES)
