import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { NOT_EMPTY } from '../validations'

/** What is attached to a message: bytes of the plan, as they were when it was written. */
export interface MailedFile {
  readonly blobId: string
  readonly fileName: string
  readonly mediaType: string
}

/** A message for a person, written with the Change that it tells of and sent after it. */
export class Mail extends Model<InferAttributes<Mail>, InferCreationAttributes<Mail>> {
  declare id: string
  /** Whom it is for; or, with another address, who sends it. */
  declare accountId: string
  declare subject: string
  declare body: string
  declare createdAt: Date
  /** null: not yet. */
  declare sentAt: CreationOptional<Date | null>
  declare tries: CreationOptional<number>
  declare triedAt: CreationOptional<Date | null>
  /** null: to the address of the account. */
  declare toAddress: CreationOptional<string | null>
  declare files: CreationOptional<readonly MailedFile[]>
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
        toAddress: { type: DataTypes.TEXT },
        files: { type: DataTypes.JSONB, allowNull: false, defaultValue: [] },
      },
      { sequelize, tableName: 'mail', underscored: true, timestamps: false },
    ),
  )
}
