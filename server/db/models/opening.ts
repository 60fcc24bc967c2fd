import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A document that is just being opened; what ended its process twice is not opened again by itself. */
export class Opening extends Model<InferAttributes<Opening>, InferCreationAttributes<Opening>> {
  declare blobId: string
  declare purpose: string
  declare tries: number
  declare begunAt: Date
}

export function openings(): typeof Opening {
  return modelOnce('Opening', sequelize =>
    Opening.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        purpose: { type: DataTypes.TEXT, primaryKey: true },
        tries: { type: DataTypes.INTEGER, allowNull: false },
        begunAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'opening', underscored: true, timestamps: false },
    ),
  )
}
