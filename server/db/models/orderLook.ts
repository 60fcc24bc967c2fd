import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** An arrival that the standing orders have looked at. */
export class OrderLook extends Model<InferAttributes<OrderLook>, InferCreationAttributes<OrderLook>> {
  declare documentId: string
  declare planId: string
}

export function orderLooks(): typeof OrderLook {
  return modelOnce('OrderLook', sequelize =>
    OrderLook.init(
      { documentId: { type: DataTypes.UUID, primaryKey: true }, planId: { type: DataTypes.UUID, primaryKey: true } },
      { sequelize, tableName: 'order_look', underscored: true, timestamps: false },
    ),
  )
}
