import { Column, Entity, Index, PrimaryColumn } from 'typeorm'

/** A take, a drill or a quiz, as it was kept. */
@Entity('practice')
export class PracticeEntity {
  @PrimaryColumn('text')
  id!: string

  @Index('practice_sheet')
  @Column('text')
  sheetId!: string

  @Column('integer')
  atMs!: number

  @Column('text')
  document!: string
}
