import { Column, Entity, PrimaryColumn } from 'typeorm'
import type { KeptDocumentRow } from '../document/keptRow.ts'

/** What was danced once. */
@Entity('log_entry')
export class EntryEntity implements KeptDocumentRow {
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
