import { Column, Entity, Index, PrimaryColumn } from 'typeorm'

/**
 * A sheet as it stands. The document is the routine's JSON; title and the like are copies for the
 * shelf.
 */
@Entity('sheet')
export class SheetEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  title!: string

  @Column('text')
  document!: string

  @Column('integer')
  revision!: number

  @Column('integer')
  createdAtMs!: number

  @Column('integer')
  updatedAtMs!: number
}

/**
 * One accepted batch: what turned the revision before into this one, and the answer a retry gets.
 */
@Entity('sheet_batch')
@Index('sheet_batch_once', ['sheetId', 'clientId', 'batchId'], { unique: true })
export class SheetBatchEntity {
  @PrimaryColumn('text')
  sheetId!: string

  @PrimaryColumn('integer')
  revision!: number

  @Column('text')
  clientId!: string

  @Column('text')
  batchId!: string

  /**
   * The edits as they were applied, after merging; inverted, they lead back to the revision before.
   */
  @Column('text')
  edits!: string

  /** What could not be merged, as it was told to the client. */
  @Column('text')
  conflicts!: string

  @Column('integer')
  atMs!: number
}
