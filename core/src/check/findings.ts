import type { FindingOf } from './finding.ts'
import type { BodyFindings } from './dance/body.ts'
import type { HeatFindings } from './dance/heat.ts'
import type { AnotherFigureFindings } from './said/anotherFigure.ts'
import type { SetWordsFindings } from './said/setWords.ts'
import type { ContradictionsFindings } from './said/contradictions.ts'
import type { WordsAgainstDeedsFindings } from './said/comparisons.ts'
import type { SetLinesFindings } from './floor/setLines.ts'
import type { SetPlacesFindings } from './floor/setPlaces.ts'
import type { SetWaysFindings } from './floor/setWays.ts'
import type { FacingsFindings } from './dance/facings.ts'
import type { FeetFindings } from './dance/feet.ts'
import type { OtherFootFindings } from './dance/otherFoot.ts'
import type { FigureItselfFindings } from './dance/figureItself.ts'
import type { WallsFindings } from './dance/walls.ts'
import type { CountFromFindings } from './sums/countFrom.ts'
import type { FigureOrderFindings } from './dance/figureOrder.ts'
import type { HoldsFindings } from './dance/holds.ts'
import type { MixersFindings } from './dance/mixers.ts'
import type { RotatedFindings } from './dance/rotated.ts'
import type { MissingFindings } from './missing/missing.ts'
import type { PartOrderFindings } from './missing/partOrder.ts'
import type { ToldOrderFindings } from './missing/toldOrder.ts'
import type { TeachFirstFindings } from './missing/teachFirst.ts'
import type { AcrossPhraseFindings } from './sums/acrossPhrase.ts'
import type { FillsFindings } from './sums/fills.ts'
import type { MusicFitFindings } from './sums/musicFit.ts'
import type { OtherMetreFindings } from './sums/otherMetre.ts'
import type { NoPhraseFindings } from './sums/noPhrase.ts'
import type { PhraseSumFindings } from './sums/phraseSum.ts'
import type { SaidSumsFindings } from './sums/saidSums.ts'
import type { TiesFindings } from './sums/ties.ts'
import type { HardToSayFindings } from './voice/hardToSay.ts'
import type { OwnWordsFindings } from './voice/ownWords.ts'
import type { OverCalledFindings } from './voice/overCalled.ts'
import type { SoundAlikeFindings } from './voice/soundAlike.ts'
import type { VoiceFindings } from './voice/voice.ts'
import type { VoiceTimingFindings } from './voice/voiceTiming.ts'

/** What the checks of `dance/` find. */
export interface DanceFamily
  extends
    FeetFindings,
    OtherFootFindings,
    HoldsFindings,
    FacingsFindings,
    RotatedFindings,
    FigureOrderFindings,
    FigureItselfFindings,
    WallsFindings,
    MixersFindings,
    BodyFindings,
    HeatFindings {}
/** What the checks of `sums/` find. */
export interface SumsFamily
  extends
    PhraseSumFindings,
    NoPhraseFindings,
    AcrossPhraseFindings,
    SaidSumsFindings,
    TiesFindings,
    FillsFindings,
    OtherMetreFindings,
    CountFromFindings,
    MusicFitFindings {}
/** What the checks of `said/` find. */
export interface SaidFamily
  extends
    ContradictionsFindings,
    WordsAgainstDeedsFindings,
    AnotherFigureFindings,
    SetWordsFindings {}
/** What the checks of `floor/` find. */
export interface FloorFamily extends SetLinesFindings, SetPlacesFindings, SetWaysFindings {}
/** What the checks of `voice/` find. */
export interface VoiceFamily
  extends
    VoiceFindings,
    VoiceTimingFindings,
    HardToSayFindings,
    SoundAlikeFindings,
    OverCalledFindings,
    OwnWordsFindings {}
/** What the checks of `missing/` find. */
export interface MissingFamily
  extends MissingFindings, PartOrderFindings, ToldOrderFindings, TeachFirstFindings {}

/**
 * Every finding there is, by its stable code, with the values that its sentences are made of: plain
 * JSON, so that any language can word it. Each is declared beside the check that makes it; a name
 * that is changed there no longer compiles where the finding is worded.
 *
 * Beats, counts and times through are numbers as a person says them; seconds have two decimals.
 */
export interface FindingParams
  extends DanceFamily, SumsFamily, SaidFamily, FloorFamily, VoiceFamily, MissingFamily {}

export type FindingCode = keyof FindingParams
export type Finding = FindingOf<FindingParams>
export type FindingWords = {
  readonly [Code in FindingCode]: { readonly code: Code; readonly params: FindingParams[Code] }
}[FindingCode]
