import { Column, Entity, PrimaryColumn } from 'typeorm'

/** What a floor can dance. */
@Entity('floor')
export class FloorEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  name!: string

  @Column('text')
  document!: string

  @Column('integer')
  updatedAtMs!: number
}
