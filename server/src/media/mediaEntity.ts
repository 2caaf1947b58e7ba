import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A stored sound, named by the SHA-256 of its bytes. */
@Entity('media')
export class MediaEntity {
  @PrimaryColumn('text')
  hash!: string

  @Column('text')
  extension!: string

  @Column('text')
  type!: string

  @Column('integer')
  bytes!: number

  @Column('integer')
  createdAtMs!: number
}
