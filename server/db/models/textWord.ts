import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Each word of texts with how many documents have it, for what is misspelt. */
export class TextWord extends Model<InferAttributes<TextWord>, InferCreationAttributes<TextWord>> {
  declare planId: string
  declare word: string
  declare docs: CreationOptional<number>
}

export function textWords(): typeof TextWord {
  return modelOnce('TextWord', sequelize =>
    TextWord.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        word: { type: DataTypes.TEXT, primaryKey: true },
        docs: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      },
      { sequelize, tableName: 'text_word', underscored: true, timestamps: false },
    ),
  )
}
