import type { DancerRequest, Series } from './series.ts'

/** What a request may be about: a sheet, and figures. */
export interface RequestSubject {
  readonly sheetId?: string | undefined
  readonly figureIds?: ReadonlySet<string>
}

/**
 * What dancers asked for or said of a dance or of figures and is not done yet, over all series; the
 * newest first.
 */
export const requestsAbout = (
  series: readonly Pick<Series, 'requests'>[],
  { sheetId, figureIds = new Set() }: RequestSubject,
): readonly DancerRequest[] =>
  series
    .flatMap(({ requests }) => requests)
    .filter(
      (one) =>
        one.done === undefined &&
        ((one.sheetId !== undefined && one.sheetId === sheetId) ||
          (one.figureId !== undefined && figureIds.has(one.figureId))),
    )
    .sort((a, b) => b.date.localeCompare(a.date) || a.id.localeCompare(b.id))
