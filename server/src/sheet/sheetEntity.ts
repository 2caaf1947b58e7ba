import { Column, Entity, PrimaryColumn } from 'typeorm'

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
