import { Column, Entity, PrimaryColumn } from 'typeorm'

/** One group of settings as JSON. */
@Entity('setting')
export class SettingEntity {
  @PrimaryColumn('text')
  id!: string

  @Column('text')
  value!: string

  @Column('integer', { default: 0 })
  revision!: number
}
