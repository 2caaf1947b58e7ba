import { Column, Entity, PrimaryColumn } from 'typeorm'
import type { KeptDocumentRow } from '../document/keptRow.ts'

/** Lessons one after the other. */
@Entity('series')
export class SeriesEntity implements KeptDocumentRow {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  name!: string

  @Column('text')
  document!: string

  @Column('integer')
  revision!: number

  @Column('integer')
  updatedAtMs!: number
}
