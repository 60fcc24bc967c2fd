import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** When a document was opened last, and how often. */
export class Visit extends Model<InferAttributes<Visit>, InferCreationAttributes<Visit>> {
  declare documentId: string
  declare planId: string
  declare at: Date
  declare count: CreationOptional<number>
}

export function visits(): typeof Visit {
  return modelOnce('Visit', sequelize =>
    Visit.init(
      {
        documentId: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        at: { type: DataTypes.DATE, allowNull: false },
        count: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      },
      { sequelize, tableName: 'visit', underscored: true, timestamps: false },
    ),
  )
}
