import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import type { Message } from '../../../core/history/index'
import { modelOnce } from '../client'

/** An entry of the journal: the rows before and after, and what it says in History. */
export class Change extends Model<InferAttributes<Change>, InferCreationAttributes<Change>> {
  declare id: string
  declare planId: string
  declare revision: string
  /** null: the account is gone. */
  declare accountId: string | null
  declare at: Date
  declare kind: string
  /** What was done, in words: searched, and all that older entries have. */
  declare label: string
  declare message: CreationOptional<Message | null>
  declare places: string[]
  declare rows: object
  declare undoes: string | null
  declare undoneBy: string | null
  declare things: CreationOptional<string[]>
  declare madeBy: CreationOptional<string>
}

export function changes(): typeof Change {
  return modelOnce('Change', sequelize =>
    Change.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        revision: { type: DataTypes.BIGINT, allowNull: false },
        accountId: { type: DataTypes.UUID },
        at: { type: DataTypes.DATE, allowNull: false },
        kind: { type: DataTypes.TEXT, allowNull: false },
        label: { type: DataTypes.TEXT, allowNull: false },
        message: { type: DataTypes.JSONB },
        places: { type: DataTypes.ARRAY(DataTypes.UUID), allowNull: false },
        rows: { type: DataTypes.JSON, allowNull: false },
        undoes: { type: DataTypes.UUID },
        undoneBy: { type: DataTypes.UUID },
        things: { type: DataTypes.ARRAY(DataTypes.UUID), allowNull: false },
        madeBy: { type: DataTypes.TEXT, allowNull: false, defaultValue: 'person' },
      },
      { sequelize, tableName: 'change', underscored: true, timestamps: false },
    ),
  )
}
