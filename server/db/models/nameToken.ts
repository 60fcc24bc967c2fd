import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** The words of names, newest document first, for finding while one types. */
export class NameToken extends Model<InferAttributes<NameToken>, InferCreationAttributes<NameToken>> {
  declare planId: string
  declare token: string
  declare changedAt: Date
  declare documentId: string
}

export function nameTokens(): typeof NameToken {
  return modelOnce('NameToken', sequelize =>
    NameToken.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        token: { type: DataTypes.TEXT, primaryKey: true },
        changedAt: { type: DataTypes.DATE, primaryKey: true },
        documentId: { type: DataTypes.UUID, primaryKey: true },
      },
      { sequelize, tableName: 'name_token', underscored: true, timestamps: false },
    ),
  )
}
