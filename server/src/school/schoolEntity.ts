import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A school that was copied and changed. Those that ship are not kept here. */
@Entity('school')
export class SchoolEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  name!: string

  @Column('text')
  document!: string

  @Column('integer', { default: 0 })
  revision!: number

  @Column('integer')
  updatedAtMs!: number
}
