import { Column, Entity, Index, PrimaryColumn } from 'typeorm'

/**
 * One accepted batch of edits: what turned the revision before into this one, and the answer that a
 * retry gets.
 */
@Entity('document_batch')
@Index('document_batch_once', ['kind', 'documentId', 'clientId', 'batchId'], { unique: true })
export class DocumentBatchEntity {
  /** What is edited: `sheet`, `tune`, `figure`, `school`, `group` or `settings`. */
  @PrimaryColumn('text')
  kind!: string

  @PrimaryColumn('text')
  documentId!: string

  @PrimaryColumn('integer')
  revision!: number

  @Column('text')
  clientId!: string

  @Column('text')
  batchId!: string

  /** Of the batch as it was sent, so that its name is not used for other edits. */
  @Column('text')
  digest!: string

  /** The edits as they were applied, after merging; inverted, they lead back to the revision before. */
  @Column('text')
  edits!: string

  /** What could not be merged, as it was told to the client. */
  @Column('text')
  conflicts!: string

  @Column('integer')
  atMs!: number
}
