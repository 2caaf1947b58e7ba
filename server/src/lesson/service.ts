import { seriesSchema, seriesShape, upgradeSeries } from '@dellop/core/lesson'
import { keptKind } from '../document/kept.ts'
import { SeriesEntity } from './seriesEntity.ts'

export const SERIES = keptKind(
  SeriesEntity,
  { kind: 'series', name: 'The series', schema: seriesSchema, upgrade: upgradeSeries },
  seriesShape,
  ({ title }) => title,
)
