import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A request that was done, by the name its page gave it, with the answer that it got. */
@Entity('answered')
export class AnsweredEntity {
  @PrimaryColumn('text')
  key!: string

  @Column('text')
  digest!: string

  @Column('text')
  answer!: string

  @Column('integer')
  atMs!: number
}

/** One row: the number of the last change that was written. */
@Entity('writer_mark')
export class WriterMarkEntity {
  @PrimaryColumn('integer')
  id!: number

  @Column('integer')
  mark!: number
}
