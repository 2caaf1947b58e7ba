export {
  emptySeries,
  seriesSchema,
  seriesShape,
  TOPIC_KINDS,
  upgradeSeries,
  type DancerRequest,
  type Series,
  type SeriesLesson,
  type Topic,
  type TopicKind,
} from './series.ts'
export {
  carriedOver,
  lessonAfter,
  needsOf,
  newHolds,
  orderProblems,
  proposedOrder,
  toCatchUp,
  type OrderProblem,
  type TopicNeeds,
} from './order.ts'
export { requestsAbout, type RequestSubject } from './requests.ts'
export { instalmentsOf, spreadOverWeeks, weekAfter, type Instalment } from './instalments.ts'
export { coverage, knownBefore, type Covered, type CoverageRow } from './coverage.ts'
