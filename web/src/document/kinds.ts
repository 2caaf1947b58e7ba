import type { Batch, Conflict, DocumentShape, Revised } from '@dellop/core/document'
import { eveningShape, upgradeEvening, type Evening } from '@dellop/core/evening'
import { groupShape, upgradeGroup, type Group } from '@dellop/core/group'
import { seriesShape, upgradeSeries, type Series } from '@dellop/core/lesson'
import { routineShape, upgradeRoutine, type Routine } from '@dellop/core/routine'
import { schoolShape, upgradeSchool, type School } from '@dellop/core/school'
import { tuneShape, upgradeTune, type Tune } from '@dellop/core/tune'
import {
  SETTINGS_ID,
  settingsShape,
  upgradeSettings,
  type DocumentKind,
  type Settings,
} from '@dellop/wire'
import { api } from '../app/api.ts'

/** A document with what could not be merged into it. */
export type EditAnswer<Document> = Revised<Document> & { readonly conflicts: readonly Conflict[] }

/** What this page has to know of a kind of documents to keep one open. */
export interface OpenKind<Document extends object> {
  readonly kind: DocumentKind
  readonly shape: DocumentShape
  readonly read: (id: string) => Promise<Revised<Document>>
  readonly edit: (id: string, batch: Batch) => Promise<EditAnswer<Document>>
  /** What an older Dellop left in this browser, in today's form. */
  readonly upgrade: (json: unknown) => unknown
  /** Its view can undo, and goes on doing so after a reload. */
  readonly keepsUndo?: true
}

const body = (batch: Batch) => ({ ...batch, edits: [...batch.edits] })

export const SHEET: OpenKind<Routine> = {
  kind: 'sheet',
  keepsUndo: true,
  shape: routineShape,
  upgrade: upgradeRoutine,
  read: async (id) => {
    const { routine, revision } = await api('getSheet', { params: { id } })
    return { document: routine, revision }
  },
  edit: (id, batch) => api('editSheet', { params: { id }, body: body(batch) }),
}

export const TUNE: OpenKind<Tune> = {
  kind: 'tune',
  keepsUndo: true,
  shape: tuneShape,
  upgrade: upgradeTune,
  read: async (id) => {
    const { tune, revision } = await api('getTune', { params: { id } })
    return { document: tune, revision }
  },
  edit: (id, batch) => api('editTune', { params: { id }, body: body(batch) }),
}

export const SCHOOL: OpenKind<School> = {
  kind: 'school',
  shape: schoolShape,
  upgrade: upgradeSchool,
  read: async (id) => {
    const { school, revision } = await api('getSchool', { params: { id } })
    return { document: school, revision }
  },
  edit: (id, batch) => api('editSchool', { params: { id }, body: body(batch) }),
}

export const GROUP: OpenKind<Group> = {
  kind: 'group',
  shape: groupShape,
  upgrade: upgradeGroup,
  read: async (id) => {
    const { group, revision } = await api('getGroup', { params: { id } })
    return { document: group, revision }
  },
  edit: (id, batch) => api('editGroup', { params: { id }, body: body(batch) }),
}

export const EVENING: OpenKind<Evening> = {
  kind: 'evening',
  keepsUndo: true,
  shape: eveningShape,
  upgrade: upgradeEvening,
  read: async (id) => {
    const { evening, revision } = await api('getEvening', { params: { id } })
    return { document: evening, revision }
  },
  edit: (id, batch) => api('editEvening', { params: { id }, body: body(batch) }),
}

export const SERIES: OpenKind<Series> = {
  kind: 'series',
  keepsUndo: true,
  shape: seriesShape,
  upgrade: upgradeSeries,
  read: async (id) => {
    const { series, revision } = await api('getSeries', { params: { id } })
    return { document: series, revision }
  },
  edit: (id, batch) => api('editSeries', { params: { id }, body: body(batch) }),
}

export const SETTINGS: OpenKind<Settings> = {
  kind: 'settings',
  shape: settingsShape,
  upgrade: upgradeSettings,
  read: async () => {
    const { settings, revision } = await api('getSettings')
    return { document: settings, revision }
  },
  edit: (_id, batch) => api('editSettings', { body: body(batch) }),
}
export { SETTINGS_ID }
