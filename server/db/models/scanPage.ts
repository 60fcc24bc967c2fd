import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A page without text that is still to be recognised. */
export class ScanPage extends Model<InferAttributes<ScanPage>, InferCreationAttributes<ScanPage>> {
  declare blobId: string
  declare page: number
  declare addedAt: CreationOptional<Date>
  declare takenAt: Date | null
  declare planId: string | null
}

export function scanPages(): typeof ScanPage {
  return modelOnce('ScanPage', sequelize =>
    ScanPage.init(
      {
        blobId: { type: DataTypes.UUID, primaryKey: true },
        page: { type: DataTypes.INTEGER, primaryKey: true },
        addedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
        takenAt: { type: DataTypes.DATE },
        planId: { type: DataTypes.UUID },
      },
      { sequelize, tableName: 'scan_page', underscored: true, timestamps: false },
    ),
  )
}
