export {
  emptyEvening,
  eveningSchema,
  eveningShape,
  ITEM_KINDS,
  upgradeEvening,
  USUAL_MINUTES,
  type Evening,
  type EveningItem,
  type ItemKind,
} from './programme.ts'
export { goingOn, leftToCall, toCallKey, withBegun, type ToCall } from './goingOn.ts'
export { dancersThatFit, type DanceFloor } from './crowding.ts'
export {
  danceFacts,
  effortOf,
  isHardWork,
  musicFor,
  tempoFor,
  withSameDances,
  type DanceFacts,
} from './facts.ts'
export { itemMinutes, timesOf, type TimedItem, type Times } from './times.ts'
export {
  eveningsSince,
  levelRank,
  WARNING_CODES,
  warningsOf,
  type Warning,
  type WarningCode,
  type WarningContext,
} from './warnings.ts'
export {
  FILL_TERMS,
  FILL_WEIGHTS,
  fillEvening,
  inGoodOrder,
  scoreOf,
  termsOf,
  type FillAnswer,
  type FillContext,
  type Filled,
  type FillTerm,
  type FillWish,
  type LeftOut,
  type Unmet,
} from './fill.ts'
export {
  lateOffers,
  setsFor,
  tonightAt,
  type LateOffer,
  type Shortening,
  type Tonight,
} from './late.ts'
export {
  eveningsCalendar,
  momentOf,
  programmeLines,
  readCalendar,
  titleOf as itemTitle,
} from './ics.ts'
export { eveningCsv, eveningMarkdown } from './table.ts'
export { leftOutTold, unmetTold, warningTold } from './told.ts'
