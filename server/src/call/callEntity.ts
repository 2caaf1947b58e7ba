import { Column, Entity, Index, PrimaryColumn } from 'typeorm'

/** One call of a dance, as the lectern kept it. */
@Entity('call')
export class CallEntity {
  @PrimaryColumn('text')
  id!: string

  @Index('call_sheet')
  @Column('text', { nullable: true })
  sheetId!: string | null

  @Column('text')
  title!: string

  @Column('integer')
  startedAtMs!: number

  @Column('integer', { nullable: true })
  endedAtMs!: number | null

  @Column('text')
  document!: string
}
