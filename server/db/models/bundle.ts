import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** Documents from anywhere, gathered for one purpose. */
export class Bundle extends Model<InferAttributes<Bundle>, InferCreationAttributes<Bundle>> {
  declare id: string
  declare planId: string
  declare name: string
  declare note: string
  declare done: boolean
  declare createdAt: Date
}

export function bundles(): typeof Bundle {
  return modelOnce('Bundle', sequelize =>
    Bundle.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        note: { type: DataTypes.TEXT, allowNull: false },
        done: { type: DataTypes.BOOLEAN, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'bundle', underscored: true, timestamps: false },
    ),
  )
}
