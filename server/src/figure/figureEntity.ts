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

/** A figure as it was: every one that was ever put in the book, with how it came. */
@Entity('figure_version')
export class FigureVersionEntity {
  @PrimaryColumn('text')
  figureId!: string

  @PrimaryColumn('integer')
  version!: number

  @Column('text')
  document!: string

  /** `shipped`, `written`, `changed`, `imported`, `merged` or `removed`. */
  @Column('text')
  how!: string

  @Column('integer')
  atMs!: number
}
