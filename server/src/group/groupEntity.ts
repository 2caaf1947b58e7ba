import { Column, Entity, PrimaryColumn } from 'typeorm'

/** People who dance together, and what they know. */
@Entity('people_group')
export class GroupEntity {
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
