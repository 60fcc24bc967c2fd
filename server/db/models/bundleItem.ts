import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A document in a bundle, with its place in the order. */
export class BundleItem extends Model<InferAttributes<BundleItem>, InferCreationAttributes<BundleItem>> {
  declare id: string
  declare planId: string
  declare bundleId: string
  declare documentId: string
  declare orderKey: string
}

export function bundleItems(): typeof BundleItem {
  return modelOnce('BundleItem', sequelize =>
    BundleItem.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        bundleId: { type: DataTypes.UUID, allowNull: false },
        documentId: { type: DataTypes.UUID, allowNull: false },
        orderKey: { type: DataTypes.TEXT, allowNull: false },
      },
      { sequelize, tableName: 'bundle_item', underscored: true, timestamps: false },
    ),
  )
}
