import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** What is done with arrivals that match. */
export class StandingOrder extends Model<InferAttributes<StandingOrder>, InferCreationAttributes<StandingOrder>> {
  declare id: string
  declare planId: string
  declare name: string
  declare orderKey: string
  declare active: boolean
  declare when: object
  declare then: object
}

export function standingOrders(): typeof StandingOrder {
  return modelOnce('StandingOrder', sequelize =>
    StandingOrder.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        orderKey: { type: DataTypes.TEXT, allowNull: false },
        active: { type: DataTypes.BOOLEAN, allowNull: false },
        when: { type: DataTypes.JSONB, allowNull: false, field: 'order_when' },
        then: { type: DataTypes.JSONB, allowNull: false, field: 'order_then' },
      },
      { sequelize, tableName: 'standing_order', underscored: true, timestamps: false },
    ),
  )
}
