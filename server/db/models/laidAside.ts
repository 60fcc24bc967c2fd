import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A file in the arrivals folder that could not be taken in; it lies where `path` says. */
export class LaidAside extends Model<InferAttributes<LaidAside>, InferCreationAttributes<LaidAside>> {
  declare id: string
  declare planId: string
  declare fileName: string
  declare path: string
  declare reason: string
  declare at: Date
}

export function laidAside(): typeof LaidAside {
  return modelOnce('LaidAside', sequelize =>
    LaidAside.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        fileName: { type: DataTypes.TEXT, allowNull: false },
        path: { type: DataTypes.TEXT, allowNull: false },
        reason: { type: DataTypes.TEXT, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'laid_aside', underscored: true, timestamps: false },
    ),
  )
}
