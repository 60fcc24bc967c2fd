import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { NOT_EMPTY } from '../validations'

/** A message for a person, written with the Change that it tells of and sent after it. */
export class Mail extends Model<InferAttributes<Mail>, InferCreationAttributes<Mail>> {
  declare id: string
  declare accountId: string
  declare subject: string
  declare body: string
  declare createdAt: Date
  /** null: not yet. */
  declare sentAt: CreationOptional<Date | null>
  declare tries: CreationOptional<number>
  declare triedAt: CreationOptional<Date | null>
}

export function mails(): typeof Mail {
  return modelOnce('Mail', sequelize =>
    Mail.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        accountId: { type: DataTypes.UUID, allowNull: false },
        subject: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        body: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
        sentAt: { type: DataTypes.DATE },
        tries: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
        triedAt: { type: DataTypes.DATE },
      },
      { sequelize, tableName: 'mail', underscored: true, timestamps: false },
    ),
  )
}
