import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import type { ChildOrder, Numbering } from '../../../core/numbering/index'
import { modelOnce } from '../client'

export class Plan extends Model<InferAttributes<Plan>, InferCreationAttributes<Plan>> {
  declare id: string
  declare accountId: string
  declare name: string
  declare numbering: Numbering
  declare childOrder: ChildOrder
  declare revision: CreationOptional<number>
}

export function plans(): typeof Plan {
  return modelOnce('Plan', sequelize =>
    Plan.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        accountId: { type: DataTypes.UUID, allowNull: false },
        name: { type: DataTypes.TEXT, allowNull: false },
        numbering: { type: DataTypes.JSONB, allowNull: false },
        childOrder: { type: DataTypes.TEXT, allowNull: false },
        revision: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
      },
      { sequelize, tableName: 'plan', underscored: true, timestamps: false },
    ),
  )
}
