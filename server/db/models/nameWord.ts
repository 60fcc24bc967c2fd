import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Each word of names once, for what is begun or misspelt. */
export class NameWord extends Model<InferAttributes<NameWord>, InferCreationAttributes<NameWord>> {
  declare planId: string
  declare word: string
  declare newest: Date
}

export function nameWords(): typeof NameWord {
  return modelOnce('NameWord', sequelize =>
    NameWord.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        word: { type: DataTypes.TEXT, primaryKey: true },
        newest: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'name_word', underscored: true, timestamps: false },
    ),
  )
}
