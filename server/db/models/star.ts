import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A star on a folder or document. */
export class Star extends Model<InferAttributes<Star>, InferCreationAttributes<Star>> {
  declare id: string
  declare planId: string
  declare target: string
  declare createdAt: Date
}

export function stars(): typeof Star {
  return modelOnce('Star', sequelize =>
    Star.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        target: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'star', underscored: true, timestamps: false },
    ),
  )
}
