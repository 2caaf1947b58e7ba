import { eveningSchema } from '@dellop/core/evening'
import { figureSchema } from '@dellop/core/figure'
import { groupSchema } from '@dellop/core/group'
import { seriesSchema } from '@dellop/core/lesson'
import { entrySchema } from '@dellop/core/logbook'
import { routineSchema } from '@dellop/core/routine'
import { schoolSchema } from '@dellop/core/school'
import { tuneSchema } from '@dellop/core/tune'
import { z } from 'zod'
import { editAnswerSchema, editBatchSchema, setAsideSchema } from './document.ts'
import {
  figureAnswerSchema,
  figureHistorySchema,
  figureListSchema,
  figureUseSchema,
  groupAnswerSchema,
  groupListSchema,
  demoStateSchema,
  healthSchema,
  importFiguresSchema,
  importScoreSchema,
  mediaSchema,
  mergedFiguresSchema,
  mergeFiguresSchema,
  newFigureSchema,
  newGroupSchema,
  newSchoolSchema,
  newTuneSchema,
  peaksSchema,
  removedSchema,
  schoolAnswerSchema,
  schoolListSchema,
  tuneAnswerSchema,
  tuneListSchema,
} from './library.ts'
import { settingsAnswerSchema, settingsSchema } from './settings.ts'
import { callAnswerSchema, callIdSchema, callListSchema, putCallSchema } from './call.ts'
import { backupListSchema, restoredSchema } from './backup.ts'
import {
  danceListSchema,
  entryAnswerSchema,
  entryListSchema,
  eveningAnswerSchema,
  eveningListSchema,
  newEntrySchema,
  newEveningSchema,
  newSeriesSchema,
  seriesAnswerSchema,
  seriesListSchema,
} from './evening.ts'
import { practiceIdSchema, practiceListSchema, putPracticeSchema } from './practice.ts'
import {
  hallCodeSchema,
  hallNewsSchema,
  hallStatusSchema,
  newHallCodeSchema,
  setHallSchema,
} from './hall.ts'
import {
  branchSheetSchema,
  callPackSchema,
  commonSheetSchema,
  importedSheetSchema,
  importSheetSchema,
  marksSchema,
  sheetNeedsSchema,
  sheetUsesSchema,
  newSheetSchema,
  revisionListSchema,
  sheetListSchema,
  sheetSchema,
} from './sheet.ts'

/** One route of the API: what may be sent, what comes back, and how large a request may be. */
export interface Route<
  Request extends z.ZodType | null = z.ZodType | null,
  Answer extends z.ZodType | null = z.ZodType | null,
> {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE'
  /** Path with `:name` parameters, as the router reads it. */
  readonly path: string
  readonly summary: string
  readonly request: Request
  readonly answer: Answer
  readonly limitBytes: number
}

const KB = 1024
const MB = 1024 * KB
/** Two hours of anything would be larger; a dance is minutes. */
export const MEDIA_LIMIT_BYTES = 120 * MB

const get = <Answer extends z.ZodType | null>(
  path: string,
  summary: string,
  answer: Answer,
): Route<null, Answer> => ({ method: 'GET', path, summary, request: null, answer, limitBytes: 0 })
const post = <Request extends z.ZodType | null, Answer extends z.ZodType | null>(
  path: string,
  summary: string,
  request: Request,
  answer: Answer,
  limitBytes = 256 * KB,
): Route<Request, Answer> => ({
  method: 'POST',
  path,
  summary,
  request,
  answer,
  limitBytes,
})

const put = <Request extends z.ZodType, Answer extends z.ZodType | null>(
  path: string,
  summary: string,
  request: Request,
  answer: Answer,
  limitBytes: number,
): Route<Request, Answer> => ({
  method: 'PUT',
  path,
  summary,
  request,
  answer,
  limitBytes,
})

const remove = <Answer extends z.ZodType>(
  path: string,
  summary: string,
  answer: Answer,
): Route<null, Answer> => ({
  method: 'DELETE',
  path,
  summary,
  request: null,
  answer,
  limitBytes: 0,
})

/** The one way to change a document: a batch of edits, merged with what came since its base. */
const edits = <Document extends z.ZodType>(path: string, what: string, document: Document) =>
  post(
    `${path}/edits`,
    `Applies a batch of edits to ${what}, merged with what came since its base.`,
    editBatchSchema,
    editAnswerSchema(document),
    8 * MB,
  )

/**
 * Every route there is. The server registers these and no others; docs/api.json is generated from
 * them.
 */
export const ROUTES = {
  health: get('/api/health', 'Whether the server is there.', healthSchema),
  demoState: get('/api/demo', 'How far the demo is filled in.', demoStateSchema),
  fillDemo: post(
    '/api/demo',
    'Fills the demo in, where nothing is here yet; goes on after the answer.',
    z.strictObject({}),
    demoStateSchema,
  ),
  events: get('/api/events', 'Server-sent events: a sheet was changed.', null),
  listSheets: get('/api/sheets', 'The shelf of sheets.', sheetListSchema),
  newSheet: post('/api/sheets', 'An empty sheet.', newSheetSchema, sheetSchema),
  importSheet: post(
    '/api/sheets/import',
    'Brings in a sheet file with its figures; all or nothing.',
    importSheetSchema,
    importedSheetSchema,
    8 * MB,
  ),
  bringNeeds: post(
    '/api/sheets/needs',
    'Brings in what a sheet file has beside its sheet: figures, style and tune; all or nothing.',
    importSheetSchema,
    sheetNeedsSchema,
    8 * MB,
  ),
  getSheet: get('/api/sheets/:id', 'A sheet and its revision.', sheetSchema),
  editSheet: edits('/api/sheets/:id', 'a sheet', routineSchema),
  sheetRevisions: get(
    '/api/sheets/:id/revisions',
    'What was changed when, newest first.',
    revisionListSchema,
  ),
  sheetAt: get(
    '/api/sheets/:id/revisions/:revision',
    'A sheet as it was at a revision.',
    sheetSchema,
  ),
  commonSheet: post(
    '/api/sheets/:id/common',
    'The newest state that a sheet shares with a copy that was changed elsewhere.',
    marksSchema,
    commonSheetSchema,
  ),
  branchSheet: post(
    '/api/sheets/:id/branch',
    'A copy that remembers what it is a branch of.',
    branchSheetSchema,
    sheetSchema,
  ),
  sheetUses: get('/api/sheets/:id/uses', 'How much refers to a sheet.', sheetUsesSchema),
  removeSheet: remove(
    '/api/sheets/:id',
    'Deletes a sheet that is in the archive; what was danced stays in the logbook.',
    removedSchema,
  ),
  callPack: get('/api/sheets/:id/call-pack', 'All that a call needs.', callPackSchema),
  exportSheet: get('/api/sheets/:id/file', 'The sheet as a file with its figures and tune.', null),
  listFigures: get('/api/figures', 'The figure book.', figureListSchema),
  newFigure: post('/api/figures', 'Adds a figure to the book.', newFigureSchema, newFigureSchema),
  importFigures: post(
    '/api/figures/import',
    'Brings figures into the book, new ones and changed ones; all or nothing.',
    importFiguresSchema,
    figureListSchema,
    30 * MB,
  ),
  figureUse: get(
    '/api/figures/use',
    'Where every figure is danced, and what follows it.',
    figureUseSchema,
  ),
  mergeFigures: post(
    '/api/figures/merge',
    'Makes two figures one, in every sheet.',
    mergeFiguresSchema,
    mergedFiguresSchema,
    16 * KB,
  ),
  getFigure: get('/api/figures/:id', 'A figure and its version.', figureAnswerSchema),
  editFigure: edits('/api/figures/:id', 'a figure', figureSchema),
  figureHistory: get(
    '/api/figures/:id/history',
    'What a figure was, newest first.',
    figureHistorySchema,
  ),
  removeFigure: remove(
    '/api/figures/:id',
    'Takes a figure that nothing uses out of the book.',
    removedSchema,
  ),
  listGroups: get('/api/groups', 'What each group can dance.', groupListSchema),
  newGroup: post('/api/groups', 'Adds a group.', newGroupSchema, groupAnswerSchema, 4 * MB),
  getGroup: get('/api/groups/:id', 'A group and its revision.', groupAnswerSchema),
  editGroup: edits('/api/groups/:id', 'a group', groupSchema),
  removeGroup: remove('/api/groups/:id', 'Forgets a group.', removedSchema),
  listSchools: get(
    '/api/schools',
    'The schools that ship, and those of one’s own.',
    schoolListSchema,
  ),
  newSchool: post(
    '/api/schools',
    'Adds a school of one’s own.',
    newSchoolSchema,
    schoolAnswerSchema,
    64 * KB,
  ),
  getSchool: get('/api/schools/:id', 'A school and its revision.', schoolAnswerSchema),
  editSchool: edits('/api/schools/:id', 'a school of one’s own', schoolSchema),
  removeSchool: remove(
    '/api/schools/:id',
    'Forgets a school of one’s own that no sheet is called by.',
    removedSchema,
  ),
  listTunes: get('/api/tunes', 'The tunes.', tuneListSchema),
  getTune: get('/api/tunes/:id', 'A tune.', tuneAnswerSchema),
  importScore: post(
    '/api/tunes/score',
    'Brings in an ABC tune, a MIDI file or MusicXML, played by the house band.',
    importScoreSchema,
    tuneAnswerSchema,
    30 * MB,
  ),
  newTune: post(
    '/api/tunes',
    'Adds a tune whose recording is stored already.',
    newTuneSchema,
    tuneAnswerSchema,
    4 * MB,
  ),
  editTune: edits('/api/tunes/:id', 'a tune', tuneSchema),
  removeTune: remove(
    '/api/tunes/:id',
    'Deletes a tune; sheets that were timed on it say so. Its recordings stay stored.',
    removedSchema,
  ),
  putMedia: post(
    '/api/media',
    'Stores a sound file by the hash of its bytes.',
    null,
    mediaSchema,
    MEDIA_LIMIT_BYTES,
  ),
  getPeaks: get('/api/media/:hash/peaks', 'Peaks for drawing the sound.', peaksSchema),
  putPeaks: put(
    '/api/media/:hash/peaks',
    'Keeps peaks for drawing the sound.',
    peaksSchema,
    peaksSchema,
    256 * KB,
  ),
  getMedia: get('/media/:hash', 'The bytes of a sound, whole or by Range.', null),
  listCalls: get(
    '/api/calls',
    'What was called, newest first; of one sheet with ?sheet=ID.',
    callListSchema,
  ),
  getCall: get('/api/calls/:id', 'A call and all that happened in it.', callAnswerSchema),
  putCall: put(
    '/api/calls/:id',
    'Keeps a call; sent again it is kept once.',
    putCallSchema,
    callIdSchema,
    12 * MB,
  ),
  removeCall: remove('/api/calls/:id', 'Forgets a call.', removedSchema),
  listPractice: get(
    '/api/practice',
    'What was practised, newest first; of one sheet with ?sheet=ID.',
    practiceListSchema,
  ),
  putPractice: put(
    '/api/practice/:id',
    'Keeps a take, a drill or a quiz; sent again it is kept once.',
    putPracticeSchema,
    practiceIdSchema,
    4 * MB,
  ),
  removePractice: remove('/api/practice/:id', 'Forgets a take, a drill or a quiz.', removedSchema),
  listBackups: get(
    '/api/backups',
    'Copies of the database that were made by themselves, the newest first.',
    backupListSchema,
  ),
  getBackup: get('/api/backup', 'Everything but caches as one ZIP file, checked.', null),
  restoreBackup: post(
    '/api/restore',
    'Takes a backup; proved, it takes its place at the next start.',
    null,
    restoredSchema,
    64 * 1024 * MB,
  ),
  listDances: get('/api/dances', 'What a programme has to know of each dance.', danceListSchema),
  listEvenings: get('/api/evenings', 'The programmes, by day.', eveningListSchema),
  newEvening: post(
    '/api/evenings',
    'Adds a programme.',
    newEveningSchema,
    eveningAnswerSchema,
    1 * MB,
  ),
  getEvening: get('/api/evenings/:id', 'A programme and its revision.', eveningAnswerSchema),
  editEvening: edits('/api/evenings/:id', 'a programme', eveningSchema),
  removeEvening: remove(
    '/api/evenings/:id',
    'Forgets a programme; what was danced stays in the logbook.',
    removedSchema,
  ),
  listSeries: get('/api/series', 'Lessons one after the other.', seriesListSchema),
  newSeries: post('/api/series', 'Adds a series.', newSeriesSchema, seriesAnswerSchema, 1 * MB),
  getSeries: get('/api/series/:id', 'A series and its revision.', seriesAnswerSchema),
  editSeries: edits('/api/series/:id', 'a series', seriesSchema),
  removeSeries: remove('/api/series/:id', 'Forgets a series.', removedSchema),
  listEntries: get(
    '/api/logbook',
    'What was danced; of one sheet with ?sheet=ID, of all sheets of its dance with ?dance=ID.',
    entryListSchema,
  ),
  newEntry: post(
    '/api/logbook',
    'Adds what was called without Dellop.',
    newEntrySchema,
    entryAnswerSchema,
    256 * KB,
  ),
  getEntry: get('/api/logbook/:id', 'An entry and its revision.', entryAnswerSchema),
  editEntry: edits('/api/logbook/:id', 'an entry', entrySchema),
  removeEntry: remove('/api/logbook/:id', 'Forgets an entry.', removedSchema),
  hall: get(
    '/api/hall',
    'Second screens: whether they can be reached, and which are there.',
    hallStatusSchema,
  ),
  setHall: put(
    '/api/hall',
    'Lets second screens on this network in, or no longer.',
    setHallSchema,
    hallStatusSchema,
    16 * KB,
  ),
  newHallCode: post(
    '/api/hall/codes',
    'A code that lets one screen in.',
    newHallCodeSchema,
    hallCodeSchema,
    16 * KB,
  ),
  hallNews: put(
    '/api/hall/news',
    'Where the music is, for the screens.',
    hallNewsSchema,
    null,
    8 * MB,
  ),
  hallCommands: get(
    '/api/hall/commands',
    'Server-sent events: what was pressed on a remote.',
    null,
  ),
  removeHallScreen: remove('/api/hall/screens/:id', 'Sends a screen away.', removedSchema),
  getSettings: get('/api/settings', 'Settings of this machine.', settingsAnswerSchema),
  editSettings: edits('/api/settings', 'the settings', settingsSchema),
  listSetAside: get(
    '/api/set-aside',
    'Records that this Dellop cannot read, with what is the matter.',
    setAsideSchema,
  ),
  exportSetAside: get('/api/set-aside/:kind/:id', 'Such a record, as it is kept.', null),
} as const satisfies Record<string, Route>
export type RouteName = keyof typeof ROUTES

/** The path of a route with its parameters filled in. */
export function routePath(route: Route, params: Readonly<Record<string, string>> = {}): string {
  return route.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''))
}
