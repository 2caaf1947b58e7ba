import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A tune with its recordings, as JSON; the sound itself lies in the media folder. */
@Entity('tune')
export class TuneEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  title!: string

  @Column('text')
  document!: string

  @Column('integer', { default: 0 })
  revision!: number

  @Column('integer')
  updatedAtMs!: number
}
