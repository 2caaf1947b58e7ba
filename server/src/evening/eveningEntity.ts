import { Column, Entity, PrimaryColumn } from 'typeorm'
import type { KeptDocumentRow } from '../document/keptRow.ts'

/** A programme: what is danced on an evening. */
@Entity('evening')
export class EveningEntity implements KeptDocumentRow {
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
