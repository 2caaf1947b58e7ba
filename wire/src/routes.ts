import type { z } from 'zod'
import {
  changedFigureSchema,
  changeFigureSchema,
  changeTuneSchema,
  figureHistorySchema,
  figureListSchema,
  figureUseSchema,
  floorListSchema,
  healthSchema,
  importFiguresSchema,
  importScoreSchema,
  mediaSchema,
  mergedFiguresSchema,
  mergeFiguresSchema,
  newFigureSchema,
  newTuneSchema,
  peaksSchema,
  putFloorSchema,
  putSchoolSchema,
  removedSchema,
  schoolListSchema,
  settingsSchema,
  tuneAnswerSchema,
  tuneListSchema,
} from './library.ts'
import { callAnswerSchema, callIdSchema, callListSchema, putCallSchema } from './call.ts'
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
  editAnswerSchema,
  editBatchSchema,
  importedSheetSchema,
  importSheetSchema,
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

/**
 * Every route there is. The server registers these and no others; docs/api.json is generated from
 * them.
 */
export const ROUTES = {
  health: get('/api/health', 'Whether the server is there.', healthSchema),
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
  getSheet: get('/api/sheets/:id', 'A sheet and its revision.', sheetSchema),
  editSheet: post(
    '/api/sheets/:id/edits',
    'Applies a batch of edits, merged with what came since its base.',
    editBatchSchema,
    editAnswerSchema,
    8 * MB,
  ),
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
  branchSheet: post(
    '/api/sheets/:id/branch',
    'A copy that remembers what it is a branch of.',
    branchSheetSchema,
    sheetSchema,
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
  changeFigure: put(
    '/api/figures/:id',
    'Changes a figure that nobody else has changed since.',
    changeFigureSchema,
    changedFigureSchema,
    1 * MB,
  ),
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
  listFloors: get('/api/floors', 'What each floor can dance.', floorListSchema),
  putFloor: put(
    '/api/floors/:id',
    'Keeps what a floor can dance.',
    putFloorSchema,
    putFloorSchema,
    4 * MB,
  ),
  removeFloor: remove('/api/floors/:id', 'Forgets a floor.', removedSchema),
  listSchools: get(
    '/api/schools',
    'The schools that ship, and those of one’s own.',
    schoolListSchema,
  ),
  putSchool: put(
    '/api/schools/:id',
    'Keeps a school of one’s own.',
    putSchoolSchema,
    putSchoolSchema,
    64 * KB,
  ),
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
  changeTune: put(
    '/api/tunes/:id',
    'Changes a tune that nobody else has changed since.',
    changeTuneSchema,
    tuneAnswerSchema,
    4 * MB,
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
  getSettings: get('/api/settings', 'Settings of this machine.', settingsSchema),
  putSettings: put(
    '/api/settings',
    'Changes the settings.',
    settingsSchema,
    settingsSchema,
    16 * KB,
  ),
} as const satisfies Record<string, Route>
export type RouteName = keyof typeof ROUTES

/** The path of a route with its parameters filled in. */
export function routePath(route: Route, params: Readonly<Record<string, string>> = {}): string {
  return route.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''))
}
