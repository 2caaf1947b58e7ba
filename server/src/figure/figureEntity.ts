import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A figure of the book. */
@Entity('figure')
export class FigureEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  name!: string

  @Column('text')
  document!: string

  @Column('integer')
  updatedAtMs!: number
}
